import { Column, PrimaryColumn } from 'typeorm';

/** A row that keeps what it is as one JSON text. */
export abstract class JsonRow {
  @PrimaryColumn('text')
  id: string;

  @Column('integer', { default: 1 })
  version: number;

  /** The form that the JSON is kept in. */
  @Column('integer', { default: 1 })
  shape: number;

  @Column('text')
  updatedAt: string;

  /** When it was put away; null while it is there. */
  @Column('text', { nullable: true })
  awayAt: string | null;
}
