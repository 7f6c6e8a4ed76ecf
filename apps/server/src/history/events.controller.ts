import { pageRequestSchema, pageSchema } from '@hot-bead/contract/base';
import { setAsideListSchema, setAsideRecordSchema, shopEventSchema } from '@hot-bead/contract/history';
import { Controller, Delete, Get, HttpCode, Param, Post, Query } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import Joi from 'joi';
import { ContractPipe } from '../base/errors/contract.pipe.ts';
import { Asked, type Command } from './command.ts';
import { type EventsRequest, EventsService } from './events.service.ts';
import { SetAsideService } from './set-aside.service.ts';
import { UnreadableService } from './unreadable.service.ts';
import { Answers, Queried } from '../base/api-docs.ts';

const eventsRequestSchema = (pageRequestSchema as Joi.ObjectSchema<EventsRequest>).keys({
  of: Joi.string().max(60),
});

@ApiTags('what happened')
@Controller('api')
export class EventsController {
  constructor(
    private readonly events: EventsService,
    private readonly setAside: SetAsideService,
    private readonly unreadable: UnreadableService,
  ) {}

  @Get('events')
  @Queried(eventsRequestSchema)
  @ApiOperation({ summary: 'What happened, newest first; of one record with `of`' })
  @Answers(pageSchema(shopEventSchema))
  list(@Query(new ContractPipe(eventsRequestSchema)) query: EventsRequest) {
    return this.events.list(query);
  }

  @Post('events/:id/undo')
  @HttpCode(200)
  @ApiOperation({ summary: 'Take back what an event did, as far as nothing has come after it' })
  @Answers(pageSchema(shopEventSchema))
  undo(@Param('id') id: string, @Asked() command: Command) {
    return this.events.undo(id, command);
  }

  @Get('set-aside')
  @ApiOperation({ summary: 'Records that were kept in a form that cannot be read here' })
  @Answers(setAsideListSchema)
  aside() {
    return this.setAside.list();
  }

  @Get('set-aside/:kind/:id')
  @ApiOperation({ summary: 'One of them with its row, column by column, as it stands' })
  @Answers(setAsideRecordSchema)
  asideRecord(@Param('kind') kind: string, @Param('id') id: string) {
    return this.unreadable.tell(kind, id);
  }

  @Post('set-aside/:kind/:id/put-away')
  @HttpCode(204)
  @ApiOperation({ summary: 'Put a record away that cannot be read' })
  putAsideAway(@Param('kind') kind: string, @Param('id') id: string, @Asked() command: Command) {
    return this.unreadable.putAway(kind, id, command);
  }

  @Delete('set-aside/:kind/:id')
  @HttpCode(204)
  @ApiOperation({ summary: 'Delete a record that cannot be read' })
  deleteAside(@Param('kind') kind: string, @Param('id') id: string, @Asked() command: Command) {
    return this.unreadable.delete(kind, id, command);
  }
}
