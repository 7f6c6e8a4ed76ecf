import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Tests of the ear that learners took. */
export class EarTests1765400000000 implements MigrationInterface {
  name = 'EarTests1765400000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(
      `CREATE TABLE "ear_test" ("id" text PRIMARY KEY NOT NULL, "version" integer NOT NULL DEFAULT (1), "learner" text NOT NULL, "answers" integer NOT NULL, "right" integer NOT NULL, "test" text NOT NULL, "shape" integer NOT NULL DEFAULT (1), "createdAt" text NOT NULL, "updatedAt" text NOT NULL, "awayAt" text)`,
    );
    await runner.query(`CREATE INDEX "ear_test_of_learner" ON "ear_test" ("learner", "createdAt")`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`DROP INDEX "ear_test_of_learner"`);
    await runner.query(`DROP TABLE "ear_test"`);
  }
}
