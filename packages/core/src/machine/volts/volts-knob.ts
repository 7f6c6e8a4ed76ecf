import { type BandedCurve, bandedCurve, inverseAt, nextPlace } from '../../base/numeric/banded-curve.ts';
import type { KnobScale } from '../../base/quantity/knob-words.ts';
import { TWO_SIDED_95 } from '../../base/numeric/normal-band.ts';
import { within } from '../../base/quantity/out-of-range-error.ts';
import type { Span } from '../../base/numeric/span.ts';
import { type Droop, LOADED_SCATTER_SD_V } from './droop.ts';
import type { MachineKind } from './machine-kind.ts';
import { loadLine, METER_ERROR_V, type VoltsReadings } from './position-volts.ts';

/** One place of a volts knob whose marks are no volts, and what a meter told there. */
export interface VoltsPlace extends VoltsReadings {
  readonly knob: number;
}

/** Current at which the next place to read is chosen, A: the middle of a small machine's work. Source: our model. */
const USUAL_CURRENT_A = 100;

/**
 * What the curve may miss between two readings. Source: our model, set on other simulated machines than its test holds
 * it against.
 */
const MISSED = { curvature: 0.5, step: 0.45 } as const;

/** What is left of a meter's error when many readings are averaged, one standard deviation, V. */
const METER_SD_V = Math.sqrt((METER_ERROR_V / TWO_SIDED_95) ** 2 - LOADED_SCATTER_SD_V ** 2);

/** The droop that the places with two loads or more measured, each weighted by how well; undefined: none did. */
function measuredDroop(places: readonly VoltsPlace[], kind: MachineKind): Droop | undefined {
  const measured = places.flatMap((place) => {
    const line = loadLine(place, kind);
    return line?.from === 'loaded-line' ? [line.droop] : [];
  });
  if (measured.length === 0) return undefined;
  const total = measured.reduce((sum, { errorVPer100A }) => sum + errorVPer100A ** -2, 0);
  return {
    vPer100A: measured.reduce((sum, d) => sum + d.vPer100A * d.errorVPer100A ** -2, 0) / total,
    errorVPer100A: 1 / Math.sqrt(total),
  };
}

/**
 * Arc volts over the marks of a volts knob, at a current. One machine has one droop: places with two loads tell it for
 * all.
 *
 * @param currentA arc current, A, [1, 500]
 * @returns undefined where fewer than two places tell anything
 * @throws {OutOfRangeError} for a current outside that
 * @source our model
 */
export function voltsOverKnob(
  places: readonly VoltsPlace[],
  kind: MachineKind,
  currentA: number,
): BandedCurve | undefined {
  const current = within('current', currentA, [1, 500]);
  const droop = measuredDroop(places, kind);
  const points = places
    .toSorted((a, b) => a.knob - b.knob)
    .flatMap((place) => {
      const line = loadLine(place, kind);
      if (!line) return [];
      const { vPer100A, errorVPer100A } = droop ?? line.droop;
      const hundreds = (current - line.currentA) / 100;
      const commonSd = Math.hypot(METER_SD_V, (errorVPer100A * hundreds) / TWO_SIDED_95);
      const sd = LOADED_SCATTER_SD_V / Math.sqrt(Math.max(place.loaded?.length ?? 1, 1));
      return [{ x: place.knob, y: line.volts - vPer100A * hundreds, sd, commonSd }];
    });
  return points.length < 2 ? undefined : bandedCurve(points, MISSED);
}

/** Where to set a volts knob, or the end that comes nearest. */
export type VoltsKnobSetting =
  | { readonly status: 'within'; readonly knob: Span }
  | { readonly status: 'below' | 'above'; readonly endV: number; readonly endKnob: number };

/**
 * The knob that gives arc volts at a current, with its 95 % band; never beyond what was read.
 *
 * @param volts arc volts wanted, V
 */
export function voltsKnobFor(curve: BandedCurve, volts: number): VoltsKnobSetting {
  const knob = inverseAt(curve, volts);
  return knob.status === 'within'
    ? { status: 'within', knob: knob.x }
    : { status: knob.status, endV: knob.endY, endKnob: knob.endX };
}

/** One reading of a volts knob, V: open circuit, or while an arc of some current burns, A. */
export interface VoltsKnobReading {
  readonly knob: number;
  readonly volts: number;
  readonly currentA?: number | undefined;
}

/** The places with one reading more, in the knob's order; open-circuit volts take the place of those before. */
export function withReading(
  places: readonly VoltsPlace[],
  { knob, volts, currentA }: VoltsKnobReading,
): readonly VoltsPlace[] {
  const before = places.find((place) => place.knob === knob);
  const next: VoltsPlace =
    currentA === undefined
      ? { ...before, knob, openV: volts }
      : { ...before, knob, loaded: [...(before?.loaded ?? []), { volts, currentA }] };
  return [...places.filter((place) => place.knob !== knob), next].toSorted((a, b) => a.knob - b.knob);
}

/** Where a volts knob is best read next. */
export function nextVoltsPlace(places: readonly VoltsPlace[], kind: MachineKind, scale: KnobScale): number {
  const curve = voltsOverKnob(places, kind, USUAL_CURRENT_A);
  if (curve) return nextPlace(curve, scale);
  const [only] = places;
  return !only || only.knob > (scale[0] + scale[1]) / 2 ? scale[0] : scale[1];
}

/** Two places of which the higher gives fewer volts, by more than a meter errs; undefined where all rise. */
export function fallingPlaces(
  places: readonly VoltsPlace[],
  kind: MachineKind,
): readonly [lower: number, higher: number] | undefined {
  const curve = voltsOverKnob(places, kind, USUAL_CURRENT_A);
  const points = curve?.points ?? [];
  for (const [i, point] of points.slice(1).entries()) {
    const before = points[i];
    if (before && before.y - point.y > METER_ERROR_V) return [before.x, point.x];
  }
  return undefined;
}
