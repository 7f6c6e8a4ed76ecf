import {
  BASE_METALS,
  CIRCUMSTANCES,
  gaugeTableFor,
  JOINTS,
  type LengthUnit,
  parseThickness,
  PLACES,
  POLARITIES,
  POSITIONS,
  PRIORITIES,
  PRODUCTS,
  type QuickWork,
  SEAM_RANGE_MM,
  SURFACES,
  THICKNESS_RANGE_MM,
  TRANSFER_MODES,
  WAYS,
  WIRE_CLASSES,
  WIRE_DIAMETERS_MM,
} from '@hot-bead/core';
import Joi from 'joi';
import { gasSchema } from './gas.ts';

/** A thickness as written ("1/8", "14 ga") may stand in place of millimetres. */
export interface WorkInput extends QuickWork {
  readonly thickness?: string | number;
  readonly otherThickness?: string | number;
}

interface Siblings extends QuickWork {
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
    return reading.status === 'read' ? value : helpers.error(reading.code, { text: reading.message });
  })
  .messages({
    'thickness-unreadable': '{#text}',
    'thickness-out-of-range': '{#text}',
    'thickness-ambiguous': '{#text}',
    'gauge-unknown': '{#text}',
  });

const thicknessMm = Joi.number()
  .min(THICKNESS_RANGE_MM[0])
  .max(THICKNESS_RANGE_MM[1])
  .error((errors) => {
    for (const error of errors) {
      if (error.code === 'number.min' || error.code === 'number.max') {
        error.code = 'thickness-out-of-range';
        error.message = `Thickness is ${THICKNESS_RANGE_MM[0]} to ${THICKNESS_RANGE_MM[1]} mm.`;
      }
    }
    return errors;
  });

/** What has been said of a job; everything may be left open. */
export const workSchema = Joi.object<WorkInput>({
  thickness: thicknessText,
  thicknessMm,
  otherThickness: thicknessText,
  otherThicknessMm: thicknessMm,
  product: Joi.valid(...PRODUCTS),
  otherProduct: Joi.valid(...PRODUCTS),
  metal: Joi.valid(...BASE_METALS),
  alloy: Joi.string().max(30),
  otherMetal: Joi.valid(...BASE_METALS),
  otherAlloy: Joi.string().max(30),
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
  machineName: Joi.string().max(60),
  seamMm: Joi.number()
    .min(SEAM_RANGE_MM[0])
    .max(SEAM_RANGE_MM[1])
    .messages({
      'number.base': 'The seam’s length is a number.',
      'number.min': `A seam is ${SEAM_RANGE_MM[0]} mm to ${SEAM_RANGE_MM[1] / 1_000_000} km long.`,
      'number.max': `A seam is ${SEAM_RANGE_MM[0]} mm to ${SEAM_RANGE_MM[1] / 1_000_000} km long.`,
    }),
})
  .oxor('thickness', 'thicknessMm')
  .oxor('otherThickness', 'otherThicknessMm');

/** The work with its written thicknesses turned into millimetres. Call with validated input. */
export function quickWorkOf(input: WorkInput): QuickWork {
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
