import {
  type Figure,
  figuresOf,
  joined,
  type LengthRole,
  namesWire,
  roughMm,
  soundsLikeWire,
  speaksOfCored,
} from './figures.ts';
import { LEG_RANGE_MM } from '../material/work.ts';
import { wireDiameterRow } from '../wire/wire-diameter.ts';
import { meaningOf, type Token } from './meaning.ts';

/** Thickest a wire can be, mm: a small figure beside a wire is its size, known or not. */
const WIRE_MOST_MM = 3.3;
/** A figure before "box" or "tube" from here up, with a thinner one beside it, is the outside, mm. */
const OUTSIDE_FROM_MM = 10;
/** A figure before "box" or "tube" from here up is never a wall that is planned for, mm. */
const NEVER_WALL_FROM_MM = 25.5;

function isOpen(figure: Figure): boolean {
  return figure.role === undefined;
}

/** The product word behind a figure, "square" and "round" read through. */
function productBehind(tokens: readonly Token[], { index }: Figure): Token | undefined {
  return [1, 2]
    .map((step) => tokens[index + step])
    .find(
      (token, i, both) =>
        meaningOf(token, 'product') !== undefined && (i === 0 || meaningOf(both[0], 'noted') !== undefined),
    );
}

function isHollow(token: Token | undefined): boolean {
  const product = meaningOf(token, 'product')?.product;
  return product === 'tube' || product === 'section';
}

/** "wall" or "thick" beside a figure, and not one that belongs to the figure before it: `.065 wall 1" tube`. */
function hasWallWord(tokens: readonly Token[], { index, length, wall }: Figure): boolean {
  if (wall || length.form === 'gauge' || length.form === 'swg') return true;
  const word = (at: number): boolean => meaningOf(tokens[at], 'thick-word') !== undefined;
  return word(index + 1) || (word(index - 1) && meaningOf(tokens[index - 2], 'length') === undefined);
}

/** Whether the "thick" behind a figure is its own: in `wire 0.9 thickness 5` it leads the next one. */
function isCalledThick(tokens: readonly Token[], { index }: Figure): boolean {
  const led = meaningOf(tokens[index - 1], 'wire-word') && meaningOf(tokens[index + 2], 'length');
  return meaningOf(tokens[index + 1], 'thick-word') !== undefined && led === undefined;
}

/** Outside sizes: a figure before "tube", "box" or "angle" whose wall stands elsewhere, and nominal pipe sizes. */
function claimOutsides(tokens: readonly Token[], figures: readonly Figure[]): void {
  const scheduled = tokens.some((token) => meaningOf(token, 'schedule'));
  for (const figure of figures.filter(isOpen)) {
    if (hasWallWord(tokens, figure) || soundsLikeWire(figure)) continue;
    const hollow = isHollow(productBehind(tokens, figure)) || (scheduled && figure.length.form === 'inch');
    if (!hollow) continue;
    const partner = figures.find(
      (other) =>
        other !== figure &&
        isOpen(other) &&
        !joined(
          tokens,
          ...((other.index < figure.index ? [other, figure] : [figure, other]) as [Figure, Figure]),
        ) &&
        (hasWallWord(tokens, other) ||
          (roughMm(figure) >= OUTSIDE_FROM_MM &&
            roughMm(other) < roughMm(figure) / 2 &&
            other.wireMm === undefined &&
            productBehind(tokens, other) === undefined)),
    );
    if (partner) figure.role = 'outside';
    else if (scheduled || roughMm(figure) >= NEVER_WALL_FROM_MM) figure.role = 'ask-wall';
  }
}

/** `1/4 fillet on 3/8 plate`: a figure right before "fillet" beside another that is the thickness. */
function claimLegs(tokens: readonly Token[], figures: readonly Figure[]): void {
  for (const figure of figures.filter(isOpen)) {
    const behind = meaningOf(tokens[figure.index + 1], 'joint');
    if (behind?.joint !== 'tee' || behind.weak !== true) continue;
    const before = tokens[figure.index - 1];
    const others = figures.filter((other) => other !== figure && isOpen(other) && !soundsLikeWire(other));
    const small =
      soundsLikeWire(figure) || roughMm(figure) < LEG_RANGE_MM[0] || figure.length.form === 'gauge';
    if (others.length > 0 && !small && meaningOf(before, 'connector') === undefined) figure.role = 'leg';
  }
}

/** `sheet .8 wire .6`: with a word before its figure, "wire" belongs to the figure behind it. */
function wordFirst(tokens: readonly Token[], figures: readonly Figure[]): Figure | undefined {
  return figures.find((figure) => {
    const word = figure.index - 1;
    if (meaningOf(tokens[word], 'wire-word') === undefined) return false;
    const before = figures.find(({ index }) => index === word - 1);
    if (!before) return false;
    const lead = tokens[word - 2];
    return meaningOf(lead, 'product') !== undefined || meaningOf(lead, 'thick-word') !== undefined;
  });
}

