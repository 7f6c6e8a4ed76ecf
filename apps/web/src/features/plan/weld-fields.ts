import { keptWorkSchema } from '@hot-bead/contract/plan';
import { ContractError, validated } from '@hot-bead/contract/base';
import { amount, amountText, type Units } from '@hot-bead/core/base';
import type { StatedWork } from '@hot-bead/core/plan';
import type { FormField } from '../../form/form-fields.ts';
import { LEG, LENGTH_AS_GIVEN, THROAT } from '../../form/typings.ts';
import { lengthText } from '../../units/index.ts';

/** Figures of a weld in the order a drawing gives them; all of them may be left open. */
export const WELD_FIELDS: readonly FormField[] = [
  { name: 'legMm', label: 'Leg', typing: LEG, placeholder: 'our size' },
  { name: 'throatMm', label: 'or throat', typing: THROAT },
  { name: 'seamMm', label: 'Length of a seam', typing: LENGTH_AS_GIVEN },
  { name: 'numberOff', label: 'Number off' },
  { name: 'stitchMm', label: 'Stitch', typing: LENGTH_AS_GIVEN },
  { name: 'pitchMm', label: 'Pitch', typing: LENGTH_AS_GIVEN },
  { name: 'gapMm', label: 'Root gap', typing: LENGTH_AS_GIVEN },
  { name: 'passes', label: 'Runs asked for' },
];
const NAMES: ReadonlySet<string> = new Set(WELD_FIELDS.map(({ name }) => name));

/** What does not go together: a leg and a throat, a stitch without a pitch or one that is longer. */
function conflictOf({
  legMm,
  throatMm,
  stitchMm,
  pitchMm,
}: StatedWork): readonly [field: string, message: string] | undefined {
  if (legMm !== undefined && throatMm !== undefined)
    return ['throatMm', 'Give the leg or the throat, not both.'];
  if (stitchMm !== undefined && pitchMm === undefined)
    return ['pitchMm', 'A stitch needs its pitch: from one start to the next.'];
  if (stitchMm === undefined && pitchMm !== undefined)
    return ['stitchMm', 'A pitch needs the length of its stitch.'];
  if (stitchMm !== undefined && pitchMm !== undefined && stitchMm >= pitchMm)
    return ['pitchMm', 'The pitch is longer than the stitch: from one start to the next.'];
  return undefined;
}

/**
 * The work with the figures of its weld as they were entered; one that was emptied is no longer said.
 *
 * @throws {ContractError} with what is wrong, at its field
 */
export function weldOf(work: StatedWork, entered: object): StatedWork {
  const rest = Object.entries(work).filter(([name]) => !NAMES.has(name));
  const checked = validated(keptWorkSchema, { ...Object.fromEntries(rest), ...entered });
  const conflict = conflictOf(checked);
  if (conflict) throw new ContractError([{ field: conflict[0], code: 'conflict', message: conflict[1] }]);
  return checked;
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
