import { amount } from '../../base/words/amount.ts';
import { words, type Words } from '../../base/words/words.ts';
import { CLOSED_GAP_MOST_MM, isBevelled, isButt, ROOT_FACE_MM, rootGapMm } from '../bead/joint-section.ts';
import { type ClosedButt, closedButtOf, sidesOf } from '../bead/closed-butt.ts';
import type { Family } from '../../trade/family/family.ts';
import type { MetalPair } from '../../trade/material/metal-pair.ts';
import { hasCircumstance, isFilletJoint, type Work } from '../../trade/material/work.ts';
import { HANDBOOK, MODEL, PRACTICE, type Source, standard } from '../../base/source.ts';
import type { GoverningThickness } from '../demand/governing-thickness.ts';
import type { Span } from '../../base/numeric/span.ts';

/** A way to keep thin sheet from running away: short beads with cooling between. */
export interface StitchPlan {
  readonly stitchMm: number;
  readonly gapMm: number;
  readonly why: Words;
}

/** How the parts are prepared, set and tacked. */
export interface FitUp {
  readonly rootGapMm: Span;
  /** Included angle of the bevel, degrees, and the root face left, mm; undefined for a square edge. */
  readonly bevel: { readonly includedDegrees: number; readonly rootFaceMm: Span } | undefined;
  readonly closedButt: ClosedButt | undefined;
  /** Sides it is welded from. */
  readonly sides: 1 | 2;
  readonly backing: boolean;
  /** In which order a long seam is laid, so that it stays straight; undefined: short, or not known. */
  readonly sequence: Words | undefined;
  readonly tackMm: Span;
  readonly tackSpacingMm: Span;
  readonly stitch: StitchPlan | undefined;
  /** Warm the parts to this before the first pass, °C; undefined: none above 0 °C. */
  readonly preheatC: number | undefined;
  readonly preheatText: Words;
  /** Let a bead cool under this before the next, °C. */
  readonly interpassMostC: number | undefined;
  readonly backPurge: boolean;
  readonly preparation: readonly Words[];
  readonly sources: readonly Source[];
}

/** Thickness under which a continuous bead on sheet runs away, mm. Source: common practice. */
export const STITCH_UNDER_MM = 1.5;

function span(start: number, low: number, high: number): Span {
  return { start, low, high };
}

function gap(work: Work, t: number): Span {
  const wanted = rootGapMm(work, t);
  if (work.joint === 'butt') return span(wanted, 0, CLOSED_GAP_MOST_MM);
  if (work.joint !== 'open-butt')
    return span(wanted, 0, Math.max(wanted, isFilletJoint(work.joint) ? 0.5 : 0.3));
  const by = Math.min(0.5, 0.3 * wanted);
  return span(wanted, wanted - by, wanted + by);
}

/** Seam from which the order it is laid in is said, mm. Source: common practice. */
export const LONG_SEAM_MM = 300;

function sequence(work: Work, sides: 1 | 2): Words | undefined {
  if (work.seamMm === undefined || work.seamMm < LONG_SEAM_MM) return undefined;
  const step = work.seamMm >= 1000 ? 150 : 100;
  const other =
    sides === 2
      ? 'Take a length on one side, then one on the other, so that they pull against each other.'
      : isFilletJoint(work.joint)
        ? 'Tack the other side too, or set the part a little against the pull.'
        : 'Clamp or weight it, from the middle outwards.';
  if (work.stitchMm !== undefined)
    return words`Lay every second stitch first, then come back between. ${other}`;
  return words`Back-step: lengths of ${amount.distance(step)}, each welded towards the start of the one before. ${other}`;
}

function tacks(t: number): { length: Span; spacing: Span } {
  if (t < 2.5) return { length: span(4, 3, 6), spacing: span(35, 25, 50) };
  if (t < 5) return { length: span(10, 8, 12), spacing: span(100, 80, 120) };
  return { length: span(20, 15, 25), spacing: span(175, 150, 200) };
}

/** Preheat of carbon steel, °C. Source: AWS D1.1 category B, recalled. */
export function steelPreheatC(thicknessMm: number): number | undefined {
  return thicknessMm <= 20 ? undefined : 10;
}

