import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Readings a tap and under arc, and when volts and one-entry points were last read. */
export class Calibrations1764300000000 implements MigrationInterface {
  name = 'Calibrations1764300000000';

  async up(queryRunner: QueryRunner): Promise<void> {
    await queryRunner.query(`ALTER TABLE "dial_reading" ADD COLUMN "position" text`);
    await queryRunner.query(`ALTER TABLE "dial_reading" ADD COLUMN "underArc" boolean NOT NULL DEFAULT (0)`);
    await queryRunner.query(`ALTER TABLE "machine" ADD COLUMN "voltsReadAt" text`);
    await queryRunner.query(`ALTER TABLE "machine" ADD COLUMN "entryReadAt" text`);
  }

  async down(queryRunner: QueryRunner): Promise<void> {
    await queryRunner.query(`ALTER TABLE "machine" DROP COLUMN "entryReadAt"`);
    await queryRunner.query(`ALTER TABLE "machine" DROP COLUMN "voltsReadAt"`);
    await queryRunner.query(`ALTER TABLE "dial_reading" DROP COLUMN "underArc"`);
    await queryRunner.query(`ALTER TABLE "dial_reading" DROP COLUMN "position"`);
  }
}
