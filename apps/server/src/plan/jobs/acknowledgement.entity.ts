import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryColumn } from 'typeorm';

/** A stop caution that was read and confirmed, with its text as it stood. */
@Entity('acknowledgement')
@Index('acknowledgement_of_job', ['jobId'])
export class AcknowledgementEntity {
  @PrimaryColumn('text')
  id: string;

  @Column('text')
  jobId: string;

  @ManyToOne('job', 'acknowledgements', { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'jobId', foreignKeyConstraintName: 'acknowledgement_job' })
  job: object;

  @Column('text')
  code: string;

  @Column('text')
  text: string;

  @Column('text')
  at: string;
}
