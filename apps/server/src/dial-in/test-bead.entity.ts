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
import { JobEntity } from '../plan/jobs/job.entity.ts';

@Entity('test_bead')
@Index('test_bead_of_job', ['jobId', 'number'], { unique: true })
export class TestBeadEntity {
  @PrimaryColumn('text')
  id: string;

  @Column('integer', { default: 1 })
  version: number;

  @Column('text')
  jobId: string;

  @ManyToOne(() => JobEntity, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'jobId', foreignKeyConstraintName: 'test_bead_job' })
  job: Relation<JobEntity>;

  @Column('integer')
  number: number;

  @Column('real')
  wireFeedSpeedMPerMin: number;

  @Column('real')
  volts: number;

  @Column('text')
  note: string;

  /** What is said of it beside its setting, as JSON. */
  @Column('text', { default: '{}' })
  details: string;

  /** What the plan said when the bead was welded. */
  @Column('text', { nullable: true })
  plan: string | null;

  /** What it was welded with; null: not recorded. */
  @Column('text', { nullable: true })
  weldedWith: string | null;

  /** The form that details, plan and weldedWith are kept in. */
  @Column('integer', { default: 1 })
  shape: number;

  /** ISO 8601, UTC. */
  @Column('text')
  createdAt: string;

  @DeleteDateColumn()
  awayAt: Date | null;
}
