import type { ApiError } from '@hot-bead/contract/base';
import { inWords, wordsOfMetricText } from '@hot-bead/core/base';
import { keptUnits } from './kept-units.ts';

/** A message of the contract or the server, which both speak in the core's own units. */
export function inUsersUnits(message: string): string {
  return inWords(wordsOfMetricText(message), { units: keptUnits() });
}

/** An error of the server with what it says in the user's units. */
export function errorInUsersUnits(error: ApiError): ApiError {
  const { message, problems } = error;
  return {
    ...error,
    message: inUsersUnits(message),
    ...(problems && {
      problems: problems.map((one) => ({ ...one, message: inUsersUnits(one.message) })),
    }),
  };
}
