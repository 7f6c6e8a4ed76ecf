import {
  type FaultCase,
  faultCaseSchema,
  KEPT_FAULT_CASE,
  type KeptFaultCase,
  validated,
} from '@hot-bead/contract';
import {
  AWAY,
  causeText,
  FAULT_CASE_BRANCHES,
  type Fields,
  fieldsOf,
  recordOf,
  symptomText,
} from '@hot-bead/core';
import { Injectable } from '@nestjs/common';
import { InjectEntityManager } from '@nestjs/typeorm';
import { EntityManager, In } from 'typeorm';
import { notFound } from '../errors/domain-error.ts';
import { awayField, type Loaded, type RecordType, type Step } from '../events/record-type.ts';
import { SetAsideService } from '../events/set-aside.service.ts';
import { FaultCaseEntity } from './fault-case.entity.ts';

function caseOf(fields: Fields): FaultCase {
  const { [AWAY]: _away, ...rest } = fields;
  return validated(faultCaseSchema, recordOf(rest, FAULT_CASE_BRANCHES));
}

/** What a case is called: what it was, or what was reported first. */
function titleOf({ looks, present }: FaultCase): string {
  const found = looks.findLast(({ answer }) => answer === 'was')?.found;
  if (found !== undefined) return causeText(found);
  const [first] = present;
  return first === undefined ? 'a fault' : symptomText(first);
}

/** The columns that a case is kept in. */
export function caseColumns(faultCase: FaultCase, at: string) {
  return {
    faultCase: JSON.stringify(faultCase),
    shape: KEPT_FAULT_CASE.version,
    machineId: faultCase.machineId ?? null,
    end: faultCase.end ?? null,
    updatedAt: at,
  };
}

/** How fault cases are kept. */
@Injectable()
export class FaultCaseRecord implements RecordType<KeptFaultCase> {
  readonly kind = 'fault-case';
  readonly word = 'fault case';
  readonly derived = [];

  constructor(
    @InjectEntityManager() readonly manager: EntityManager,
    private readonly setAside: SetAsideService,
  ) {}

  async load(manager: EntityManager, id: string): Promise<Loaded | undefined> {
    const row = await manager.findOneBy(FaultCaseEntity, { id });
    if (!row) return undefined;
    const parts = this.setAside.readOrThrow(KEPT_FAULT_CASE, this.keptRow(row), { faultCase: row.faultCase });
    const fields = { ...fieldsOf(parts.faultCase, FAULT_CASE_BRANCHES), ...awayField(row.awayAt !== null) };
    return { fields, version: row.version, of: id };
  }

  settle(_manager: EntityManager, { after }: Step): Promise<Fields> {
    const isAway = after[AWAY] === true;
    return Promise.resolve({ ...fieldsOf(caseOf(after), FAULT_CASE_BRANCHES), ...awayField(isAway) });
  }

  async store(
    manager: EntityManager,
    id: string,
    { after, version, at }: Step & { readonly version: number },
  ): Promise<void> {
    const awayAt = after[AWAY] === true ? at : null;
    await manager.update(FaultCaseEntity, id, { ...caseColumns(caseOf(after), at), awayAt, version });
  }

  async tell(id: string): Promise<KeptFaultCase> {
    const row = await this.manager.findOneBy(FaultCaseEntity, { id });
    const kept = row && this.kept(row);
    if (!kept) throw notFound(this.word, id);
    return kept;
  }

  /** A row as it is told; undefined where it cannot be read and is set aside. */
  kept(row: FaultCaseEntity): KeptFaultCase | undefined {
    const parts = this.setAside.read(KEPT_FAULT_CASE, this.keptRow(row), { faultCase: row.faultCase });
    if (!parts) return undefined;
    const { id, version, updatedAt, awayAt } = row;
    return { ...parts.faultCase, id, version, updatedAt, away: awayAt !== null };
  }

  async titles(manager: EntityManager, ids: readonly string[]): Promise<ReadonlyMap<string, string>> {
    const rows = await manager.findBy(FaultCaseEntity, { id: In([...ids]) });
    return new Map(
      rows.flatMap((row) => {
        const kept = this.kept(row);
        return kept ? [[row.id, titleOf(kept)] as const] : [];
      }),
    );
  }

  private keptRow({ id, shape }: FaultCaseEntity) {
    return { kind: 'fault-case', id, title: 'a fault case', shape } as const;
  }
}
