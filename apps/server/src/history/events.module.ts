import { Global, Module } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { EventEntity } from './event.entity.ts';
import { EventsController } from './events.controller.ts';
import { EventsService } from './events.service.ts';
import { RecordsService } from './records.service.ts';
import { SetAsideService } from './set-aside.service.ts';
import { UnreadableService } from './unreadable.service.ts';

/** What happened, and the one way in which records are written: every feature stands on it. */
@Global()
@Module({
  imports: [TypeOrmModule.forFeature([EventEntity])],
  controllers: [EventsController],
  providers: [EventsService, RecordsService, SetAsideService, UnreadableService],
  exports: [EventsService, RecordsService, SetAsideService],
})
export class EventsModule {}
