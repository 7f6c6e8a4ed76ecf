/** How much it hurts to be late, as a choice; empty: as the rest. */
export const WEIGHT_OPTIONS = [
  ['', 'as the rest'],
  ['2', 'it hurts twice as much'],
  ['3', 'it hurts three times as much'],
] as const;