function claimWire(tokens: readonly Token[], figures: readonly Figure[]): void {
  const several = figures.filter(isOpen).length > 1;
  const isWireWord = (token: Token | undefined): boolean => meaningOf(token, 'wire-word') !== undefined;
  // a cored-only size written in millimetres alone in a line is the plate: `gasless 2mm lap`
  const free = figures.filter(
    (f) =>
      isOpen(f) &&
      f.wireMm !== undefined &&
      (several ||
        wireDiameterRow(f.wireMm).coredOnly !== true ||
        [f.index - 1, f.index + 1].some((at) => isWireWord(tokens[at]))),
  );
  const strongest = (list: readonly Figure[]): Figure | undefined => list.find(soundsLikeWire) ?? list[0];
  const beside = (step: 1 | -1, word: (token: Token | undefined) => boolean): readonly Figure[] =>
    free.filter((figure) => word(tokens[figure.index + step]));
  const first = wordFirst(tokens, free);
  const claimed =
    strongest(free.filter((f) => f.code)) ??
    first ??
    strongest(beside(1, isWireWord)) ??
    strongest(beside(-1, isWireWord)) ??
    beside(1, namesWire).find(soundsLikeWire) ??
    beside(-1, namesWire).find(soundsLikeWire) ??
    strongest(beside(1, namesWire)) ??
    strongest(beside(-1, namesWire));
  if (claimed) claimed.role = 'wire';
}

/** A small figure beside a wire in a size that no wire is sold in: it is said, and never taken for the plate. */
function claimUnknownWire(tokens: readonly Token[], figures: readonly Figure[]): void {
  if (figures.some((f) => f.role === 'wire')) return;
  const open = figures.filter(isOpen);
  const cored = speaksOfCored(tokens);
  const odd = open.find((figure) => {
    const { length, index, wireMm } = figure;
    if (wireMm !== undefined || roughMm(figure) > WIRE_MOST_MM || hasWallWord(tokens, figure)) return false;
    const wireWord = [index - 1, index + 1].some((at) => meaningOf(tokens[at], 'wire-word') !== undefined);
    if (wireWord) return true;
    const beside = namesWire(tokens[index - 1]) || namesWire(tokens[index + 1]);
    return (
      beside &&
      (length.inchDecimal || (cored && length.fraction) || soundsLikeWire(figure)) &&
      open.length > 1
    );
  });
  if (odd) odd.role = 'unknown-wire';
}

function claimByKind(figures: readonly Figure[]): void {
  if (figures.some((f) => f.role === 'wire' || f.role === 'unknown-wire')) return;
  const open = figures.filter(isOpen);
  const likely = open.filter((f) => f.wireMm !== undefined && soundsLikeWire(f));
  const inch = likely.filter((f) => f.length.inchDecimal);
  const only = inch.length === 1 ? inch[0] : likely.length === 1 ? likely[0] : undefined;
  const aloneInLine = figures.length === 1;
  if (only && !aloneInLine) only.role = Number.isInteger(only.length.value) ? 'wire-asked' : 'wire';
  else if (only?.length.inchDecimal === true) only.role = 'ask-wire-or-thickness';
  else if (likely.length > 1) for (const figure of likely) figure.role = 'ask-wire-or-thickness';
}

function sortThicknesses(tokens: readonly Token[], figures: readonly Figure[]): void {
  const open = figures.filter((f) => f.role === undefined || f.role === 'thickness');
  for (const figure of open) figure.role = 'thickness';
  for (const extra of open.slice(2)) extra.role = 'too-many';
  const [first, second] = open;
  if (!first || !second || joined(tokens, first, second)) return;
  const wireTaken = figures.some((f) => f.role === 'wire' || f.role === 'wire-asked');
  const doubtful = wireTaken ? undefined : [second, first].find((f) => f.wireMm !== undefined);
  if (!doubtful) return;
  const other = doubtful === first ? second : first;
  const onlyWire = doubtful.length.form === 'bare' && other.length.form !== 'bare';
  doubtful.role = onlyWire ? 'wire-asked' : 'ask-wire-or-second';
}

/**
 * Decides which figures of a line are thicknesses, which is the wire, and which are neither.
 *
 * Order of evidence: what a word makes of it (outside size, leg) > a word beside the figure ("wire", "thick", a wire
 * class) > its kind (`.030`, `035`, `0.8` beside another figure) > a question.
 *
 * @returns role by token index, and whether two thicknesses were joined by "to", "on" or "x"
 */
export function lengthRoles(tokens: readonly Token[]): {
  roles: ReadonlyMap<number, LengthRole>;
  paired: boolean;
} {
  const figures = figuresOf(tokens);
  claimOutsides(tokens, figures);
  for (const figure of figures.filter(isOpen)) {
    if (isCalledThick(tokens, figure)) figure.role = 'thickness';
  }
  claimLegs(tokens, figures);
  claimWire(tokens, figures);
  claimUnknownWire(tokens, figures);
  claimByKind(figures);
  sortThicknesses(tokens, figures);
  const roles = new Map(figures.map((f) => [f.index, f.role ?? 'thickness'] as const));
  const thick = figures.filter((f) => f.role === 'thickness');
  const paired = thick[0] !== undefined && thick[1] !== undefined && joined(tokens, thick[0], thick[1]);
  return { roles, paired };
}
