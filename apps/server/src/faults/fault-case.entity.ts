import { Column, Entity, Index, PrimaryColumn } from 'typeorm';

/** A fault that was looked into. */
@Entity('fault_case')
@Index('fault_case_of_machine', ['machineId'])
@Index('fault_case_by_time', ['updatedAt', 'id'])
export class FaultCaseEntity {
  @PrimaryColumn('text')
  id: string;

  @Column('integer', { default: 1 })
  version: number;

  /** What was reported, looked at and found, as JSON. */
  @Column('text')
  faultCase: string;

  /** The form that it is kept in. */
  @Column('integer', { default: 1 })
  shape: number;

  @Column('text', { nullable: true })
  machineId: string | null;

  /** How it ended; null while it is open. */
  @Column('text', { nullable: true })
  end: string | null;

  @Column('text')
  updatedAt: string;

  /** When it was put away; null while it is there. */
  @Column('text', { nullable: true })
  awayAt: string | null;
}
