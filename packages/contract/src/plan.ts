import type { LengthUnit, MachineTerms, PlanReport, Setup } from '@hot-bead/core';
import Joi from 'joi';
import { LINE_MAX, type NewJob, newJobSchema } from './job.ts';

/** A plan asked for: a line or work, with the unit that bare numbers are in. */
export interface PlanRequest extends NewJob {
  readonly unit?: LengthUnit;
}

export const planRequestSchema = (newJobSchema as Joi.ObjectSchema<PlanRequest>).keys({
  line: Joi.string().trim().max(LINE_MAX).min(1),
  unit: Joi.valid('mm', 'in').default('mm'),
});

/** The plan in short form, and in full when there is one. */
export interface PlanResponse {
  readonly status: 'planned' | 'refused';
  readonly report: PlanReport;
  readonly setup: Setup | null;
  /** The plan in the terms of the machine it names; null without one, or where it was refused. */
  readonly terms: MachineTerms | null;
}
