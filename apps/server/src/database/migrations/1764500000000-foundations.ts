import { randomUUID } from 'node:crypto';
import type { MigrationInterface, QueryRunner } from 'typeorm';

/** What stands in a kept line for the job's machine. Part of this form of the file: it does not follow the contract. */
const MACHINE_MARK = '\ue000';

interface OldJob {
  readonly id: string;
  readonly line: string;
  readonly work: string;
}

interface OldReading {
  readonly id: string;
  readonly machineId: string;
  readonly knob: number;
  readonly supersededAt: string | null;
}

interface PastReadings {
  readonly machineId: string;
  readonly kind: 'volts' | 'entry';
  readonly value: string;
  readonly readAt: string | null;
  readonly supersededAt: string;
}

function json(text: string): Record<string, unknown> | undefined {
  try {
    const value: unknown = JSON.parse(text);
    return typeof value === 'object' && value !== null ? (value as Record<string, unknown>) : undefined;
  } catch {
    return undefined;
  }
}

/** A line with its machine's name, in whatever case it was typed, as a mark. */
function marked(line: string, name: string): string {
  const at = line.toLowerCase().indexOf(name.toLowerCase());
  return at < 0 ? line : `${line.slice(0, at)}${MACHINE_MARK}${line.slice(at + name.length)}`;
}

async function note(
  runner: QueryRunner,
  {
    at,
    subjectId,
    kind,
    before,
    after,
  }: Readonly<Record<'at' | 'subjectId' | 'kind', string>> & {
    readonly before: object;
    readonly after: object;
  },
): Promise<void> {
  await runner.query(
    `INSERT INTO "event" ("id", "at", "actor", "device", "kind", "subjectKind", "subjectId", "subjectOf", "version", "before", "after", "undoOf", "request") VALUES (?, ?, NULL, NULL, ?, 'machine', ?, ?, 1, ?, ?, NULL, NULL)`,
    [randomUUID(), at, kind, subjectId, subjectId, JSON.stringify(before), JSON.stringify(after)],
  );
}

/** Jobs named their machine in their work: they name it by its id, beside it. */
async function namesToIds(runner: QueryRunner): Promise<void> {
  const machines = (await runner.query(`SELECT "id", "name" FROM "machine"`)) as {
    id: string;
    name: string;
  }[];
  const idOf = new Map(machines.map(({ id, name }) => [name, id] as const));
  const jobs = (await runner.query(`SELECT "id", "line", "work" FROM "job"`)) as OldJob[];
  for (const { id, line, work } of jobs) {
    const workJson = json(work);
    if (!workJson || typeof workJson['machineName'] !== 'string') continue;
    const { machineName, ...rest } = workJson;
    const machineId = idOf.get(machineName as string);
    await runner.query(`UPDATE "job" SET "line" = ?, "work" = ?, "machineId" = ? WHERE "id" = ?`, [
      machineId === undefined ? line : marked(line, machineName as string),
      JSON.stringify(rest),
      machineId ?? null,
      id,
    ]);
  }
}

/** A reading past the knob's scale cannot be right: it is kept, and counts no more. */
function isStray({ knob }: OldReading, profile: string | undefined): boolean {
  const control = json(profile ?? '')?.['wireControl'] as
    { kind?: string; min?: number; max?: number; names?: unknown[] } | undefined;
  if (control?.kind === 'knob') return knob < Number(control.min) || knob > Number(control.max);
  return control?.kind === 'letters' && control.names?.[knob] === undefined;
}

async function readingsThatCount(runner: QueryRunner): Promise<void> {
  const readings = (await runner.query(
    `SELECT "id", "machineId", "knob", "supersededAt" FROM "dial_reading" ORDER BY "supersededAt", "at"`,
  )) as OldReading[];
  const machines = (await runner.query(`SELECT "id", "profile" FROM "machine"`)) as {
    id: string;
    profile: string;
  }[];
  const profileOf = new Map(machines.map(({ id, profile }) => [id, profile] as const));
  const now = new Date().toISOString();
  for (const reading of readings) {
    const at = reading.supersededAt ?? (isStray(reading, profileOf.get(reading.machineId)) ? now : undefined);
    if (at === undefined) continue;
    await runner.query(`UPDATE "dial_reading" SET "counts" = 0 WHERE "id" = ?`, [reading.id]);
    const field = `readingCounts.${reading.id}`;
    await note(runner, {
      at,
      subjectId: reading.machineId,
      kind: 'reading-taken-out',
      before: { [field]: true },
      after: { [field]: false },
    });
  }
}

/** What was once read of taps, display and one entry becomes what happened to the machine. */
async function pastReadings(runner: QueryRunner): Promise<void> {
  const past = (await runner.query(
    `SELECT "machineId", "kind", "value", "readAt", "supersededAt" FROM "past_readings" ORDER BY "supersededAt"`,
  )) as PastReadings[];
  for (const { machineId, kind, value, readAt, supersededAt } of past) {
    const [field, date] = kind === 'volts' ? ['voltsControl', 'voltsReadAt'] : ['oneEntry', 'entryReadAt'];
    await note(runner, {
      at: supersededAt,
      subjectId: machineId,
      kind: 'changed',
      before: { [field]: json(value) ?? null, [date]: readAt },
      after: { [field]: null, [date]: null },
    });
  }
}

