import { Column, DeleteDateColumn, Entity, Index, OneToMany, PrimaryColumn, type Relation } from 'typeorm';
import { AcknowledgementEntity } from './acknowledgement.entity.ts';

@Entity('job')
@Index('job_by_change', ['updatedAt', 'id'])
@Index('job_of_machine', ['machineId'])
@Index('job_of_piece', ['pieceId'])
export class JobEntity {
  @PrimaryColumn('text')
  id: string;

  /** Counts its changes, from 1. */
  @Column('integer', { default: 1 })
  version: number;

  /** The job in words, as it is listed. */
  @Column('text', { default: '' })
  title: string;

  /** As it was typed, or written from the work; its machine stands there as a mark. */
  @Column('text')
  line: string;

  /** The work without its machine. */
  @Column('text')
  work: string;

  @Column('text')
  own: string;

  /** Its place in a piece and in the day, as JSON. */
  @Column('text', { default: '{}' })
  task: string;

  /** How it is dialled in, as JSON. */
  @Column('text', { default: '{}' })
  dialIn: string;

  /** Of the task, to be found by: its piece, whether it is on the Bench, when it was welded. */
  @Column('text', { nullable: true })
  pieceId: string | null;

  @Column('boolean', { default: false })
  queued: boolean;

  @Column('text', { nullable: true })
  weldedAt: string | null;

  /** The form that work and own are kept in. */
  @Column('integer', { default: 1 })
  shape: number;

  /** The machine it names; null: none. Machines are retired, never taken away. */
  @Column('text', { nullable: true })
  machineId: string | null;

  /** Version of the computation that read the line. */
  @Column('text')
  modelVersion: string;

  /** ISO 8601, UTC, to the millisecond: two jobs saved in one second keep their order. */
  @Column('text')
  createdAt: string;

  @Column('text')
  updatedAt: string;

  @DeleteDateColumn()
  awayAt: Date | null;

  @OneToMany(() => AcknowledgementEntity, (acknowledgement) => acknowledgement.job)
  acknowledgements: Relation<AcknowledgementEntity>[];
}
