import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Revisions of procedure sheets. */
export class Sheets1765200000000 implements MigrationInterface {
  name = 'Sheets1765200000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(
      `CREATE TABLE "procedure_sheet" ("id" text PRIMARY KEY NOT NULL, "version" integer NOT NULL DEFAULT (1), "jobId" text NOT NULL, "revision" integer NOT NULL, "sheet" text NOT NULL, "shape" integer NOT NULL DEFAULT (1), "createdAt" text NOT NULL, "updatedAt" text NOT NULL, "awayAt" text)`,
    );
    await runner.query(
      `CREATE UNIQUE INDEX "procedure_sheet_of_job" ON "procedure_sheet" ("jobId", "revision")`,
    );
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`DROP INDEX "procedure_sheet_of_job"`);
    await runner.query(`DROP TABLE "procedure_sheet"`);
  }
}
