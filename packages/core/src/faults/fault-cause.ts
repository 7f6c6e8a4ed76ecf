import type { Words } from '../base/words/words.ts';
import type { MachineFeature } from '../machine/scale/machine-feature.ts';
import type { FaultFact } from './fault-fact.ts';
import type { FaultProcess } from './fault-process.ts';
import type { SymptomId } from './symptoms.ts';

/** Where a cause is looked for; nothing at `gas` can be wrong without gas, nor at `liner` with a spool gun. */
export const FAULT_STATIONS = [
  'leads',
  'spool',
  'rolls',
  'liner',
  'tip-nozzle',
  'gas',
  'work-clamp',
  'joint/metal',
  'technique',
  'arc/settings',
  'machine',
] as const;
export type FaultStation = (typeof FAULT_STATIONS)[number];

export const FAULT_STATION_NAME: Readonly<Record<FaultStation, string>> = {
  leads: 'leads',
  spool: 'spool and wire',
  rolls: 'drive rolls',
  liner: 'liner and gun lead',
  'tip-nozzle': 'tip and nozzle',
  gas: 'gas',
  'work-clamp': 'work clamp',
  'joint/metal': 'metal, joint and place',
  technique: 'how it is held and moved',
  'arc/settings': 'settings',
  machine: 'machine and gun',
};

/** What a machine has that not every one does. */
export type MachineTrait = MachineFeature | 'taps' | 'programs';

/** Something that can be wrong, how it is looked at and what mends it. */
export interface FaultCause {
  readonly id: string;
  readonly station: FaultStation;
  readonly text: Words;
  /** How common it is, 1 to 5, for each process that it can be in. */
  readonly prior: Readonly<Partial<Record<FaultProcess, number>>>;
  readonly isDanger: boolean;
  readonly check: Words;
  readonly checkMin: number;
  /** How much is taken apart for the look: 0 nothing, 1 something, 2 much. */
  readonly invasive: 0 | 1 | 2;
  readonly fix: Words;
  readonly fixMin: number;
  /** The fact that answers it, and at which values it convicts and clears. */
  readonly fact?: {
    readonly of: FaultFact;
    readonly convicts: readonly string[];
    readonly clears: readonly string[];
  };
  /** What the machine must have for it, any of them; absent: every machine can have it. */
  readonly needs?: readonly MachineTrait[];
  /** Whether it leaves no arc at all. */
  readonly noArc: boolean;
}

/** How often a cause shows a symptom. */
export const LINK_STRENGTHS = ['always', 'often', 'sometimes', 'rarely', 'excludes'] as const;
export type LinkStrength = (typeof LINK_STRENGTHS)[number];

/** A cause, a symptom, how often it shows it, and in which processes; absent: in all that both can be in. */
export type StationLink<Cause extends string> = readonly [
  Cause,
  SymptomId,
  LinkStrength,
  (readonly FaultProcess[])?,
];
