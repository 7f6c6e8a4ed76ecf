import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Faults that were looked into. */
export class Faults1764900000000 implements MigrationInterface {
  name = 'Faults1764900000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(
      `CREATE TABLE "fault_case" ("id" text PRIMARY KEY NOT NULL, "version" integer NOT NULL DEFAULT (1), "faultCase" text NOT NULL, "shape" integer NOT NULL DEFAULT (1), "machineId" text, "end" text, "updatedAt" text NOT NULL, "awayAt" text)`,
    );
    await runner.query(`CREATE INDEX "fault_case_of_machine" ON "fault_case" ("machineId")`);
    await runner.query(`CREATE INDEX "fault_case_by_time" ON "fault_case" ("updatedAt", "id")`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`DROP INDEX "fault_case_by_time"`);
    await runner.query(`DROP INDEX "fault_case_of_machine"`);
    await runner.query(`DROP TABLE "fault_case"`);
  }
}
