import type { MigrationInterface, QueryRunner } from 'typeorm';

/** What was read of taps, displays and one-entry settings before something else took its place. */
export class PastReadings1764400000000 implements MigrationInterface {
  name = 'PastReadings1764400000000';

  async up(queryRunner: QueryRunner): Promise<void> {
    await queryRunner.query(
      `CREATE TABLE "past_readings" ("id" text PRIMARY KEY NOT NULL, "machineId" text NOT NULL, "kind" text NOT NULL, "value" text NOT NULL, "readAt" text, "supersededAt" text NOT NULL, CONSTRAINT "past_readings_machine" FOREIGN KEY ("machineId") REFERENCES "machine" ("id") ON DELETE CASCADE ON UPDATE NO ACTION)`,
    );
    await queryRunner.query(`CREATE INDEX "past_readings_of_machine" ON "past_readings" ("machineId")`);
  }

  async down(queryRunner: QueryRunner): Promise<void> {
    await queryRunner.query(`DROP INDEX "past_readings_of_machine"`);
    await queryRunner.query(`DROP TABLE "past_readings"`);
  }
}
