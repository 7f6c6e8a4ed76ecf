import { Column, Entity, PrimaryColumn } from 'typeorm';

/** Something in Stores. */
@Entity('stock')
export class StockEntity {
  @PrimaryColumn('text')
  id: string;

  @Column('integer', { default: 1 })
  version: number;

  /** What it is and what is left of it, as JSON. */
  @Column('text')
  item: string;

  /** The form that the item is kept in. */
  @Column('integer', { default: 1 })
  shape: number;

  @Column('text')
  updatedAt: string;

  /** When it was put away; null while it is in Stores. */
  @Column('text', { nullable: true })
  awayAt: string | null;
}
