import { MACHINE_MARK } from '@hot-bead/contract/base';
import { readStored } from '@hot-bead/contract/history';
import { KEPT_JOB } from '@hot-bead/contract/plan';
import { effectiveWork, parseLine } from '@hot-bead/core/line';
import type { StatedWork } from '@hot-bead/core/plan';
import type { MigrationInterface, QueryRunner } from 'typeorm';
import { jobTitle } from '../../plan/jobs/job-title.ts';

interface JobRow {
  readonly id: string;
  readonly version: number;
  readonly line: string;
  readonly title: string;
  readonly work: string;
  readonly own: string;
  readonly task: string;
  readonly dialIn: string;
  readonly shape: number;
}

function parsed(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return undefined;
  }
}

function isReadable({ shape, ...row }: JobRow, work: unknown): boolean {
  const parts = { work, own: parsed(row.own), task: parsed(row.task), dialIn: parsed(row.dialIn) };
  return readStored(KEPT_JOB, shape, parts).status === 'read';
}

/** The work that a kept line says, where it says the same in either unit. */
function workSaid(line: string): StatedWork | undefined {
  const text = line.replaceAll(MACHINE_MARK, ' ');
  const [metric, inch] = (['mm', 'in'] as const).map((unit) =>
    effectiveWork(parseLine(text, { unit, machineNames: [] })),
  );
  return JSON.stringify(metric) === JSON.stringify(inch) ? metric : undefined;
}

/** Jobs that could not be read are read anew from their lines, where those can be; the shop's own words for the line. */
export class LineWords1765500000000 implements MigrationInterface {
  name = 'LineWords1765500000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`ALTER TABLE "shop" ADD COLUMN "words" text NOT NULL DEFAULT ('{}')`);
    const rows = (await runner.query(
      `SELECT "id", "version", "line", "title", "work", "own", "task", "dialIn", "shape" FROM "job"`,
    )) as JobRow[];
    for (const row of rows) await this.mend(runner, row);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`ALTER TABLE "shop" DROP COLUMN "words"`);
  }

  /** What stood there stays in what happened; a job whose line says no more than before is left as it is. */
  private async mend(runner: QueryRunner, row: JobRow): Promise<void> {
    if (isReadable(row, parsed(row.work))) return;
    const work = workSaid(row.line);
    if (!work || Object.keys(work).length === 0 || !isReadable(row, work)) return;
    const version = row.version + 1;
    const at = new Date().toISOString();
    const title = jobTitle(work, row.line.replaceAll(MACHINE_MARK, ''));
    await runner.query(`UPDATE "job" SET "work" = ?, "title" = ?, "version" = ? WHERE "id" = ?`, [
      JSON.stringify(work),
      title,
      version,
      row.id,
    ]);
    await runner.query(
      `INSERT INTO "event" ("id", "at", "device", "kind", "subjectKind", "subjectId", "subjectOf", "version", "before", "after") VALUES (?, ?, ?, 'changed', 'job', ?, ?, ?, ?, ?)`,
      [
        `mended-${row.id}`,
        at,
        'read anew from its line',
        row.id,
        row.id,
        version,
        JSON.stringify({ kept: row.work }),
        JSON.stringify({ work: JSON.stringify(work) }),
      ],
    );
  }
}
