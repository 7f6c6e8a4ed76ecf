import type { MigrationInterface, QueryRunner } from 'typeorm';

/** What things cost in the shop. */
export class Rates1765100000000 implements MigrationInterface {
  name = 'Rates1765100000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`ALTER TABLE "shop" ADD COLUMN "rates" text NOT NULL DEFAULT ('{}')`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`ALTER TABLE "shop" DROP COLUMN "rates"`);
  }
}
