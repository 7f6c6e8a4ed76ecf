import type { GasId, Machine, WireClass, WireDiameterMm } from '@hot-bead/core';
import { Column, Entity, OneToMany, PrimaryColumn, type Relation } from 'typeorm';
import { DialReadingEntity } from './dial-reading.entity.ts';

/** Everything a machine is but its name and what is on it. */
export type MachineProfile = Omit<Machine, 'name' | 'loadedWireClass' | 'loadedWireDiameterMm' | 'loadedGas'>;

@Entity('machine')
export class MachineEntity {
  @PrimaryColumn('text')
  id: string;

  @Column('text', { unique: true })
  name: string;

  @Column('text')
  loadedWireClass: WireClass;

  @Column('real')
  loadedWireDiameterMm: WireDiameterMm;

  @Column('text')
  loadedGas: GasId;

  @Column('simple-json')
  profile: MachineProfile;

  /** When its taps or its display were last held against a meter; null: never. */
  @Column('text', { nullable: true })
  voltsReadAt: string | null;

  /** When what it chooses for its one entry was last recorded; null: never. */
  @Column('text', { nullable: true })
  entryReadAt: string | null;

  /** When it was retired; null while it is in use. */
  @Column('text', { nullable: true })
  retiredAt: string | null;

  @OneToMany(() => DialReadingEntity, (reading) => reading.machine)
  dialReadings: Relation<DialReadingEntity>[];
}
