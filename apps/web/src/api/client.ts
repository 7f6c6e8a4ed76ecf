import type { ApiError, validated } from '@hot-bead/contract/base';
import type { StaleAnswer } from '@hot-bead/contract/history';
import { contract } from './contract.ts';
import { deviceId } from './device.ts';

type SchemaOf<T> = Parameters<typeof validated<T>>[0];

/**
 * Reads an answer by a schema of the contract. The contract comes with the first answer: it is large, and only data
 * waits for it.
 */
export function readBy<T>(schemaOf: () => Promise<SchemaOf<T>>): (body: unknown) => Promise<T> {
  return async (body) => {
    const [{ validated }, schema] = await Promise.all([contract.base(), schemaOf()]);
    return validated(schema, body);
  };
}

/** An answer from the server that is not a success, with its code and the field it is about. */
export class ApiFailure extends Error {
  readonly code: string;
  readonly field: string | undefined;
  readonly status: number;
  /** Under which the server's log tells more. */
  readonly requestId: string | undefined;
  /** Everything that is wrong, each at its field. */
  readonly problems: NonNullable<ApiError['problems']>;

  constructor(status: number, { code, message, field, requestId, problems = [] }: ApiError) {
    super(message);
    this.name = 'ApiFailure';
    this.status = status;
    this.code = code;
    this.field = field;
    this.requestId = requestId;
    this.problems = problems;
  }
}

/** A change of what was changed elsewhere meanwhile: both are at hand, and nothing was written. */
export class StaleFailure extends ApiFailure {
  constructor(
    error: ApiError,
    readonly answer: StaleAnswer,
  ) {
    super(409, error);
    this.name = 'StaleFailure';
  }
}

const UNREACHABLE: ApiError = {
  code: 'unreachable',
  message: 'Hot Bead’s server does not answer. What you typed is still here.',
};

async function failureOf(response: Response): Promise<ApiFailure> {
  const body: unknown = await response.json().catch(() => undefined);
  const { apiErrorSchema, validated } = await contract.base();
  if (apiErrorSchema.validate(body).error)
    return new ApiFailure(response.status, {
      code: 'internal',
      message: `The server answered ${response.status}.`,
    });
  const { errorInUsersUnits } = await import('./users-units.ts');
  const error = errorInUsersUnits(validated(apiErrorSchema, body));
  if (error.code !== 'stale') return new ApiFailure(response.status, error);
  const { staleAnswerSchema } = await contract.history();
  return new StaleFailure(error, validated(staleAnswerSchema, body));
}

interface Sending {
  /** As JSON, or a file as it is. */
  readonly body?: unknown;
  /** The version of the record that was seen. */
  readonly version?: number;
  /** The id of the command: sent again, it is done once. */
  readonly command?: string;
}

function headersOf({ body, version, command }: Sending): Record<string, string> {
  return {
    ...(body === undefined ? {} : { 'content-type': body instanceof Blob ? body.type : 'application/json' }),
    ...(version === undefined ? {} : { 'if-match': `"${version}"` }),
    ...(command === undefined ? {} : { 'command-id': command, 'device-id': deviceId() }),
  };
}

/** Most characters of a body that a browser sends on after its page is gone. */
const KEPT_ALIVE_MOST = 20_000;

function isShort({ command, body }: Sending): boolean {
  if (command === undefined || body instanceof Blob) return false;
  return body === undefined || JSON.stringify(body).length <= KEPT_ALIVE_MOST;
}

/**
 * One request to the API.
 *
 * @param read turns the answer's JSON into its type, checked against the contract
 * @throws {ApiFailure} when the server refuses or does not answer; {StaleFailure} for a change of what was changed elsewhere
 */
export async function api<T>(
  method: 'GET' | 'POST' | 'PUT' | 'PATCH' | 'DELETE',
  path: string,
  read: (body: unknown) => T | Promise<T>,
  sending: Sending = {},
): Promise<T> {
  // a command that is on its way is carried out even when its page is left meanwhile
  const init: RequestInit = { method, headers: headersOf(sending), keepalive: isShort(sending) };
  const { body } = sending;
  if (body !== undefined) init.body = body instanceof Blob ? body : JSON.stringify(body);
  const response = await fetch(`/api${path}`, init).catch(() => {
    throw new ApiFailure(0, UNREACHABLE);
  });
  if (!response.ok) throw await failureOf(response);
  return read(response.status === 204 ? undefined : await response.json());
}
