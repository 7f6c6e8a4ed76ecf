import type { TimedRun } from '@hot-bead/core';
import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import { MachineEntity } from './machine.entity.ts';

/** A timed reading of a wire-feed dial; one that no longer counts is kept as history. */
@Entity('dial_reading')
@Index('dial_reading_of_machine', ['machineId'])
export class DialReadingEntity {
  @PrimaryColumn('text')
  id: string;

  @Column('text')
  machineId: string;

  @ManyToOne(() => MachineEntity, (machine) => machine.dialReadings, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'machineId', foreignKeyConstraintName: 'dial_reading_machine' })
  machine: Relation<MachineEntity>;

  @Column('real')
  knob: number;

  @Column('simple-json')
  run: TimedRun;

  @Column('simple-json', { nullable: true })
  shortRun: TimedRun | null;

  /** Position of the volts control it was read at; null where that does not matter. */
  @Column('text', { nullable: true })
  position: string | null;

  /** Whether an arc burnt meanwhile. */
  @Column('boolean', { default: false })
  underArc: boolean;

  @Column('text')
  at: string;

  @Column('text', { nullable: true })
  supersededAt: string | null;
}
