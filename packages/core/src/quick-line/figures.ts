import { mmOfWritten, type WrittenLength } from '../quantity/length-text.ts';
import { mmFromInches } from '../quantity/units.ts';
import { nominalWireMm, type WireDiameterMm, wireDiameterRow } from '../wire/wire-diameter.ts';
import { isCoredWay, wireClassRow } from '../wire/wire-class.ts';
import { meaningOf, type Token } from './meaning.ts';

/** What a figure in the line turned out to be. `ask` holds the readings it could have. */
export type LengthRole =
  | 'wire'
  | 'wire-asked'
  | 'thickness'
  | 'leg'
  | 'outside'
  | 'unknown-wire'
  | 'ask-wire-or-thickness'
  | 'ask-wire-or-second'
  | 'ask-wall'
  | 'too-many';

/** A figure of the line on the way to its role. */
export interface Figure {
  readonly index: number;
  readonly text: string;
  readonly length: WrittenLength;
  /** Nominal wire size the figure would name; undefined when no wire is sold in it. */
  readonly wireMm: WireDiameterMm | undefined;
  readonly code: boolean;
  /** The wall of a section whose outside stands before it. */
  readonly wall: boolean;
  role: LengthRole | undefined;
}

/** The wire size a written length would name: metric sizes in mm or bare, inch sizes in inches. */
export function wireOfLength(length: WrittenLength): WireDiameterMm | undefined {
  const mm = length.form === 'bare' ? length.value : mmOfWritten(length);
  if (mm !== undefined) {
    const nominal = nominalWireMm(mm);
    if (nominal !== undefined) return nominal;
  }
  return length.form === 'bare' && length.value < 0.2 ? nominalWireMm(mmFromInches(length.value)) : undefined;
}

/** Whether the line speaks of cored wire, which is sold in sizes that solid wire is not. */
export function speaksOfCored(tokens: readonly Token[]): boolean {
  return tokens.some((token) => {
    const wireClass = meaningOf(token, 'wire-class')?.wireClass;
    const way = meaningOf(token, 'way')?.way ?? (wireClass && wireClassRow(wireClass).way);
    return way !== undefined && isCoredWay(way);
  });
}

/** The figures of a line that are still open: thickness, wire, or something beside them. */
export function figuresOf(tokens: readonly Token[]): Figure[] {
  const cored = speaksOfCored(tokens);
  return tokens.flatMap((token, index) => {
    const meaning = meaningOf(token, 'length');
    if (!meaning) return [];
    const wall = meaningOf(token, 'measure') !== undefined || meaningOf(token, 'product') !== undefined;
    const named = wall ? undefined : wireOfLength(meaning.length);
    const sold = named !== undefined && (cored || wireDiameterRow(named).coredOnly !== true);
    return [
      {
        index,
        text: token.text,
        length: meaning.length,
        wireMm: sold ? named : undefined,
        code: meaning.wireCode,
        wall,
        role: undefined,
      },
    ];
  });
}

/** Millimetres a figure would be as a thickness, roughly: a gauge counts as thin, a bare figure as millimetres. */
export function roughMm({ length }: Figure): number {
  if (length.form === 'gauge' || length.form === 'swg') return 2;
  return mmOfWritten(length) ?? length.value;
}

/** A bare or inch-decimal figure speaks more for a wire than one with `mm` behind it. */
export function soundsLikeWire({ code, length, text }: Figure): boolean {
  if (code || length.inchDecimal) return true;
  return length.form === 'bare' && /[.,]\d/.test(text);
}

/** Whether a token names the wire that a figure beside it would be the size of. */
export function namesWire(token: Token | undefined): boolean {
  return (
    meaningOf(token, 'wire-word') !== undefined ||
    meaningOf(token, 'wire-class') !== undefined ||
    meaningOf(token, 'way')?.namesWire === true
  );
}

/** Whether "to", "on" or "x" stands between two figures. */
export function joined(tokens: readonly Token[], first: Figure, second: Figure): boolean {
  return tokens.slice(first.index + 1, second.index).some((token) => meaningOf(token, 'connector'));
}
