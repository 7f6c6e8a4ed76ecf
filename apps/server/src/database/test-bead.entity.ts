import type { ArcSound, BeadFace } from '@hot-bead/core';
import type { PlanSnapshot } from '@hot-bead/contract';
import {
  Column,
  DeleteDateColumn,
  Entity,
  Index,
  JoinColumn,
  ManyToOne,
  PrimaryColumn,
  type Relation,
} from 'typeorm';
import { JobEntity } from './job.entity.ts';

@Entity('test_bead')
@Index('test_bead_of_job', ['jobId', 'number'], { unique: true })
export class TestBeadEntity {
  @PrimaryColumn('text')
  id: string;

  @Column('text')
  jobId: string;

  @ManyToOne(() => JobEntity, (job) => job.beads, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'jobId', foreignKeyConstraintName: 'test_bead_job' })
  job: Relation<JobEntity>;

  @Column('integer')
  number: number;

  @Column('real')
  wireFeedSpeedMPerMin: number;

  @Column('real')
  volts: number;

  @Column('text')
  face: BeadFace;

  @Column('text')
  sound: ArcSound;

  @Column('text')
  note: string;

  /** What the plan said when the bead was welded. */
  @Column('simple-json', { nullable: true })
  plan: PlanSnapshot | null;

  /** ISO 8601, UTC. */
  @Column('text')
  createdAt: string;

  @DeleteDateColumn()
  deletedAt: Date | null;
}
