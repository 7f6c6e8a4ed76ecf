import { pageRequestSchema, pageSchema, setAsideListSchema, shopEventSchema } from '@hot-bead/contract';
import { Controller, Get, HttpCode, Param, Post, Query } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import Joi from 'joi';
import { ContractPipe } from '../errors/contract.pipe.ts';
import { Asked, type Command } from './command.ts';
import { type EventsRequest, EventsService } from './events.service.ts';
import { SetAsideService } from './set-aside.service.ts';
import { Answers } from '../api-docs.ts';

const eventsRequestSchema = (pageRequestSchema as Joi.ObjectSchema<EventsRequest>).keys({
  of: Joi.string().max(60),
});

@ApiTags('what happened')
@Controller('api')
export class EventsController {
  constructor(
    private readonly events: EventsService,
    private readonly setAside: SetAsideService,
  ) {}

  @Get('events')
  @ApiOperation({ summary: 'What happened, newest first; of one record with `of`' })
  @Answers(pageSchema(shopEventSchema))
  list(@Query(new ContractPipe(eventsRequestSchema)) query: EventsRequest) {
    return this.events.list(query);
  }

  @Post('events/:id/undo')
  @HttpCode(200)
  @ApiOperation({ summary: 'Take back what an event did, as far as nothing has come after it' })
  @Answers(shopEventSchema)
  undo(@Param('id') id: string, @Asked() command: Command) {
    return this.events.undo(id, command);
  }

  @Get('set-aside')
  @ApiOperation({ summary: 'Records that were kept in a form that cannot be read here' })
  @Answers(setAsideListSchema)
  aside() {
    return this.setAside.list();
  }
}
