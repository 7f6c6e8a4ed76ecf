import {
  type MachineProgram,
  type MachineSetting,
  programsFault,
  SCALE_RANGE,
  SCALE_STEP_RANGE,
  SCALE_UNITS,
  scaleFault,
  SETTING_IDS,
  type SettingScale,
} from '@hot-bead/core/machine';
import { PLANNED_MODES, WIRE_CLASSES, WIRE_DIAMETERS_MM } from '@hot-bead/core/trade';
import Joi from 'joi';
import { figure } from '../base/figure.ts';
import { gasSchema } from '../trade/gas.ts';
import { lineSchema } from '../base/plain-text.ts';
import { atField, whereItemsFit } from '../base/validation.ts';

/** How a machine counts one of its settings; what is wrong stands at the field it is wrong in. */
export const scaleSchema = Joi.object<SettingScale>({
  least: figure('The least of a scale', SCALE_RANGE, '', {
    missing: 'Write where the scale begins.',
  }).required(),
  most: figure('The most of a scale', SCALE_RANGE, '', { missing: 'Write where the scale ends.' }).required(),
  unit: Joi.valid(...SCALE_UNITS).required(),
  middle: figure('The middle of a scale', SCALE_RANGE),
  step: figure('A step', SCALE_STEP_RANGE),
})
  .custom((scale: SettingScale, helpers) => {
    const fault = scaleFault(scale);
    return fault === undefined
      ? scale
      : helpers.error('scale', { fault: fault.message }, atField(helpers.state, fault.field));
  })
  .messages({ scale: '{#fault}' });

/** Most settings and programs of a machine. */
export const SETTINGS_MOST = SETTING_IDS.length;
export const PROGRAMS_MOST = 400;

/** A setting as a machine has it. */
export const machineSettingSchema = Joi.object<MachineSetting>({
  setting: Joi.valid(...SETTING_IDS).required(),
  name: lineSchema().min(1).max(40),
  scale: scaleSchema,
});

export const settingListSchema = Joi.array()
  .items(machineSettingSchema)
  .max(SETTINGS_MOST)
  .unique('setting')
  .messages({ 'array.unique': 'The same setting stands there twice.' });

export const programSchema = Joi.object<MachineProgram>({
  name: lineSchema().min(1).max(24).required().messages({
    'string.empty': 'Write the program’s number or name.',
    'any.required': 'Write the program’s number or name.',
  }),
  wireClass: Joi.valid(...WIRE_CLASSES)
    .required()
    .messages({
      'any.only': 'No wire class is called “{#value}”.',
      'any.required': 'Say which wire it is for.',
    }),
  diameterMm: Joi.valid(...WIRE_DIAMETERS_MM)
    .required()
    .messages({
      'any.only': 'No wire of {#value} mm is known.',
      'any.required': 'Say which wire size it is for.',
    }),
  gas: gasSchema.required(),
  mode: Joi.valid(...PLANNED_MODES).required(),
});

/** A machine's table of programs: no number twice. */
export const programListSchema = Joi.array<MachineProgram[]>()
  .items(programSchema)
  .max(PROGRAMS_MOST)
  .custom(
    whereItemsFit(programSchema, (programs, helpers) => {
      const fault = programsFault(programs);
      return fault === undefined ? programs : helpers.error('programs', { fault: fault.message });
    }),
  )
  .messages({ programs: '{#fault}' });
