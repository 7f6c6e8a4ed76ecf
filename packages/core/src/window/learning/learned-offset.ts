import { TWO_SIDED_95 } from '../../base/numeric/normal-band.ts';
import type { Span } from '../../base/numeric/span.ts';
import { LEAST_PRIOR_SD_V } from '../volts-posterior.ts';
import { isSameWire } from '../../trade/wire/shelf-wire.ts';
import type { BeadsTold, ProvenSetting, ProvenWith, ProvenWork } from './proven.ts';
import { isSameWork, type NearProven, nearestProven } from './near-work.ts';

/** What settings with one wire, gas and mode taught. */
export interface LearnedGroup extends ProvenWith {
  readonly settings: number;
  /** Sum of their weights, V⁻², and of their offsets by weight, V⁻¹: see {@link toldWeight}. */
  readonly weightPerV2: number;
  readonly weightedOffsetPerV: number;
  /** What the last two of them told, the newest last. */
  readonly lastTold: readonly BeadsTold[];
  /** The last setting proven for each work, oldest first. */
  readonly lastProven: readonly ProvenSetting[];
}

/** What test beads taught of one machine, put together so that a plan's cost does not grow with the beads. */
export type MachineLearning = readonly LearnedGroup[];

/** How far one job's middle strays from the next on one machine, one standard deviation, V. Source: our model. */
export const JOB_SD_V = 0.35;
/** Variance of machines about the book, and of one machine's wires and gases about the machine, V²: half of it each, which is a guess. Source: our model. */
const MACHINE_VARIANCE_V2 = 0.125;
const GROUP_VARIANCE_V2 = 0.125;

/** Least offset that is worth a word, V. Source: our model. */
export const LEARNED_WORTH_SAYING_V = 0.2;

/** By how much the next job on a machine will want more or less volts than the book, with its 95 % band. */
export interface LearnedOffset {
  readonly offsetV: Span;
  /** One standard deviation for the next job, V. */
  readonly sdV: number;
  /** Settings proven with this wire, gas and mode, and with others on the same machine. */
  readonly settings: number;
  readonly elsewhere: number;
  /** The proven setting of near work that it was drawn towards; undefined: none is near. */
  readonly near?: NearProven | undefined;
}

/** Whether what was learnt with one holds for the other. */
export function isSameWith(a: ProvenWith, b: ProvenWith): boolean {
  return isSameWire(a.wire, b.wire) && a.gas === b.gas && a.mode === b.mode;
}

/**
 * The setting proven last for the same work, joint and position with the same wire, gas and mode; undefined where
 * none was.
 *
 * @param learning of one machine
 */
export function provenFor(
  learning: MachineLearning,
  given: ProvenWith,
  work: ProvenWork,
): ProvenSetting | undefined {
  const group = learning.find((one) => isSameWith(one, given));
  return group?.lastProven.findLast((setting) => isSameWork(setting, work));
}

function exactWork({ thicknessMm, otherThicknessMm, joint, position }: ProvenWork): string {
  return [thicknessMm, otherThicknessMm, joint, position].join(' ');
}

/** How much a job's own beads count for: less the less sure they are, V⁻². */
export function toldWeight({ toldVarianceV2 }: Pick<BeadsTold, 'toldVarianceV2'>): number {
  return 1 / (JOB_SD_V ** 2 + toldVarianceV2);
}

/** Settings of a group whose last ones are held against those before. Source: our tuning. */
const LAST_TOLD = 2;

function learnedGroup(settings: readonly ProvenSetting[]): LearnedGroup {
  const { wire, gas, mode } = settings[0] as ProvenSetting;
  return {
    wire,
    gas,
    mode,
    settings: settings.length,
    weightPerV2: settings.reduce((sum, one) => sum + toldWeight(one), 0),
    weightedOffsetPerV: settings.reduce((sum, one) => sum + toldWeight(one) * one.toldOffsetV, 0),
    lastTold: settings
      .slice(-LAST_TOLD)
      .map(({ toldOffsetV, toldVarianceV2 }) => ({ toldOffsetV, toldVarianceV2 })),
    lastProven: lastOfEach(settings),
  };
}

