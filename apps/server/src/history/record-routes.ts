import { type PageRequest, pageSchema } from '@hot-bead/contract/base';
import {
  applyDecorators,
  Body,
  createParamDecorator,
  Delete,
  type ExecutionContext,
  Get,
  HttpCode,
  Param,
  Patch,
  Post,
  Query,
} from '@nestjs/common';
import { ApiBody, ApiOperation, ApiParam } from '@nestjs/swagger';
import type { Request } from 'express';
import type Joi from 'joi';
import { Answers, openApi, Queried } from '../base/api-docs.ts';
import { ContractPipe } from '../base/errors/contract.pipe.ts';
import { Asked, type Command } from './command.ts';
import type { KeptRecords } from './kept-records.ts';

/** How records of a kind are spoken of, and the contracts that they are sent by. */
export interface RecordContract<Kept, New, List extends PageRequest, Listed = Kept> {
  /** The part of the address that names the record that they are found under; undefined: none. */
  readonly under?: string;
  readonly kept: Joi.Schema<Kept>;
  /** As one is in a list. */
  readonly listed: Joi.Schema<Listed>;
  readonly made: Joi.Schema<New>;
  readonly list: Joi.Schema<List>;
  readonly says: {
    readonly list: string;
    readonly one: string;
    readonly create: string;
    readonly putAway: string;
    readonly restore: string;
  };
}

/** The same of records that can be changed. */
export interface ChangedContract<
  Kept,
  New,
  Changed,
  List extends PageRequest,
  Listed = Kept,
> extends RecordContract<Kept, New, List, Listed> {
  readonly changed: Joi.Schema<Changed>;
  readonly says: RecordContract<Kept, New, List>['says'] & { readonly change: string };
}

/** The record that others are found under. */
const Under = createParamDecorator((name: string | undefined, context: ExecutionContext) =>
  name === undefined ? undefined : context.switchToHttp().getRequest<Request>().params[name],
);

/** Says in the documentation what an operation does, and what it is found under. */
const Says = (summary: string, under: string | undefined): MethodDecorator =>
  applyDecorators(ApiOperation({ summary }), ...(under === undefined ? [] : [ApiParam({ name: under })]));

/**
 * The routes that every kind of record has: a page of them, one, create, put away, bring back. A controller extends them,
 * with the address it stands at.
 */
export function recordRoutes<Kept, New, List extends PageRequest = PageRequest, Listed = Kept>(
  contract: RecordContract<Kept, New, List, Listed>,
) {
  const { under, kept, listed, made, list, says } = contract;
  class RecordRoutes {
    constructor(readonly kept: KeptRecords<Kept, New, never, List, Listed>) {}

    @Get()
    @Queried(list)
    @Says(says.list, under)
    @Answers(pageSchema(listed))
    page(@Under(under) of: string | undefined, @Query(new ContractPipe(list)) asked: List) {
      return this.kept.page(asked, of);
    }

    @Get(':id')
    @Says(says.one, under)
    @Answers(kept)
    one(@Under(under) of: string | undefined, @Param('id') id: string) {
      return this.kept.one(id, of);
    }

    @Post()
    @Says(says.create, under)
    @ApiBody({ schema: openApi(made) })
    @Answers(kept, 201, 200)
    create(
      @Under(under) of: string | undefined,
      @Body(new ContractPipe(made)) body: New,
      @Asked() command: Command,
    ) {
      return this.kept.create(body, command, of);
    }

    @Delete(':id')
    @HttpCode(204)
    @Says(says.putAway, under)
    putAway(@Under(under) of: string | undefined, @Param('id') id: string, @Asked() command: Command) {
      return this.kept.putAway(id, command, of);
    }

    @Post(':id/restore')
    @HttpCode(200)
    @Says(says.restore, under)
    @Answers(kept)
    restore(@Under(under) of: string | undefined, @Param('id') id: string, @Asked() command: Command) {
      return this.kept.restore(id, command, of);
    }
  }
  return RecordRoutes;
}

/** The same for records that can be changed, field by field. */
export function changedRoutes<Kept, New, Changed, List extends PageRequest = PageRequest, Listed = Kept>(
  contract: ChangedContract<Kept, New, Changed, List, Listed>,
) {
  const { under, kept, changed, says } = contract;
  class ChangedRoutes extends recordRoutes<Kept, New, List, Listed>(contract) {
    constructor(readonly all: KeptRecords<Kept, New, Changed, List, Listed>) {
      super(all as KeptRecords<Kept, New, never, List, Listed>);
    }

    @Patch(':id')
    @Says(says.change, under)
    @ApiBody({ schema: openApi(changed) })
    @Answers(kept)
    change(
      @Under(under) of: string | undefined,
      @Param('id') id: string,
      @Body(new ContractPipe(changed)) body: Changed,
      @Asked() command: Command,
    ) {
      return this.all.change(id, body, command, of);
    }
  }
  return ChangedRoutes;
}
