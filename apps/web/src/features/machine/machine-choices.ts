import { type Units, wireSizeText } from '@hot-bead/core/base';
import { COMMON_GASES, gasOf, WIRE_CLASS_TABLE, WIRE_DIAMETERS_MM } from '@hot-bead/core/trade';
import type { Options } from '../../form/form-fields.ts';

/** Wires and gases to choose from, as a select takes them. */
export const CLASSES = WIRE_CLASS_TABLE.map(({ id }) => [id, id] as const);
export const GASES = COMMON_GASES.map((id) => [id, gasOf(id).name] as const);

/** Wire sizes to choose from. */
export function wireSizes(units: Units): Options {
  return WIRE_DIAMETERS_MM.map((mm) => [String(mm), wireSizeText(mm, units)] as const);
}