/** Most a bead of carbon steel may still have when the next is laid, °C. Source: common practice. */
export const STEEL_INTERPASS_C = 250;

function heat(pair: MetalPair, t: number): Pick<FitUp, 'preheatC' | 'preheatText' | 'interpassMostC'> {
  if (pair.weldMetal === 'stainless') {
    return { preheatC: undefined, preheatText: 'No preheat. Keep the heat low.', interpassMostC: 150 };
  }
  if (pair.weldMetal === 'aluminium') {
    const cast = pair.parts.some(({ metal }) => metal === 'cast-aluminium');
    return cast
      ? {
          preheatC: 90,
          preheatText: words`Warm the casting gently, not above ${amount.temperature(120)}.`,
          interpassMostC: 120,
        }
      : {
          preheatC: undefined,
          preheatText: words`None; if it is cold or thick, brief and not above ${amount.temperature(120)}.`,
          interpassMostC: 120,
        };
  }
  const preheatC = steelPreheatC(t);
  const text =
    preheatC === undefined
      ? words`None above ${amount.temperature(0)}; below, warm to ${amount.temperature(20)}.`
      : words`At least ${amount.temperature(preheatC)}; below ${amount.temperature(0)} warm to ${amount.temperature(20)}.`;
  return { preheatC, preheatText: text, interpassMostC: STEEL_INTERPASS_C };
}

function preparation(pair: MetalPair, work: Work): readonly Words[] {
  if (pair.weldMetal === 'aluminium') {
    return [
      'Degrease first, then brush with a stainless brush kept for aluminium.',
      'Weld the same shift: the oxide grows back.',
    ];
  }
  if (pair.weldMetal === 'stainless')
    return ['Clean with tools kept for stainless: carbon steel dust rusts in it.'];
  const list: Words[] = [words`Bright metal ${amount.distance(20)} to both sides, and where the clamp goes.`];
  if (pair.coated) list.push(words`Strip the zinc ${amount.distance([25, 50])} back on every side.`);
  if (hasCircumstance(work, 'rusty')) list.push('Grind the rust off, to bright metal.');
  if (work.surface === 'mill-scale')
    list.push('Scale left on costs heat and makes a ropy toe: grind it off where you can.');
  return list;
}

function stitchPlan(
  family: Family,
  { stitchMm, pitchMm }: Pick<Work, 'stitchMm' | 'pitchMm'>,
  t: number,
): StitchPlan | undefined {
  if (stitchMm !== undefined && pitchMm !== undefined)
    return { stitchMm, gapMm: Math.round((pitchMm - stitchMm) * 10) / 10, why: 'Stitches as you gave them.' };
  if (t >= STITCH_UNDER_MM || family.id === 'bronze-braze') return undefined;
  return {
    stitchMm: Math.round(10 + 10 * t),
    gapMm: Math.round(25 + 10 * t),
    why: 'Thin sheet runs away under a continuous bead: stitch, move on, let it cool, come back between.',
  };
}

/**
 * Gaps, bevel, tacks, stitches, preheat and cleaning.
 *
 * @source handbook figures, from memory; stitch lengths our model; preheat AWS D1.1 category B, recalled
 */
export function fitUpOf(family: Family, work: Work, pair: MetalPair, thickness: GoverningThickness): FitUp {
  const t = thickness.thicknessMm;
  const sides = sidesOf(family, work, t);
  const { length, spacing } = tacks(thickness.thinnerMm);
  return {
    rootGapMm: gap(work, t),
    bevel: isBevelled(work.joint, t)
      ? { includedDegrees: 60, rootFaceMm: span(ROOT_FACE_MM, 1, 1.6) }
      : undefined,
    closedButt: closedButtOf(family, work, t),
    sides,
    backing: work.backing === true,
    sequence: sequence(work, sides),
    tackMm: length,
    tackSpacingMm: spacing,
    stitch: stitchPlan(family, work, thickness.thinnerMm),
    ...heat(pair, thickness.thickerMm),
    backPurge: pair.weldMetal === 'stainless' && isButt(work.joint),
    preparation: preparation(pair, work),
    sources: [HANDBOOK, PRACTICE, MODEL, standard('AWS D1.1 category B')],
  };
}
