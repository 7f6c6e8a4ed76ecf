import { inMetric } from '@hot-bead/core/base';
import { nameKey, validated } from '@hot-bead/contract/base';
import type { EventKind, LogLine } from '@hot-bead/contract/history';
import {
  enteredMachineSchema,
  type KeptMachine,
  type MachineProfile,
  newNameSchema,
} from '@hot-bead/contract/machine';
import { RIG_STEPS, rigVerb } from '@hot-bead/core/changeover';
import { AWAY, type Fields, fieldsOf, MACHINE_BRANCHES, recordOf } from '@hot-bead/core/history';
import { type Machine, readingFault, type TimedReading } from '@hot-bead/core/machine';
import { Injectable } from '@nestjs/common';
import { type EntityManager, In } from 'typeorm';
import { DomainError } from '../base/errors/domain-error.ts';
import { EventEntity } from '../history/event.entity.ts';
import {
  awayField,
  type Loaded,
  type LoggedEvent,
  type RecordType,
  type Step,
} from '../history/record-type.ts';
import type { LogChange } from '../history/log/write-log.ts';
import { DialReadingEntity } from './dial-reading.entity.ts';
import { enteredMachine, keptMachine, type ReadMachine } from './kept-machine.ts';
import { MachineEntity } from './machine.entity.ts';
import { MachineReader } from './machine-reader.ts';
import { CONTROL_FIELDS, readDate } from './read-dates.ts';
import { noSuchRecord } from '../history/no-such-record.ts';

/** Path of the field that says whether a reading counts. */
export const readingPath = (id: string): string => `${MACHINE_BRANCHES[0]}.${id}`;
const READING = readingPath('');

/** A machine's columns from what was entered. */
export function machineColumns({
  name,
  loadedWireClass,
  loadedWireDiameterMm,
  loadedGas,
  ...profile
}: Machine): Pick<
  MachineEntity,
  'name' | 'loadedWireClass' | 'loadedWireDiameterMm' | 'loadedGas' | 'profile'
> {
  return {
    name,
    loadedWireClass,
    loadedWireDiameterMm,
    loadedGas,
    profile: JSON.stringify(profile satisfies MachineProfile),
  };
}

/** The machine's own fields: without its readings, their dates, and whether it is retired. */
function enteredFields(fields: Fields): Record<string, unknown> {
  const own = ownFields(fields);
  const { rig, readingCounts: _counts, ...entered } = recordOf(own, MACHINE_BRANCHES);
  return Object.keys(rig as object).length === 0 ? entered : { ...entered, rig };
}

function ownFields(fields: Fields): Fields {
  const notEntered = new Set<string>([AWAY, ...CONTROL_FIELDS.map(({ date }) => date)]);
  return Object.fromEntries(
    Object.entries(fields).filter(([path]) => !path.startsWith(READING) && !notEntered.has(path)),
  );
}

function fieldsOfMachine(machine: ReadMachine): Fields {
  const { row, readings } = machine;
  return {
    ...fieldsOf(enteredMachine(machine), MACHINE_BRANCHES),
    ...(row.voltsReadAt === null ? {} : { voltsReadAt: row.voltsReadAt }),
    ...(row.entryReadAt === null ? {} : { entryReadAt: row.entryReadAt }),
    ...awayField(row.awayAt !== null),
    ...Object.fromEntries(readings.map(({ id, counts }) => [readingPath(id), counts])),
  };
}

/** Refuses readings that a machine with these controls cannot have given. */
export function refuseStrays(
  machine: Machine,
  readings: readonly Pick<TimedReading, 'knob' | 'position'>[],
): void {
  const strays = readings.flatMap((reading) => readingFault(machine, reading) ?? []);
  const [first] = strays;
  if (!first) return;
  const many = strays.length === 1 ? 'One reading does' : `${strays.length} readings do`;
  throw new DomainError(
    'readings-do-not-fit',
    400,
    `${many} not fit. ${inMetric(first.message)} Begin a new calibration first, or leave the scale as it is.`,
    first.field === 'knob' ? 'wireControl' : 'voltsControl',
  );
}

/** Refuses a name that a machine has already, in whatever case. */
export async function refuseTaken(manager: EntityManager, name: string, butId?: string): Promise<void> {
  const rows = await manager.find(MachineEntity, { select: { id: true, name: true, awayAt: true } });
  const taken = rows.find((row) => row.id !== butId && nameKey(row.name) === nameKey(name));
  if (!taken) return;
  const retired = taken.awayAt === null ? '' : ' among the retired';
  throw new DomainError('name-taken', 409, `There is a machine ${taken.name} already${retired}.`, 'name');
}

/** Events of a machine in which readings of its controls went, newest first. */
export async function controlEvents(manager: EntityManager, id: string): Promise<readonly EventEntity[]> {
  return manager
    .createQueryBuilder(EventEntity, 'event')
    .where('event.subjectKind = :kind AND event.subjectId = :id', { kind: 'machine', id })
    .andWhere(`(event.before LIKE '%"voltsControl"%' OR event.before LIKE '%"oneEntry"%')`)
    .orderBy('event.number', 'DESC')
    .getMany();
}

