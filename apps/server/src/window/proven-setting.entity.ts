import type { GasId, Joint, PlannedMode, Position, WireClass, WireDiameterMm } from '@hot-bead/core/trade';
import { Column, Entity, Index, PrimaryColumn } from 'typeorm';

/** A setting that a job's test beads proved on a machine, written with the bead that proved it. */
@Entity('proven_setting')
@Index('proven_setting_of_job', ['jobId'])
@Index('proven_setting_of_machine', ['machineId', 'at'])
export class ProvenSettingEntity {
  @PrimaryColumn('text')
  id: string;

  @Column('text')
  jobId: string;

  @Column('text')
  machineId: string;

  /** When its last bead was welded. */
  @Column('text')
  at: string;

  @Column('text')
  wireClass: WireClass;

  @Column('real')
  diameterMm: WireDiameterMm;

  @Column('text')
  gas: GasId;

  @Column('text')
  mode: PlannedMode;

  @Column('text')
  joint: Joint;

  @Column('text')
  position: Position;

  @Column('real')
  thicknessMm: number;

  @Column('real', { nullable: true })
  otherThicknessMm: number | null;

  @Column('real')
  wireFeedSpeedMPerMin: number;

  @Column('real')
  volts: number;

  /** Volts over the book's, V. */
  @Column('real')
  offsetV: number;

  /** What its beads alone say of the middle over the book's, V, and the variance of that, V². */
  @Column('real', { default: 0 })
  toldOffsetV: number;

  @Column('real', { default: 0.09 })
  toldVarianceV2: number;
}
