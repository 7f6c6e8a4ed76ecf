import type { VoltsControl } from '../machine.ts';
import { TWO_SIDED_95 } from '../../base/numeric/normal-band.ts';
import type { Span } from '../../base/numeric/span.ts';
import { type Dial, dialOf, dialOfPoints } from './dial.ts';
import { dialSpeed } from './dial-band.ts';
import { measuredSpeed, type TimedReading } from './timed-run.ts';

/** Places that make a position's dial its own; with fewer it borrows the shape of the best measured one. Source: our model. */
export const OWN_DIAL_LEAST_PLACES = 3;
/** How far one position's dial departs from another's, scaled, one standard deviation. Source: our model. */
export const SCALED_SHAPE_SD_SHARE = 0.03;
/** The same where not one reading was taken at the position: guessed from the open volts, or from nothing. Source: our model. */
export const GUESSED_BY_VOLTS_SD_SHARE = 0.1;
export const GUESSED_SD_SHARE = 0.2;
/** How much a feeder that hangs on the weld supply slows once the arc burns, as a share. Source: our model. */
export const ASSUMED_FEED_SAG: Span = { start: 0.05, low: 0, high: 0.1 };
/** A regulated feeder does not slow. */
export const NO_FEED_SAG: Span = { start: 0, low: 0, high: 0 };

/** A position's dial, and what it rests on. */
export interface PositionDial {
  readonly dial: Dial;
  /** `own`: measured there; `scaled`: the reference's shape through its readings; `guessed`: not read there at all. */
  readonly from: 'own' | 'scaled' | 'guessed';
}

/** Everything measured of a machine's wire control. */
export interface MachineDials {
  /** Position of the best measured dial, whose shape the others borrow; undefined where it was not told. */
  readonly referencePosition: string | undefined;
  /** Dials of the positions, read or guessed, where the feeder follows the position. */
  readonly byPosition: ReadonlyMap<string, PositionDial>;
  /** The dial at any position that has none of its own; undefined: nothing was read. */
  readonly elsewhere: PositionDial | undefined;
  /** How much it slows under arc, as a share, 0 to 0.5. */
  readonly sag: Span;
  readonly sagFrom: 'measured' | 'assumed' | 'regulated';
}

/** What the dials of a machine need to know of it. */
export interface FeederKind {
  /** Whether the feed motor hangs on the weld supply, so that its speed goes with the tap and sags under arc. */
  readonly feedFollowsPosition?: boolean | undefined;
  readonly voltsControl?: VoltsControl | undefined;
}

/** The reference's shape at another height, with the error that the height itself may have. */
function scaledBy(reference: Dial, ratio: number, sdShare: number): Dial {
  const points = reference.points.map((point) => ({
    ...point,
    speedMPerMin: point.speedMPerMin * ratio,
    sdMPerMin: point.sdMPerMin * ratio,
  }));
  return dialOfPoints(points, reference.doubts, sdShare);
}

function scaledThrough(reference: Dial, readings: readonly TimedReading[]): Dial {
  const ratios = readings.flatMap((reading) => {
    const there = dialSpeed(reference, reading.knob);
    if (!there || there.start <= 0) return [];
    const { speedMPerMin, sdMPerMin } = measuredSpeed(reading);
    return [{ ratio: speedMPerMin / there.start, sd: sdMPerMin / there.start }];
  });
  const n = Math.max(ratios.length, 1);
  const ratio = ratios.length === 0 ? 1 : ratios.reduce((sum, r) => sum + r.ratio, 0) / n;
  const share = Math.sqrt(ratios.reduce((sum, r) => sum + r.sd ** 2, 0)) / n;
  return scaledBy(reference, ratio, Math.hypot(share, SCALED_SHAPE_SD_SHARE));
}

/** Positions that were not read: unregulated feeders run about as fast as the open volts are high. */
function guessedDials(
  reference: Dial,
  referencePosition: string,
  control: VoltsControl | undefined,
): readonly (readonly [string, PositionDial])[] {
  const positions = control?.kind === 'positions' ? control.positions : [];
  const there = positions.find(({ name }) => name === referencePosition)?.openV;
  if (there === undefined) return [];
  return positions.flatMap(({ name, openV }) => {
    if (openV === undefined) return [];
    const dial = scaledBy(reference, openV / there, GUESSED_BY_VOLTS_SD_SHARE);
    return [[name, { dial, from: 'guessed' as const }] as const];
  });
}