/** The last setting of each work, in the order of the newest. */
function lastOfEach(settings: readonly ProvenSetting[]): readonly ProvenSetting[] {
  const last = new Map<string, ProvenSetting>();
  for (const setting of settings) {
    const work = exactWork(setting);
    last.delete(work); // to stand where its newest one stands
    last.set(work, setting);
  }
  return [...last.values()];
}

/**
 * What proven settings of one machine teach, by wire, gas and mode.
 *
 * @param proven of one machine, oldest first
 */
export function machineLearning(proven: readonly ProvenSetting[]): MachineLearning {
  const groups = new Map<string, ProvenSetting[]>();
  for (const setting of proven) {
    const { wire, gas, mode } = setting;
    const key = `${wire.wireClass} ${wire.diameterMm} ${gas} ${mode}`;
    const group = groups.get(key);
    if (group) group.push(setting);
    else groups.set(key, [setting]);
  }
  return [...groups.values()].map(learnedGroup);
}

/** A mean and its variance. */
interface Estimate {
  readonly meanV: number;
  readonly varianceV2: number;
}

/**
 * How far a machine is off the book with a wire, gas and mode: what was proven with these, drawn towards what was proven
 * with others on the machine, and that towards the book, as long as there is little of it.
 */
function offsetOf(learning: MachineLearning, given: ProvenWith): Estimate {
  const taught = learning.map((group) => ({
    isHere: isSameWith(group, given),
    meanV: group.weightedOffsetPerV / group.weightPerV2,
    varianceV2: 1 / group.weightPerV2,
  }));
  const weights = taught.map(({ varianceV2 }) => 1 / (GROUP_VARIANCE_V2 + varianceV2));
  const precision = weights.reduce((sum, one) => sum + one, 1 / MACHINE_VARIANCE_V2);
  const machineV = taught.reduce((sum, { meanV }, i) => sum + (weights[i] as number) * meanV, 0) / precision;
  const here = taught.find(({ isHere }) => isHere);
  const share = here ? GROUP_VARIANCE_V2 / (GROUP_VARIANCE_V2 + here.varianceV2) : 0;
  return {
    meanV: here ? machineV + share * (here.meanV - machineV) : machineV,
    varianceV2: (1 - share) ** 2 / precision + (1 - share) * GROUP_VARIANCE_V2,
  };
}

/**
 * How far the next job on a machine will be off the book with a wire, gas and mode: what its proven settings taught, and
 * where a near work was proven, part of the way towards that; the job's own scatter stands in the band.
 *
 * @param learning of one machine
 * @param work the next job; without it, any
 * @returns undefined where nothing was proven on the machine, or with other wires and gases only and next to nothing
 * @source normal shrinkage in two steps, handbook on dialling in §6; the drawing towards near work is our model
 */
export function learnedOffset(
  learning: MachineLearning,
  given: ProvenWith,
  work?: ProvenWork,
): LearnedOffset | undefined {
  if (learning.length === 0) return undefined;
  const { meanV, varianceV2 } = offsetOf(learning, given);
  const group = learning.find((one) => isSameWith(one, given));
  const near = group && work && nearestProven(group.lastProven, work);
  // what the near job strayed from the machine's mean, as far as it is believed, and as near as it is
  const believed = near ? JOB_SD_V ** 2 * toldWeight(near.setting) : 0;
  const drawn = near ? near.share * believed * (near.setting.toldOffsetV - meanV) : 0;
  const jobVarianceV2 = JOB_SD_V ** 2 * (1 - (near ? near.share ** 2 * believed : 0));
  const sdV = Math.max(LEAST_PRIOR_SD_V, Math.sqrt(varianceV2 + jobVarianceV2));
  const start = meanV + drawn;
  const half = TWO_SIDED_95 * sdV;
  const settings = group?.settings ?? 0;
  // of other wires and gases only what is worth a word is followed
  if (settings === 0 && Math.abs(start) < LEARNED_WORTH_SAYING_V) return undefined;
  const all = learning.reduce((sum, one) => sum + one.settings, 0);
  return {
    offsetV: { start, low: start - half, high: start + half },
    sdV,
    settings,
    elsewhere: all - settings,
    near,
  };
}
