import { LEG_RANGE_MM } from '../../trade/material/work.ts';
import type { WrittenLength } from '../../base/quantity/length-text.ts';
import type { LengthUnit } from '../../base/quantity/thickness.ts';
import { mmFromInches } from '../../base/quantity/units.ts';
import { isCoredWay, wireClassRow } from '../../trade/wire/wire-class.ts';
import { nominalWireMm, type WireDiameterMm, wireDiameterRow } from '../../trade/wire/wire-diameter.ts';
import { mmOfWritten } from '../../base/quantity/length-text.ts';
import { type Meaning, meaningOf, type Token } from '../meaning.ts';

/** A figure of the line whose part is still open, or was said by its own key. */
export interface Figure {
  readonly index: number;
  readonly token: Token;
  readonly length: WrittenLength;
  readonly code: boolean;
  /** Wire size that it would name, where such wire is sold and the line may mean it. */
  readonly wireMm: WireDiameterMm | undefined;
  /** What it would be as a thickness, mm, roughly: a gauge counts as thin. */
  readonly roughMm: number;
}

/** A cover with what is known of its tokens: what every role is weighed against. */
export interface Scene {
  readonly tokens: readonly Token[];
  /** Tokens that are said not to be so, or that belong to the name of a thing. */
  readonly noted: ReadonlySet<number>;
  readonly unit: LengthUnit;
  /** Whether the line speaks of cored wire, which is sold in sizes that solid wire is not. */
  readonly cored: boolean;
  readonly figures: readonly Figure[];
  /** Figures of which one is meant: a thickness, or a wire, that is said without being settled. */
  readonly either: { readonly thickness: boolean; readonly wire: boolean };
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

function roughMm(length: WrittenLength, unit: LengthUnit): number {
  if (length.form === 'gauge' || length.form === 'swg') return 2;
  if (length.form === 'mil') return length.value;
  const mm = mmOfWritten(length);
  if (mm !== undefined) return mm;
  return unit === 'in' && length.value < 2 && !Number.isInteger(length.value)
    ? mmFromInches(length.value)
    : length.value;
}

function speaksOfCored(tokens: readonly Token[], noted: ReadonlySet<number>): boolean {
  return tokens.some((token, i) => {
    if (noted.has(i)) return false;
    const wireClass = meaningOf(token, 'wire-class')?.wireClass;
    const way = meaningOf(token, 'way')?.way ?? (wireClass && wireClassRow(wireClass).way);
    return way !== undefined && isCoredWay(way);
  });
}

export function sceneOf(
  tokens: readonly Token[],
  noted: ReadonlySet<number>,
  unit: LengthUnit,
  either: Scene['either'] = { thickness: false, wire: false },
): Scene {
  const cored = speaksOfCored(tokens, noted);
  const figures = tokens.flatMap((token, index): Figure[] => {
    const meaning = meaningOf(token, 'length');
    if (!meaning || noted.has(index) || meaning.fixed === 'thickness') return [];
    const named = wireOfLength(meaning.length);
    const sold = named !== undefined && (cored || wireDiameterRow(named).coredOnly !== true);
    return [
      {
        index,
        token,
        length: meaning.length,
        code: meaning.wireCode,
        wireMm: sold ? named : undefined,
        roughMm: roughMm(meaning.length, unit),
      },
    ];
  });
  return { tokens, noted, unit, cored, figures, either };
}

/** The token behind, where nothing parts the two. */
export function behind({ tokens }: Scene, index: number, steps = 1): Token | undefined {
  for (let step = 1; step <= steps; step += 1) if (tokens[index + step]?.pause === true) return undefined;
  return tokens[index + steps];
}

/** The token before, where nothing parts the two. */
export function before({ tokens }: Scene, index: number, steps = 1): Token | undefined {
  for (let step = 0; step < steps; step += 1) if (tokens[index - step]?.pause === true) return undefined;
  return tokens[index - steps];
}

export function has(token: Token | undefined, kind: Meaning['kind']): boolean {
  return token?.meanings.some((meaning) => meaning.kind === kind) === true;
}

/** What a figure stands before: the noun that it is said of. */
export type HeadKind =
  'flat-product' | 'hollow' | 'thing' | 'unknown' | 'backing' | 'wire' | 'fillet' | 'noted';

export interface Head {
  readonly kind: HeadKind;
  readonly index: number;
  readonly plural: boolean;
}

/** Words that are stepped over at the most. Source: our tuning. */
const STEPS_OVER = 4;

function isSteppedOver(token: Token): boolean {
  return token.meanings.every(({ kind }) =>
    ['metal', 'surface', 'filler-word', 'noted', 'circumstance', 'thick-word'].includes(kind),
  );
}

function isPlural(token: Token): boolean {
  return meaningOf(token, 'thing')?.plural === true || /[a-z]s$/i.test(token.text);
}

function kindOf(token: Token): HeadKind | undefined {
  const product = meaningOf(token, 'product')?.product;
  if (product === 'tube' || product === 'section') return 'hollow';
  if (product !== undefined) return 'flat-product';
  if (has(token, 'backing')) return 'backing';
  if (has(token, 'wire-word') || has(token, 'wire-class') || meaningOf(token, 'way')?.namesWire === true)
    return 'wire';
  if (has(token, 'thing')) return 'thing';
  if (isFillet(token)) return 'fillet';
  if (has(token, 'unknown') || has(token, 'near-word')) return 'unknown';
  return undefined;
}

/** "Fillet" by itself, that a leg may stand beside; a position by its number is none. */
export function isFillet(token: Token | undefined): boolean {
  return (
    meaningOf(token, 'joint')?.joint === 'tee' &&
    meaningOf(token, 'joint')?.weak === true &&
    !has(token, 'position') &&
    !has(token, 'vertical')
  );
}

/** The noun that a figure is said of, over what may stand between. */
export function headOf(scene: Scene, index: number): Head | undefined {
  let nearest: Head | undefined;
  for (let at = index + 1; at <= index + STEPS_OVER && at < scene.tokens.length; at += 1) {
    const token = scene.tokens[at] as Token;
    if (token.pause === true || has(token, 'connector') || has(token, 'measure')) break;
    // `1 inch 16 ga square tube`: both are said of the tube
    const gauge = meaningOf(token, 'length')?.length.form === 'gauge';
    if (gauge && nearest === undefined) continue;
    if (has(token, 'length')) break;
    const kind = kindOf(token);
    if (kind !== undefined) {
      // "beam flange", "tube bracket": the last noun is the one
      const isNoun = kind === 'thing' || kind === 'unknown' || kind === 'hollow' || kind === 'flat-product';
      const isLast = nearest === undefined || (isNoun && at === nearest.index + 1);
      if (!isLast) break;
      // a figure before a tube that is part of a longer name is said of the tube; of a beam's flange, of that
      const isOfBeam =
        meaningOf(scene.tokens[nearest?.index ?? -1], 'product')?.product === 'section' &&
        /^(?:flange|web)/i.test(token.text);
      if ((nearest?.kind === 'hollow' && !isOfBeam) || nearest?.kind === 'flat-product') break;
      nearest = { kind, index: at, plural: isPlural(token) };
      if (kind === 'fillet' || kind === 'wire') break;
      continue;
    }
    if (nearest !== undefined || !isSteppedOver(token)) break;
  }
  return nearest;
}

/** Whether a token is a figure, open or of a section. */
export function isFigure(token: Token | undefined): boolean {
  return has(token, 'length');
}

/** Whether a product word is said of a figure before it: `1/2 base plate`. */
export function isOwned(scene: Scene, index: number): boolean {
  if (isFigure(scene.tokens[index])) return true;
  for (let at = index - 1; at >= Math.max(0, index - STEPS_OVER); at -= 1) {
    if (scene.tokens[at + 1]?.pause === true) return false;
    const token = scene.tokens[at];
    if (meaningOf(token, 'measure')?.slots.some(({ slot }) => slot === 'outsideMm') === true) return true;
    if (isFigure(token) && !scene.noted.has(at)) return headOf(scene, at)?.index === index;
  }
  return false;
}

/** Whether a leg can be that big, mm. */
export function isLegMm(mm: number): boolean {
  return mm >= LEG_RANGE_MM[0] && mm <= LEG_RANGE_MM[1];
}
