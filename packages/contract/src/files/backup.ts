import Joi from 'joi';
import { exactly } from '../base/validation.ts';

/** What a shop can be restored from. */
export const RESTORE_KINDS = ['database', 'zip', 'json'] as const;
export type RestoreKind = (typeof RESTORE_KINDS)[number];

/** What was restored. */
export interface RestoreReport {
  readonly kind: RestoreKind;
  readonly records: number;
  /** The file that the shop before it is kept in, beside the database. */
  readonly keptAs: string;
}
export const restoreReportSchema = exactly<RestoreReport>({
  kind: Joi.valid(...RESTORE_KINDS).required(),
  records: Joi.number().required(),
  keptAs: Joi.string().required(),
});
