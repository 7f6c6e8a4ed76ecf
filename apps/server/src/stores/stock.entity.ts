import { Column, Entity } from 'typeorm';
import { JsonRow } from '../history/json-row.ts';

/** Something in Stores. */
@Entity('stock')
export class StockEntity extends JsonRow {
  /** What it is and what is left of it, as JSON. */
  @Column('text')
  item: string;
}