/** What happened to the readings of a machine's controls, as the log says it. */
const CALIBRATION_WORD: Readonly<Partial<Record<EventKind, string>>> = {
  'reading-added': 'a reading of its dial',
  'reading-taken-out': 'a reading taken out',
  'reading-put-back': 'a reading counts again',
  'calibration-begun': 'a new calibration begun',
};

/** How machines are kept: each with the readings of its dial, and which of them count. */
@Injectable()
export class MachineRecord implements RecordType<KeptMachine> {
  readonly kind = 'machine';
  readonly branches = MACHINE_BRANCHES;
  readonly derived: readonly string[] = CONTROL_FIELDS.map(({ date }) => date);

  constructor(private readonly reader: MachineReader) {}

  async load(manager: EntityManager, id: string): Promise<Loaded | undefined> {
    const machine = await this.reader.one(manager, id);
    return machine && { fields: fieldsOfMachine(machine), version: machine.row.version, of: id };
  }

  async settle(manager: EntityManager, step: Step): Promise<Fields> {
    const { id, before, after } = step;
    const machine = validated(enteredMachineSchema, enteredFields(after));
    if (after['name'] !== before['name']) {
      validated(newNameSchema, { name: machine.name });
      await refuseTaken(manager, machine.name, id);
    }
    await this.refuseStraysOf(manager, machine, after);
    const touchesControls = CONTROL_FIELDS.some(({ field }) => field in step.change);
    const events = touchesControls ? await controlEvents(manager, id) : [];
    const dates = CONTROL_FIELDS.map((control) => [control.date, readDate(control, step, events)] as const);
    const rest = Object.entries(after).filter(([path]) => !this.derived.includes(path));
    return Object.fromEntries([...rest, ...dates.filter(([, date]) => date !== null)]) as Fields;
  }

  async store(
    manager: EntityManager,
    id: string,
    { before, after, version, at }: Step & { readonly version: number },
  ): Promise<void> {
    const wasAway = before[AWAY] === true;
    const isAway = after[AWAY] === true;
    await manager.update(MachineEntity, id, {
      ...machineColumns(enteredFields(after) as unknown as Machine),
      voltsReadAt: (after['voltsReadAt'] as string | undefined) ?? null,
      entryReadAt: (after['entryReadAt'] as string | undefined) ?? null,
      ...(wasAway === isAway ? {} : { awayAt: isAway ? at : null }),
      version,
    });
    for (const counts of [true, false]) {
      const ids = Object.keys(after)
        .filter((path) => path.startsWith(READING) && after[path] === counts && before[path] !== counts)
        .map((path) => path.slice(READING.length));
      if (ids.length > 0) await manager.update(DialReadingEntity, { id: In(ids), machineId: id }, { counts });
    }
  }

  async tell(id: string): Promise<KeptMachine> {
    const machine = await this.reader.one(this.reader.manager, id);
    if (!machine) throw noSuchRecord(this.kind, id);
    return keptMachine(machine);
  }

  async titles(manager: EntityManager, ids: readonly string[]): Promise<ReadonlyMap<string, string>> {
    const rows = await manager.find(MachineEntity, {
      where: { id: In([...ids]) },
      select: { id: true, name: true },
    });
    return new Map(rows.map(({ id, name }) => [id, name] as const));
  }

  /** Steps and looks at its rig, and readings of its controls; what welding makes of it is told with the weld. */
  async logged(
    manager: EntityManager,
    { id, eventId, kind, about, at }: LoggedEvent,
  ): Promise<LogChange | undefined> {
    const word = CALIBRATION_WORD[kind];
    const isRigged = kind === 'rigged' && about?.['why'] !== 'bead' && about?.['why'] !== 'run';
    if (word === undefined && !isRigged) return undefined;
    const name = (await this.titles(manager, [id])).get(id) ?? '';
    const step = RIG_STEPS.find((row) => row.id === about?.['step']);
    const { jobId } = (about ?? {}) as { readonly jobId?: string };
    const line: LogLine = {
      at,
      kind: word === undefined ? 'rig' : 'calibration',
      title: `${name}: ${word ?? rigVerb(String(about?.['step'])) ?? 'told by hand'}`,
      text: String(about?.['note'] ?? ''),
      subjectId: id,
      machineId: id,
      jobId,
      minutes: step?.minutes,
    };
    return { id: `event:${eventId}`, line };
  }

  private async refuseStraysOf(manager: EntityManager, machine: Machine, after: Fields): Promise<void> {
    const ids = Object.keys(after)
      .filter((path) => path.startsWith(READING) && after[path] === true)
      .map((path) => path.slice(READING.length));
    if (ids.length === 0) return;
    const rows = await manager.findBy(DialReadingEntity, { id: In(ids) });
    refuseStrays(
      machine,
      rows.map(({ knob, position }) => ({ knob, position: position ?? undefined })),
    );
  }
}
