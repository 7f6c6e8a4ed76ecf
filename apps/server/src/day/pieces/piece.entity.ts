import { Column, Entity, PrimaryColumn } from 'typeorm';

/** Something that is built of welds. */
@Entity('piece')
export class PieceEntity {
  @PrimaryColumn('text')
  id: string;

  @Column('integer', { default: 1 })
  version: number;

  /** What it is, as JSON. */
  @Column('text')
  piece: string;

  /** The form that it is kept in. */
  @Column('integer', { default: 1 })
  shape: number;

  @Column('text')
  updatedAt: string;

  /** When it was put away; null while it is there. */
  @Column('text', { nullable: true })
  awayAt: string | null;
}
