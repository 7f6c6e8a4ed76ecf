import { type ArcClass, arcClass } from './arc-class.ts';
import { meltingCurrentA, meltingSpeedMPerMin, midWindowVolts } from './arc-constants.ts';
import { recordArc } from './arc-features.ts';
import { ARC_RANGES, type ArcSetting, type VoltsSource } from './arc-setting.ts';

/** What a map is drawn of: all of a setting but the volts and the wire speed. */
export interface MapSetting extends Omit<ArcSetting, 'wireFeedSpeedMPerMin' | 'source'> {
  readonly source: Omit<VoltsSource, 'volts'>;
}

/** One place of the map. */
export interface MapCell {
  readonly volts: number;
  readonly wireFeedSpeedMPerMin: number;
  readonly arc: ArcClass;
}

/** Axes of the map: volts in half volts, and wire speeds that suit the wire, both rising. */
export interface MapAxes {
  readonly volts: readonly number[];
  readonly wireFeedSpeedsMPerMin: readonly number[];
}

/** Currents between which short arc is run, A, and how many wire speeds the map has. Source: our model. */
const CURRENTS_A = [70, 230] as const;
const SPEEDS = 12;
const VOLTS_UNDER = 4;
const VOLTS_OVER = 5;
const STEP_V = 1;
const CELL_S = 1.2;

function speedAt(currentA: number, { wireMm, tipToWorkMm }: MapSetting): number {
  const [low, high] = ARC_RANGES.wireFeedSpeedMPerMin;
  return Math.min(high, Math.max(low, meltingSpeedMPerMin(wireMm, currentA, tipToWorkMm)));
}

/** The axes for a wire: its speeds from 70 to 230 A, the volts about the window over all of them. */
export function mapAxes(setting: MapSetting): MapAxes {
  const [slow, fast] = CURRENTS_A.map((currentA) => speedAt(currentA, setting)) as [number, number];
  const lift = setting.source.means === 'open-circuit' ? setting.source.slopeVPerA : 0;
  const [low, high] = CURRENTS_A.map(
    (currentA) => midWindowVolts(setting.wireMm, currentA) + lift * currentA,
  ) as [number, number];
  const from = Math.round(low - VOLTS_UNDER);
  const count = Math.round((high + VOLTS_OVER - from) / STEP_V) + 1;
  return {
    volts: Array.from({ length: count }, (_, i) => from + STEP_V * i),
    wireFeedSpeedsMPerMin: Array.from(
      { length: SPEEDS },
      (_, i) => Math.round(10 * (slow + ((fast - slow) * i) / (SPEEDS - 1))) / 10,
    ),
  };
}

/**
 * The classes over volts and wire speed, cell by cell: from the window outwards, so that what matters is there first.
 *
 * @throws {OutOfRangeError} for a setting outside the model
 */
export function* windowMap(setting: MapSetting, seed: number): Generator<MapCell> {
  const { volts, wireFeedSpeedsMPerMin } = mapAxes(setting);
  const middle = (speed: number): number =>
    midWindowVolts(setting.wireMm, meltingCurrentA(setting.wireMm, speed, setting.tipToWorkMm));
  const places = wireFeedSpeedsMPerMin
    .flatMap((speed) => volts.map((one) => ({ volts: one, speed, off: Math.abs(one - middle(speed)) })))
    .toSorted((a, b) => a.off - b.off);
  for (const place of places) {
    const at: ArcSetting = {
      ...setting,
      wireFeedSpeedMPerMin: place.speed,
      source: { ...setting.source, volts: place.volts },
    };
    const { features } = recordArc(at, { seed, seconds: CELL_S });
    yield { volts: place.volts, wireFeedSpeedMPerMin: place.speed, arc: arcClass(features, at) };
  }
}
