import Joi from 'joi';
import { type PageRequest, pageRequestSchema } from '@hot-bead/contract/base';
import {
  type EarTest,
  earTestSchema,
  KEPT_EAR_TEST,
  type KeptEarTest,
  keptEarTestSchema,
  type Learner,
  learnerListSchema,
  newEarTestSchema,
} from '@hot-bead/contract/arc-lab';
import { Controller, Get, Injectable, Module } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { TypeOrmModule } from '@nestjs/typeorm';
import type { SelectQueryBuilder } from 'typeorm';
import { Answers } from '../base/api-docs.ts';
import { EventsService } from '../history/events.service.ts';
import { type JsonKind, JsonRecord, type ToldBeside } from '../history/json-record.ts';
import { JsonRecords } from '../history/json-records.ts';
import { recordRoutes } from '../history/record-routes.ts';
import { RecordsService } from '../history/records.service.ts';
import { EarTestEntity } from './ear-test.entity.ts';

/** How tests of the ear are kept. */
@Injectable()
export class EarTestRecord extends JsonRecord<EarTestEntity, 'test', EarTest, KeptEarTest> {
  protected readonly about: JsonKind<EarTestEntity, 'test', EarTest> = {
    kind: 'ear-test',
    entity: EarTestEntity,
    column: 'test',
    shape: KEPT_EAR_TEST,
    schema: earTestSchema,
    branches: [],
  };

  protected titleOf({ learner, answers }: EarTest): string {
    return `ear test of ${learner}, ${answers.length} answers`;
  }

  protected toldOf(value: EarTest, beside: ToldBeside, { createdAt }: EarTestEntity): KeptEarTest {
    return { ...value, ...beside, createdAt };
  }

  protected override columnsOf({ learner, answers }: EarTest): Partial<EarTestEntity> {
    const right = answers.filter(({ truth, said }) => truth === said).length;
    return { learner, answers: answers.length, right };
  }
}

/** Whose tests are asked for. */
interface EarTestsRequest extends PageRequest {
  readonly learner: string;
}
const earTestsRequestSchema = (pageRequestSchema as Joi.ObjectSchema<EarTestsRequest>).keys({
  learner: Joi.string().allow('').max(80).default('').messages({ '*': 'Say one learner.' }),
});

@Injectable()
export class EarTestsService extends JsonRecords<
  EarTestEntity,
  EarTest,
  KeptEarTest,
  never,
  EarTestsRequest
> {
  protected readonly order = { by: 'createdAt', holds: 'time', is: 'rising' } as const;

  constructor(record: EarTestRecord, records: RecordsService, events: EventsService) {
    super(record, records, events);
  }

  /** Everyone who took a test, the last to do so first. */
  async learners(): Promise<readonly Learner[]> {
    return this.record
      .query('t')
      .select('t.learner', 'learner')
      .addSelect('COUNT(*)', 'tests')
      .addSelect('SUM(t.answers)', 'answers')
      .addSelect('SUM(t.right)', 'right')
      .addSelect('MAX(t.createdAt)', 'lastAt')
      .where('t.awayAt IS NULL')
      .groupBy('t.learner')
      .orderBy('lastAt', 'DESC')
      .getRawMany<Learner>();
  }

  protected override narrow(query: SelectQueryBuilder<EarTestEntity>, { learner }: EarTestsRequest): void {
    query.andWhere('row.learner = :learner', { learner });
  }

  /** It was taken when the last of its answers was given. */
  protected override beside({ answers }: EarTest) {
    return (_manager: unknown, at: string) => Promise.resolve({ createdAt: answers.at(-1)?.at ?? at });
  }
}

@ApiTags('ear tests')
@Controller('api/ear-tests')
export class EarTestsController extends recordRoutes({
  kept: keptEarTestSchema,
  listed: keptEarTestSchema,
  made: newEarTestSchema,
  list: earTestsRequestSchema,
  says: {
    list: 'Tests of one learner, the first first',
    one: 'One test',
    create: 'Keep a test that was taken',
    putAway: 'Put a test away; it can be brought back',
    restore: 'Bring a test back',
  },
}) {
  constructor(tests: EarTestsService) {
    super(tests);
  }
}

@ApiTags('ear tests')
@Controller('api/learners')
export class LearnersController {
  constructor(private readonly tests: EarTestsService) {}

  @Get()
  @ApiOperation({ summary: 'Everyone who took an ear test, with how much was right' })
  @Answers(learnerListSchema)
  learners() {
    return this.tests.learners();
  }
}

@Module({
  imports: [TypeOrmModule.forFeature([EarTestEntity])],
  controllers: [EarTestsController, LearnersController],
  providers: [EarTestRecord, EarTestsService],
  exports: [EarTestsService],
})
export class EarTestsModule {}
