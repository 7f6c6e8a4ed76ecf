import { Column, Entity, PrimaryColumn } from 'typeorm';

/** A photo as it is kept: made anew from what was sent, so that nothing but the picture is in it. */
@Entity('photo')
export class PhotoEntity {
  @PrimaryColumn('text')
  id: string;

  @Column('text')
  at: string;

  @Column('integer')
  widthPx: number;

  @Column('integer')
  heightPx: number;

  @Column('blob')
  jpeg: Buffer;

  /** What was sent, as a digest; null: from before that was kept. */
  @Column('text', { nullable: true })
  asked: string | null;
}
