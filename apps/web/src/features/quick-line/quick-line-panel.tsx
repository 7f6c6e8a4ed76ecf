import type { QuickFragment } from '@hot-bead/core';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { X } from 'lucide-react';
import { useDeferredValue } from 'react';
import { Link } from 'react-router';
import { firstJobsQuery } from '../jobs/index.ts';
import { pieceListQuery } from '../pieces/index.ts';
import type { QuickLineState } from './use-quick-line.ts';

interface Props {
  readonly line: QuickLineState;
  readonly onDone: () => void;
}

const STATUS: Readonly<Record<QuickFragment['status'], string>> = {
  understood: 'border-line-strong',
  questioned: 'border-straw bg-straw-tint',
  noted: 'border-dashed border-line-strong text-ink-soft',
  'not-understood': 'border-dashed border-hot',
};

function without(text: string, { start, end }: QuickFragment): string {
  return (text.slice(0, start) + text.slice(end)).replace(/\s{2,}/g, ' ').trim();
}

/** A chip's text: what it was taken for, or the word itself where it has no part in the plan. */
function shownAs({ status, text, label }: QuickFragment): string {
  if (status === 'not-understood') return `? ${text}`;
  return status === 'noted' ? `${text}: noted` : label;
}

function Fragments({ line }: { readonly line: QuickLineState }) {
  const shown = line.reading.fragments.filter((f) => f.slots.length > 0 || f.status !== 'understood');
  return (
    <ul className="flex flex-wrap gap-2" aria-label="What was read">
      {shown.map((fragment) => (
        <li
          key={fragment.start}
          className={`flex items-center rounded-md border pl-3 ${STATUS[fragment.status]}`}
        >
          <span>
            {shownAs(fragment)}
            {fragment.corrected !== undefined && (
              <span className="text-sm text-ink-soft"> (read as {fragment.corrected})</span>
            )}
          </span>
          <button
            type="button"
            aria-label={`Take out ${fragment.text}`}
            onClick={() => line.setText(without(line.text, fragment))}
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
  return line.reading.questions.map((question) => (
    <div key={`${question.start}-${question.slot}`} className="flex flex-wrap items-center gap-2">
      <span className="font-medium">{question.message}</span>
      {question.choices.map((choice) => (
        <button
          key={choice.label}
          type="button"
          onClick={() => line.setText(choice.line)}
          className="min-h-11 rounded-md border border-action px-3 text-action"
        >
          {choice.label}
        </button>
      ))}
    </div>
  ));
}

const FOUND_MOST = 4;

function Found({ text, onDone }: { readonly text: string; readonly onDone: () => void }) {
  const find = useDeferredValue(text.trim());
  const { data } = useQuery({ ...firstJobsQuery(FOUND_MOST, find), placeholderData: keepPreviousData });
  const found = data?.items ?? [];
  if (found.length === 0) return null;
  return (
    <div>
      <h2 className="label-text">Jobs like this</h2>
      <ul>
        {found.map((job) => (
          <li key={job.id}>
            <Link
              to={`/jobs/${job.id}`}
              onClick={onDone}
              className="flex min-h-11 items-center text-action hover:underline"
            >
              {job.title}
            </Link>
          </li>
        ))}
      </ul>
    </div>
  );
}

/** Pieces whose name holds what was typed. */
function FoundPieces({ text, onDone }: { readonly text: string; readonly onDone: () => void }) {
  const words = useDeferredValue(text.trim().toLowerCase());
  const { data: pieces = [] } = useQuery({ ...pieceListQuery, enabled: words.length >= 2 });
  const found = words.length < 2 ? [] : pieces.filter(({ name }) => name.toLowerCase().includes(words));
  if (found.length === 0) return null;
  return (
    <div>
      <h2 className="label-text">Pieces of that name</h2>
      <ul>
        {found.slice(0, FOUND_MOST).map(({ id, name }) => (
          <li key={id}>
            <Link
              to={`/pieces/${id}`}
              onClick={onDone}
              className="flex min-h-11 items-center text-action hover:underline"
            >
              {name}
            </Link>
          </li>
        ))}
      </ul>
    </div>
  );
}

/** What was read of the line so far, the questions it raises, and the pieces and jobs it matches. */
export function QuickLinePanel({ line, onDone }: Props) {
  return (
    <div className="absolute inset-x-0 top-full z-40 mt-1 grid gap-3 rounded-md border border-line-strong bg-plate p-4">
      <Fragments line={line} />
      <Questions line={line} />
      <FoundPieces text={line.text} onDone={onDone} />
      <Found text={line.text} onDone={onDone} />
      <p className="text-sm text-ink-soft">
        Enter saves a draft job and opens its plan. Arrow up brings back earlier lines.
      </p>
    </div>
  );
}
