import type { WeldMetal } from '../material/metal-pair.ts';
import type { PlannedMode } from '../transfer/transfer-mode.ts';
import type { Way } from '../wire/way.ts';

/** How test beads are stepped through: where they begin against the plan's middle, and by how much they move. */
export interface BeadLadder {
  readonly begins: 'under' | 'middle' | 'over';
  readonly stepV: number;
}

/** How far from the middle a ladder begins, V. Source: common practice. */
export const LADDER_OFF_MIDDLE_V = 1;
/** Steps: short-circuit and self-shielded; thin sheet; spray and gas-shielded flux core, V. Source: common practice. */
export const LADDER_STEP_V = 0.5;
export const SHEET_STEP_V = 0.25;
export const SPRAY_STEP_V = 1;
/** Thickness up to which a step of half a volt separates cold from blown through, mm. Source: common practice. */
export const SHEET_STEP_MOST_MM = 0.8;

export const SHORT_CIRCUIT_LADDER: BeadLadder = { begins: 'under', stepV: LADDER_STEP_V };

export const BEGIN_WHY: Readonly<Record<BeadLadder['begins'], string>> = {
  under: 'Begin 1 V under the middle and come up: too low shows itself first.',
  middle: 'Begin in the middle, and look on both sides.',
  over: 'Begin 1 V over the middle and come down: too low stubs, and burns back into the tip.',
};

/** What of a plan settles its ladder. */
export interface LadderWork {
  readonly weldMetal: WeldMetal;
  readonly transferMode: PlannedMode;
  readonly way: Way;
  readonly work: { readonly thicknessMm: number };
}

/**
 * The ladder for a plan: from below in short-circuit and self-shielded, from above in aluminium, from the middle in
 * the others.
 *
 * @source common practice; the middle for spray and gas-shielded wires is our model
 */
export function ladderFor({ weldMetal, transferMode, way, work }: LadderWork): BeadLadder {
  if (weldMetal === 'aluminium') return { begins: 'over', stepV: SPRAY_STEP_V };
  if (transferMode === 'short-circuit' || way === 'self-shielded') {
    const stepV = work.thicknessMm <= SHEET_STEP_MOST_MM ? SHEET_STEP_V : LADDER_STEP_V;
    return { begins: 'under', stepV };
  }
  return { begins: 'middle', stepV: SPRAY_STEP_V };
}

/** Volts to the nearest step that a hand sets; half a volt at most. */
export function toStep(volts: number, stepV: number): number {
  const fine = Math.min(stepV, LADDER_STEP_V);
  return Math.round(volts / fine) * fine;
}

/** First rung of a ladder about a middle, V. */
export function firstRungVolts(middleVolts: number, { begins, stepV }: BeadLadder): number {
  const off = { under: -LADDER_OFF_MIDDLE_V, middle: 0, over: LADDER_OFF_MIDDLE_V }[begins];
  return toStep(middleVolts + off, stepV);
}

/** "half a volt". */
export function stepWords(stepV: number): string {
  if (stepV === SHEET_STEP_V) return 'a quarter volt';
  return stepV === LADDER_STEP_V ? 'half a volt' : 'a volt';
}
