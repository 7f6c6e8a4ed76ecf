import { validated } from '@hot-bead/contract';
import { Injectable, type PipeTransform } from '@nestjs/common';
import type Joi from 'joi';

/** Checks a body against its contract before a controller sees it. */
@Injectable()
export class ContractPipe<T> implements PipeTransform<unknown, T> {
  constructor(private readonly schema: Joi.Schema<T>) {}

  transform(value: unknown): T {
    return validated(this.schema, value ?? {});
  }
}
