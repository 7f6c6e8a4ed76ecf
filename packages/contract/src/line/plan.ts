import type { PlanReport } from '@hot-bead/core/line';
import type { Setup } from '@hot-bead/core/plan';
import type { MachineTerms } from '@hot-bead/core/terms';
import Joi from 'joi';
import { type SaidJob, saidJobFields } from '../plan/job.ts';
import { plannedReportSchema, refusedReportSchema } from './plan-report.ts';
import { exactly } from '../base/validation.ts';

/** A plan asked for: a line or work, with the unit that bare numbers are in. */
export type PlanRequest = SaidJob;

export const planRequestSchema = Joi.object<PlanRequest>({
  ...saidJobFields,
  line: saidJobFields.line.min(1),
})
  .or('line', 'work')
  .messages({ 'object.missing': 'Send the job as a line or as work.' });

/** The plan in short form, and in full when there is one. */
export interface PlanResponse {
  readonly status: 'planned' | 'refused';
  readonly report: PlanReport;
  readonly setup: Setup | null;
  /** The plan in the terms of the machine it names; null without one, or where it was refused. */
  readonly terms: MachineTerms | null;
}

/** One of the planner's own records: what it holds goes with the version of the computation that it names. */
const ownRecord = (statuses: readonly string[]): Joi.ObjectSchema =>
  Joi.object({ status: Joi.valid(...statuses).required() }).unknown();

const termsSchema = exactly<MachineTerms>({
  wire: ownRecord(['shown', 'entry', 'not-measured', 'knob', 'letter', 'out-of-reach']).required(),
  volts: ownRecord([
    'shown',
    'entry',
    'not-measured',
    'shown-offset',
    'position',
    'knob',
    'out-of-reach',
  ]).required(),
  entry: ownRecord(['set', 'not-recorded', 'below', 'above']),
});

export const planResponseSchema = exactly<PlanResponse>({
  status: Joi.valid('planned', 'refused').required(),
  report: Joi.when('status', {
    is: 'planned',
    then: plannedReportSchema,
    otherwise: refusedReportSchema,
  }).required(),
  setup: ownRecord(['planned', 'refused']).keys({ modelVersion: Joi.string().required() }).required(),
  terms: termsSchema.allow(null).required(),
});
