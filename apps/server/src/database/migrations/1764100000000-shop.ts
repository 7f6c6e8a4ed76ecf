import type { MigrationInterface, QueryRunner } from 'typeorm';

/** The shop's schools and shelf, cautions that were read, and what a machine can do. */
export class Shop1764100000000 implements MigrationInterface {
  name = 'Shop1764100000000';

  async up(queryRunner: QueryRunner): Promise<void> {
    await queryRunner.query(
      `CREATE TABLE "shop" ("id" integer PRIMARY KEY NOT NULL, "schools" text NOT NULL, "shelf" text)`,
    );
    await queryRunner.query(
      `CREATE TABLE "acknowledgement" ("id" text PRIMARY KEY NOT NULL, "jobId" text NOT NULL, "code" text NOT NULL, "text" text NOT NULL, "at" text NOT NULL, CONSTRAINT "acknowledgement_job" FOREIGN KEY ("jobId") REFERENCES "job" ("id") ON DELETE CASCADE ON UPDATE NO ACTION)`,
    );
    await queryRunner.query(`CREATE INDEX "acknowledgement_of_job" ON "acknowledgement" ("jobId")`);
    await queryRunner.query(
      `CREATE TABLE "machine_next" ("id" text PRIMARY KEY NOT NULL, "name" text NOT NULL, "loadedWireClass" text NOT NULL, "loadedWireDiameterMm" real NOT NULL, "loadedGas" text NOT NULL, "profile" text NOT NULL, CONSTRAINT "machine_name" UNIQUE ("name"))`,
    );
    await queryRunner.query(
      `INSERT INTO "machine_next" SELECT "id", "name", "loadedWireClass", "loadedWireDiameterMm", "loadedGas", CASE WHEN "lowestCurrentA" IS NULL THEN '{}' ELSE json_object('currentRangeA', json_array("lowestCurrentA", "highestCurrentA")) END FROM "machine"`,
    );
    await queryRunner.query(`DROP TABLE "machine"`);
    await queryRunner.query(`ALTER TABLE "machine_next" RENAME TO "machine"`);
  }

  async down(queryRunner: QueryRunner): Promise<void> {
    await queryRunner.query(
      `CREATE TABLE "machine_before" ("id" text PRIMARY KEY NOT NULL, "name" text NOT NULL, "loadedWireClass" text NOT NULL, "loadedWireDiameterMm" real NOT NULL, "loadedGas" text NOT NULL, "lowestCurrentA" real, "highestCurrentA" real, CONSTRAINT "machine_name" UNIQUE ("name"))`,
    );
    await queryRunner.query(
      `INSERT INTO "machine_before" SELECT "id", "name", "loadedWireClass", "loadedWireDiameterMm", "loadedGas", json_extract("profile", '$.currentRangeA[0]'), json_extract("profile", '$.currentRangeA[1]') FROM "machine"`,
    );
    await queryRunner.query(`DROP TABLE "machine"`);
    await queryRunner.query(`ALTER TABLE "machine_before" RENAME TO "machine"`);
    await queryRunner.query(`DROP INDEX "acknowledgement_of_job"`);
    await queryRunner.query(`DROP TABLE "acknowledgement"`);
    await queryRunner.query(`DROP TABLE "shop"`);
  }
}