function groupedByPosition(readings: readonly TimedReading[]): ReadonlyMap<string, readonly TimedReading[]> {
  const names = [...new Set(readings.map(({ position = '' }) => position))];
  return new Map(names.map((name) => [name, readings.filter(({ position = '' }) => position === name)]));
}

function places(readings: readonly TimedReading[]): number {
  return new Set(readings.map(({ knob }) => knob)).size;
}

function measuredSag(
  readings: readonly TimedReading[],
  dialFor: (position: string) => Dial | undefined,
): Span | undefined {
  const sags = readings.flatMap((reading) => {
    const dial = dialFor(reading.position ?? '');
    const open = dial && dialSpeed(dial, reading.knob);
    if (!open || open.start <= 0) return [];
    const { speedMPerMin, sdMPerMin } = measuredSpeed(reading);
    return [{ share: 1 - speedMPerMin / open.start, error: (TWO_SIDED_95 * sdMPerMin) / open.start }];
  });
  if (sags.length === 0) return undefined;
  const start = sags.reduce((sum, s) => sum + s.share, 0) / sags.length;
  const error = Math.sqrt(sags.reduce((sum, s) => sum + s.error ** 2, 0)) / sags.length;
  const held = (share: number): number => Math.min(Math.max(share, 0), 0.5);
  return { start: held(start), low: held(start - error), high: held(start + error) };
}

/**
 * A machine's dials from all its timed readings: one for the machine, or one a position where the feed motor
 * hangs on the weld supply; with how much it slows under arc.
 *
 * @param readings any order; those under arc tell the sag and nothing else
 * @throws {OutOfRangeError} for a reading that cannot be
 * @source our model; that such feeders change with the tap and sag under arc: common practice
 */
export function machineDials(machine: FeederKind, readings: readonly TimedReading[]): MachineDials {
  const open = readings.filter(({ underArc }) => underArc !== true);
  const loaded = readings.filter(({ underArc }) => underArc === true);
  return machine.feedFollowsPosition === true
    ? followingDials(machine, open, loaded)
    : regulatedDials(open, loaded);
}

function regulatedDials(open: readonly TimedReading[], loaded: readonly TimedReading[]): MachineDials {
  const dial = dialOf(open);
  const sag = measuredSag(loaded, () => dial);
  return {
    referencePosition: undefined,
    byPosition: new Map(),
    elsewhere: dial && { dial, from: 'own' },
    sag: sag ?? NO_FEED_SAG,
    sagFrom: sag ? 'measured' : 'regulated',
  };
}

function followingDials(
  { voltsControl }: FeederKind,
  open: readonly TimedReading[],
  loaded: readonly TimedReading[],
): MachineDials {
  const groups = groupedByPosition(open);
  const [best = ''] = [...groups].toSorted(([, a], [, b]) => places(b) - places(a))[0] ?? [];
  const reference = dialOf(groups.get(best) ?? []);
  const read = [...groups].flatMap(([name, group]): [string, PositionDial][] => {
    const own = dialOf(group);
    if (!own || !reference) return [];
    const isOwn = name === best || places(group) >= OWN_DIAL_LEAST_PLACES;
    return [
      [name, isOwn ? { dial: own, from: 'own' } : { dial: scaledThrough(reference, group), from: 'scaled' }],
    ];
  });
  const guessed = reference ? guessedDials(reference, best, voltsControl) : [];
  const byPosition = new Map([...guessed, ...read]);
  const readDials = new Map(read);
  const sag = measuredSag(loaded, (position) => readDials.get(position)?.dial ?? reference);
  return {
    referencePosition: best === '' ? undefined : best,
    byPosition,
    elsewhere: reference && { dial: scaledBy(reference, 1, GUESSED_SD_SHARE), from: 'guessed' },
    sag: sag ?? ASSUMED_FEED_SAG,
    sagFrom: sag ? 'measured' : 'assumed',
  };
}

/**
 * The dial at a position of the volts control; undefined where nothing was read.
 *
 * @param position undefined: the position is not known
 */
export function dialAtPosition(
  { byPosition, elsewhere }: MachineDials,
  position: string | undefined,
): PositionDial | undefined {
  return byPosition.get(position ?? '') ?? elsewhere;
}
