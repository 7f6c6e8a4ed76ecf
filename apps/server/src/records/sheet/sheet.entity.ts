import { Column, Entity, Index, PrimaryColumn } from 'typeorm';

/** One revision of a job's procedure sheet. */
@Entity('procedure_sheet')
@Index('procedure_sheet_of_job', ['jobId', 'revision'], { unique: true })
export class SheetEntity {
  @PrimaryColumn('text')
  id: string;

  @Column('integer', { default: 1 })
  version: number;

  @Column('text')
  jobId: string;

  @Column('integer')
  revision: number;

  /** The sheet and its drawing, as JSON. */
  @Column('text')
  sheet: string;

  /** The form that it is kept in. */
  @Column('integer', { default: 1 })
  shape: number;

  @Column('text')
  createdAt: string;

  @Column('text')
  updatedAt: string;

  /** When it was put away; null while it is there. */
  @Column('text', { nullable: true })
  awayAt: string | null;
}
