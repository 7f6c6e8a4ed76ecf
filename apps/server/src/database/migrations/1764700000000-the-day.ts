import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Pieces, what a job is as a task of the day, and the shop's hours. */
export class TheDay1764700000000 implements MigrationInterface {
  name = 'TheDay1764700000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`ALTER TABLE "job" ADD COLUMN "task" text NOT NULL DEFAULT ('{}')`);
    await runner.query(`ALTER TABLE "job" ADD COLUMN "pieceId" text`);
    await runner.query(`ALTER TABLE "job" ADD COLUMN "queued" boolean NOT NULL DEFAULT (0)`);
    await runner.query(`ALTER TABLE "job" ADD COLUMN "weldedAt" text`);
    await runner.query(`CREATE INDEX "job_of_piece" ON "job" ("pieceId")`);
    await runner.query(`ALTER TABLE "shop" ADD COLUMN "day" text NOT NULL DEFAULT ('{}')`);
    await runner.query(
      `CREATE TABLE "piece" ("id" text PRIMARY KEY NOT NULL, "version" integer NOT NULL DEFAULT (1), "piece" text NOT NULL, "shape" integer NOT NULL DEFAULT (1), "updatedAt" text NOT NULL, "awayAt" text)`,
    );
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`DROP TABLE "piece"`);
    await runner.query(`ALTER TABLE "shop" DROP COLUMN "day"`);
    await runner.query(`DROP INDEX "job_of_piece"`);
    for (const column of ['weldedAt', 'queued', 'pieceId', 'task']) {
      await runner.query(`ALTER TABLE "job" DROP COLUMN "${column}"`);
    }
  }
}
