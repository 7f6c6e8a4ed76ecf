/** Whether the full counts are asked for, as `npm run acceptance` does. */
export const IS_ACCEPTANCE = process.env['HOT_BEAD_ACCEPTANCE'] !== undefined;

/**
 * How many cases a long test takes.
 *
 * @param few with every change: as few, seeded, as still notice a wrong constant
 * @param all for acceptance: as many as the figure that is promised needs
 */
export function cases(few: number, all: number): number {
  return IS_ACCEPTANCE ? all : few;
}
