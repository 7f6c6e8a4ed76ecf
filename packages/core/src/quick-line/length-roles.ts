import { mmOfWritten, type WrittenLength } from '../quantity/length-text.ts';
import { nominalWireMm, type WireDiameterMm } from '../wire/wire-diameter.ts';
import { meaningOf, type Token } from './meaning.ts';

/** What a figure in the line turned out to be. `ask` holds the readings it could have. */
export type LengthRole = 'wire' | 'thickness' | 'ask-wire-or-thickness' | 'ask-wire-or-second' | 'too-many';

interface Figure {
  readonly index: number;
  readonly length: WrittenLength;
  /** Nominal wire size the figure would name; undefined when no wire is sold in it. */
  readonly wireMm: WireDiameterMm | undefined;
  readonly code: boolean;
  readonly box: boolean;
  role: LengthRole | undefined;
}

/** The wire size a written length would name: metric sizes in mm or bare, inch sizes in inches. */
export function wireOfLength(length: WrittenLength): WireDiameterMm | undefined {
  const mm = length.form === 'bare' ? length.value : mmOfWritten(length);
  if (mm !== undefined) {
    const nominal = nominalWireMm(mm);
    if (nominal !== undefined) return nominal;
  }
  return length.form === 'bare' && length.value < 0.2 ? nominalWireMm(length.value * 25.4) : undefined;
}

function figuresOf(tokens: readonly Token[]): Figure[] {
  return tokens.flatMap((token, index) => {
    const meaning = meaningOf(token, 'length');
    if (!meaning) return [];
    const box = meaningOf(token, 'product') !== undefined;
    const wireMm = box ? undefined : wireOfLength(meaning.length);
    return [{ index, length: meaning.length, wireMm, code: meaning.wireCode, box, role: undefined }];
  });
}

function namesWire(token: Token | undefined): boolean {
  return (
    meaningOf(token, 'wire-word') !== undefined ||
    meaningOf(token, 'wire-class') !== undefined ||
    meaningOf(token, 'way')?.namesWire === true
  );
}

/** A bare or inch-decimal figure speaks more for a wire than one with `mm` behind it. */
function soundsLikeWire(figure: Figure): boolean {
  if (figure.code || figure.length.inchDecimal) return true;
  return figure.length.form === 'bare' && !Number.isInteger(figure.length.value);
}

function claimByNeighbour(tokens: readonly Token[], figures: readonly Figure[]): void {
  for (const figure of figures) {
    if (meaningOf(tokens[figure.index + 1], 'thick-word')) figure.role = 'thickness';
  }
  const free = figures.filter((f) => f.role === undefined && f.wireMm !== undefined);
  const strongest = (list: readonly Figure[]): Figure | undefined => list.find(soundsLikeWire) ?? list[0];
  const beside = (step: 1 | -1, word: (token: Token | undefined) => boolean): readonly Figure[] =>
    free.filter((figure) => word(tokens[figure.index + step]));
  const isWireWord = (token: Token | undefined): boolean => meaningOf(token, 'wire-word') !== undefined;
  const claimed =
    strongest(free.filter((f) => f.code)) ??
    strongest(beside(1, isWireWord)) ??
    strongest(beside(-1, isWireWord)) ??
    beside(1, namesWire).find(soundsLikeWire) ??
    beside(-1, namesWire).find(soundsLikeWire) ??
    strongest(beside(1, namesWire)) ??
    strongest(beside(-1, namesWire));
  if (claimed) claimed.role = 'wire';
}

function claimByKind(figures: readonly Figure[]): void {
  if (figures.some((f) => f.role === 'wire')) return;
  const open = figures.filter((f) => f.role === undefined);
  const likely = open.filter((f) => f.wireMm !== undefined && soundsLikeWire(f));
  const inch = likely.filter((f) => f.length.inchDecimal);
  const only = inch.length === 1 ? inch[0] : likely.length === 1 ? likely[0] : undefined;
  const aloneInLine = figures.length === 1;
  if (only && !aloneInLine) only.role = 'wire';
  else if (only?.length.inchDecimal === true) only.role = 'ask-wire-or-thickness';
  else if (likely.length > 1) for (const figure of likely) figure.role = 'ask-wire-or-thickness';
}

function joined(tokens: readonly Token[], first: Figure, second: Figure): boolean {
  return tokens.slice(first.index + 1, second.index).some((token) => meaningOf(token, 'connector'));
}

function sortThicknesses(tokens: readonly Token[], figures: readonly Figure[]): void {
  const open = figures.filter((f) => f.role === undefined || f.role === 'thickness');
  for (const figure of open) figure.role = 'thickness';
  for (const extra of open.slice(2)) extra.role = 'too-many';
  const [first, second] = open;
  if (!first || !second || joined(tokens, first, second)) return;
  const wireTaken = figures.some((f) => f.role === 'wire');
  const doubtful = wireTaken ? undefined : [second, first].find((f) => f.wireMm !== undefined);
  if (doubtful) doubtful.role = 'ask-wire-or-second';
}

/**
 * Decides which figures of a line are thicknesses and which is the wire.
 *
 * Order of evidence: a word beside the figure ("wire", "thick", a wire class) > its kind (`.030`, `035`, `0.8`
 * beside another figure) > a question.
 *
 * @returns role by token index, and whether two thicknesses were joined by "to", "on" or "x"
 */
export function lengthRoles(tokens: readonly Token[]): {
  roles: ReadonlyMap<number, LengthRole>;
  paired: boolean;
} {
  const figures = figuresOf(tokens);
  claimByNeighbour(tokens, figures);
  claimByKind(figures);
  sortThicknesses(tokens, figures);
  const roles = new Map(figures.map((f) => [f.index, f.role ?? 'thickness'] as const));
  const thick = figures.filter((f) => f.role === 'thickness');
  const paired = thick[0] !== undefined && thick[1] !== undefined && joined(tokens, thick[0], thick[1]);
  return { roles, paired };
}
