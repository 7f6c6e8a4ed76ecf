import type { Words } from '@hot-bead/core/base';
import {
  ARC_RANGES,
  ARC_WIRES_MM,
  type ArcSetting,
  type ArcWireMm,
  gasNotModelled,
  loadVolts,
  notModelled,
  USUAL_INDUCTANCE_H,
  USUAL_SLOPE_V_PER_A,
} from '@hot-bead/core/arc-lab';
import type { PlannedSetup } from '@hot-bead/core/plan';
import { gasNamed, type GasId } from '@hot-bead/core/trade';

/** What the lab's knobs stand at. */
export interface LabSetting {
  readonly volts: number;
  readonly wireFeedSpeedMPerMin: number;
  readonly tipToWorkMm: number;
  readonly wireMm: ArcWireMm;
  readonly gas: GasId;
  readonly inductanceH: number;
  readonly slopeVPerA: number;
  readonly source: 'volts' | 'pulse';
}

/** Where the knobs stand when one comes in: the middle of a common window. */
export const FIRST_SETTING: LabSetting = {
  volts: 18.5,
  wireFeedSpeedMPerMin: 6.4,
  tipToWorkMm: 12,
  wireMm: 0.9,
  gas: 'ar-co2-25',
  inductanceH: USUAL_INDUCTANCE_H,
  slopeVPerA: USUAL_SLOPE_V_PER_A,
  source: 'volts',
};

/** Gap that a pulsed source keeps, mm. */
const PULSE_GAP_MM = 4;

/** The setting as the model takes it. */
export function arcOf({ source, volts, inductanceH, slopeVPerA, ...rest }: LabSetting): ArcSetting {
  return {
    ...rest,
    source:
      source === 'pulse'
        ? { kind: 'pulse', gapMm: PULSE_GAP_MM }
        : { ...loadVolts(volts), inductanceH, slopeVPerA },
  };
}

const NUMBERS = {
  volts: ['v', ARC_RANGES.volts, 1],
  wireFeedSpeedMPerMin: ['f', ARC_RANGES.wireFeedSpeedMPerMin, 1],
  tipToWorkMm: ['d', ARC_RANGES.tipToWorkMm, 1],
  inductanceH: ['l', ARC_RANGES.inductanceH, 1e-6],
  slopeVPerA: ['s', ARC_RANGES.slopeVPerA, 1e-3],
} as const satisfies Partial<Record<keyof LabSetting, readonly [string, readonly [number, number], number]>>;

type NumberKey = keyof typeof NUMBERS;
const NUMBER_KEYS = Object.keys(NUMBERS) as NumberKey[];

function numberOf(search: URLSearchParams, key: NumberKey): number {
  const [name, [low, high], unit] = NUMBERS[key];
  const text = search.get(name);
  const value = Number(text) * unit;
  return text !== null && value >= low && value <= high ? value : FIRST_SETTING[key];
}

/** A gas that the model knows: one of the lab's, or another mix that a plan came with. */
function gasFrom(id: string | null): GasId {
  const known = id === null ? undefined : gasNamed(id);
  return known && gasNotModelled(known.id) === undefined ? known.id : FIRST_SETTING.gas;
}

/** The knobs as an address tells them: what it does not tell, or tells out of range, stands as at first. */
export function labFrom(search: URLSearchParams): LabSetting {
  const numbers = Object.fromEntries(NUMBER_KEYS.map((key) => [key, numberOf(search, key)])) as Pick<
    LabSetting,
    NumberKey
  >;
  return {
    ...numbers,
    wireMm: ARC_WIRES_MM.find((one) => String(one) === search.get('w')) ?? FIRST_SETTING.wireMm,
    gas: gasFrom(search.get('g')),
    source: search.get('p') === '1' ? 'pulse' : 'volts',
  };
}

/** The address of knobs: only what differs from the first. */
export function labSearch(setting: LabSetting): string {
  const search = new URLSearchParams();
  for (const key of NUMBER_KEYS) {
    const [name, , unit] = NUMBERS[key];
    if (setting[key] !== FIRST_SETTING[key])
      search.set(name, String(Number((setting[key] / unit).toFixed(3))));
  }
  if (setting.wireMm !== FIRST_SETTING.wireMm) search.set('w', String(setting.wireMm));
  if (setting.gas !== FIRST_SETTING.gas) search.set('g', setting.gas);
  if (setting.source === 'pulse') search.set('p', '1');
  return search.toString();
}

/** A plan's numbers on the lab's knobs, or why its arc is not modelled. */
export function planInLab(plan: PlannedSetup): { readonly setting: LabSetting } | { readonly why: Words } {
  const { wire, gas, volts, wireFeedSpeedMPerMin, ctwdMm, transferMode } = plan;
  const why = notModelled(wire.wireClass, wire.diameterMm, gas.gas.id);
  if (why !== undefined) return { why };
  const wireMm = ARC_WIRES_MM.find((one) => one === wire.diameterMm);
  if (wireMm === undefined) return { why: 'This wire is not modelled.' };
  const setting: LabSetting = {
    ...FIRST_SETTING,
    wireMm,
    gas: gas.gas.id,
    volts: Number(volts.start.toFixed(1)),
    wireFeedSpeedMPerMin: Number(wireFeedSpeedMPerMin.start.toFixed(2)),
    tipToWorkMm: ctwdMm.start,
    source: transferMode === 'pulse' ? 'pulse' : 'volts',
  };
  return { setting };
}

/** Where a plan is tried in the lab, or why its arc is not modelled. */
export function labOfPlan(plan: PlannedSetup): { readonly path: string } | { readonly why: Words } {
  const lab = planInLab(plan);
  return 'setting' in lab ? { path: `/lab?${labSearch(lab.setting)}` } : lab;
}
