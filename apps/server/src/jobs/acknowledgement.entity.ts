import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import { JobEntity } from './job.entity.ts';

/** A stop caution that was read and confirmed, with its text as it stood. */
@Entity('acknowledgement')
@Index('acknowledgement_of_job', ['jobId'])
export class AcknowledgementEntity {
  @PrimaryColumn('text')
  id: string;

  @Column('text')
  jobId: string;

  @ManyToOne(() => JobEntity, (job) => job.acknowledgements, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'jobId', foreignKeyConstraintName: 'acknowledgement_job' })
  job: Relation<JobEntity>;

  @Column('text')
  code: string;

  @Column('text')
  text: string;

  @Column('text')
  at: string;
}
