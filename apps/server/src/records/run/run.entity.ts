import { Column, Entity, Index } from 'typeorm';
import { JsonRow } from '../../history/json-row.ts';

/** A run that was welded on a job, or several alike. */
@Entity('weld_run')
@Index('weld_run_of_job', ['jobId', 'weldedAt'])
@Index('weld_run_of_machine', ['machineId', 'weldedAt'])
@Index('weld_run_of_spool', ['spoolId'], { where: '"spoolId" IS NOT NULL' })
@Index('weld_run_of_cylinder', ['cylinderId'], { where: '"cylinderId" IS NOT NULL' })
@Index('weld_run_by_time', ['weldedAt', 'id'])
export class RunEntity extends JsonRow {
  @Column('text')
  jobId: string;

  /** What was told of it, as JSON. */
  @Column('text')
  run: string;

  @Column('text', { nullable: true })
  machineId: string | null;

  @Column('text', { nullable: true })
  spoolId: string | null;

  @Column('text', { nullable: true })
  cylinderId: string | null;

  @Column('text')
  weldedAt: string;
}
