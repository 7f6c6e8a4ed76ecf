import { isFilletJoint, type Work } from '../../trade/material/work.ts';
import type { PlannedRun } from '../runs/run.ts';
import { trueDiameterMm } from '../../trade/wire/true-diameter.ts';
import { wireKgPerM } from '../../trade/wire/wire-mass.ts';

/** What the whole weld takes, all runs, seams and sides together. */
export interface WeldTotals {
  /** Length of weld with the gaps of an intermittent one left out, both sides of a fillet counted, mm. */
  readonly weldLengthMm: number;
  readonly arcTimeMin: number;
  readonly wireM: number;
  readonly wireKg: number;
  readonly gasL: number;
}

/** Share of the seam that is welded: all of it, or a stitch of each pitch. */
function weldedShare({ stitchMm, pitchMm }: Pick<Work, 'stitchMm' | 'pitchMm'>): number {
  return stitchMm === undefined || pitchMm === undefined ? 1 : Math.min(stitchMm / pitchMm, 1);
}

/** Length of weld of a work, mm; undefined while the seam's length is not known. */
export function weldLengthMm(work: Work, sides: 1 | 2): number | undefined {
  if (work.seamMm === undefined) return undefined;
  const both = isFilletJoint(work.joint) ? sides : 1;
  return work.seamMm * (work.numberOff ?? 1) * both * weldedShare(work);
}

/**
 * Arc time, wire and gas of the whole weld.
 *
 * @param flowLPerMin gas while the arc burns, L/min; pre- and post-flow are not in it
 * @returns undefined while the seam's length is not known
 * @source length × runs ÷ travel, handbook; wire and gas follow from it
 */
export function weldTotals(
  work: Work,
  runs: readonly PlannedRun[],
  about: { readonly sides: 1 | 2; readonly flowLPerMin: number },
): WeldTotals | undefined {
  const length = weldLengthMm(work, about.sides);
  if (length === undefined) return undefined;
  let arcTimeMin = 0;
  let wireM = 0;
  let wireKg = 0;
  for (const run of runs) {
    const minutes = length / run.travelMmPerMin;
    arcTimeMin += minutes;
    wireM += minutes * run.wireFeedSpeedMPerMin;
    const kgPerM = wireKgPerM(run.wireClass, trueDiameterMm(run.wireClass, run.wireDiameterMm));
    wireKg += minutes * run.wireFeedSpeedMPerMin * kgPerM;
  }
  return { weldLengthMm: length, arcTimeMin, wireM, wireKg, gasL: arcTimeMin * about.flowLPerMin };
}
