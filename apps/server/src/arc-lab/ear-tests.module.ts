import Joi from 'joi';
import {
  EAR_TESTS_MOST,
  type EarTest,
  earTestListSchema,
  earTestSchema,
  KEPT_EAR_TEST,
  type KeptEarTest,
  keptEarTestSchema,
  type Learner,
  learnerListSchema,
  type NewEarTest,
  newEarTestSchema,
} from '@hot-bead/contract/arc-lab';
import {
  Body,
  Controller,
  Delete,
  Get,
  HttpCode,
  Injectable,
  Module,
  Param,
  Post,
  Query,
} from '@nestjs/common';
import { ApiBody, ApiOperation, ApiTags } from '@nestjs/swagger';
import { InjectRepository, TypeOrmModule } from '@nestjs/typeorm';
import { IsNull, Repository } from 'typeorm';
import { Answers, openApi, Queried } from '../base/api-docs.ts';
import { ContractPipe } from '../base/errors/contract.pipe.ts';
import { Asked, type Command } from '../history/command.ts';
import { EventsService } from '../history/events.service.ts';
import { type JsonKind, JsonRecord, type ToldBeside } from '../history/json-record.ts';
import { type Made, RecordsService } from '../history/records.service.ts';
import { EarTestEntity } from './ear-test.entity.ts';

/** How tests of the ear are kept. */
@Injectable()
export class EarTestRecord extends JsonRecord<EarTestEntity, 'test', EarTest, KeptEarTest> {
  protected readonly about: JsonKind<EarTestEntity, 'test', EarTest> = {
    kind: 'ear-test',
    word: 'ear test',
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

@Injectable()
export class EarTestsService {
  constructor(
    @InjectRepository(EarTestEntity) private readonly rows: Repository<EarTestEntity>,
    private readonly record: EarTestRecord,
    private readonly records: RecordsService,
    events: EventsService,
  ) {
    events.register(record);
  }

  /** Everyone who took a test, the last to do so first. */
  async learners(): Promise<readonly Learner[]> {
    return this.rows
      .createQueryBuilder('t')
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

  /** Tests of a learner, the first first: as many of the last as are told. */
  async list(learner: string): Promise<readonly KeptEarTest[]> {
    const rows = await this.rows.find({
      where: { learner, awayAt: IsNull() },
      order: { createdAt: 'DESC', id: 'ASC' },
      take: EAR_TESTS_MOST,
    });
    return rows.toReversed().flatMap((row) => this.record.kept(row) ?? []);
  }

  async create({ id, ...test }: NewEarTest, command: Command): Promise<Made<KeptEarTest>> {
    const beside = (_manager: unknown, at: string) =>
      Promise.resolve({ createdAt: test.answers.at(-1)?.at ?? at });
    return this.records.create(this.record, command, this.record.creation(id ?? command.id, test, beside));
  }

  async putAway(id: string, command: Command): Promise<void> {
    return this.records.putAway(this.record, command, id);
  }
}

/** Whose tests are asked for. */
interface EarTestsRequest {
  readonly learner: string;
}
const earTestsRequestSchema = Joi.object<EarTestsRequest>({
  learner: Joi.string().allow('').max(80).default('').messages({ '*': 'Say one learner.' }),
});

@ApiTags('ear tests')
@Controller('api')
export class EarTestsController {
  constructor(private readonly tests: EarTestsService) {}

  @Get('learners')
  @ApiOperation({ summary: 'Everyone who took an ear test, with how much was right' })
  @Answers(learnerListSchema)
  learners() {
    return this.tests.learners();
  }

  @Get('ear-tests')
  @Queried(earTestsRequestSchema)
  @ApiOperation({ summary: 'Tests of one learner, the first first' })
  @Answers(earTestListSchema)
  list(@Query(new ContractPipe(earTestsRequestSchema)) { learner }: EarTestsRequest) {
    return this.tests.list(learner);
  }

  @Post('ear-tests')
  @ApiOperation({ summary: 'Keep a test that was taken' })
  @ApiBody({ schema: openApi(newEarTestSchema) })
  @Answers(keptEarTestSchema, 201, 200)
  create(@Body(new ContractPipe(newEarTestSchema)) body: NewEarTest, @Asked() command: Command) {
    return this.tests.create(body, command);
  }

  @Delete('ear-tests/:id')
  @HttpCode(204)
  @ApiOperation({ summary: 'Put a test away' })
  putAway(@Param('id') id: string, @Asked() command: Command) {
    return this.tests.putAway(id, command);
  }
}

@Module({
  imports: [TypeOrmModule.forFeature([EarTestEntity])],
  controllers: [EarTestsController],
  providers: [EarTestRecord, EarTestsService],
  exports: [EarTestsService],
})
export class EarTestsModule {}
