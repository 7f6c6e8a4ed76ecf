import { lengthText } from '../../units/index.ts';
import { amount, amountText, figureText, type Units } from '@hot-bead/core/base';
import { measuredLength, inchesFromMm } from '@hot-bead/core/base';
import type { StatedWork } from '@hot-bead/core/plan';
import {
  GAP_RANGE_MM,
  LEG_RANGE_MM,
  NUMBER_OFF_RANGE,
  PASSES_RANGE,
  SEAM_RANGE_MM,
  STITCH_RANGE_MM,
} from '@hot-bead/core/trade';

/** The figures of a weld that are typed. */
export type WeldSlot =
  'legMm' | 'throatMm' | 'seamMm' | 'numberOff' | 'stitchMm' | 'pitchMm' | 'passes' | 'gapMm';

interface WeldField {
  readonly slot: WeldSlot;
  readonly label: string;
  readonly range: readonly [min: number, max: number];
  /** A count and not a length. */
  readonly whole: boolean;
}

const field = (
  slot: WeldSlot,
  label: string,
  range: readonly [number, number],
  whole = false,
): WeldField => ({ slot, label, range, whole });

/** Figures of a weld in the order a drawing gives them. */
export const WELD_FIELDS: readonly WeldField[] = [
  field('legMm', 'Leg', LEG_RANGE_MM),
  field('throatMm', 'or throat', LEG_RANGE_MM),
  field('seamMm', 'Length of a seam', SEAM_RANGE_MM),
  field('numberOff', 'Number off', NUMBER_OFF_RANGE, true),
  field('stitchMm', 'Stitch', STITCH_RANGE_MM),
  field('pitchMm', 'Pitch', STITCH_RANGE_MM),
  field('gapMm', 'Root gap', GAP_RANGE_MM),
  field('passes', 'Runs asked for', PASSES_RANGE, true),
];

/** A length as its field shows it: exact, to be read back as it stands. */
function lengthField(mm: number, unit: 'mm' | 'in'): string {
  return unit === 'in' ? `${figureText(inchesFromMm(mm), 3)} in` : `${figureText(mm, 3)} mm`;
}

/** What has been typed, by slot; empty: not said. */
export type WeldTexts = Readonly<Record<WeldSlot, string>>;

/** The figures of a work as they are typed: lengths in the user's unit, metres where they read better. */
export function weldTexts(work: StatedWork, unit: 'mm' | 'in'): WeldTexts {
  const text = ({ slot, whole }: WeldField): string => {
    const value = work[slot];
    if (value === undefined) return '';
    if (whole) return String(value);
    return lengthField(value, unit);
  };
  return Object.fromEntries(WELD_FIELDS.map((one) => [one.slot, text(one)])) as WeldTexts;
}

export type WeldProblems = Readonly<Partial<Record<WeldSlot, string>>>;

type Read = { readonly value: number | undefined } | { readonly problem: string };

function readOne({ label, range: [min, max], whole }: WeldField, text: string, unit: 'mm' | 'in'): Read {
  if (text.trim() === '') return { value: undefined };
  const name = label.replace(/^or /, '');
  const ends = whole
    ? `${min} to ${max}`
    : unit === 'in'
      ? `${figureText(inchesFromMm(min), 3)} to ${figureText(inchesFromMm(max), 2)} in`
      : `${min} to ${max} mm`;
  const limits = `${name[0]?.toUpperCase()}${name.slice(1)}: ${ends}, please.`;
  if (whole) {
    const count = Number(text);
    return Number.isInteger(count) && count >= min && count <= max ? { value: count } : { problem: limits };
  }
  const read = text.trim() === '0' ? ({ status: 'read', lengthMm: 0 } as const) : measuredLength(text, unit);
  if (read.status === 'unreadable') return { problem: read.message };
  return read.lengthMm < min || read.lengthMm > max ? { problem: limits } : { value: read.lengthMm };
}

/** What does not go together: a leg and a throat, a stitch without a pitch or one that is longer. */
function conflicts(values: Readonly<Partial<Record<WeldSlot, number>>>): WeldProblems {
  const { legMm, throatMm, stitchMm, pitchMm } = values;
  if (legMm !== undefined && throatMm !== undefined)
    return { throatMm: 'Give the leg or the throat, not both.' };
  if (stitchMm !== undefined && pitchMm === undefined)
    return { pitchMm: 'A stitch needs its pitch: from one start to the next.' };
  if (stitchMm === undefined && pitchMm !== undefined)
    return { stitchMm: 'A pitch needs the length of its stitch.' };
  if (stitchMm !== undefined && pitchMm !== undefined && stitchMm >= pitchMm)
    return { pitchMm: 'The pitch is longer than the stitch: from one start to the next.' };
  return {};
}

export type WeldReading =
  | { readonly status: 'read'; readonly work: StatedWork }
  | { readonly status: 'wrong'; readonly problems: WeldProblems };

/** The work with the figures as they were typed, or what is wrong with them, field by field. */
export function readWeld(work: StatedWork, texts: WeldTexts, unit: 'mm' | 'in'): WeldReading {
  const values: Partial<Record<WeldSlot, number>> = {};
  const problems: Partial<Record<WeldSlot, string>> = {};
  for (const one of WELD_FIELDS) {
    const read = readOne(one, texts[one.slot], unit);
    if ('problem' in read) problems[one.slot] = read.problem;
    else if (read.value !== undefined) values[one.slot] = read.value;
  }
  const wrong = { ...conflicts(values), ...problems };
  if (Object.keys(wrong).length > 0) return { status: 'wrong', problems: wrong };
  const slots: readonly string[] = WELD_FIELDS.map(({ slot }) => slot);
  const rest = Object.fromEntries(Object.entries(work).filter(([slot]) => !slots.includes(slot)));
  return { status: 'read', work: { ...rest, ...values } };
}

/** The weld in a chip's words; undefined where nothing is said of it. */
export function weldChipText(work: StatedWork, units: Units): string | undefined {
  const bare = (mm: number): string => amountText(amount.distance(mm, 'as-given', { isBare: true }), units);
  const parts = [
    work.legMm === undefined ? undefined : `z${bare(work.legMm)}`,
    work.throatMm === undefined ? undefined : `a${bare(work.throatMm)}`,
    work.sides === 2 ? 'both sides' : work.sides === 1 ? 'one side' : undefined,
    work.seamMm === undefined ? undefined : lengthText(work.seamMm, units),
    work.numberOff === undefined ? undefined : `× ${work.numberOff}`,
    work.stitchMm === undefined ? undefined : `${bare(work.stitchMm)}–${bare(work.pitchMm ?? 0)} stitch`,
    work.gapMm === undefined ? undefined : `gap ${bare(work.gapMm)}`,
    work.passes === undefined ? undefined : `${work.passes} runs`,
    work.backing === true ? 'backing bar' : undefined,
    work.thirdMember === true ? 'third member' : undefined,
  ].filter((text) => text !== undefined);
  return parts.length === 0 ? undefined : `weld: ${parts.join(', ')}`;
}
