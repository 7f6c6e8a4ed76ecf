import { JOINT_NAME, POSITION_NAME, SURFACE_NAME, type Work } from '../material/work.ts';
import type { Source } from '../provenance/source.ts';
import {
  type CurrentFactor,
  SHORT_CIRCUIT_JOINT_FACTOR,
  SHORT_CIRCUIT_POSITION_FACTOR,
  SURFACE_FACTOR,
} from './factors.ts';
import { governingThickness } from './governing-thickness.ts';
import { REFERENCE_CURRENT_SOURCE, referenceCurrentA } from './reference-current.ts';

/** One row of "why these numbers": a factor or a limit, and the current after it. */
export interface DemandRow {
  readonly kind: 'reference' | 'joint' | 'position' | 'surface' | 'limit' | 'yours';
  readonly label: string;
  /** Multiplies the row above; absent for the reference and for limits. */
  readonly factor?: number;
  /** Current after this row, A. */
  readonly currentA: number;
  readonly why: string;
  readonly source: Source;
}

export interface CurrentDemand {
  readonly rows: readonly DemandRow[];
  /** Reference times factors, before any limit, A. */
  readonly wantedA: number;
  /** How far the factors together may be off, as a share (they are added: a worst case). */
  readonly tolerance: number;
}

/**
 * Current the work asks for in short-circuit on carbon steel, factor by factor.
 *
 * @returns rows in order reference × joint × position × surface; each row's current is the one above × factor
 * @throws {OutOfRangeError} thickness or diameter outside the model
 * @source our model; see the factor tables
 */
export function shortCircuitDemand(work: Work, trueDiameterMm: number): CurrentDemand {
  const governing = governingThickness(work.thicknessMm, work.otherThicknessMm);
  const referenceA = referenceCurrentA(governing.thicknessMm, trueDiameterMm);
  const rows: DemandRow[] = [
    {
      kind: 'reference',
      label: `${governing.thicknessMm.toFixed(1)} mm closed butt, flat, clean`,
      currentA: referenceA,
      why: governing.why ?? 'Heat a closed butt of this thickness takes with this wire.',
      source: REFERENCE_CURRENT_SOURCE,
    },
  ];
  const factors: readonly (readonly ['joint' | 'position' | 'surface', string, CurrentFactor])[] = [
    ['joint', JOINT_NAME[work.joint], SHORT_CIRCUIT_JOINT_FACTOR[work.joint]],
    ['position', POSITION_NAME[work.position], SHORT_CIRCUIT_POSITION_FACTOR[work.position]],
    ['surface', SURFACE_NAME[work.surface], SURFACE_FACTOR[work.surface]],
  ];
  let currentA = referenceA;
  let tolerance = 0;
  for (const [kind, label, { factor, tolerance: share, why, source }] of factors) {
    if (factor === 1) continue;
    currentA *= factor;
    tolerance += share;
    rows.push({ kind, label, factor, currentA, why, source });
  }
  return { rows, wantedA: currentA, tolerance };
}
