import type { MigrationInterface, QueryRunner } from 'typeorm';

const INDEXES = [
  `CREATE UNIQUE INDEX "log_entry_id" ON "log_entry" ("id")`,
  `CREATE INDEX "log_entry_by_time" ON "log_entry" ("at", "number")`,
  `CREATE INDEX "log_entry_of_kind" ON "log_entry" ("kind", "at", "number")`,
  `CREATE INDEX "log_entry_of_machine" ON "log_entry" ("machineId", "at", "number")`,
  `CREATE INDEX "log_entry_of_job" ON "log_entry" ("jobId", "at", "number")`,
  `CREATE INDEX "log_entry_by_thickness" ON "log_entry" ("thicknessMm", "number")`,
  `CREATE INDEX "log_entry_of_wire" ON "log_entry" ("wireClass", "at", "number") WHERE "wireClass" IS NOT NULL`,
  `CREATE INDEX "log_entry_of_gas" ON "log_entry" ("gas", "at", "number") WHERE "gas" IS NOT NULL`,
  `CREATE INDEX "log_entry_of_joint" ON "log_entry" ("joint", "at", "number") WHERE "joint" IS NOT NULL`,
  `CREATE INDEX "log_entry_of_verdict" ON "log_entry" ("verdict", "at", "number") WHERE "verdict" IS NOT NULL`,
];
/** Its text is searched by words; the triggers keep it with the lines. */
const SEARCH = [
  `CREATE VIRTUAL TABLE "log_text" USING fts5("title", "text", content='log_entry', content_rowid='number', tokenize='unicode61 remove_diacritics 2')`,
  `CREATE TRIGGER "log_text_in" AFTER INSERT ON "log_entry" BEGIN INSERT INTO "log_text"(rowid, "title", "text") VALUES (new."number", new."title", new."text"); END`,
  `CREATE TRIGGER "log_text_out" AFTER DELETE ON "log_entry" BEGIN INSERT INTO "log_text"("log_text", rowid, "title", "text") VALUES ('delete', old."number", old."title", old."text"); END`,
  `CREATE TRIGGER "log_text_anew" AFTER UPDATE ON "log_entry" BEGIN INSERT INTO "log_text"("log_text", rowid, "title", "text") VALUES ('delete', old."number", old."title", old."text"); INSERT INTO "log_text"(rowid, "title", "text") VALUES (new."number", new."title", new."text"); END`,
];

/** The log: everything that happened in one list, with what it is looked for by. */
export class Log1765300000000 implements MigrationInterface {
  name = 'Log1765300000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(
      `CREATE TABLE "log_entry" ("number" integer PRIMARY KEY AUTOINCREMENT NOT NULL, "id" text NOT NULL, "at" text NOT NULL, "kind" text NOT NULL, "title" text NOT NULL, "text" text NOT NULL, "subjectId" text NOT NULL, "jobId" text, "machineId" text, "wireClass" text, "wireMm" real, "gas" text, "joint" text, "thicknessMm" real, "verdict" text, "wireFeedSpeedMPerMin" real, "volts" real, "bookVolts" real, "wireKg" real, "gasL" real, "minutes" real, "count" integer)`,
    );
    for (const query of [...INDEXES, ...SEARCH]) await runner.query(query);
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const trigger of ['log_text_in', 'log_text_out', 'log_text_anew'])
      await runner.query(`DROP TRIGGER "${trigger}"`);
    await runner.query(`DROP TABLE "log_text"`);
    await runner.query(`DROP TABLE "log_entry"`);
  }
}
