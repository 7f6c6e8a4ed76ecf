import { meaningOf, type Token } from '../meaning.ts';
import { has } from '../roles/scene.ts';

/** Two figures of which one is meant. */
export interface Alternative {
  readonly first: number;
  readonly second: number;
  /** The figures are wire sizes. */
  readonly wire: boolean;
  /** Neither thickness nor wire: two legs, two gaps. */
  readonly beside: boolean;
}

function figureAt(tokens: readonly Token[], index: number): boolean {
  const length = meaningOf(tokens[index], 'length');
  return length !== undefined && length.section === undefined;
}

/** The figure beside "or", over a word or two that say nothing. */
function figureNear(tokens: readonly Token[], from: number, step: 1 | -1): number | undefined {
  for (let i = from + step, over = 0; i >= 0 && i < tokens.length && over < 3; i += step, over += 1) {
    if (figureAt(tokens, i)) return i;
    const token = tokens[i];
    const skipped =
      has(token, 'filler-word') ||
      (step === -1 && (has(token, 'joint') || has(token, 'thick-word') || has(token, 'wire-word')));
    if (!skipped) return undefined;
  }
  return undefined;
}

function isInchDecimal(token: Token | undefined): boolean {
  return meaningOf(token, 'length')?.length.inchDecimal === true;
}

/** "3 or 4 mm", ".030 or .035", "between 3 and 4 mm": both figures are asked about and neither is taken. */
export function alternativesOf(tokens: readonly Token[]): readonly Alternative[] {
  return tokens.flatMap((token, i): Alternative[] => {
    const between =
      has(token, 'connector') &&
      /^(?:and|&)$/i.test(token.text) &&
      /^between$/i.test(tokens[i - 2]?.text ?? '');
    if (!has(token, 'or') && !between) return [];
    const [first, second] = [figureNear(tokens, i, -1), figureNear(tokens, i, 1)];
    // `6 mm or 8 mm leg`: both are legs
    const measured = first !== undefined && (meaningOf(tokens[i + 1], 'measure')?.slots.length ?? 0) > 0;
    if (measured) return [{ first, second: i + 1, wire: false, beside: true }];
    if (first === undefined || second === undefined) return [];
    const wire =
      (isInchDecimal(tokens[first]) && isInchDecimal(tokens[second])) ||
      has(tokens[second + 1], 'wire-word') ||
      has(tokens[first - 1], 'wire-word') ||
      has(tokens[first + 1], 'wire-word');
    return [{ first, second, wire, beside: false }];
  });
}
