import { Column, Entity, Index, PrimaryColumn } from 'typeorm';

/** A run that was welded on a job, or several alike. */
@Entity('weld_run')
@Index('weld_run_of_job', ['jobId', 'weldedAt'])
@Index('weld_run_of_machine', ['machineId', 'weldedAt'])
@Index('weld_run_of_spool', ['spoolId'], { where: '"spoolId" IS NOT NULL' })
@Index('weld_run_of_cylinder', ['cylinderId'], { where: '"cylinderId" IS NOT NULL' })
@Index('weld_run_by_time', ['weldedAt', 'id'])
export class RunEntity {
  @PrimaryColumn('text')
  id: string;

  @Column('integer', { default: 1 })
  version: number;

  @Column('text')
  jobId: string;

  /** What was told of it, as JSON. */
  @Column('text')
  run: string;

  /** The form that it is kept in. */
  @Column('integer', { default: 1 })
  shape: number;

  @Column('text', { nullable: true })
  machineId: string | null;

  @Column('text', { nullable: true })
  spoolId: string | null;

  @Column('text', { nullable: true })
  cylinderId: string | null;

  @Column('text')
  weldedAt: string;

  @Column('text')
  updatedAt: string;

  /** When it was put away; null while it is there. */
  @Column('text', { nullable: true })
  awayAt: string | null;
}
