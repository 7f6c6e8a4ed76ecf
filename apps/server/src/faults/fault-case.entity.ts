import { Column, Entity, Index } from 'typeorm';
import { JsonRow } from '../history/json-row.ts';

/** A fault that was looked into. */
@Entity('fault_case')
@Index('fault_case_of_machine', ['machineId'])
@Index('fault_case_by_time', ['updatedAt', 'id'])
export class FaultCaseEntity extends JsonRow {
  /** What was reported, looked at and found, as JSON. */
  @Column('text')
  faultCase: string;

  @Column('text', { nullable: true })
  machineId: string | null;

  /** How it ended; null while it is open. */
  @Column('text', { nullable: true })
  end: string | null;
}
