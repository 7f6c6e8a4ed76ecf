import type { Units } from '@hot-bead/core/base';
import { validated } from '@hot-bead/contract/base';
import { type NewTestBead, newTestBeadSchema } from '@hot-bead/contract/dial-in';
import type { BeadFlag, BeadReport, BeadSetting } from '@hot-bead/core/window';
import { enteredIn, type FormField } from '../../form/form-fields.ts';
import { MOMENT, VOLTS, WIRE_SPEED } from '../../form/typings.ts';

/** A report as it is typed and picked: figures stay text, in the user's unit, until the contract has seen them. */
export interface ReportFields extends Omit<BeadReport, 'flags' | 'heat' | 'doubt'> {
  readonly volts: string;
  readonly wireFeedSpeedMPerMin: string;
  readonly flags: readonly BeadFlag[];
  readonly note: string;
  /** Local date and time, as the browser's own field has it; empty: now. */
  readonly weldedAt: string;
}

/** What of it is typed. */
const FIELDS: readonly FormField[] = [
  { name: 'volts', label: 'Volts', typing: VOLTS },
  { name: 'wireFeedSpeedMPerMin', label: 'Wire speed', typing: WIRE_SPEED },
  { name: 'weldedAt', label: 'When', typing: MOMENT },
];

/** An empty report of a bead at a setting. */
export function reportAt(setting: BeadSetting, units: Units): ReportFields {
  return {
    volts: VOLTS.show(setting.volts as never, units),
    wireFeedSpeedMPerMin: WIRE_SPEED.show(setting.wireFeedSpeedMPerMin as never, units),
    flags: [],
    note: '',
    weldedAt: '',
  };
}

/** A bead's report to be corrected. */
export function reportOf(
  bead: BeadSetting & BeadReport & { readonly note: string },
  units: Units,
): ReportFields {
  const { said, face, sound, spatter, back, ends, flags = [], cooled, note } = bead;
  return { ...reportAt(bead, units), said, face, sound, spatter, back, ends, flags, cooled, note };
}

/**
 * A report as the contract takes it.
 *
 * @param suggested what the figures were filled in from: one that was not touched stays, to its last digit
 * @throws {ContractError} with what is wrong, by field
 */
export function beadOf(fields: ReportFields, suggested: BeadSetting, units: Units): NewTestBead {
  const { volts, wireFeedSpeedMPerMin, weldedAt, flags, ...said } = fields;
  const { volts: shownV, wireFeedSpeedMPerMin: shownSpeed } = suggested;
  const filledIn = { volts: shownV, wireFeedSpeedMPerMin: shownSpeed };
  return validated(newTestBeadSchema, {
    ...Object.fromEntries(Object.entries(said).filter(([, value]) => value !== undefined)),
    ...enteredIn(FIELDS, { volts, wireFeedSpeedMPerMin, weldedAt }, units, filledIn),
    ...(flags.length > 0 ? { flags } : {}),
  });
}
