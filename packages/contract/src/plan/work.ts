import { inMetric, type LengthUnit, parseThickness } from '@hot-bead/core/base';
import { KEPT_RANGES } from '@hot-bead/core/line';
import type { StatedWork } from '@hot-bead/core/plan';
import {
  BASE_METALS,
  CIRCUMSTANCES,
  gaugeTableFor,
  JOINTS,
  PLACES,
  POLARITIES,
  POSITIONS,
  PRIORITIES,
  PRODUCTS,
  PROFILES,
  SURFACES,
  TRANSFER_MODES,
  WAYS,
  WIRE_CLASSES,
  WIRE_DIAMETERS_MM,
} from '@hot-bead/core/trade';
import Joi from 'joi';
import { figure } from '../base/figure.ts';
import { gasSchema } from '../trade/gas.ts';
import { lineSchema } from '../base/plain-text.ts';

/** A thickness as written ("1/8", "14 ga") may stand in place of millimetres. */
export interface WorkInput extends StatedWork {
  readonly thickness?: string | number;
  readonly otherThickness?: string | number;
}

interface Siblings extends StatedWork {
  readonly unit?: LengthUnit;
}

function readThickness(text: string | number, siblings: Siblings, unit: LengthUnit = 'mm') {
  return parseThickness(String(text), {
    unit,
    gaugeTable: gaugeTableFor(siblings.metal ?? 'carbon-steel', siblings.product),
  });
}

const thicknessText = Joi.alternatives(Joi.string().max(60), Joi.number())
  .custom((value: string | number, helpers) => {
    const reading = readThickness(value, helpers.state.ancestors[0] as Siblings);
    return reading.status === 'read'
      ? value
      : helpers.error(reading.code, { text: inMetric(reading.message) });
  })
  .messages({
    'thickness-unreadable': '{#text}',
    'thickness-out-of-range': '{#text}',
    'thickness-ambiguous': '{#text}',
    'gauge-unknown': '{#text}',
  });

const thicknessMm = Joi.number()
  .min(KEPT_RANGES.thicknessMm[0])
  .max(KEPT_RANGES.thicknessMm[1])
  .error((errors) => {
    for (const error of errors) {
      if (error.code === 'number.min' || error.code === 'number.max') {
        error.code = 'thickness-out-of-range';
        error.message = `Thickness is ${KEPT_RANGES.thicknessMm.join(' to ')} mm.`;
      }
    }
    return errors;
  });

const keptFields = {
  thicknessMm,
  otherThicknessMm: thicknessMm,
  product: Joi.valid(...PRODUCTS),
  otherProduct: Joi.valid(...PRODUCTS),
  metal: Joi.valid(...BASE_METALS),
  alloy: lineSchema().max(30),
  otherMetal: Joi.valid(...BASE_METALS),
  otherAlloy: lineSchema().max(30),
  joint: Joi.valid(...JOINTS),
  position: Joi.valid(...POSITIONS),
  surface: Joi.valid(...SURFACES),
  place: Joi.valid(...PLACES),
  windy: Joi.boolean(),
  way: Joi.valid(...WAYS),
  mode: Joi.valid(...TRANSFER_MODES),
  wireClass: Joi.valid(...WIRE_CLASSES),
  wireDiameterMm: Joi.valid(...WIRE_DIAMETERS_MM),
  gas: gasSchema,
  polarity: Joi.valid(...POLARITIES),
  withoutFiller: Joi.boolean(),
  priorities: Joi.array()
    .items(Joi.valid(...PRIORITIES))
    .unique(),
  circumstances: Joi.array()
    .items(Joi.valid(...CIRCUMSTANCES))
    .unique(),
  machineName: lineSchema().max(60),
  profile: Joi.valid(...PROFILES),
  outsideMm: Joi.array()
    .items(figure('An outside size', KEPT_RANGES.outsideMm, 'mm'))
    .min(1)
    .max(2),
  seamMm: figure('A seam', KEPT_RANGES.seamMm, 'mm', {
    limits: `${KEPT_RANGES.seamMm[0]} mm to ${KEPT_RANGES.seamMm[1] / 1_000_000} km long`,
  }),
  numberOff: figure('The number off', KEPT_RANGES.numberOff).integer(),
  stitchMm: figure('A stitch', KEPT_RANGES.stitchMm, 'mm'),
  pitchMm: figure('The pitch', KEPT_RANGES.pitchMm, 'mm'),
  legMm: figure('A leg', KEPT_RANGES.legMm, 'mm'),
  throatMm: figure('A throat', KEPT_RANGES.throatMm, 'mm'),
  sides: Joi.valid(1, 2),
  passes: figure('The number of passes', KEPT_RANGES.passes).integer(),
  gapMm: figure('A gap', KEPT_RANGES.gapMm, 'mm'),
  backing: Joi.boolean(),
  thirdMember: Joi.boolean(),
} satisfies Record<keyof StatedWork, Joi.Schema>;

/** Work as it is kept: thicknesses in millimetres. */
export const keptWorkSchema = Joi.object<StatedWork>(keptFields);

const fields = { ...keptFields, thickness: thicknessText, otherThickness: thicknessText };

/** What has been said of a job; everything may be left open. */
export const workSchema = Joi.object<WorkInput>(fields)
  .oxor('thickness', 'thicknessMm')
  .oxor('otherThickness', 'otherThicknessMm');

/** Work of which some fields change; null takes one away. */
export type WorkChange = { readonly [K in keyof WorkInput]?: WorkInput[K] | null };

export const workChangeSchema = Joi.object<WorkChange>(
  Object.fromEntries(Object.entries(fields).map(([name, schema]) => [name, schema.allow(null)])),
)
  .oxor('thickness', 'thicknessMm')
  .oxor('otherThickness', 'otherThicknessMm');

/** The work with its written thicknesses turned into millimetres. Call with validated input. */
export function quickWorkOf(input: WorkInput): StatedWork {
  const { thickness, otherThickness, ...rest } = input;
  const mm = (text: string | number | undefined, siblings: Siblings): number | undefined => {
    if (text === undefined) return undefined;
    const reading = readThickness(text, siblings);
    return reading.status === 'read' ? reading.thicknessMm : undefined;
  };
  const first = mm(thickness, rest);
  const second = mm(otherThickness, {
    ...rest,
    ...(rest.otherProduct ? { product: rest.otherProduct } : {}),
  });
  return {
    ...rest,
    ...(first === undefined ? {} : { thicknessMm: first }),
    ...(second === undefined ? {} : { otherThicknessMm: second }),
  };
}

/** Work with some of its fields changed; a written thickness takes the place of the millimetres. */
export function changedWork(work: StatedWork, change: WorkChange): WorkInput {
  const replaced = new Set([
    ...(change.thickness === undefined ? [] : ['thicknessMm']),
    ...(change.otherThickness === undefined ? [] : ['otherThicknessMm']),
  ]);
  const kept = Object.entries(work).filter(([name]) => !replaced.has(name) && !(name in change));
  const set = Object.entries(change).filter(([, value]) => value !== null && value !== undefined);
  return Object.fromEntries([...kept, ...set]);
}
