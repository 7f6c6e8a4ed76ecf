import type { KeptMachine, RigChange, RigValueChange } from '@hot-bead/contract/machine';
import { RIG_STEPS, rigFact, rigField, rigFieldValue } from '@hot-bead/core/changeover';
import {
  type FieldChange,
  type Fields,
  isSameValue,
  type Json,
  MACHINE_BRANCHES,
  recordOf,
} from '@hot-bead/core/history';
import {
  afterWelding,
  isOtherTip,
  type Machine,
  type RigAttribute,
  type RigFact,
  type RigFacts,
  type Welding,
} from '@hot-bead/core/machine';
import { isSameWire } from '@hot-bead/core/trade';
import { Injectable } from '@nestjs/common';
import type { EntityManager } from 'typeorm';
import { DomainError } from '../base/errors/domain-error.ts';
import { type Command, ownCommand } from '../history/command.ts';
import { RecordsService } from '../history/records.service.ts';
import { PhotosService } from '../photos/photos.service.ts';
import { MachineRecord } from './machine-record.ts';

const rigPath = (name: string): string => `rig.${name}`;

/** What stands in an attribute, as a rig says it; null: nothing is known. */
function standing(fields: Fields, name: RigAttribute): string | null {
  return rigFact(recordOf(fields, MACHINE_BRANCHES) as unknown as Machine, name)?.value ?? null;
}

/** What is known of a rig, attribute by attribute. */
function rigFacts(fields: Fields): RigFacts {
  return Object.fromEntries(
    Object.entries(fields).flatMap(([path, value]) =>
      path.startsWith(rigPath('')) ? [[path.slice(rigPath('').length), value]] : [],
    ),
  ) as RigFacts;
}

/** A tip that was changed for another begins its minutes anew, unless they were told. */
function withTipLife(fields: Fields, change: FieldChange, at: string): FieldChange {
  const path = rigPath('tipMinutes');
  const isNew = isOtherTip(rigFacts(fields), { ...rigFacts(fields), ...rigFacts(change as Fields) });
  return isNew && !Object.hasOwn(change, path)
    ? { ...change, [path]: { value: '0', at, since: at } }
    : change;
}

/** The fields that a new value of an attribute sets. */
function fieldsFor(name: RigAttribute, { to, doubted }: RigValueChange, at: string): FieldChange {
  const since = name === 'tipMinutes' ? { since: at } : {};
  const fact = to === null ? null : ({ value: to, at, ...(doubted ? { doubted } : {}), ...since } as Json);
  const field = rigField(name);
  return {
    [rigPath(name)]: fact,
    ...(field === undefined ? {} : { [field]: to === null ? null : rigFieldValue(name, to) }),
  };
}

/** A step behind a gate is told together with the gate that was confirmed. */
function refuseSkippedGate({ why, step, gate }: RigChange): void {
  const row = RIG_STEPS.find(({ id }) => id === step);
  if (why !== 'step' || !row || row.gate === 'none' || row.gate === gate) return;
  throw new DomainError('gate-not-confirmed', 400, `Confirm first: ${row.gate}.`, 'gate');
}

/** Welding as it was told and as it is told now, and for which job. */
export interface Welded {
  readonly before: Welding | undefined;
  readonly after: Welding | undefined;
  readonly why: 'bead' | 'run';
  readonly jobId: string;
}

/** Changes how a machine stands: what was seen before is said with what is now, so that nobody overwrites another. */
@Injectable()
export class RigService {
  constructor(
    private readonly record: MachineRecord,
    private readonly records: RecordsService,
    private readonly photos: PhotosService,
  ) {}

  /**
   * Keeps what a step, a look or a hand made of the rig. What stands so already is left as it is.
   *
   * @throws {DomainError} `rig-overtaken` where something stands that was not seen
   */
  async tell(id: string, asked: RigChange, command: Command): Promise<KeptMachine> {
    const at = new Date().toISOString();
    const { why, step, jobId, gate, note, photoId, rollPressure } = asked;
    refuseSkippedGate(asked);
    if (photoId !== undefined && !(await this.photos.isKept(photoId))) {
      throw new DomainError('photo-unknown', 400, 'There is no such photo: keep it first.', 'photoId');
    }
    const about = {
      why,
      ...(step === undefined ? {} : { step }),
      ...(jobId === undefined ? {} : { jobId }),
      ...(gate === undefined ? {} : { gate }),
      ...(note === undefined || note === '' ? {} : { note }),
      ...(photoId === undefined ? {} : { photoId }),
    };
    return this.records.change(
      this.record,
      { ...command, seen: 'any' },
      {
        id,
        kind: 'rigged',
        about,
        change: (fields) => ({
          ...this.valuesOf(fields, asked.changes, at),
          ...(rollPressure === undefined ? {} : { rollPressures: withPressure(fields, rollPressure) }),
        }),
      },
    );
  }

  private valuesOf(fields: Fields, changes: RigChange['changes'], at: string): FieldChange {
    const overtaken: string[] = [];
    let change: FieldChange = {};
    for (const [key, value] of Object.entries(changes)) {
      const name = key as RigAttribute;
      const now = standing(fields, name);
      const fact = fields[rigPath(name)] as unknown as RigFact | undefined;
      const isSo = now === value.to && (fact?.doubted === true) === (value.doubted === true);
      if (isSo && fact?.at !== undefined && now !== value.from) continue;
      if (now !== value.from && now !== value.to) overtaken.push(name);
      change = { ...change, ...fieldsFor(name, value, at) };
    }
    if (overtaken.length > 0) {
      throw new DomainError(
        'rig-overtaken',
        409,
        `It was changed elsewhere meanwhile (${overtaken.join(', ')}): look how it stands now.`,
        'changes',
      );
    }
    return withTipLife(fields, change, at);
  }

  /**
   * What welding makes of the machine that it was done on, in the transaction that writes it: a hot front, and a tip that
   * is older. A machine that was put away meanwhile is left as it is.
   */
  async welded(manager: EntityManager, id: string, { before, after, ...about }: Welded): Promise<void> {
    if (isSameValue(before ?? null, after ?? null)) return;
    await this.records
      .changeWithin(manager, this.record, ownCommand('welding'), {
        id,
        kind: 'rigged',
        about: { ...about },
        change: (fields) =>
          Object.fromEntries(
            Object.entries(afterWelding(rigFacts(fields), before, after)).map(([name, fact]) => [
              rigPath(name),
              (fact ?? null) as unknown as Json,
            ]),
          ),
      })
      .catch((error: unknown) => {
        if (!(error instanceof DomainError && error.code === 'not-found')) throw error;
      });
  }
}

/** The kept pressures with one more, or another for the same wire. */
function withPressure(fields: Fields, pressure: NonNullable<RigChange['rollPressure']>): Json {
  const kept = (fields['rollPressures'] ?? []) as unknown as readonly (typeof pressure)[];
  const others = kept.filter((one) => !isSameWire(one, pressure));
  return [...others, pressure] as unknown as Json;
}
