import { amount } from '../../base/words/amount.ts';
import { words, type Words } from '../../base/words/words.ts';
import type { Family } from '../../trade/family/family.ts';
import { JOINT_NAME, POSITION_NAME, SURFACE_NAME, type Work } from '../../trade/material/work.ts';
import type { Source } from '../../base/source.ts';
import type { Schools } from '../../base/school.ts';
import {
  type CurrentFactor,
  factorAt,
  factorsBehind,
  PULSE_OVERHEAD_NEAR_FLAT,
  type ReferenceCurrent,
} from '../../trade/family/factors.ts';
import type { GoverningThickness } from './governing-thickness.ts';
import { fittedCurrentA } from '../../trade/family/log-fit.ts';

/** One row of "why these numbers": a factor or a limit, and the current after it. */
export interface DemandRow {
  readonly kind:
    'reference' | 'joint' | 'position' | 'surface' | 'behind' | 'floor' | 'limit' | 'school' | 'yours';
  readonly label: Words;
  /** Multiplies the row above; absent for the reference, for floors and for limits. */
  readonly factor?: number;
  /** Current after this row, A. */
  readonly currentA: number;
  readonly why: Words;
  readonly source: Source;
}

export interface CurrentDemand {
  readonly rows: readonly DemandRow[];
  /** Reference times factors, before any floor or limit, A. */
  readonly wantedA: number;
  /** How far the factors together may be off, as a share (they are added: a worst case). */
  readonly tolerance: number;
}

/** What a demand is computed from. */
export interface Demanded {
  readonly work: Work;
  readonly thickness: GoverningThickness;
  readonly schools: Schools;
}

function positionFactor(family: Family, work: Work, schools: Schools): CurrentFactor | undefined {
  const nearFlat = family.mode === 'pulse' && schools.pulseOverhead === 'near-flat';
  const steel = family.id === 'steel-pulse' || family.id === 'stainless-pulse';
  if (nearFlat && steel && work.position === 'overhead') return PULSE_OVERHEAD_NEAR_FLAT;
  return family.position[work.position];
}

/** Joint × position × surface × what stands behind, those that are 1 left out. */
function factorsOf(
  family: Family,
  { work, thickness, schools }: Demanded,
  reference: ReferenceCurrent,
): readonly (readonly [DemandRow['kind'], string, CurrentFactor])[] {
  const joint = family.joint[work.joint];
  const all: readonly (readonly [DemandRow['kind'], string, CurrentFactor | undefined])[] = [
    [
      'joint',
      JOINT_NAME[work.joint],
      joint && { ...joint, factor: factorAt(joint, thickness.thicknessMm, reference) },
    ],
    ['position', POSITION_NAME[work.position], positionFactor(family, work, schools)],
    ['surface', SURFACE_NAME[work.surface], family.surface[work.surface]],
    ...factorsBehind(work).map(([label, factor]) => ['behind', label, factor] as const),
  ];
  return all.flatMap(([kind, label, factor]) =>
    factor === undefined || factor.factor === 1 ? [] : ([[kind, label, factor]] as const),
  );
}

/**
 * Current the work asks for in a family, A: {@link currentDemand} without its rows, for where many sizes are judged.
 *
 * @throws {OutOfRangeError} thickness or diameter outside the model
 */
export function wantedCurrentA(
  family: Family,
  { work, thickness, schools }: Demanded,
  trueDiameterMm: number,
): number {
  const reference: ReferenceCurrent = (mm) => fittedCurrentA(family.demand, mm, trueDiameterMm);
  const joint = family.joint[work.joint];
  let currentA = reference(thickness.thicknessMm);
  if (joint) currentA *= factorAt(joint, thickness.thicknessMm, reference);
  currentA *= positionFactor(family, work, schools)?.factor ?? 1;
  currentA *= family.surface[work.surface]?.factor ?? 1;
  for (const [, { factor }] of factorsBehind(work)) currentA *= factor;
  return currentA;
}

/**
 * Current the work asks for in a family, factor by factor.
 *
 * @returns rows in order reference × joint × position × surface × what stands behind; each row's current is the
 * one above × factor
 * @throws {OutOfRangeError} thickness or diameter outside the model
 * @source our model; see the family and the factor tables
 */
export function currentDemand(family: Family, demanded: Demanded, trueDiameterMm: number): CurrentDemand {
  const { thickness, work } = demanded;
  const reference: ReferenceCurrent = (mm) => fittedCurrentA(family.demand, mm, trueDiameterMm);
  const referenceA = reference(thickness.thicknessMm);
  const factors = factorsOf(family, demanded, reference);
  const jointed = factors.some(([kind]) => kind === 'joint');
  const named = jointed ? family.reference : JOINT_NAME[work.joint];
  const rows: DemandRow[] = [
    {
      kind: 'reference',
      label: words`${amount.thickness(thickness.thicknessMm, 1)} as a ${named}, flat, clean`,
      currentA: referenceA,
      why: thickness.why ?? words`Heat a ${named} of this thickness takes with this wire.`,
      source: family.demandSource,
    },
  ];
  let currentA = referenceA;
  let tolerance = 0;
  for (const [kind, label, { factor, tolerance: off, why, source }] of factors) {
    currentA *= factor;
    tolerance += off;
    rows.push({ kind, label, factor, currentA, why, source });
  }
  return { rows, wantedA: currentA, tolerance };
}
