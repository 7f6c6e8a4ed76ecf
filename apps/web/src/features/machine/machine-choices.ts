import { COMMON_GASES, gasOf, WIRE_CLASS_TABLE } from '@hot-bead/core/trade';

/** Wires and gases to choose from, as a select takes them. */
export const CLASSES = WIRE_CLASS_TABLE.map(({ id }) => [id, id] as const);
export const GASES = COMMON_GASES.map((id) => [id, gasOf(id).name] as const);
