import type { Verdict } from '@hot-bead/core/records';
import { Column, Entity, Index } from 'typeorm';
import { JsonRow } from '../../history/json-row.ts';

/** A weld that was looked at. */
@Entity('inspection')
@Index('inspection_of_job', ['jobId', 'at'])
export class InspectionEntity extends JsonRow {
  @Column('text')
  jobId: string;

  /** What was read, as JSON. */
  @Column('text')
  inspection: string;

  @Column('text')
  at: string;

  /** As the limits gave it when it was written; null: no level was chosen. */
  @Column('text', { nullable: true })
  verdict: Verdict | null;
}
