import type { FindJobs, JobState, JobSummary } from '@hot-bead/contract/plan';
import { Brackets, type EntityManager } from 'typeorm';
import { pageBy } from '../../base/paging/page-by.ts';
import { JobEntity } from './job.entity.ts';

export interface JobRow extends JobSummary {
  readonly machineId: string | null;
}

const MOST_WORDS = 12;

/** A word as a LIKE pattern finds it, wherever it stands. */
function likeWord(word: string): string {
  return `%${word.replace(/[\\%_]/g, '\\$&')}%`;
}

/** Whether something of a rig was told for a job, and whether its beads proved a setting: found by an index each. */
const RIGGED = `EXISTS (SELECT 1 FROM "event" WHERE "toldForJobId" = job.id)`;
const PROVEN = `EXISTS (SELECT 1 FROM "proven_setting" WHERE "jobId" = job.id)`;
/** The state of a job: the furthest that it has come to. */
const STATE = `CASE WHEN job.weldedAt IS NOT NULL THEN 'welded' WHEN ${PROVEN} THEN 'dialled-in' WHEN ${RIGGED} THEN 'rigged' ELSE 'planned' END`;

async function statesOf(
  manager: EntityManager,
  ids: readonly string[],
): Promise<ReadonlyMap<string, JobState>> {
  if (ids.length === 0) return new Map();
  const rows = (await manager.query(
    `SELECT job.id AS "id", ${STATE} AS "state" FROM "job" job WHERE job.id IN (${ids.map(() => '?').join()})`,
    [...ids],
  )) as { id: string; state: JobState }[];
  return new Map(rows.map(({ id, state }) => [id, state] as const));
}

async function beadCounts(
  manager: EntityManager,
  ids: readonly string[],
): Promise<ReadonlyMap<string, number>> {
  if (ids.length === 0) return new Map();
  const rows = (await manager.query(
    `SELECT jobId, COUNT(*) AS count FROM test_bead WHERE awayAt IS NULL AND jobId IN (${ids.map(() => '?').join(',')}) GROUP BY jobId`,
    [...ids],
  )) as { jobId: string; count: number }[];
  return new Map(rows.map(({ jobId, count }) => [jobId, count] as const));
}

/** One page of the jobs, last changed first: the cost is that of the page, not of the shop. */
export async function findJobs(
  manager: EntityManager,
  request: FindJobs,
): Promise<{ readonly rows: readonly JobRow[]; readonly next: string | null }> {
  const { find = '', piece, machine, state } = request;
  const query = manager
    .createQueryBuilder(JobEntity, 'job')
    .select([
      'job.id',
      'job.version',
      'job.title',
      'job.line',
      'job.machineId',
      'job.updatedAt',
      'job.queued',
      'job.pieceId',
    ]);
  if (piece !== undefined) query.andWhere('job.pieceId = :piece', { piece });
  if (machine !== undefined) query.andWhere('job.machineId = :machine', { machine });
  if (state !== undefined) query.andWhere(`${STATE} = :state`, { state });
  find
    .split(/[\s,]+/)
    .filter(Boolean)
    .slice(0, MOST_WORDS)
    .forEach((word, i) => {
      const parameter = { [`word${i}`]: likeWord(word) };
      query.andWhere(
        new Brackets((either) =>
          either
            .where(`job.title LIKE :word${i} ESCAPE '\\'`, parameter)
            .orWhere(`job.line LIKE :word${i} ESCAPE '\\'`, parameter)
            .orWhere(
              `job.machineId IN (SELECT id FROM machine WHERE name LIKE :word${i} ESCAPE '\\')`,
              parameter,
            ),
        ),
      );
    });
  const { rows, next } = await pageBy(query, { by: 'updatedAt', holds: 'time', is: 'falling' }, request);
  const ids = rows.map(({ id }) => id);
  const counts = await beadCounts(manager, ids);
  const states = await statesOf(manager, ids);
  return {
    rows: rows.map(({ id, version, title, line, machineId, updatedAt, queued, pieceId }) => ({
      id,
      version,
      title,
      line,
      machineId,
      updatedAt,
      beadCount: counts.get(id) ?? 0,
      state: states.get(id) ?? 'planned',
      queued,
      pieceId,
    })),
    next,
  };
}
