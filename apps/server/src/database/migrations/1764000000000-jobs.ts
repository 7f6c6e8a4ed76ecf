import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Jobs, their test beads, and the machines' first few fields. */
export class Jobs1764000000000 implements MigrationInterface {
  name = 'Jobs1764000000000';

  async up(queryRunner: QueryRunner): Promise<void> {
    await queryRunner.query(
      `CREATE TABLE "job" ("id" text PRIMARY KEY NOT NULL, "line" text NOT NULL, "work" text NOT NULL, "own" text NOT NULL, "modelVersion" text NOT NULL, "createdAt" text NOT NULL, "updatedAt" text NOT NULL, "deletedAt" datetime)`,
    );
    await queryRunner.query(
      `CREATE TABLE "test_bead" ("id" text PRIMARY KEY NOT NULL, "jobId" text NOT NULL, "number" integer NOT NULL, "wireFeedSpeedMPerMin" real NOT NULL, "volts" real NOT NULL, "face" text NOT NULL, "sound" text NOT NULL, "note" text NOT NULL, "plan" text, "createdAt" text NOT NULL, "deletedAt" datetime, CONSTRAINT "test_bead_job" FOREIGN KEY ("jobId") REFERENCES "job" ("id") ON DELETE CASCADE ON UPDATE NO ACTION)`,
    );
    await queryRunner.query(`CREATE UNIQUE INDEX "test_bead_of_job" ON "test_bead" ("jobId", "number")`);
    await queryRunner.query(
      `CREATE TABLE "machine" ("id" text PRIMARY KEY NOT NULL, "name" text NOT NULL, "loadedWireClass" text NOT NULL, "loadedWireDiameterMm" real NOT NULL, "loadedGas" text NOT NULL, "lowestCurrentA" real, "highestCurrentA" real, CONSTRAINT "machine_name" UNIQUE ("name"))`,
    );
  }

  async down(queryRunner: QueryRunner): Promise<void> {
    await queryRunner.query(`DROP TABLE "machine"`);
    await queryRunner.query(`DROP INDEX "test_bead_of_job"`);
    await queryRunner.query(`DROP TABLE "test_bead"`);
    await queryRunner.query(`DROP TABLE "job"`);
  }
}
