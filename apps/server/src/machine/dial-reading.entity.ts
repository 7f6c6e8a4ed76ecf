import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryColumn } from 'typeorm';

/** A timed reading of a wire-feed dial. */
@Entity('dial_reading')
@Index('dial_reading_of_machine', ['machineId'])
export class DialReadingEntity {
  @PrimaryColumn('text')
  id: string;

  @Column('text')
  machineId: string;

  @ManyToOne('machine', 'dialReadings', { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'machineId', foreignKeyConstraintName: 'dial_reading_machine' })
  machine: object;

  @Column('real')
  knob: number;

  @Column('text')
  run: string;

  @Column('text', { nullable: true })
  shortRun: string | null;

  /** The form that the runs are kept in. */
  @Column('integer', { default: 1 })
  shape: number;

  /** Position of the volts control it was read at; null where that does not matter. */
  @Column('text', { nullable: true })
  position: string | null;

  /** Whether an arc burnt meanwhile. */
  @Column('boolean', { default: false })
  underArc: boolean;

  @Column('text')
  at: string;

  /** Whether it counts; what does not is kept as history. */
  @Column('boolean', { default: true })
  counts: boolean;
}
