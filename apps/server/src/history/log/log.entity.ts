import type { GasId, Joint, WireClass } from '@hot-bead/core/trade';
import type { LogKind, LogVerdict } from '@hot-bead/contract/history';
import { Column, Entity, Index, PrimaryGeneratedColumn } from 'typeorm';

/** One line of the log: what happened, with what it is looked for by. It follows from the records. */
@Entity('log_entry')
@Index('log_entry_id', ['id'], { unique: true })
@Index('log_entry_of_subject', ['subjectId'])
@Index('log_entry_against_book', ['at', 'number'], { where: '"bookVolts" IS NOT NULL' })
@Index('log_entry_by_time', ['at', 'number'])
@Index('log_entry_of_kind', ['kind', 'at', 'number'])
@Index('log_entry_of_machine', ['machineId', 'at', 'number'])
@Index('log_entry_of_job', ['jobId', 'at', 'number'])
@Index('log_entry_by_thickness', ['thicknessMm', 'number'])
@Index('log_entry_of_wire', ['wireClass', 'at', 'number'], { where: '"wireClass" IS NOT NULL' })
@Index('log_entry_of_gas', ['gas', 'at', 'number'], { where: '"gas" IS NOT NULL' })
@Index('log_entry_of_joint', ['joint', 'at', 'number'], { where: '"joint" IS NOT NULL' })
@Index('log_entry_of_verdict', ['verdict', 'at', 'number'], { where: '"verdict" IS NOT NULL' })
export class LogEntity {
  @PrimaryGeneratedColumn('increment')
  number: number;

  /** The record that it tells of, or the event. */
  @Column('text')
  id: string;

  @Column('text')
  at: string;

  @Column('text')
  kind: LogKind;

  @Column('text')
  title: string;

  @Column('text')
  text: string;

  @Column('text')
  subjectId: string;

  @Column('text', { nullable: true })
  jobId: string | null;

  @Column('text', { nullable: true })
  machineId: string | null;

  @Column('text', { nullable: true })
  wireClass: WireClass | null;

  @Column('real', { nullable: true })
  wireMm: number | null;

  @Column('text', { nullable: true })
  gas: GasId | null;

  @Column('text', { nullable: true })
  joint: Joint | null;

  @Column('real', { nullable: true })
  thicknessMm: number | null;

  @Column('text', { nullable: true })
  verdict: LogVerdict | null;

  @Column('real', { nullable: true })
  wireFeedSpeedMPerMin: number | null;

  @Column('real', { nullable: true })
  volts: number | null;

  @Column('real', { nullable: true })
  bookVolts: number | null;

  @Column('real', { nullable: true })
  wireKg: number | null;

  @Column('real', { nullable: true })
  gasL: number | null;

  @Column('real', { nullable: true })
  minutes: number | null;

  @Column('integer', { nullable: true })
  count: number | null;
}
