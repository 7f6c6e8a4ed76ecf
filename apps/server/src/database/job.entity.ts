import type { OwnNumbers, QuickWork } from '@hot-bead/core';
import { Column, DeleteDateColumn, Entity, OneToMany, PrimaryColumn, type Relation } from 'typeorm';
import { AcknowledgementEntity } from './acknowledgement.entity.ts';
import { TestBeadEntity } from './test-bead.entity.ts';

@Entity('job')
export class JobEntity {
  @PrimaryColumn('text')
  id: string;

  @Column('text')
  line: string;

  @Column('simple-json')
  work: QuickWork;

  @Column('simple-json')
  own: OwnNumbers;

  /** Version of the computation that read the line. */
  @Column('text')
  modelVersion: string;

  /** ISO 8601, UTC, to the millisecond: two jobs saved in one second keep their order. */
  @Column('text')
  createdAt: string;

  @Column('text')
  updatedAt: string;

  @DeleteDateColumn()
  deletedAt: Date | null;

  @OneToMany(() => TestBeadEntity, (bead) => bead.job)
  beads: Relation<TestBeadEntity>[];

  @OneToMany(() => AcknowledgementEntity, (acknowledgement) => acknowledgement.job)
  acknowledgements: Relation<AcknowledgementEntity>[];
}
