import { ContractError, validated } from '@hot-bead/contract/base';
import { Injectable, type PipeTransform } from '@nestjs/common';
import type Joi from 'joi';
import { overBounds } from './bounds.ts';

/** Checks a body against its contract before a controller sees it. */
@Injectable()
export class ContractPipe<T> implements PipeTransform<unknown, T> {
  constructor(private readonly schema: Joi.Schema<T>) {}

  transform(value: unknown): T {
    const sent = value ?? {};
    const tooMuch = overBounds(this.schema, sent);
    if (tooMuch) throw new ContractError([tooMuch]);
    return validated(this.schema, sent);
  }
}
