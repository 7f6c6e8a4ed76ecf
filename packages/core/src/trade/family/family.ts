import type { MeltingLaw } from '../melting/melting-law.ts';
import type { JointFactors, PositionFactors, SurfaceFactors } from './factors.ts';
import type { LogFit } from './log-fit.ts';
import type { FlowRow } from '../gas/gas-flow.ts';
import type { Gas } from '../gas/gas.ts';
import type { Work } from '../material/work.ts';
import type { Source } from '../../base/source.ts';
import type { CurvePoints } from '../../base/numeric/point-curve.ts';
import type { Span } from '../../base/numeric/span.ts';
import type { SprayMetal } from '../transfer/transition.ts';
import type { PlannedMode } from '../transfer/transfer-mode.ts';
import type { Way } from '../wire/way.ts';
import type { WireClass } from '../wire/wire-class.ts';
import type { WireDiameterMm } from '../wire/wire-diameter.ts';
import type { PositionCeilings } from './ceilings.ts';
import type { WireClassRow } from '../wire/wire-class-table.ts';

/** Kinds of bead by how fast a hand carries them. */
export type HandKind = 'dip' | 'flux-core' | 'spray' | 'pulse' | 'aluminium';

export type FamilyId =
  | 'steel-dip'
  | 'steel-spray'
  | 'steel-pulse'
  | 'self-shielded'
  | 'self-shielded-t8'
  | 'gas-shielded-flux-core'
  | 'metal-cored'
  | 'stainless-dip'
  | 'stainless-spray'
  | 'stainless-pulse'
  | 'aluminium-spray'
  | 'aluminium-pulse'
  | 'bronze-braze';

/** A wire size as one family uses it. */
export interface FamilySize {
  readonly nominalMm: WireDiameterMm;
  /** Thickness it is a first choice for, mm. */
  readonly thicknessMm: readonly [min: number, max: number];
  /** Currents it runs well at, A. */
  readonly windowA: readonly [low: number, high: number];
}

/** Arc volts: V = zero + perA·I + perMm·d, with the half-width of the good window. */
export interface VoltsLine {
  readonly zeroV: number;
  readonly perA: number;
  readonly perMmDiameter: number;
  /** What larger wire wants beside the line, V by true diameter, mm; absent: nothing. */
  readonly byDiameter?: CurvePoints;
  readonly halfV: number;
  /** `mean`: a rough mean only, because the machine's waveform settles it; the trim sets the arc. */
  readonly kind: 'arc' | 'mean';
  readonly source: Source;
}

export interface FamilyDistance {
  readonly ctwdMm: Span;
  /** Arc length, mm: the tip-to-work distance less the extension. */
  readonly arcMm: number;
}

/**
 * One family of starting settings: a way and a mode on a metal, with everything its numbers come from. The
 * planner is the same for all of them.
 */
export interface Family {
  readonly id: FamilyId;
  readonly name: string;
  readonly ways: readonly Way[];
  /** Usability of the wire classes it alone stands for; undefined: every class of its ways that no other family claims. */
  readonly usability?: WireClassRow['usability'];
  readonly mode: PlannedMode;
  /** The joint its reference current stands for, in words. */
  readonly reference: string;
  readonly demand: LogFit;
  readonly demandSource: Source;
  /** Thickness of its starting rows, mm: outside, the plan is beyond the tables. */
  readonly rowsMm: readonly [min: number, max: number];
  /** Confidence of its rows at a thickness, as a share of wire speed. */
  readonly confidence: (thicknessMm: number) => number;
  /** Wire sizes, first choice first. */
  readonly sizes: readonly FamilySize[];
  readonly melting: (wireClass: WireClass, nominalMm: WireDiameterMm) => MeltingLaw;
  readonly volts: VoltsLine;
  /** Volts a gas adds, low and high end of its composition. */
  readonly gasVolts: (gas: Gas) => readonly [low: number, high: number];
  /** Volts that the joint and the position add at the same current. */
  readonly workVolts: (work: Pick<Work, 'joint' | 'position'>) => number;
  readonly joint: JointFactors;
  readonly position: PositionFactors;
  readonly surface: SurfaceFactors;
  /** Currents that a hand holds out of position; undefined where the family stays flat and horizontal. */
  readonly ceilings: PositionCeilings | undefined;
  /** Set where a current floor at the spray transition holds. */
  readonly sprayMetal: SprayMetal | undefined;
  readonly distance: (nominalMm: WireDiameterMm) => FamilyDistance;
  /** Gas flow and nozzle at a current, A. */
  readonly flow: (currentA: number) => FlowRow;
  /** How its bead is carried: what speeds of hand suit it. */
  readonly hand: HandKind;
  /** Thickness a closed butt fuses through from one side, mm. */
  readonly closedButtMostMm: number;
  /** Share of the wire's volume that ends in the bead: solid section × deposition efficiency. */
  readonly depositShare: number;
}

/** The family's row of a wire size, or undefined where it is not used. */
export function sizeOf(family: Family, nominalMm: WireDiameterMm): FamilySize | undefined {
  return family.sizes.find((size) => size.nominalMm === nominalMm);
}
