import { Column, Entity, Index } from 'typeorm';
import { JsonRow } from '../history/json-row.ts';

/** A test of the ear that a learner took. */
@Entity('ear_test')
@Index('ear_test_of_learner', ['learner', 'createdAt'])
export class EarTestEntity extends JsonRow {
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

  @Column('text')
  createdAt: string;
}
