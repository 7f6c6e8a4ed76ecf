import type { ApiError, validated } from '@hot-bead/contract';

type Contract = typeof import('@hot-bead/contract');
type SchemaOf<T> = Parameters<typeof validated<T>>[0];

/** The contract comes with the first answer: it is large, and only data waits for it. */
const loadContract = (): Promise<Contract> => import('@hot-bead/contract');

/** Reads an answer by one of the contract's schemas. */
export function readBy<T>(schemaOf: (contract: Contract) => SchemaOf<T>): (body: unknown) => Promise<T> {
  return async (body) => {
    const contract = await loadContract();
    return contract.validated(schemaOf(contract), body);
  };
}

/** An answer from the server that is not a success, with its code and the field it is about. */
export class ApiFailure extends Error {
  readonly code: string;
  readonly field: string | undefined;
  readonly status: number;

  constructor(status: number, { code, message, field }: ApiError) {
    super(message);
    this.name = 'ApiFailure';
    this.status = status;
    this.code = code;
    this.field = field;
  }
}

const UNREACHABLE: ApiError = {
  code: 'unreachable',
  message: 'Hot Bead’s server does not answer. What you typed is still here.',
};

async function failureOf(response: Response): Promise<ApiFailure> {
  const body: unknown = await response.json().catch(() => undefined);
  const { apiErrorSchema, validated } = await loadContract();
  const { error } = apiErrorSchema.validate(body);
  if (error)
    return new ApiFailure(response.status, {
      code: 'internal',
      message: `The server answered ${response.status}.`,
    });
  return new ApiFailure(response.status, validated(apiErrorSchema, body));
}

/**
 * One request to the API.
 *
 * @param read turns the answer's JSON into its type, checked against the contract
 * @throws {ApiFailure} when the server refuses or does not answer
 */
export async function api<T>(
  method: 'GET' | 'POST' | 'PUT' | 'PATCH' | 'DELETE',
  path: string,
  read: (body: unknown) => T | Promise<T>,
  body?: unknown,
): Promise<T> {
  const init: RequestInit = { method };
  if (body !== undefined) {
    init.headers = { 'content-type': 'application/json' };
    init.body = JSON.stringify(body);
  }
  const response = await fetch(`/api${path}`, init).catch(() => {
    throw new ApiFailure(0, UNREACHABLE);
  });
  if (!response.ok) throw await failureOf(response);
  return read(response.status === 204 ? undefined : await response.json());
}
