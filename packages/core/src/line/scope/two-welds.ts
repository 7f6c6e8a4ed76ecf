import { meaningOf, type Token } from '../meaning.ts';
import { has } from '../roles/scene.ts';

/** Where a line says two welds: the stretches of each, and what is said of both. */
export interface TwoWelds {
  /** The token that parts them; undefined where only a comma does. */
  readonly separator: number | undefined;
  readonly lines: readonly [first: string, second: string];
  readonly ranges: readonly [readonly [from: number, to: number], readonly [from: number, to: number]];
}

/** The joint a token names by itself; a fillet only where "and" or positions make two welds of it. */
function jointOf(token: Token, filletToo: boolean): string | undefined {
  if (has(token, 'corner')) return 'corner';
  const joint = meaningOf(token, 'joint');
  if (!joint) return undefined;
  if (joint.weak === true && !filletToo) return undefined;
  // a position by its number says a joint that another word may say as well
  if (joint.weak === true && (has(token, 'position') || has(token, 'vertical'))) return undefined;
  return joint.joint;
}

interface Side {
  /** Joints that are named in it. */
  readonly joints: readonly string[];
  readonly figures: number;
  readonly positions: number;
}

function sideOf(
  tokens: readonly Token[],
  from: number,
  to: number,
  filletToo: boolean,
  noted: ReadonlySet<number>,
): Side {
  const part = tokens.slice(from, to).filter((_, i) => !noted.has(from + i));
  return {
    joints: part.flatMap((token) => jointOf(token, filletToo) ?? []),
    figures: part.filter((token) => has(token, 'length') && !isWireFigure(token)).length,
    positions: part.filter((token) => has(token, 'position') || has(token, 'vertical')).length,
  };
}

function isWireFigure(token: Token): boolean {
  return (
    /^(?:0?\.\d{1,3}|[01][.,]\d)(?:\s?mm)?$/i.test(token.text) ||
    meaningOf(token, 'length')?.wireCode === true
  );
}

function textOf(tokens: readonly Token[], text: string, from: number, to: number): string {
  const [first, last] = [tokens[from], tokens[to - 1]];
  return first && last ? text.slice(first.start, last.end) : '';
}

function isPart(token: Token): boolean {
  return has(token, 'connector') && /^(?:\+|&|and|plus)$/i.test(token.text);
}

/** Where a clause ends behind its second joint: the next pause that has no joint behind it belongs to both. */
function endOfSecond(tokens: readonly Token[], from: number): number {
  let seen = false;
  for (let i = from; i < tokens.length; i += 1) {
    const token = tokens[i] as Token;
    if (seen && (token.pause === true || has(token, 'separator'))) {
      const rest = tokens.slice(i);
      const isShared =
        !rest.some((t) => jointOf(t, true) !== undefined) && !rest.some((t) => has(t, 'position'));
      if (isShared) return i;
    }
    if (jointOf(token, true) !== undefined) seen = true;
  }
  return tokens.length;
}

function split(
  tokens: readonly Token[],
  text: string,
  before: number,
  after: number,
  separator: number | undefined,
): TwoWelds {
  const end = endOfSecond(tokens, after);
  const shared = textOf(tokens, text, has(tokens[end], 'separator') ? end + 1 : end, tokens.length);
  const join = (line: string): string => (shared === '' ? line : `${line}, ${shared}`);
  return {
    separator,
    lines: [join(textOf(tokens, text, 0, before)), join(textOf(tokens, text, after, end))],
    ranges: [
      [0, before],
      [after, end],
    ],
  };
}

/** Two welds in one line, or undefined. */
export function twoWeldsOf(
  tokens: readonly Token[],
  text: string,
  noted: ReadonlySet<number>,
): TwoWelds | undefined {
  for (let i = 1; i < tokens.length - 1; i += 1) {
    const token = tokens[i] as Token;
    if (noted.has(i)) continue;
    const isSeparator = has(token, 'separator');
    const isJoin = isPart(token);
    if (!isSeparator && !isJoin && token.pause !== true) continue;
    const after = isSeparator || isJoin ? i + 1 : i;
    const bare = sideOf(tokens, 0, i, true, noted);
    const next = sideOf(tokens, after, tokens.length, true, noted);
    const filletToo = isSeparator || isJoin || (bare.positions > 0 && next.positions > 0);
    const left = filletToo ? bare : sideOf(tokens, 0, i, false, noted);
    const right = filletToo ? next : sideOf(tokens, after, tokens.length, false, noted);
    if (left.joints.length === 0 || right.joints.length === 0 || left.figures === 0 || right.figures === 0)
      continue;
    const same =
      left.joints.every((joint) => right.joints.includes(joint)) &&
      right.joints.every((joint) => left.joints.includes(joint));
    if (same && !isSeparator) continue;
    if (same && left.positions === right.positions && meaningOf(token, 'separator')?.weak === true) continue;
    return split(tokens, text, i, after, isSeparator || isJoin ? i : undefined);
  }
  return undefined;
}
