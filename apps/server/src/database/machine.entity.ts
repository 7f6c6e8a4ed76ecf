import type { GasId, WireClass, WireDiameterMm } from '@hot-bead/core';
import { Column, Entity, PrimaryColumn } from 'typeorm';

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

  @Column('real', { nullable: true })
  lowestCurrentA: number | null;

  @Column('real', { nullable: true })
  highestCurrentA: number | null;
}
