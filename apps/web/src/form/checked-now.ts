import { ContractError, validated } from '@hot-bead/contract/base';
import { inUsersUnits } from '../api/users-units.ts';
import type { Problems } from '../ui/form/use-problems.ts';

/** What was entered as its contract takes it, while it is being typed; or what is wrong with it, by field. */
export function checkedNow<T>(
  schema: Parameters<typeof validated<T>>[0],
  entered: unknown,
): { readonly checked: T | undefined; readonly problems: Problems } {
  try {
    return { checked: validated(schema, entered), problems: {} };
  } catch (error) {
    if (!(error instanceof ContractError)) throw error;
    const problems = error.problems.map(({ field, message }) => [field, inUsersUnits(message)] as const);
    return { checked: undefined, problems: Object.fromEntries(problems) };
  }
}
