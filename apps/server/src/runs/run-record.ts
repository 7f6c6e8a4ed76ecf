import {
  KEPT_RUN,
  type KeptRun,
  type LogLine,
  type RunRecordValue,
  runRecordSchema,
} from '@hot-bead/contract';
import {
  AWAY,
  changeBetween,
  defectWord,
  runArcMin,
  sentence,
  type Draw,
  drawnFrom,
  type Fields,
  fieldsOf,
  type StockItem,
} from '@hot-bead/core';
import { Injectable } from '@nestjs/common';
import { InjectEntityManager } from '@nestjs/typeorm';
import { EntityManager } from 'typeorm';
import { ownCommand } from '../events/command.ts';
import { type Beside, type JsonKind, JsonRecord, type ToldBeside } from '../events/json-record.ts';
import type { Step } from '../events/record-type.ts';
import { RecordsService } from '../events/records.service.ts';
import { SetAsideService } from '../events/set-aside.service.ts';
import { jobTitle, weldedLine } from '../log/welded-line.ts';
import { StockRecord } from '../stock/stock-record.ts';
import { RunEntity } from './run.entity.ts';

/** What a run takes of each thing in Stores; one that was put away takes nothing. */
function drawsOf(fields: Fields): ReadonlyMap<string, Draw> {
  const { spoolId, cylinderId, wireKg, gasL } = fields as Partial<RunRecordValue>;
  if (fields[AWAY] === true) return new Map();
  return new Map<string, Draw>([
    ...(spoolId === undefined || wireKg === undefined ? [] : [[spoolId, { wireKg }] as const]),
    ...(cylinderId === undefined || gasL === undefined ? [] : [[cylinderId, { gasL }] as const]),
  ]);
}

/** What is to be drawn where a run took one thing and now takes another; less than nothing is given back. */
function difference(before: Draw | undefined, after: Draw | undefined): Draw {
  const less = (name: keyof Draw): number => (after?.[name] ?? 0) - (before?.[name] ?? 0);
  return { wireKg: less('wireKg'), gasL: less('gasL') };
}

/** How runs are kept: what they take of Stores is written with them. */
@Injectable()
export class RunRecord extends JsonRecord<RunEntity, 'run', RunRecordValue, KeptRun> {
  protected readonly about: JsonKind<RunEntity, 'run', RunRecordValue> = {
    kind: 'run',
    word: 'run',
    entity: RunEntity,
    column: 'run',
    shape: KEPT_RUN,
    schema: runRecordSchema,
    branches: [],
  };

  constructor(
    @InjectEntityManager() manager: EntityManager,
    setAside: SetAsideService,
    private readonly records: RecordsService,
    private readonly stock: StockRecord,
  ) {
    super(manager, setAside);
  }

  protected titleOf({ run, count = 1 }: RunRecordValue): string {
    if (count > 1) return `${count} runs`;
    return run === undefined ? 'a run' : `run ${run}`;
  }

  protected toldOf(run: RunRecordValue, beside: ToldBeside, { jobId }: RunEntity): KeptRun {
    return { ...run, ...beside, jobId };
  }

  protected override columnsOf({ weldedAt, weldedWith }: RunRecordValue) {
    return { weldedAt, machineId: weldedWith?.machineId ?? null };
  }

  protected override ofRow({ jobId }: RunEntity): string {
    return jobId;
  }

  protected override async lineOf(
    manager: EntityManager,
    run: RunRecordValue,
    { id, jobId }: RunEntity,
  ): Promise<LogLine> {
    const title = await jobTitle(manager, jobId);
    const words = [run.who, run.note, run.defect && defectWord(run.defect)].filter(Boolean);
    return {
      ...weldedLine(run.weldedWith),
      at: new Date(run.weldedAt).toISOString(),
      kind: 'run',
      title: `${sentence(this.titleOf(run))}, ${title}`,
      text: words.join('. '),
      subjectId: id,
      jobId,
      verdict: run.result,
      wireFeedSpeedMPerMin: run.wireFeedSpeedMPerMin,
      volts: run.volts,
      wireKg: run.wireKg,
      gasL: run.gasL,
      minutes: runArcMin(run),
      count: run.count,
    };
  }

  override async store(
    manager: EntityManager,
    id: string,
    step: Step & { readonly version: number },
  ): Promise<void> {
    await super.store(manager, id, step);
    await this.book(manager, id, step.before, step.after);
  }

  /** How one is created: what it takes of Stores is booked with it. */
  override creation(id: string, value: RunRecordValue, beside: Beside<RunEntity>, of: string) {
    const creation = super.creation(id, value, beside, of);
    return {
      ...creation,
      insert: async (manager: EntityManager, at: string): Promise<void> => {
        await creation.insert(manager, at);
        await this.book(manager, id, {}, fieldsOf(value, []));
      },
    };
  }

  private async book(manager: EntityManager, runId: string, before: Fields, after: Fields): Promise<void> {
    const [took, takes] = [drawsOf(before), drawsOf(after)];
    for (const id of new Set([...took.keys(), ...takes.keys()])) {
      const draw = difference(took.get(id), takes.get(id));
      if (draw.wireKg === 0 && draw.gasL === 0) continue;
      await this.records.changeWithin(manager, this.stock, ownCommand('run record'), {
        id,
        kind: 'stock-told',
        evenAway: true,
        about: {
          kind: 'welded',
          runId,
          ...(draw.wireKg === 0 ? { gasL: draw.gasL ?? 0 } : { wireKg: draw.wireKg ?? 0 }),
        },
        change: (fields) => {
          const { [AWAY]: _away, ...item } = fields;
          const drawn = drawnFrom(item as unknown as StockItem, draw);
          // where nobody said how much there is, there is nothing to book it from
          return drawn.status === 'taken' ? changeBetween(item, fieldsOf(drawn.item, [])) : {};
        },
      });
    }
  }
}
