import type { Verdict } from '@hot-bead/core/records';
import { Column, Entity, Index, PrimaryColumn } from 'typeorm';

/** A weld that was looked at. */
@Entity('inspection')
@Index('inspection_of_job', ['jobId', 'at'])
export class InspectionEntity {
  @PrimaryColumn('text')
  id: string;

  @Column('integer', { default: 1 })
  version: number;

  @Column('text')
  jobId: string;

  /** What was read, as JSON. */
  @Column('text')
  inspection: string;

  /** The form that it is kept in. */
  @Column('integer', { default: 1 })
  shape: number;

  @Column('text')
  at: string;

  /** As the limits gave it when it was written; null: no level was chosen. */
  @Column('text', { nullable: true })
  verdict: Verdict | null;

  @Column('text')
  updatedAt: string;

  /** When it was put away; null while it is there. */
  @Column('text', { nullable: true })
  awayAt: string | null;
}
