import type { Schools, Shelf } from '@hot-bead/core';
import { Column, Entity, PrimaryColumn } from 'typeorm';

/** The shop's own settings: one row. */
@Entity('shop')
export class ShopEntity {
  @PrimaryColumn('integer')
  id: number;

  @Column('simple-json')
  schools: Partial<Schools>;

  @Column('simple-json', { nullable: true })
  shelf: Shelf | null;
}
