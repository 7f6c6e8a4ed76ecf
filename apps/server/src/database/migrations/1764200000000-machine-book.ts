import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Machines that can be retired, and timed readings of their dials. */
export class MachineBook1764200000000 implements MigrationInterface {
  name = 'MachineBook1764200000000';

  async up(queryRunner: QueryRunner): Promise<void> {
    await queryRunner.query(`ALTER TABLE "machine" ADD COLUMN "retiredAt" text`);
    await queryRunner.query(
      `CREATE TABLE "dial_reading" ("id" text PRIMARY KEY NOT NULL, "machineId" text NOT NULL, "knob" real NOT NULL, "run" text NOT NULL, "shortRun" text, "at" text NOT NULL, "supersededAt" text, CONSTRAINT "dial_reading_machine" FOREIGN KEY ("machineId") REFERENCES "machine" ("id") ON DELETE CASCADE ON UPDATE NO ACTION)`,
    );
    await queryRunner.query(`CREATE INDEX "dial_reading_of_machine" ON "dial_reading" ("machineId")`);
  }

  async down(queryRunner: QueryRunner): Promise<void> {
    await queryRunner.query(`DROP INDEX "dial_reading_of_machine"`);
    await queryRunner.query(`DROP TABLE "dial_reading"`);
    await queryRunner.query(`ALTER TABLE "machine" DROP COLUMN "retiredAt"`);
  }
}
