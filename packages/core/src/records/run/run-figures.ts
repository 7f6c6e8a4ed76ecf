import { heatFromPowerKJPerMm } from '../../trade/heat/heat-input.ts';
import { FLOW_AROUND_START_S } from '../../stores/enough.ts';
import type { WireClass } from '../../trade/wire/wire-class.ts';
import { wireKgPerM } from '../../trade/wire/wire-mass.ts';
import type { WeldedRun } from './weld-run.ts';

/** How many a run stands for. */
export function runCount({ count = 1 }: Pick<WeldedRun, 'count'>): number {
  return count;
}

/** Arc time of all that a run stands for, min; undefined: nobody told. */
export function runArcMin(run: Pick<WeldedRun, 'count' | 'arcSeconds'>): number | undefined {
  return run.arcSeconds === undefined ? undefined : (run.arcSeconds * runCount(run)) / 60;
}

/** Travel, mm/min; undefined without length or arc time. Source: arithmetic. */
export function runTravelMmPerMin({
  lengthMm,
  arcSeconds,
}: Pick<WeldedRun, 'lengthMm' | 'arcSeconds'>): number | undefined {
  return lengthMm === undefined || arcSeconds === undefined ? undefined : (lengthMm * 60) / arcSeconds;
}

/** Heat input of a run, and by which way its power was taken. */
export interface RunHeat {
  /** With the process's share in it, kJ/mm. */
  readonly heatInputKJPerMm: number;
  /** Without: energy of the arc, kJ/mm. */
  readonly arcEnergyKJPerMm: number;
  readonly by: 'means' | 'instantaneous';
  /** By how much the product of the means is off the true power, share; undefined without a trace. */
  readonly meansOffShare?: number | undefined;
}

/** What is missing for a heat input. */
export type MissingForHeat = 'volts' | 'amps' | 'lengthMm' | 'arcSeconds';

/**
 * Heat input of a run: by instantaneous power where a trace was read, by mean volts and mean amps where not.
 *
 * @returns the heat, or what is missing for it
 * @source EN 1011-1 (k = 0.8), ISO/TR 18491 for the power, recalled
 */
export function runHeat(run: WeldedRun): RunHeat | readonly MissingForHeat[] {
  const { volts, amps, lengthMm, arcSeconds, power } = run;
  const needed = power ? { lengthMm, arcSeconds } : { volts, amps, lengthMm, arcSeconds };
  const missing = Object.entries(needed).flatMap(([name, value]) =>
    value === undefined ? [name as MissingForHeat] : [],
  );
  const travel = runTravelMmPerMin(run);
  if (missing.length > 0 || travel === undefined) return missing;
  const watts = power?.watts ?? (volts as number) * (amps as number);
  const heat = {
    heatInputKJPerMm: heatFromPowerKJPerMm(watts, travel),
    arcEnergyKJPerMm: (watts * 60) / (1000 * travel),
  };
  if (!power) return { ...heat, by: 'means' };
  const meansOffShare = (power.meanVolts * power.meanAmps) / power.watts - 1;
  return { ...heat, by: 'instantaneous', meansOffShare };
}

/** Whether a heat input came out. */
export function isHeat(heat: ReturnType<typeof runHeat>): heat is RunHeat {
  return !Array.isArray(heat);
}

/** What a run is welded with, for what it uses up. */
export interface RunFeed {
  readonly wireClass: WireClass;
  readonly trueDiameterMm: number;
  /** Gas while the arc burns, L/min; 0: none. */
  readonly flowLPerMin: number;
}

/**
 * Wire and gas of a run, from its wire speed and its arc time.
 *
 * @returns what can be reckoned; without arc time nothing
 * @source length × section × density, handbook; gas around a start common practice
 */
export function runUse(
  run: WeldedRun,
  { wireClass, trueDiameterMm, flowLPerMin }: RunFeed,
): Pick<WeldedRun, 'wireKg' | 'gasL'> {
  const minutes = runArcMin(run);
  if (minutes === undefined) return {};
  const { wireFeedSpeedMPerMin: speed } = run;
  const aroundMin = (runCount(run) * FLOW_AROUND_START_S) / 60;
  return {
    ...(speed === undefined ? {} : { wireKg: minutes * speed * wireKgPerM(wireClass, trueDiameterMm) }),
    ...(flowLPerMin > 0 ? { gasL: flowLPerMin * (minutes + aroundMin) } : {}),
  };
}

/** What the runs of a job come to, as far as it was told. */
export interface RunTotals {
  readonly runs: number;
  readonly arcMin: number;
  readonly weldMm: number;
  readonly wireKg: number;
  readonly gasL: number;
  /** Runs of which no arc time was told. */
  readonly untimed: number;
}

/** Sums over runs; what was not told adds nothing and is counted. */
export function runTotals(runs: readonly WeldedRun[]): RunTotals {
  const totals = { runs: 0, arcMin: 0, weldMm: 0, wireKg: 0, gasL: 0, untimed: 0 };
  for (const run of runs) {
    const count = runCount(run);
    totals.runs += count;
    totals.arcMin += runArcMin(run) ?? 0;
    totals.weldMm += (run.lengthMm ?? 0) * count;
    totals.wireKg += run.wireKg ?? 0;
    totals.gasL += run.gasL ?? 0;
    totals.untimed += run.arcSeconds === undefined ? count : 0;
  }
  return totals;
}
