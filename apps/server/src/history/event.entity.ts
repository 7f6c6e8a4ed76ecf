import type { EventKind } from '@hot-bead/contract/history';
import type { RecordKind } from '@hot-bead/core/history';
import { Column, Entity, Index, PrimaryGeneratedColumn } from 'typeorm';

/** One thing that happened. Rows are added and never changed. */
@Entity('event')
@Index('event_id', ['id'], { unique: true })
@Index('event_of_subject', ['subjectKind', 'subjectId', 'version'])
@Index('event_told_for_job', ['toldForJobId'], { where: '"toldForJobId" IS NOT NULL' })
@Index('event_undone', ['undoOf'], { unique: true, where: '"undoOf" IS NOT NULL' })
export class EventEntity {
  /** The order in which things happened. */
  @PrimaryGeneratedColumn('increment')
  number: number;

  /** The id of the command that did it. */
  @Column('text')
  id: string;

  @Column('text')
  at: string;

  @Column('text', { nullable: true })
  actor: string | null;

  @Column('text', { nullable: true })
  device: string | null;

  @Column('text')
  kind: EventKind;

  @Column('text')
  subjectKind: RecordKind;

  @Column('text')
  subjectId: string;

  /** The record it is found under: the job of a bead; otherwise the subject itself. */
  @Column('text')
  subjectOf: string;

  /** Version of the subject after it. */
  @Column('integer')
  version: number;

  /** Fields as they were, by path, as JSON; null where the subject was not there. */
  @Column('text', { nullable: true })
  before: string | null;

  /** Fields as they became. */
  @Column('text')
  after: string;

  @Column('text', { nullable: true })
  undoOf: string | null;

  /** What was said beside it, as JSON; null: nothing. */
  @Column('text', { nullable: true })
  about: string | null;

  /** What was asked for, as a digest: a create sent again is known by it. */
  @Column('text', { nullable: true })
  request: string | null;

  /** The command itself, as a digest; null: from before that was kept, or a command of our own. */
  @Column('text', { nullable: true })
  asked: string | null;

  /** The job that a rig was worked on for; null: for none, or by welding. */
  @Column('text', { nullable: true })
  toldForJobId: string | null;
}
