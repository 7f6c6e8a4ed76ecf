import type { SettingId } from './setting.ts';

/** What a machine may count a setting in; `mark`: a scale that names nothing. */
export const SCALE_UNITS = ['mark', '%', 's', 'm/min', 'in/min', 'A', 'V', 'Hz'] as const;
export type ScaleUnit = (typeof SCALE_UNITS)[number];

/** How a machine counts one of its settings. */
export interface SettingScale {
  readonly least: number;
  readonly most: number;
  readonly unit: ScaleUnit;
  /** Where it does neither more nor less; undefined: half-way. */
  readonly middle?: number | undefined;
  /** Its finest step; undefined: a digit that suits the scale. */
  readonly step?: number | undefined;
}

/** A setting as one machine has it: what the machine calls it, and how it counts it. */
export interface MachineSetting {
  readonly setting: SettingId;
  readonly name?: string | undefined;
  readonly scale?: SettingScale | undefined;
}

/** Numbers of a scale. Source: common practice; past them it is a slip of the pen. */
export const SCALE_RANGE = [-1000, 1000] as const;
/** Finest step of a scale. */
export const SCALE_STEP_RANGE = [0.001, 100] as const;
/** Steps that a scale has at the least, where it does not tell its own: a digit finer than a fiftieth of it. */
const LEAST_STEPS = 50;

/** A scale's middle. */
export function scaleMiddle({ least, most, middle }: SettingScale): number {
  return middle ?? (least + most) / 2;
}

/** The finest step of a scale: its own, else a digit: 1 on 0–99, 0.1 on 0–10, 0.01 on 0–1. */
export function scaleStep({ least, most, step }: SettingScale): number {
  return step ?? 10 ** Math.floor(Math.log10((most - least) / LEAST_STEPS) + 1e-9);
}

/** A number held to a scale and brought to its nearest step, counted from its least. */
export function onStep(scale: SettingScale, at: number): number {
  const step = scaleStep(scale);
  const held = Math.min(Math.max(at, scale.least), scale.most);
  const stepped = scale.least + Math.round((held - scale.least) / step) * step;
  return Number((stepped > scale.most + 1e-9 ? stepped - step : stepped).toPrecision(10));
}

/** What is wrong with a scale, and at which of its fields; undefined when nothing is. */
export function scaleFault({
  least,
  most,
  middle,
  step,
}: SettingScale): { readonly field: 'most' | 'middle' | 'step'; readonly message: string } | undefined {
  if (most <= least) return { field: 'most', message: 'The most of a scale must lie over its least.' };
  if (middle !== undefined && (middle < least || middle > most)) {
    return { field: 'middle', message: `The middle lies on the scale: ${least} to ${most}.` };
  }
  if (step !== undefined && (step <= 0 || step > most - least)) {
    return { field: 'step', message: 'A step is smaller than the scale.' };
  }
  return undefined;
}
