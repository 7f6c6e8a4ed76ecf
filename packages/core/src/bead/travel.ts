import { type Joint, type Position, isFilletJoint } from '../material/work.ts';
import { wireSectionMm2 } from '../wire/wire-diameter.ts';

/** Travel a hand keeps steadily, mm/min. Source: our model. */
export const HAND_TRAVEL_RANGE_MM_PER_MIN = [200, 700] as const;
/** A butt thicker than this is bevelled. Source: handbook figure, from memory. */
export const BEVEL_FROM_MM = 5;
/** A fillet's section over its triangle's. Source: handbook figure, from memory. */
export const FILLET_CONVEXITY = 1.1;

/** Largest leg in one pass, mm. Source: handbook figure, from memory; vertical as horizontal, our model. */
const LARGEST_LEG_MM: Readonly<Record<Position, number>> = {
  flat: 12,
  horizontal: 10,
  'vertical-up': 10,
  'vertical-down': 6,
  overhead: 8,
};

/** Smallest fillet leg by thickness, mm. Source: AWS D1.1, recalled; not applied to sheet under 3 mm. */
export function minimumFilletLegMm(thicknessMm: number): number | undefined {
  if (thicknessMm < 3) return undefined;
  if (thicknessMm <= 6) return 3;
  if (thicknessMm <= 12) return 5;
  return thicknessMm <= 20 ? 6 : 8;
}

/** Largest fillet leg on a lap's edge, mm: the sheet up to 6 mm, 2 mm less from there. Source: AWS D1.1, recalled. */
export function lapEdgeLegLimitMm(thicknessMm: number): number {
  return thicknessMm < 6 ? thicknessMm : thicknessMm - 2;
}

/** Default fillet leg, mm: the thinner part up to 3 mm, falling to 0.7 of it at 10 mm. Source: our model. */
export function defaultLegMm(thinnerMm: number, joint: Joint): number {
  const share = 1 - 0.3 * Math.min(Math.max((thinnerMm - 3) / 7, 0), 1);
  const leg = Math.max(share * thinnerMm, minimumFilletLegMm(thinnerMm) ?? 0);
  return joint === 'lap' ? Math.min(leg, lapEdgeLegLimitMm(thinnerMm)) : leg;
}

/** Root gap of a square butt, mm. Source: handbook figures, from memory, joined by straight lines. */
export function rootGapMm(thicknessMm: number, joint: Joint): number {
  if (joint === 'open-butt') return Math.min(1.6 + 0.2 * thicknessMm, 3);
  if (joint !== 'butt') return 0;
  return Math.min(Math.max(0.3, 0.3 + (thicknessMm - 1.5) * 0.45), 2);
}

/** Bead section wanted, mm², all passes together. */
export function beadSectionMm2(joint: Joint, governingMm: number, legMm: number): number {
  if (isFilletJoint(joint)) return (legMm ** 2 / 2) * FILLET_CONVEXITY;
  if (joint === 'outside-corner') return (governingMm ** 2 / 2) * FILLET_CONVEXITY + 1;
  const widthMm = Math.min(2 + 1.2 * governingMm, 14);
  const capMm2 = (2 / 3) * widthMm * Math.min(0.8 + 0.15 * governingMm, 1.5);
  if (joint === 'edge') return capMm2;
  const rootFaceMm = 1;
  const bevelMm2 = governingMm > BEVEL_FROM_MM ? (governingMm - rootFaceMm) ** 2 * Math.tan(Math.PI / 6) : 0;
  return capMm2 + bevelMm2 + rootGapMm(governingMm, joint) * governingMm;
}

export interface BeadPlan {
  readonly passes: number;
  /** Leg of each pass for a fillet, mm; undefined for other joints. */
  readonly legMm: number | undefined;
  /** Leg of the finished fillet, mm. */
  readonly finishedLegMm: number | undefined;
  readonly sectionMm2: number;
  readonly travelMmPerMin: number;
  /** Set when hand travel, not the joint, settled the size. */
  readonly solvedBy: 'joint' | 'fastest-hand' | 'slowest-hand';
}

export interface BeadInput {
  readonly joint: Joint;
  readonly position: Position;
  readonly governingMm: number;
  readonly thinnerMm: number;
  readonly wireFeedSpeedMPerMin: number;
  readonly trueDiameterMm: number;
  /** Share of the wire's volume that ends in the bead. */
  readonly depositShare: number;
  /** Passes that the current already asks for. */
  readonly passesForCurrent: number;
}

/**
 * Travel speed, weld size and passes for a wire feed speed: travel = η · WFS · wire section ÷ bead section,
 * kept inside what a hand can do by solving the leg or adding passes.
 *
 * @returns travel in mm/min within {@link HAND_TRAVEL_RANGE_MM_PER_MIN}
 * @source form: handbook, from memory (mass balance); hand limits our model
 */
export function beadPlan(input: BeadInput): BeadPlan {
  const { joint, position, governingMm, thinnerMm } = input;
  const [slowest, fastest] = HAND_TRAVEL_RANGE_MM_PER_MIN;
  const wanted = beadSectionMm2(joint, governingMm, defaultLegMm(thinnerMm, joint));
  const depositMm3PerMin =
    input.depositShare * input.wireFeedSpeedMPerMin * 1000 * wireSectionMm2(input.trueDiameterMm);
  const largestMm2 = Math.min(
    depositMm3PerMin / slowest,
    (LARGEST_LEG_MM[position] ** 2 / 2) * FILLET_CONVEXITY,
  );
  const passes = Math.max(input.passesForCurrent, Math.ceil(wanted / largestMm2 - 1e-9));
  const perPass = Math.max(wanted / passes, depositMm3PerMin / fastest);
  const legOf = (section: number): number | undefined =>
    isFilletJoint(joint) ? Math.sqrt((2 * section) / FILLET_CONVEXITY) : undefined;
  return {
    passes,
    legMm: legOf(perPass),
    finishedLegMm: legOf(perPass * passes),
    sectionMm2: perPass,
    travelMmPerMin: Math.min(Math.max(depositMm3PerMin / perPass, slowest), fastest),
    solvedBy:
      perPass > wanted / passes ? 'fastest-hand' : passes > input.passesForCurrent ? 'slowest-hand' : 'joint',
  };
}