const PLAIN_COLUMNS: readonly (readonly [table: string, column: string, type: string])[] = [
  ['job', 'version', 'integer NOT NULL DEFAULT (1)'],
  ['job', 'title', "text NOT NULL DEFAULT ('')"],
  ['job', 'shape', 'integer NOT NULL DEFAULT (1)'],
  ['job', 'machineId', 'text'],
  ['test_bead', 'version', 'integer NOT NULL DEFAULT (1)'],
  ['test_bead', 'weldedWith', 'text'],
  ['test_bead', 'shape', 'integer NOT NULL DEFAULT (1)'],
  ['machine', 'version', 'integer NOT NULL DEFAULT (1)'],
  ['machine', 'shape', 'integer NOT NULL DEFAULT (1)'],
  ['dial_reading', 'shape', 'integer NOT NULL DEFAULT (1)'],
  ['dial_reading', 'counts', 'boolean NOT NULL DEFAULT (1)'],
  ['shop', 'version', 'integer NOT NULL DEFAULT (1)'],
  ['shop', 'shape', 'integer NOT NULL DEFAULT (1)'],
];

/**
 * Versions of records, what happened to them, machines by id, beads that keep what they were welded with, proven
 * settings as rows, and the form that JSON is kept in.
 */
export class Foundations1764500000000 implements MigrationInterface {
  name = 'Foundations1764500000000';

  async up(runner: QueryRunner): Promise<void> {
    for (const [table, column, type] of PLAIN_COLUMNS) {
      await runner.query(`ALTER TABLE "${table}" ADD COLUMN "${column}" ${type}`);
    }
    await runner.query(
      `CREATE TABLE "event" ("number" integer PRIMARY KEY AUTOINCREMENT NOT NULL, "id" text NOT NULL, "at" text NOT NULL, "actor" text, "device" text, "kind" text NOT NULL, "subjectKind" text NOT NULL, "subjectId" text NOT NULL, "subjectOf" text NOT NULL, "version" integer NOT NULL, "before" text, "after" text NOT NULL, "undoOf" text, "request" text)`,
    );
    await runner.query(`CREATE UNIQUE INDEX "event_id" ON "event" ("id")`);
    await runner.query(`CREATE INDEX "event_of_subject" ON "event" ("subjectKind", "subjectId", "version")`);
    await runner.query(`CREATE UNIQUE INDEX "event_undone" ON "event" ("undoOf") WHERE "undoOf" IS NOT NULL`);
    await runner.query(
      `CREATE TABLE "proven_setting" ("id" text PRIMARY KEY NOT NULL, "jobId" text NOT NULL, "machineId" text NOT NULL, "at" text NOT NULL, "wireClass" text NOT NULL, "diameterMm" real NOT NULL, "gas" text NOT NULL, "mode" text NOT NULL, "joint" text NOT NULL, "position" text NOT NULL, "thicknessMm" real NOT NULL, "otherThicknessMm" real, "wireFeedSpeedMPerMin" real NOT NULL, "volts" real NOT NULL, "offsetV" real NOT NULL)`,
    );
    await runner.query(`CREATE INDEX "proven_setting_of_job" ON "proven_setting" ("jobId")`);
    await runner.query(`CREATE INDEX "proven_setting_of_machine" ON "proven_setting" ("machineId", "at")`);
    await runner.query(`CREATE TABLE "upkeep" ("name" text PRIMARY KEY NOT NULL, "doneAt" text NOT NULL)`);
    await runner.query(`CREATE INDEX "job_by_change" ON "job" ("updatedAt", "id")`);
    await runner.query(`CREATE INDEX "job_of_machine" ON "job" ("machineId")`);
    await namesToIds(runner);
    await readingsThatCount(runner);
    await pastReadings(runner);
    await runner.query(`ALTER TABLE "dial_reading" DROP COLUMN "supersededAt"`);
    await runner.query(`DROP INDEX "past_readings_of_machine"`);
    await runner.query(`DROP TABLE "past_readings"`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(
      `CREATE TABLE "past_readings" ("id" text PRIMARY KEY NOT NULL, "machineId" text NOT NULL, "kind" text NOT NULL, "value" text NOT NULL, "readAt" text, "supersededAt" text NOT NULL, CONSTRAINT "past_readings_machine" FOREIGN KEY ("machineId") REFERENCES "machine" ("id") ON DELETE CASCADE ON UPDATE NO ACTION)`,
    );
    await runner.query(`CREATE INDEX "past_readings_of_machine" ON "past_readings" ("machineId")`);
    await runner.query(`ALTER TABLE "dial_reading" ADD COLUMN "supersededAt" text`);
    await runner.query(
      `UPDATE "dial_reading" SET "supersededAt" = strftime('%Y-%m-%dT%H:%M:%fZ', 'now') WHERE "counts" = 0`,
    );
    await runner.query(
      `UPDATE "job" SET "line" = replace("line", '${MACHINE_MARK}', (SELECT "name" FROM "machine" WHERE "machine"."id" = "job"."machineId")), "work" = json_set("work", '$.machineName', (SELECT "name" FROM "machine" WHERE "machine"."id" = "job"."machineId")) WHERE "machineId" IS NOT NULL AND json_valid("work")`,
    );
    await runner.query(`DROP INDEX "job_of_machine"`);
    await runner.query(`DROP INDEX "job_by_change"`);
    for (const table of ['upkeep', 'proven_setting', 'event']) await runner.query(`DROP TABLE "${table}"`);
    for (const [table, column] of PLAIN_COLUMNS.toReversed()) {
      await runner.query(`ALTER TABLE "${table}" DROP COLUMN "${column}"`);
    }
  }
}
