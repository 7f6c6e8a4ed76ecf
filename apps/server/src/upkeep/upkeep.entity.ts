import { Column, Entity, PrimaryColumn } from 'typeorm';

/** Work on old records that needs the planner, and so cannot be part of a migration; done once. */
@Entity('upkeep')
export class UpkeepEntity {
  @PrimaryColumn('text')
  name: string;

  @Column('text')
  doneAt: string;
}
