import type { PageRequest } from '@hot-bead/contract/base';
import { KEPT_MACHINE, KEPT_RUNS, type KeptDialReading } from '@hot-bead/contract/machine';
import { Injectable } from '@nestjs/common';
import { InjectEntityManager } from '@nestjs/typeorm';
import { EntityManager, type FindOptionsWhere, In } from 'typeorm';
import { pageBy } from '../base/paging/page-by.ts';
import { type KeptRow, type RowHome, SetAsideService } from '../history/set-aside.service.ts';
import { DialReadingEntity } from './dial-reading.entity.ts';
import { keptReading, type ReadMachine } from './kept-machine.ts';
import { MachineEntity } from './machine.entity.ts';

/** A machine is retired, never deleted: jobs, readings and what it was taught speak of it. */
const HOME: RowHome = { entity: MachineEntity, deletable: false };
/** A reading goes with its machine: by itself it is only deleted. */
const READING_HOME: RowHome = { entity: DialReadingEntity, goesAway: false };

function keptRow({ id, name, shape, awayAt }: MachineEntity): KeptRow {
  return { kind: 'machine', id, title: name, shape, home: HOME, away: awayAt !== null };
}

/** Reads machines with their readings; one that cannot be read is set aside, a reading that cannot be read too. */
@Injectable()
export class MachineReader {
  constructor(
    @InjectEntityManager() readonly manager: EntityManager,
    private readonly setAside: SetAsideService,
  ) {}

  async find(
    manager: EntityManager,
    where: FindOptionsWhere<MachineEntity>,
  ): Promise<readonly ReadMachine[]> {
    return this.read(manager, await manager.find(MachineEntity, { where, order: { name: 'ASC' } }));
  }

  /** A page of them, by name. */
  async page(manager: EntityManager, where: FindOptionsWhere<MachineEntity>, asked: PageRequest) {
    const query = manager.createQueryBuilder(MachineEntity, 'machine').where(where);
    const { rows, next } = await pageBy(query, { by: 'name', holds: 'name', is: 'rising' }, asked);
    return { machines: await this.read(manager, rows), next };
  }

  private async read(
    manager: EntityManager,
    rows: readonly MachineEntity[],
  ): Promise<readonly ReadMachine[]> {
    const readings = await this.readingsOf(manager, rows);
    return rows.flatMap((row): ReadMachine[] => {
      const parts = this.setAside.read(KEPT_MACHINE, keptRow(row), { profile: row.profile });
      return parts ? [{ row, profile: parts.profile, readings: readings.get(row.id) ?? [] }] : [];
    });
  }

  /** One machine, or undefined where there is none; one that was set aside is refused by its code. */
  async one(manager: EntityManager, id: string): Promise<ReadMachine | undefined> {
    const row = await manager.findOneBy(MachineEntity, { id });
    if (!row) return undefined;
    const { profile } = this.setAside.readOrThrow(KEPT_MACHINE, keptRow(row), { profile: row.profile });
    const readings = await this.readingsOf(manager, [row]);
    return { row, profile, readings: readings.get(id) ?? [] };
  }

  private async readingsOf(
    manager: EntityManager,
    machines: readonly MachineEntity[],
  ): Promise<ReadonlyMap<string, readonly KeptDialReading[]>> {
    const nameOf = new Map(machines.map(({ id, name }) => [id, name] as const));
    const rows = await manager.findBy(DialReadingEntity, { machineId: In([...nameOf.keys()]) });
    const byMachine = new Map<string, KeptDialReading[]>();
    for (const row of rows) {
      const { id, machineId, shape, run, shortRun } = row;
      const title = `${nameOf.get(machineId) ?? ''}: a reading at ${row.knob}`;
      const runs = this.setAside.read(
        KEPT_RUNS,
        { kind: 'machine', id, title, shape, home: READING_HOME },
        { run, shortRun },
      );
      if (!runs) continue;
      const list = byMachine.get(machineId);
      if (list) list.push(keptReading(row, runs));
      else byMachine.set(machineId, [keptReading(row, runs)]);
    }
    return byMachine;
  }
}
