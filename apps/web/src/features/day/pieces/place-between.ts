interface Placed {
  readonly id: string;
  readonly place: number;
}

/**
 * The place that brings one of a list to where another stands: between its new neighbours.
 *
 * @param list in order, places ascending
 */
export function placeBetween(list: readonly Placed[], moved: string, over: string): number {
  const isDown = list.findIndex(({ id }) => id === moved) < list.findIndex(({ id }) => id === over);
  const rest = list.filter(({ id }) => id !== moved);
  const at = rest.findIndex(({ id }) => id === over) + (isDown ? 1 : 0);
  const before = rest[at - 1]?.place;
  const after = rest[at]?.place;
  if (before === undefined) return (after ?? 1) - 1;
  return after === undefined ? before + 1 : (before + after) / 2;
}
