import type { BeadVerdict } from '@hot-bead/core/window';

const MARK: Readonly<
  Record<BeadVerdict, { readonly sign: string; readonly colour: string; readonly word: string }>
> = {
  cold: { sign: '▼', colour: 'text-cold', word: 'cold' },
  right: { sign: '●', colour: 'text-good', word: 'right' },
  hot: { sign: '▲', colour: 'text-hot', word: 'hot' },
  blown: { sign: '✖', colour: 'text-hot', word: 'blown through' },
};

/** Cold, right or hot by shape, word and colour together. */
export function VerdictMark({ verdict }: { readonly verdict: BeadVerdict }) {
  const { sign, colour, word } = MARK[verdict];
  return (
    <span className={`inline-flex items-center gap-1 font-semibold ${colour}`}>
      <span aria-hidden="true">{sign}</span>
      {word}
    </span>
  );
}
