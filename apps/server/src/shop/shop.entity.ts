import { Column, Entity, PrimaryColumn } from 'typeorm';

/** The shop's own settings: one row. */
@Entity('shop')
export class ShopEntity {
  @PrimaryColumn('integer')
  id: number;

  @Column('integer', { default: 1 })
  version: number;

  @Column('text')
  schools: string;

  /** How the day goes, as JSON. */
  @Column('text', { default: '{}' })
  day: string;

  /** What things cost, as JSON. */
  @Column('text', { default: '{}' })
  rates: string;

  /** Words of the line that the shop has told the meaning of, as JSON. */
  @Column('text', { default: '{}' })
  words: string;

  /** The form that they are kept in. */
  @Column('integer', { default: 1 })
  shape: number;
}
