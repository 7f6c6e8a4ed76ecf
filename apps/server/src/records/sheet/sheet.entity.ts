import { Column, Entity, Index } from 'typeorm';
import { JsonRow } from '../../history/json-row.ts';

/** One revision of a job's procedure sheet. */
@Entity('procedure_sheet')
@Index('procedure_sheet_of_job', ['jobId', 'revision'], { unique: true })
export class SheetEntity extends JsonRow {
  @Column('text')
  jobId: string;

  @Column('integer')
  revision: number;

  /** The sheet and its drawing, as JSON. */
  @Column('text')
  sheet: string;

  @Column('text')
  createdAt: string;
}
