import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Runs as they were welded, and welds that were looked at. */
export class RunsAndInspections1765000000000 implements MigrationInterface {
  name = 'RunsAndInspections1765000000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(
      `CREATE TABLE "weld_run" ("id" text PRIMARY KEY NOT NULL, "version" integer NOT NULL DEFAULT (1), "jobId" text NOT NULL, "run" text NOT NULL, "shape" integer NOT NULL DEFAULT (1), "machineId" text, "weldedAt" text NOT NULL, "updatedAt" text NOT NULL, "awayAt" text)`,
    );
    await runner.query(`CREATE INDEX "weld_run_of_job" ON "weld_run" ("jobId", "weldedAt")`);
    await runner.query(`CREATE INDEX "weld_run_of_machine" ON "weld_run" ("machineId", "weldedAt")`);
    await runner.query(`CREATE INDEX "weld_run_by_time" ON "weld_run" ("weldedAt", "id")`);
    await runner.query(
      `CREATE TABLE "inspection" ("id" text PRIMARY KEY NOT NULL, "version" integer NOT NULL DEFAULT (1), "jobId" text NOT NULL, "inspection" text NOT NULL, "shape" integer NOT NULL DEFAULT (1), "at" text NOT NULL, "verdict" text, "updatedAt" text NOT NULL, "awayAt" text)`,
    );
    await runner.query(`CREATE INDEX "inspection_of_job" ON "inspection" ("jobId", "at")`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`DROP INDEX "inspection_of_job"`);
    await runner.query(`DROP TABLE "inspection"`);
    await runner.query(`DROP INDEX "weld_run_by_time"`);
    await runner.query(`DROP INDEX "weld_run_of_machine"`);
    await runner.query(`DROP INDEX "weld_run_of_job"`);
    await runner.query(`DROP TABLE "weld_run"`);
  }
}
