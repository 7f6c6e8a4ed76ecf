import type { Family } from '../family/family.ts';
import { JOINT_NAME, POSITION_NAME, SURFACE_NAME, type Work } from '../material/work.ts';
import type { Source } from '../provenance/source.ts';
import type { Schools } from '../school/school.ts';
import { type CurrentFactor, PULSE_OVERHEAD_NEAR_FLAT } from './factors.ts';
import { governingThickness } from './governing-thickness.ts';
import { fittedCurrentA } from './log-fit.ts';

/** One row of "why these numbers": a factor or a limit, and the current after it. */
export interface DemandRow {
  readonly kind: 'reference' | 'joint' | 'position' | 'surface' | 'floor' | 'limit' | 'school' | 'yours';
  readonly label: string;
  /** Multiplies the row above; absent for the reference, for floors and for limits. */
  readonly factor?: number;
  /** Current after this row, A. */
  readonly currentA: number;
  readonly why: string;
  readonly source: Source;
}

export interface CurrentDemand {
  readonly rows: readonly DemandRow[];
  /** Reference times factors, before any floor or limit, A. */
  readonly wantedA: number;
  /** How far the factors together may be off, as a share (they are added: a worst case). */
  readonly tolerance: number;
}

function positionFactor(family: Family, work: Work, schools: Schools): CurrentFactor | undefined {
  const nearFlat = family.mode === 'pulse' && schools.pulseOverhead === 'near-flat';
  const steel = family.id === 'steel-pulse' || family.id === 'stainless-pulse';
  if (nearFlat && steel && work.position === 'overhead') return PULSE_OVERHEAD_NEAR_FLAT;
  return family.position[work.position];
}

/**
 * Current the work asks for in a family, factor by factor.
 *
 * @returns rows in order reference × joint × position × surface; each row's current is the one above × factor
 * @throws {OutOfRangeError} thickness or diameter outside the model
 * @source our model; see the family and the factor tables
 */
export function currentDemand(
  family: Family,
  work: Work,
  trueDiameterMm: number,
  schools: Schools,
): CurrentDemand {
  const governing = governingThickness(work.thicknessMm, work.otherThicknessMm);
  const referenceA = fittedCurrentA(family.demand, governing.thicknessMm, trueDiameterMm);
  const rows: DemandRow[] = [
    {
      kind: 'reference',
      label: `${governing.thicknessMm.toFixed(1)} mm ${family.reference}, flat, clean`,
      currentA: referenceA,
      why: governing.why ?? `Heat a ${family.reference} of this thickness takes with this wire.`,
      source: family.demandSource,
    },
  ];
  const factors: readonly (readonly ['joint' | 'position' | 'surface', string, CurrentFactor | undefined])[] =
    [
      ['joint', JOINT_NAME[work.joint], family.joint[work.joint]],
      ['position', POSITION_NAME[work.position], positionFactor(family, work, schools)],
      ['surface', SURFACE_NAME[work.surface], family.surface[work.surface]],
    ];
  let currentA = referenceA;
  let tolerance = 0;
  for (const [kind, label, factor] of factors) {
    if (factor === undefined || factor.factor === 1) continue;
    currentA *= factor.factor;
    tolerance += factor.tolerance;
    rows.push({ kind, label, factor: factor.factor, currentA, why: factor.why, source: factor.source });
  }
  return { rows, wantedA: currentA, tolerance };
}
