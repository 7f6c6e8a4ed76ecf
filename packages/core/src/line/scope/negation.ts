import { type Meaning, meaningOf, type Token } from '../meaning.ts';
import { has } from '../roles/scene.ts';

/** Kinds that can be said not to be so. */
const DENIED: ReadonlySet<Meaning['kind']> = new Set([
  'metal',
  'joint',
  'corner',
  'position',
  'vertical',
  'direction',
  'surface',
  'place',
  'wind',
  'way',
  'mode',
  'wire-class',
  'polarity',
  'priority',
  'circumstance',
  'backing',
  'third-member',
  'sides',
  'gas',
  'machine',
  'length',
  'measure',
  'noted',
  'near-word',
  'product',
]);

function canBeDenied(token: Token | undefined): boolean {
  return token?.meanings.some(({ kind }) => DENIED.has(kind)) === true;
}

/** Words between "not" and what it denies, at the most. Source: our tuning. */
const WORDS_OVER = 4;

function deniedBehind(tokens: readonly Token[], from: number): number[] {
  for (let i = from + 1; i <= from + WORDS_OVER && i < tokens.length; i += 1) {
    const token = tokens[i] as Token;
    if (token.pause === true) return [];
    // a figure is denied only right behind: "no spatter wanted 6 mm" denies no 6 mm
    if (has(token, 'length') && i > from + 1 && !/^(?:a|the|use|using)$/i.test(tokens[i - 1]?.text ?? ''))
      return [];
    if (canBeDenied(token)) {
      const also = has(tokens[i + 1], 'or') && canBeDenied(tokens[i + 2]) ? [i + 2] : [];
      // "not stainless steel", "no flux core wire": what says the same again goes with it
      return [i, ...also];
    }
    if (!has(token, 'filler-word') && !has(token, 'unknown')) return [];
  }
  return [];
}

function deniedBefore(tokens: readonly Token[], from: number): number[] {
  const isOff = tokens[from]?.text.toLowerCase() === 'off';
  for (let i = from - 1; i >= Math.max(0, from - 2); i -= 1) {
    const token = tokens[i] as Token;
    if (isOff ? has(token, 'mode') || has(token, 'gas') : canBeDenied(token) && !has(token, 'length'))
      return [i];
    if (!has(token, 'filler-word')) return [];
  }
  return [];
}

/** Tokens that are said not to be so: "no pulse", "not 1.0", "neither … nor", "spray not needed". */
export function deniedTokens(tokens: readonly Token[]): ReadonlySet<number> {
  const denied = new Set<number>();
  tokens.forEach((token, i) => {
    const negation = meaningOf(token, 'negation');
    if (!negation) return;
    for (const at of negation.behind === true ? deniedBefore(tokens, i) : deniedBehind(tokens, i))
      denied.add(at);
  });
  return denied;
}
