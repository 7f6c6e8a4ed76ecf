import { ContractError } from '@hot-bead/contract/base';
import { ApiFailure } from '../../api/client.ts';
import { inUsersUnits } from '../../api/users-units.ts';

/** What is wrong with what was typed, and at which field; '' where it is about no field of its own. */
export interface Problem {
  readonly field: string;
  readonly message: string;
}

interface Sending<T> {
  /** Checks what was typed. @throws {ContractError} with what is wrong with it */
  readonly check: () => T;
  readonly send: (checked: T, onError: (error: Error) => void) => void;
  /** Says what is wrong, found here or by the server. */
  readonly place: (problems: readonly Problem[]) => void;
}

/** Checks what was typed and sends it; whatever is wrong is placed at its field, and nothing typed is lost. */
export function sendChecked<T>({ check, send, place }: Sending<T>): void {
  let checked: T;
  try {
    checked = check();
  } catch (error) {
    if (!(error instanceof ContractError)) throw error;
    place(error.problems.map((one) => ({ ...one, message: inUsersUnits(one.message) })));
    return;
  }
  send(checked, (error) => {
    const field = error instanceof ApiFailure ? (error.field ?? '') : '';
    place([{ field, message: error.message }]);
  });
}
