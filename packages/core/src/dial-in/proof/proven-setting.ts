import type { BeadsTold, ProvenSetting } from '../../window/learning/proven.ts';
import type { BeadSetting } from '../../window/bead-setting.ts';
import type { TestBead } from '../../window/bead-report.ts';
import { type DialModel, dialModelOf } from '../../window/dial-model.ts';
import { isBorneOut, UNPROVEN_SD_V } from '../../window/next-volts.ts';
import { beadsOverLine, isOnOneLine, type LinedBead } from '../../window/over-line.ts';
import { type VoltsBead, VoltsPosterior, voltsPosterior } from '../../window/volts-posterior.ts';
import { isSameLadder, type WeldedWith } from './welded-with.ts';

/** A reported bead with what it was welded with. */
export interface WeldedBead extends TestBead {
  readonly weldedWith: WeldedWith;
}

/** Beads of a job put together into ladders: each welded with one wire and gas, on one machine and one work. */
export function laddersOf<Bead extends WeldedBead>(beads: readonly Bead[]): readonly (readonly Bead[])[] {
  const ladders: Bead[][] = [];
  for (const bead of beads) {
    const ladder = ladders.find(([first]) => first && isSameLadder(first.weldedWith, bead.weldedWith));
    if (ladder) ladder.push(bead);
    else ladders.push([bead]);
  }
  return ladders;
}

/** Least that beads must tell of the middle to be learnt from, V⁻². Source: handbook on dialling in §6. */
const LEAST_TOLD_PER_V2 = 0.5;

/**
 * What beads alone say of the middle over the book's: what is known after them, with what was believed before taken out
 * again, both as normals.
 *
 * @param model of the job's kind
 * @returns undefined where they say next to nothing
 * @source quotient of two normals, handbook on dialling in §6
 */
export function beadsTold(beads: readonly VoltsBead[], model: DialModel): BeadsTold | undefined {
  const prior = { ...model, middleV: 0, middleSdV: UNPROVEN_SD_V };
  const before = VoltsPosterior.of(prior);
  const after = voltsPosterior(prior, beads);
  const [precisionBefore, precisionAfter] = [before.sdV ** -2, after.sdV ** -2];
  const precision = precisionAfter - precisionBefore;
  if (precision < LEAST_TOLD_PER_V2) return undefined;
  const toldOffsetV = (after.meanV * precisionAfter - before.meanV * precisionBefore) / precision;
  return { toldOffsetV, toldVarianceV2: 1 / precision };
}

/**
 * The setting that was taken of a ladder of beads, if they bear it out: surely in the window, and a bead near it read
 * right. Undefined while none was taken, where later or corrected beads speak against it, and where the book gives no
 * volts to hold it against.
 *
 * @param ladder beads welded with the same, oldest first
 */
export function provenSetting(ladder: readonly WeldedBead[]): ProvenSetting | undefined {
  const taken = ladder.findLast((bead) => bead.taken !== undefined);
  return taken?.taken && proofOf(ladder, taken.taken, taken.weldedWith);
}

function proofOf(
  ladder: readonly WeldedBead[],
  at: BeadSetting,
  welded: WeldedWith,
): ProvenSetting | undefined {
  const lined = ladder.flatMap((bead): LinedBead<WeldedBead>[] => {
    const { bookVolts: bookV } = bead.weldedWith;
    return bookV === undefined ? [] : [{ bead, bookV }];
  });
  const bookVolts = bookAt(lined, at);
  if (bookVolts === undefined) return undefined;
  const first = ladder[0]?.weldedWith ?? welded;
  const { prior = { offsetV: 0, sdV: UNPROVEN_SD_V } } = first;
  const model = dialModelOf(first);
  const isSameTap = ({ weldedWith: { tap } }: WeldedBead): boolean => tap !== undefined && tap === welded.tap;
  const beads = beadsOverLine(lined, (bead) => isOnOneLine(bead, at) || isSameTap(bead));
  const known = voltsPosterior({ ...model, middleV: prior.offsetV, middleSdV: prior.sdV }, beads);
  const offsetV = at.volts - bookVolts;
  const isTaps = welded.tap !== undefined;
  const told = isBorneOut(known, offsetV, beads, { model, isTaps }) ? beadsTold(beads, model) : undefined;
  if (!told) return undefined;
  const { wire, gas, mode, thicknessMm, otherThicknessMm, joint, position } = welded;
  return { ...at, wire, gas, mode, thicknessMm, otherThicknessMm, joint, position, offsetV, ...told };
}

/** The book's volts at a setting's wire speed, between those of the beads; past them those of the nearest. */
function bookAt(beads: readonly LinedBead[], { wireFeedSpeedMPerMin: at }: BeadSetting): number | undefined {
  const sorted = beads.toSorted((a, b) => a.bead.wireFeedSpeedMPerMin - b.bead.wireFeedSpeedMPerMin);
  const above = sorted.find(({ bead }) => bead.wireFeedSpeedMPerMin >= at);
  const below = sorted.findLast(({ bead }) => bead.wireFeedSpeedMPerMin <= at);
  if (!above || !below) return (above ?? below)?.bookV;
  const width = above.bead.wireFeedSpeedMPerMin - below.bead.wireFeedSpeedMPerMin;
  const share = width > 0 ? (at - below.bead.wireFeedSpeedMPerMin) / width : 0;
  return below.bookV + share * (above.bookV - below.bookV);
}
