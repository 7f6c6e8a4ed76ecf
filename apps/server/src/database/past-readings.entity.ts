import type { ControlReadings } from '@hot-bead/core';
import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import { MachineEntity } from './machine.entity.ts';

/** What was once read of a machine's volts or one entry, and no longer counts. */
@Entity('past_readings')
@Index('past_readings_of_machine', ['machineId'])
export class PastReadingsEntity {
  @PrimaryColumn('text')
  id: string;

  @Column('text')
  machineId: string;

  @ManyToOne(() => MachineEntity, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'machineId', foreignKeyConstraintName: 'past_readings_machine' })
  machine: Relation<MachineEntity>;

  @Column('text')
  kind: ControlReadings['kind'];

  @Column('simple-json')
  value: ControlReadings['value'];

  /** When the newest of it was read; null: not known. */
  @Column('text', { nullable: true })
  readAt: string | null;

  @Column('text')
  supersededAt: string;
}
