import type { GasId, WireClass, WireDiameterMm } from '@hot-bead/core/trade';
import { Column, Entity, OneToMany, PrimaryColumn, type Relation } from 'typeorm';
import { DialReadingEntity } from './dial-reading.entity.ts';

@Entity('machine')
export class MachineEntity {
  @PrimaryColumn('text')
  id: string;

  @Column('integer', { default: 1 })
  version: number;

  @Column('text', { unique: true })
  name: string;

  @Column('text')
  loadedWireClass: WireClass;

  @Column('real')
  loadedWireDiameterMm: WireDiameterMm;

  @Column('text')
  loadedGas: GasId;

  /** Everything a machine is but its name and what is on it. */
  @Column('text')
  profile: string;

  /** The form that the profile is kept in. */
  @Column('integer', { default: 1 })
  shape: number;

  /** When its taps or its display were last held against a meter; null: never. */
  @Column('text', { nullable: true })
  voltsReadAt: string | null;

  /** When what it chooses for its one entry was last recorded; null: never. */
  @Column('text', { nullable: true })
  entryReadAt: string | null;

  /** When it was retired; null while it is in use. */
  @Column('text', { nullable: true })
  awayAt: string | null;

  @OneToMany(() => DialReadingEntity, (reading) => reading.machine)
  dialReadings: Relation<DialReadingEntity>[];
}
