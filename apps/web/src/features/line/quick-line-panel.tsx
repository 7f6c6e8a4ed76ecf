import { words, type Words } from '@hot-bead/core/base';
import { useWords } from '../../units/index.ts';
import type { LineFragment } from '@hot-bead/core/line';
import { X } from 'lucide-react';
import { type ComponentType, useEffect, useState } from 'react';
import { FigureBrackets } from './figure-brackets.tsx';
import { OwnWords } from './own-words.tsx';
import type { QuickLineState } from './use-quick-line.ts';
import { WeldList } from './weld-list.tsx';

interface Props {
  readonly line: QuickLineState;
  readonly onDone: () => void;
}

const STATUS: Readonly<Record<LineFragment['status'], string>> = {
  understood: 'border-line-strong',
  questioned: 'border-straw bg-straw-tint',
  noted: 'border-dashed border-line-strong text-ink-soft',
  'not-understood': 'border-dashed border-hot',
};

function without(text: string, { start, end }: LineFragment): Words {
  return (text.slice(0, start) + text.slice(end)).replace(/\s{2,}/g, ' ').trim();
}

/** A chip's text: what it was taken for, or the word itself where it has no part in the plan. */
function shownAs({ status, text, label, code }: LineFragment): Words {
  if (code === 'line-too-long') return label;
  if (status === 'not-understood') return `? ${text}`;
  return status === 'noted' ? words`${text}: noted` : label;
}

function Fragments({ line }: { readonly line: QuickLineState }) {
  const say = useWords();
  // figures stand under their brackets
  const shown = (line.reading?.fragments ?? []).filter(
    (f) =>
      (f.figure === undefined || f.slots.includes('product')) &&
      (f.slots.length > 0 || f.status !== 'understood'),
  );
  return (
    <ul className="flex flex-wrap gap-2" aria-label="What was read">
      {shown.map((fragment) => (
        <li
          key={fragment.start}
          className={`flex items-center rounded-md border pl-3 ${STATUS[fragment.status]}`}
        >
          <span>
            {say(shownAs(fragment))}
            {fragment.corrected !== undefined && (
              <span className="text-sm text-ink-soft"> (read as {fragment.corrected})</span>
            )}
          </span>
          <button
            type="button"
            aria-label={`Take out ${fragment.text}`}
            onClick={() => line.setText(say(without(line.text, fragment)))}
            className="grid size-11 place-items-center"
          >
            <X size={16} aria-hidden="true" />
          </button>
        </li>
      ))}
    </ul>
  );
}

function Questions({ line }: { readonly line: QuickLineState }) {
  const say = useWords();
  return (line.reading?.questions ?? []).map((question) => (
    <div key={`${question.start}-${question.slot}`} className="flex flex-wrap items-center gap-2">
      <span className="font-medium">{say(question.message)}</span>
      {question.choices.map((choice) => (
        <button
          key={say(choice.label)}
          type="button"
          onClick={() => line.setText(choice.line)}
          className="min-h-11 rounded-md border border-action px-3 text-action"
        >
          {say(choice.label)}
        </button>
      ))}
    </div>
  ));
}

/** What is found, which comes with its own part of the program; while the server does not answer there is nothing. */
function Found(props: { readonly text: string; readonly onDone: () => void }) {
  const [List, setList] = useState<ComponentType<typeof props>>();
  useEffect(() => {
    let isOpen = true;
    import('./found-list.tsx').then(
      ({ FoundList }) => isOpen && setList(() => FoundList),
      () => undefined, // it is asked for again when the line is next opened
    );
    return () => {
      isOpen = false;
    };
  }, []);
  return List ? <List {...props} /> : null;
}

/** What was read of the line so far with the questions it raises; apart from it, what there is of that name. */
export function QuickLinePanel({ line, onDone }: Props) {
  const list = line.pasted ?? (line.reading?.welds && { lines: line.reading.welds, columns: [] });
  if (list) {
    return (
      <div className="absolute inset-x-0 top-full z-40 mt-1 max-h-[80dvh] overflow-y-auto rounded-md border border-line-strong bg-plate p-4">
        <WeldList list={list} line={line} />
      </div>
    );
  }
  return (
    <div className="absolute inset-x-0 top-full z-40 mt-1 grid max-h-[80dvh] grid-cols-1 gap-x-6 gap-y-3 overflow-y-auto rounded-md border border-line-strong bg-plate p-4 md:grid-cols-2">
      <div className="grid min-w-0 grid-cols-1 content-start gap-3">
        <h2 className="font-semibold">A new job</h2>
        <FigureBrackets line={line} />
        <Questions line={line} />
        <Fragments line={line} />
        <OwnWords fragments={line.reading?.fragments ?? []} />
        <p className="text-sm text-ink-soft">
          Enter saves a draft job and opens its plan. Arrow up brings back earlier lines.
        </p>
      </div>
      <Found text={line.text} onDone={onDone} />
    </div>
  );
}
