import type { MigrationInterface, QueryRunner } from 'typeorm';

const RENAMED = [
  ['machine', 'retiredAt'],
  ['job', 'deletedAt'],
  ['test_bead', 'deletedAt'],
] as const;

/** Since when a record is put away stands in a column of the same name, whatever its kind. */
export class OneWordForAway1765700000000 implements MigrationInterface {
  name = 'OneWordForAway1765700000000';

  async up(runner: QueryRunner): Promise<void> {
    for (const [table, column] of RENAMED)
      await runner.query(`ALTER TABLE "${table}" RENAME COLUMN "${column}" TO "awayAt"`);
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const [table, column] of RENAMED)
      await runner.query(`ALTER TABLE "${table}" RENAME COLUMN "awayAt" TO "${column}"`);
  }
}
