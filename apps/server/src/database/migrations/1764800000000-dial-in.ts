import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Variance of what a setting that was proven by plain steps told of its middle, V². Source: our model: 0.3 V, as of any ladder. */
const TOLD_VARIANCE_V2 = 0.09;

/** What is said of a bead, in one column; what was taken with it; what beads told; how a job is dialled in. */
export class DialIn1764800000000 implements MigrationInterface {
  name = 'DialIn1764800000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`ALTER TABLE "test_bead" ADD COLUMN "details" text NOT NULL DEFAULT ('{}')`);
    await runner.query(`UPDATE "test_bead" SET "details" = json_object('face', "face", 'sound', "sound")`);
    for (const column of ['face', 'sound']) {
      await runner.query(`ALTER TABLE "test_bead" DROP COLUMN "${column}"`);
    }
    await runner.query(`ALTER TABLE "proven_setting" ADD COLUMN "toldOffsetV" real NOT NULL DEFAULT (0)`);
    await runner.query(
      `ALTER TABLE "proven_setting" ADD COLUMN "toldVarianceV2" real NOT NULL DEFAULT (${TOLD_VARIANCE_V2})`,
    );
    await runner.query(`UPDATE "proven_setting" SET "toldOffsetV" = "offsetV"`);
    // what a ladder had proven was taken with the bead that ended it
    await runner.query(
      `UPDATE "test_bead" SET "details" = json_set("details", '$.taken', (SELECT json_object('wireFeedSpeedMPerMin', "proven"."wireFeedSpeedMPerMin", 'volts', "proven"."volts") FROM "proven_setting" "proven" WHERE "proven"."jobId" = "test_bead"."jobId" AND "proven"."at" = "test_bead"."createdAt")) WHERE EXISTS (SELECT 1 FROM "proven_setting" "proven" WHERE "proven"."jobId" = "test_bead"."jobId" AND "proven"."at" = "test_bead"."createdAt")`,
    );
    await runner.query(`ALTER TABLE "job" ADD COLUMN "dialIn" text NOT NULL DEFAULT ('{}')`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`ALTER TABLE "job" DROP COLUMN "dialIn"`);
    for (const column of ['toldVarianceV2', 'toldOffsetV']) {
      await runner.query(`ALTER TABLE "proven_setting" DROP COLUMN "${column}"`);
    }
    for (const [column, none] of [
      ['face', 'crowned'],
      ['sound', 'sizzle'],
    ] as const) {
      await runner.query(`ALTER TABLE "test_bead" ADD COLUMN "${column}" text NOT NULL DEFAULT ('${none}')`);
      await runner.query(
        `UPDATE "test_bead" SET "${column}" = COALESCE(json_extract("details", '$.${column}'), '${none}')`,
      );
    }
    await runner.query(`ALTER TABLE "test_bead" DROP COLUMN "details"`);
  }
}
