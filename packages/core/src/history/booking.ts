/** What is said beside a change that welding makes elsewhere: of the machine it was done on, or of what it drew from. */
export const WELDED = 'welded';

/**
 * Whether something that happened is no telling of its own, but what a bead or a run made of a machine or took of Stores:
 * it comes and goes with what was welded.
 *
 * @param about what was said beside it; null: nothing
 */
export function isBooking(about: Readonly<Record<string, unknown>> | null): boolean {
  return about !== null && (about['why'] === 'bead' || about['why'] === 'run' || about['kind'] === WELDED);
}
