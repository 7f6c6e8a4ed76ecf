import { COMMAND_HEADER } from '@hot-bead/contract/history';

/** An expected failure with a code of its own; one filter turns it into an answer. */
export class DomainError extends Error {
  readonly code: string;
  readonly status: number;
  readonly field: string | undefined;
  /** What the answer carries beside code and message. */
  readonly more: object;

  constructor(code: string, status: number, message: string, field?: string, more: object = {}) {
    super(message);
    this.code = code;
    this.status = status;
    this.field = field;
    this.more = more;
  }
}

export function notFound(what: string, id: string): DomainError {
  return new DomainError('not-found', 404, `There is no ${what} ${id.slice(0, 60)}.`, 'id');
}

/** The id of a command says something else already. */
export function otherCommand(): DomainError {
  return new DomainError('command-id-taken', 409, 'Another command has this id.', COMMAND_HEADER);
}
