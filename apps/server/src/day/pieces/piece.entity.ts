import { Column, Entity } from 'typeorm';
import { JsonRow } from '../../history/json-row.ts';

/** Something that is built of welds. */
@Entity('piece')
export class PieceEntity extends JsonRow {
  /** What it is, as JSON. */
  @Column('text')
  piece: string;
}
