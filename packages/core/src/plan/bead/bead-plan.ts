import type { HandKind } from '../../trade/family/family.ts';
import { isLevel, type Position, type Work } from '../../trade/material/work.ts';
import { clamped } from '../../base/numeric/point-curve.ts';
import { wireSectionMm2 } from '../../trade/wire/wire-diameter.ts';
import { type HandTravel, handTravel } from './hand-travel.ts';
import { capShares, grooveSection } from './joint-section.ts';
import { filletLegMm, filletSectionMm2, sizeSectionsMm2, type WeldSize, weldSizeOf } from './weld-size.ts';

/** Section of one run, mm²: usual most, and what is still laid where a hand would otherwise be too fast. */
export interface RunLimits {
  readonly singleMm2: number;
  readonly stringerMm2: number;
  /** Usual most of one run in a groove. */
  readonly grooveMm2: number;
  readonly mostMm2: number;
}

/**
 * Largest runs. One run: a leg to 8 mm, flat 10 with spray or flux core; about 40 mm² flat and 60 at most, 25 mm²
 * out of position. Source: common practice; stringers and the 40 mm² out of position are our model.
 */
export function runLimits(hand: HandKind, position: Position): RunLimits {
  if (!isLevel(position)) return { singleMm2: 25, stringerMm2: 25, grooveMm2: 25, mostMm2: 40 };
  const large = position === 'flat' && hand !== 'dip' && hand !== 'aluminium';
  return {
    singleMm2: filletSectionMm2(large ? 10 : 8),
    stringerMm2: large ? 22 : 20,
    grooveMm2: large ? 32 : 26,
    mostMm2: large ? 60 : 40,
  };
}

export interface BeadPlan {
  /** Runs a side. */
  readonly passes: number;
  /** Leg of each run for a fillet, mm; undefined for other joints. */
  readonly legMm: number | undefined;
  /** Leg of the finished fillet, mm. */
  readonly finishedLegMm: number | undefined;
  /** Section of each run, mm². */
  readonly sectionMm2: number;
  /** Section of the finished weld on one side, mm². */
  readonly finishedMm2: number;
  readonly travelMmPerMin: number;
  readonly hand: HandTravel;
  /** Least and most metal that the finished weld wants on one side, mm². */
  readonly wantedMm2: readonly [least: number, most: number];
  /** How it was solved: at ease, at a hand's limits, or with more metal than is wanted. */
  readonly solvedBy: 'comfortable' | 'hard-limit' | 'oversize';
  /** Metal laid over the most that is wanted; 1 where it is not more. */
  readonly oversize: number;
}

export interface BeadInput {
  readonly work: Work;
  readonly governingMm: number;
  readonly thinnerMm: number;
  readonly hand: HandKind;
  readonly wireFeedSpeedMPerMin: number;
  readonly trueDiameterMm: number;
  /** Share of the wire's volume that ends in the bead. */
  readonly depositShare: number;
  /** Passes that the current already asks for. */
  readonly passesForCurrent: number;
  readonly sides: 1 | 2;
}

/** Metal a wire lays, mm³/min. */
export function depositMm3PerMin(
  depositShare: number,
  wireFeedSpeedMPerMin: number,
  trueDiameterMm: number,
): number {
  return depositShare * wireFeedSpeedMPerMin * 1000 * wireSectionMm2(trueDiameterMm);
}

/** Least and most metal a weld wants on one side, mm². */
function wantedMm2(
  { work, governingMm, sides }: BeadInput,
  size: WeldSize | undefined,
): readonly [number, number] {
  if (size) return sizeSectionsMm2(size);
  const { grooveMm2, capMm2 } = grooveSection(work, governingMm, sides);
  const shares = capShares(work.position, governingMm);
  return [(grooveMm2 + shares[0] * capMm2) / sides, (grooveMm2 + shares[1] * capMm2) / sides];
}

interface Solved {
  readonly passes: number;
  readonly sectionMm2: number;
  readonly solvedBy: BeadPlan['solvedBy'];
}

/** Most runs that are tried. Source: our model. */
const MOST_RUNS = 60;

interface Question {
  readonly deposit: number;
  readonly wanted: readonly [number, number];
  readonly limits: RunLimits;
  readonly from: number;
}

type Section = Pick<Solved, 'passes' | 'sectionMm2'>;

