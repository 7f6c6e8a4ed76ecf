import type { LogLine } from '@hot-bead/contract/history';
import { KEPT_RUN, type KeptRun, type RunRecordValue, runRecordSchema } from '@hot-bead/contract/records';
import { sentence } from '@hot-bead/core/base';
import { AWAY, type Fields, fieldsOf, isSameValue, WELDED } from '@hot-bead/core/history';
import type { Welding } from '@hot-bead/core/machine';
import { defectWord, runArcMin } from '@hot-bead/core/records';
import type { Draw } from '@hot-bead/core/stores';
import { Injectable } from '@nestjs/common';
import { InjectEntityManager } from '@nestjs/typeorm';
import { EntityManager } from 'typeorm';
import { ownCommand } from '../../history/command.ts';
import { type Beside, type JsonKind, JsonRecord, type ToldBeside } from '../../history/json-record.ts';
import type { Step } from '../../history/record-type.ts';
import { RecordsService } from '../../history/records.service.ts';
import { SetAsideService } from '../../history/set-aside.service.ts';
import { jobTitle, weldedLine } from '../../history/log/welded-line.ts';
import { RigService } from '../../machine/rig.service.ts';
import { StockRecord } from '../../stores/stock-record.ts';
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

/** The welding that a run was; undefined: none, or nobody knows how long. */
function weldingOf(fields: Fields): Welding | undefined {
  const { weldedAt, ...run } = fields as unknown as RunRecordValue;
  const arcMin = runArcMin(run);
  if (fields[AWAY] === true || arcMin === undefined) return undefined;
  return { arcMin, at: new Date(weldedAt).toISOString() };
}

/** A run as it was and as it is now, with what is booked of it elsewhere. */
interface Booking {
  readonly id: string;
  readonly jobId: string;
  readonly before: Fields;
  readonly after: Fields;
}

/** How runs are kept: what they take of Stores and make of a machine is written with them. */
@Injectable()
export class RunRecord extends JsonRecord<RunEntity, 'run', RunRecordValue, KeptRun> {
  protected readonly about: JsonKind<RunEntity, 'run', RunRecordValue> = {
    kind: 'run',
    entity: RunEntity,
    column: 'run',
    shape: KEPT_RUN,
    schema: runRecordSchema,
    branches: [],
    under: 'jobId',
  };

  constructor(
    @InjectEntityManager() manager: EntityManager,
    setAside: SetAsideService,
    private readonly records: RecordsService,
    private readonly stock: StockRecord,
    private readonly rigs: RigService,
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

  protected override columnsOf({ weldedAt, weldedWith, spoolId, cylinderId }: RunRecordValue) {
    return {
      weldedAt,
      machineId: weldedWith?.machineId ?? null,
      spoolId: spoolId ?? null,
      cylinderId: cylinderId ?? null,
    };
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
    const { jobId } = await manager.findOneByOrFail(RunEntity, { id });
    await this.book(manager, { id, jobId, before: step.before, after: step.after });
  }

  /** How one is created: what it takes of Stores, and what it makes of the machine, is booked with it. */
  override creation(id: string, value: RunRecordValue, beside: Beside<RunEntity>, of: string) {
    const creation = super.creation(id, value, beside, of);
    return {
      ...creation,
      insert: async (manager: EntityManager, at: string): Promise<void> => {
        await creation.insert(manager, at);
        await this.book(manager, { id, jobId: of, before: {}, after: fieldsOf(value, []) });
      },
    };
  }

  private async book(manager: EntityManager, { id: runId, jobId, before, after }: Booking): Promise<void> {
    const [took, takes] = [drawsOf(before), drawsOf(after)];
    for (const id of new Set([...took.keys(), ...takes.keys()])) {
      if (isSameValue(took.get(id) ?? null, takes.get(id) ?? null)) continue;
      const { wireKg, gasL } = takes.get(id) ?? {};
      await this.records.changeWithin(manager, this.stock, ownCommand('run record'), {
        id,
        kind: 'stock-told',
        evenAway: true,
        about: {
          kind: WELDED,
          runId,
          ...(wireKg === undefined ? {} : { wireKg }),
          ...(gasL === undefined ? {} : { gasL }),
        },
        change: {}, // what is left of it follows from its ledger, in which the run now stands
      });
    }
    const { weldedWith } = { ...before, ...after } as Partial<RunRecordValue>;
    if (weldedWith?.machineId === undefined) return;
    const welded = { before: weldingOf(before), after: weldingOf(after), why: 'run', jobId } as const;
    await this.rigs.welded(manager, weldedWith.machineId, welded);
  }
}
