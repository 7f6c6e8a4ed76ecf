import { DomainError } from '../errors/domain-error.ts';

/** A failure as it travels from a thread: what it is, and what the answer needs of it. */
export type HeavyFailure =
  | {
      readonly kind: 'ours';
      readonly code: string;
      readonly status: number;
      readonly message: string;
      readonly field: string | undefined;
    }
  | {
      readonly kind: 'other';
      readonly code: string | undefined;
      readonly message: string;
      readonly stack: string;
    };

/** A failure, made ready to travel. */
export function toldFailure(error: unknown): HeavyFailure {
  if (error instanceof DomainError) {
    const { code, status, message, field } = error;
    return { kind: 'ours', code, status, message, field };
  }
  const { code, message, stack } = error as { code?: unknown; message?: string; stack?: string };
  return {
    kind: 'other',
    code: typeof code === 'string' ? code : undefined,
    message: message ?? String(error),
    stack: stack ?? '',
  };
}

/** The failure that travelled, as it was. */
export function failureOf(failure: HeavyFailure): Error {
  if (failure.kind === 'ours')
    return new DomainError(failure.code, failure.status, failure.message, failure.field);
  return Object.assign(new Error(failure.message), { code: failure.code, stack: failure.stack });
}