/** A number of runs whose section fits between what is wanted, what one run carries and a band of travel. */
function runsOf(
  { deposit, wanted }: Question,
  passes: number,
  band: readonly [number, number],
  aim: number,
  largestMm2: number,
): Section | undefined {
  const low = Math.max(wanted[0] / passes, deposit / band[1]);
  const high = Math.min(wanted[1] / passes, deposit / band[0], largestMm2);
  if (low > high * (1 + 1e-9)) return undefined;
  return { passes, sectionMm2: clamped(deposit / aim, [low, Math.max(low, high)]) };
}

/** Most runs that a band of travel allows: with more of them the hand is faster still. */
function mostRuns({ deposit, wanted }: Question, band: readonly [number, number]): number {
  return Math.min(MOST_RUNS, Math.floor((wanted[1] * band[1]) / deposit + 1e-9));
}

function fewest(
  question: Question,
  band: readonly [number, number],
  aim: number,
  largest: (passes: number) => number,
): Section | undefined {
  const most = mostRuns(question, band);
  for (let passes = question.from; passes <= most; passes++) {
    const runs = runsOf(question, passes, band, aim, largest(passes));
    if (runs) return runs;
  }
  return undefined;
}

/** Fuller runs than usual, but no fuller than an easy hand needs: the most of them that fit. */
function fullest(question: Question, { comfortableMmPerMin, aimMmPerMin }: HandTravel): Section | undefined {
  for (let passes = mostRuns(question, comfortableMmPerMin); passes >= question.from; passes--) {
    const runs = runsOf(question, passes, comfortableMmPerMin, aimMmPerMin, question.limits.mostMm2);
    if (runs) return runs;
  }
  return undefined;
}

function solve(question: Question, hand: HandTravel): Solved {
  const { limits, deposit, wanted, from } = question;
  const usual = (passes: number): number => (passes === 1 ? limits.singleMm2 : limits.stringerMm2);
  const aim = hand.aimMmPerMin;
  const atEase = fewest(question, hand.comfortableMmPerMin, aim, usual) ?? fullest(question, hand);
  if (atEase) return { ...atEase, solvedBy: 'comfortable' };
  const atLimit =
    fewest(question, hand.hardMmPerMin, aim, usual) ??
    fewest(question, hand.hardMmPerMin, aim, () => limits.mostMm2);
  if (atLimit) return { ...atLimit, solvedBy: 'hard-limit' };
  const sectionMm2 = deposit / hand.hardMmPerMin[1];
  const passes = Math.max(from, Math.ceil(wanted[0] / Math.max(sectionMm2, limits.mostMm2) - 1e-9));
  return { passes, sectionMm2, solvedBy: 'oversize' };
}

/**
 * Travel speed, weld size and passes for a wire feed speed: travel = η · WFS · wire section ÷ bead section. The
 * section is sought where the hand is at ease, within what is wanted and what one run carries; then at the limits
 * of a hand; and only where nothing is left is more metal laid than is wanted.
 *
 * @returns travel in mm/min, within the hard limits of the hand
 * @source form: handbook, from memory (mass balance); travel and run sizes: common practice; the order our model
 */
export function beadPlan(input: BeadInput): BeadPlan {
  const { work, hand: kind } = input;
  const hand = handTravel(kind, work.position, input.thinnerMm);
  const deposit = depositMm3PerMin(input.depositShare, input.wireFeedSpeedMPerMin, input.trueDiameterMm);
  const size = weldSizeOf(work, input.thinnerMm);
  const wanted = wantedMm2(input, size);
  const from = Math.max(input.passesForCurrent, work.passes ?? 1);
  const question = { deposit, wanted, limits: runLimits(kind, work.position), from };
  const { passes, sectionMm2, solvedBy } = solve(question, hand);
  const finishedMm2 = sectionMm2 * passes;
  return {
    passes,
    legMm: size && filletLegMm(sectionMm2, size.edgeMm),
    finishedLegMm: size && filletLegMm(finishedMm2, size.edgeMm),
    sectionMm2,
    finishedMm2,
    travelMmPerMin: clamped(deposit / sectionMm2, hand.hardMmPerMin),
    hand,
    wantedMm2: wanted,
    solvedBy,
    oversize: Math.max(1, finishedMm2 / wanted[1]),
  };
}
