import type { Units } from '@hot-bead/core/base';
import { validated } from '@hot-bead/contract/base';
import { type NewTestBead, newTestBeadSchema } from '@hot-bead/contract/dial-in';
import type { BeadFlag, BeadReport, BeadSetting } from '@hot-bead/core/window';
import { figureOf, numberOrText, shownAs } from '../../units/index.ts';

/** A report as it is typed and picked: figures stay text, in the user's unit, until the contract has seen them. */
export interface ReportFields extends Omit<BeadReport, 'flags' | 'heat' | 'doubt'> {
  readonly volts: string;
  readonly wireFeedSpeedMPerMin: string;
  readonly flags: readonly BeadFlag[];
  readonly note: string;
  /** Local date and time, as the browser's own field has it; empty: now. */
  readonly weldedAt: string;
}

/** An empty report of a bead at a setting. */
export function reportAt(setting: BeadSetting, units: Units): ReportFields {
  return {
    volts: figureOf('volts', setting.volts, units),
    wireFeedSpeedMPerMin: figureOf('wireFeedSpeed', setting.wireFeedSpeedMPerMin, units),
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

/** A figure as typed, or the exact one it was shown for while it was not touched. */
function figure(typed: string, shown: string, exact: number, of: (value: number) => number): number | string {
  if (typed === shown) return exact;
  const value = numberOrText(typed);
  return typeof value === 'number' ? of(value) : value;
}

/**
 * A report as the contract takes it.
 *
 * @param suggested what the figures were filled in from
 * @throws {ContractError} with what is wrong, by field
 */
export function beadOf(fields: ReportFields, suggested: BeadSetting, units: Units): NewTestBead {
  const { volts, wireFeedSpeedMPerMin, flags, weldedAt, ...said } = fields;
  const shown = reportAt(suggested, units);
  const when = weldedAt === '' ? undefined : new Date(weldedAt);
  return validated(newTestBeadSchema, {
    ...Object.fromEntries(Object.entries(said).filter(([, value]) => value !== undefined)),
    volts: figure(volts, shown.volts, suggested.volts, (value) => value),
    wireFeedSpeedMPerMin: figure(
      wireFeedSpeedMPerMin,
      shown.wireFeedSpeedMPerMin,
      suggested.wireFeedSpeedMPerMin,
      shownAs('wireFeedSpeed', units).to,
    ),
    ...(flags.length > 0 ? { flags } : {}),
    ...(when ? { weldedAt: Number.isNaN(when.getTime()) ? weldedAt : when.toISOString() } : {}),
  });
}
