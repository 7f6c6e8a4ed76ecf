import {
  type FaultCase,
  faultCaseSchema,
  KEPT_FAULT_CASE,
  type KeptFaultCase,
} from '@hot-bead/contract/faults';
import type { LogLine } from '@hot-bead/contract/history';
import { inMetric } from '@hot-bead/core/base';
import { causeText, symptomText } from '@hot-bead/core/faults';
import { FAULT_CASE_BRANCHES } from '@hot-bead/core/history';
import { Injectable } from '@nestjs/common';
import { type JsonKind, JsonRecord, type ToldBeside } from '../history/json-record.ts';
import type { EntityManager } from 'typeorm';
import { FaultCaseEntity } from './fault-case.entity.ts';

/** How fault cases are kept. */
@Injectable()
export class FaultCaseRecord extends JsonRecord<FaultCaseEntity, 'faultCase', FaultCase, KeptFaultCase> {
  protected readonly about: JsonKind<FaultCaseEntity, 'faultCase', FaultCase> = {
    kind: 'fault-case',
    entity: FaultCaseEntity,
    column: 'faultCase',
    shape: KEPT_FAULT_CASE,
    schema: faultCaseSchema,
    branches: FAULT_CASE_BRANCHES,
  };

  /** What a case is called: what it was, or what was reported first. */
  protected titleOf({ looks, present }: FaultCase): string {
    const foundCause = looks.findLast(({ answer }) => answer === 'was')?.found;
    if (foundCause !== undefined) return inMetric(causeText(foundCause));
    const [first] = present;
    return first === undefined ? 'a fault' : symptomText(first);
  }

  protected toldOf(faultCase: FaultCase, beside: ToldBeside): KeptFaultCase {
    return { ...faultCase, ...beside };
  }

  protected override lineOf(
    _manager: EntityManager,
    faultCase: FaultCase,
    { id }: FaultCaseEntity,
  ): Promise<LogLine> {
    const { present, note, machineId, jobId, end, minutes, beganAt } = faultCase;
    return Promise.resolve({
      at: new Date(beganAt).toISOString(),
      kind: 'fault',
      title: `Fault: ${this.titleOf(faultCase)}`,
      text: [...present.map(symptomText), note].filter(Boolean).join('. '),
      subjectId: id,
      machineId,
      jobId,
      verdict: end,
      minutes,
    });
  }

  protected override columnsOf({ machineId, end }: FaultCase) {
    return { machineId: machineId ?? null, end: end ?? null };
  }
}
