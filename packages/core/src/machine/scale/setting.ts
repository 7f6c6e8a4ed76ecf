import type { Span } from '../../base/numeric/span.ts';
import type { MachineFeature } from './machine-feature.ts';

/** Units that an amount of a setting is in. `%` is of the wire speed, the current or the arc length, as its row says. */
export const AMOUNT_UNITS = ['%', 's', 'Hz'] as const;
export type AmountUnit = (typeof AMOUNT_UNITS)[number];

/** What a per cent of a setting is a share of, where a machine may count the thing itself. */
export type ShareOf = 'wire-speed' | 'current' | 'arc-volts';

interface SettingRow {
  readonly id: string;
  /** What the machine must have for it. */
  readonly feature: MachineFeature;
  /** In full. */
  readonly name: string;
  /** Within its feature, where that has several; '': it is the feature's one setting. */
  readonly part: string;
  readonly unit?: AmountUnit;
  readonly shareOf?: ShareOf;
}

/** The numbers behind the four: one row a number, a feature may have several. */
export const SETTING_TABLE = [
  {
    id: 'arc-length',
    feature: 'pulse',
    name: 'arc length (pulse trim)',
    part: '',
    unit: '%',
    shareOf: 'arc-volts',
  },
  { id: 'pulse-frequency', feature: 'pulse-frequency', name: 'pulse frequency', part: '' },
  {
    id: 'double-pulse-frequency',
    feature: 'double-pulse',
    name: 'double pulse, frequency',
    part: 'frequency',
    unit: 'Hz',
  },
  { id: 'double-pulse-step', feature: 'double-pulse', name: 'double pulse, step', part: 'step' },
  { id: 'inductance', feature: 'inductance', name: 'inductance', part: '' },
  { id: 'run-in', feature: 'run-in', name: 'run-in', part: '', unit: '%', shareOf: 'wire-speed' },
  { id: 'burnback', feature: 'burnback', name: 'burnback', part: '', unit: 's' },
  {
    id: 'hot-start-level',
    feature: 'hot-start',
    name: 'hot start, level',
    part: 'level',
    unit: '%',
    shareOf: 'current',
  },
  { id: 'hot-start-time', feature: 'hot-start', name: 'hot start, time', part: 'time', unit: 's' },
  { id: 'hot-start-slope', feature: 'hot-start', name: 'hot start, slope', part: 'slope', unit: 's' },
  {
    id: 'crater-level',
    feature: 'crater-fill',
    name: 'crater fill, level',
    part: 'level',
    unit: '%',
    shareOf: 'current',
  },
  { id: 'crater-time', feature: 'crater-fill', name: 'crater fill, time', part: 'time', unit: 's' },
  { id: 'crater-slope', feature: 'crater-fill', name: 'crater fill, slope', part: 'slope', unit: 's' },
  { id: 'pinch', feature: 'pinch', name: 'end-of-weld pinch', part: '', unit: '%' },
  { id: 'pre-flow', feature: 'pre-flow', name: 'pre-flow', part: '', unit: 's' },
  { id: 'post-flow', feature: 'post-flow', name: 'post-flow', part: '', unit: 's' },
  { id: 'spot-time', feature: 'spot-timer', name: 'spot time', part: '', unit: 's' },
  { id: 'stitch-on', feature: 'stitch-timer', name: 'stitch, on', part: 'on', unit: 's' },
  { id: 'stitch-pause', feature: 'stitch-timer', name: 'stitch, pause', part: 'pause', unit: 's' },
] as const satisfies readonly SettingRow[];

export type SettingId = (typeof SETTING_TABLE)[number]['id'];
export const SETTING_IDS: readonly SettingId[] = SETTING_TABLE.map(({ id }) => id);

/** A setting's row. */
export function settingRow(id: SettingId): SettingRow & { readonly id: SettingId } {
  return SETTING_TABLE.find((row) => row.id === id) as (typeof SETTING_TABLE)[number];
}

/** Where a setting is to stand for a job, before any machine's scale. */
export interface SettingValue {
  readonly setting: SettingId;
  /** Switched off; the spans then say nothing. */
  readonly off?: true | undefined;
  /** In the unit of its row; signed about the middle for the arc length. */
  readonly amount?: Span | undefined;
  /** On any scale, from −1 at its least over 0 in its middle to 1 at its most. */
  readonly relative?: Span | undefined;
  /** A bare number that machines count alike. */
  readonly count?: Span | undefined;
}
