import { Column, Entity, Index, PrimaryColumn } from 'typeorm';

/** A test of the ear that a learner took. */
@Entity('ear_test')
@Index('ear_test_of_learner', ['learner', 'createdAt'])
export class EarTestEntity {
  @PrimaryColumn('text')
  id: string;

  @Column('integer', { default: 1 })
  version: number;

  @Column('text')
  learner: string;

  /** Answers, and how many of them were right: what lists tell without reading them. */
  @Column('integer')
  answers: number;

  @Column('integer')
  right: number;

  /** The test, as JSON. */
  @Column('text')
  test: string;

  /** The form that it is kept in. */
  @Column('integer', { default: 1 })
  shape: number;

  @Column('text')
  createdAt: string;

  @Column('text')
  updatedAt: string;

  /** When it was put away; null while it is there. */
  @Column('text', { nullable: true })
  awayAt: string | null;
}
