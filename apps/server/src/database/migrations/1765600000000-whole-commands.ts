import type { MigrationInterface, QueryRunner } from 'typeorm';

const COLUMNS = [
  ['event', 'asked', 'text'],
  ['event', 'toldForJobId', 'text'],
  ['photo', 'asked', 'text'],
  ['weld_run', 'spoolId', 'text'],
  ['weld_run', 'cylinderId', 'text'],
] as const;

const INDEXES = [
  ['log_entry_of_subject', 'log_entry', `"subjectId"`, undefined],
  ['log_entry_against_book', 'log_entry', `"at", "number"`, `"bookVolts" IS NOT NULL`],
  ['event_told_for_job', 'event', `"toldForJobId"`, `"toldForJobId" IS NOT NULL`],
  ['weld_run_of_spool', 'weld_run', `"spoolId"`, `"spoolId" IS NOT NULL`],
  ['weld_run_of_cylinder', 'weld_run', `"cylinderId"`, `"cylinderId" IS NOT NULL`],
] as const;

const FILLED = [
  `UPDATE "event" SET "toldForJobId" = json_extract("about", '$.jobId') WHERE "kind" = 'rigged' AND json_valid("about") AND json_extract("about", '$.why') <> 'bead'`,
  `UPDATE "weld_run" SET "spoolId" = json_extract("run", '$.spoolId'), "cylinderId" = json_extract("run", '$.cylinderId') WHERE json_valid("run")`,
];

/** What a command asked for is known by its digest; jobs and things in Stores find what was told for them by an index. */
export class WholeCommands1765600000000 implements MigrationInterface {
  name = 'WholeCommands1765600000000';

  async up(runner: QueryRunner): Promise<void> {
    for (const [table, column, type] of COLUMNS)
      await runner.query(`ALTER TABLE "${table}" ADD COLUMN "${column}" ${type}`);
    for (const query of FILLED) await runner.query(query);
    for (const [name, table, column, where] of INDEXES)
      await runner.query(
        `CREATE INDEX "${name}" ON "${table}" (${column})${where === undefined ? '' : ` WHERE ${where}`}`,
      );
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const [name] of INDEXES) await runner.query(`DROP INDEX "${name}"`);
    for (const [table, column] of COLUMNS)
      await runner.query(`ALTER TABLE "${table}" DROP COLUMN "${column}"`);
  }
}
