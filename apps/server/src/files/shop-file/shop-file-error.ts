import { DomainError } from '../../base/errors/domain-error.ts';

/** Why a file is not taken, in one line. */
export class ShopFileError extends DomainError {
  constructor(message: string) {
    super('not-restored', 400, message, 'file');
  }
}
