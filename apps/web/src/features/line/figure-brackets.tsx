import { useWords } from '../../units/index.ts';
import type { LineFragment } from '@hot-bead/core/line';
import { Menu } from '../../ui/menu.tsx';
import type { QuickLineState } from './use-quick-line.ts';

/** A figure with the word that it was read with, in the order of the line. */
interface Bracket {
  readonly fragment: LineFragment & { readonly figure: NonNullable<LineFragment['figure']> };
  readonly words: string;
}

function bracketsOf(fragments: readonly LineFragment[]): readonly Bracket[] {
  return fragments.flatMap((fragment): Bracket[] => {
    const { figure } = fragment;
    if (!figure) return [];
    const { word } = figure;
    const words =
      word === undefined
        ? fragment.text
        : word.start < fragment.start
          ? `${word.text} ${fragment.text}`
          : `${fragment.text} ${word.text}`;
    return [{ fragment: { ...fragment, figure }, words }];
  });
}

/** What each figure of the line was taken for, with its word under one bracket; pressed, it offers what else it can be. */
export function FigureBrackets({ line }: { readonly line: QuickLineState }) {
  const say = useWords();
  const brackets = bracketsOf(line.reading?.fragments ?? []);
  if (brackets.length === 0) return null;
  return (
    <ul className="flex flex-wrap gap-x-3 gap-y-2" aria-label="What each figure was taken for">
      {brackets.map(({ fragment, words }) => (
        <li key={fragment.start}>
          <Menu
            label={`${words}: ${fragment.figure.role}. Take it for something else`}
            className="grid min-h-14 min-w-16 justify-items-center rounded-md px-1 hover:bg-action-tint"
            items={fragment.figure.others.map(
              ({ label, line: next }) => [say(label), () => line.setText(next)] as const,
            )}
          >
            <span className="text-lg font-semibold tabular-nums">{words}</span>
            <span
              aria-hidden="true"
              className={`h-2 w-full border-x border-b ${fragment.figure.role === 'in doubt' ? 'border-straw' : 'border-line-strong'}`}
            />
            <span className="text-sm text-ink-soft">{fragment.figure.role}</span>
          </Menu>
        </li>
      ))}
    </ul>
  );
}
