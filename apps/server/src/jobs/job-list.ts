import type { FindJobs, JobState, JobSummary } from '@hot-bead/contract';
import { Brackets, type EntityManager } from 'typeorm';
import { DomainError } from '../errors/domain-error.ts';
import { JobEntity } from './job.entity.ts';

export interface JobRow extends JobSummary {
  readonly machineId: string | null;
}

const MOST_WORDS = 12;

/** A page begins after this job: the moment of its last change, and its id. */
function cursorOf(after: string): { readonly updatedAt: string; readonly id: string } {
  const [updatedAt, id] = after.split('~');
  if (updatedAt === undefined || id === undefined || Number.isNaN(Date.parse(updatedAt))) {
    throw new DomainError('cursor-unreadable', 400, 'There is no such page.', 'after');
  }
  return { updatedAt, id };
}

/** A word as a LIKE pattern finds it, wherever it stands. */
function likeWord(word: string): string {
  return `%${word.replace(/[\\%_]/g, '\\$&')}%`;
}

const TOLD_FOR = `json_extract("about", '$.jobId')`;
/** Jobs that something of a rig was told for, and jobs whose beads proved a setting. */
const RIGGED = `SELECT ${TOLD_FOR} FROM "event" WHERE "kind" = 'rigged' AND json_extract("about", '$.why') <> 'bead' AND ${TOLD_FOR} IS NOT NULL`;
const PROVEN = `SELECT "jobId" FROM "proven_setting"`;
/** The state of a job: the furthest that it has come to. */
const STATE = `CASE WHEN job.weldedAt IS NOT NULL THEN 'welded' WHEN job.id IN (${PROVEN}) THEN 'dialled-in' WHEN job.id IN (${RIGGED}) THEN 'rigged' ELSE 'planned' END`;

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
    `SELECT jobId, COUNT(*) AS count FROM test_bead WHERE deletedAt IS NULL AND jobId IN (${ids.map(() => '?').join(',')}) GROUP BY jobId`,
    [...ids],
  )) as { jobId: string; count: number }[];
  return new Map(rows.map(({ jobId, count }) => [jobId, count] as const));
}

/** One page of the jobs, last changed first: the cost is that of the page, not of the shop. */
export async function findJobs(
  manager: EntityManager,
  { after, limit, find = '', piece, machine, state }: FindJobs,
): Promise<{ readonly rows: readonly JobRow[]; readonly next: string | null }> {
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
    ])
    .orderBy('job.updatedAt', 'DESC')
    .addOrderBy('job.id', 'DESC')
    .limit(limit + 1);
  if (after !== undefined) {
    query.andWhere('(job.updatedAt, job.id) < (:updatedAt, :id)', cursorOf(after));
  }
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
  const found = await query.getMany();
  const page = found.slice(0, limit);
  const ids = page.map(({ id }) => id);
  const counts = await beadCounts(manager, ids);
  const states = await statesOf(manager, ids);
  const last = page.at(-1);
  return {
    rows: page.map(({ id, version, title, line, machineId, updatedAt, queued, pieceId }) => ({
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
    next: found.length > limit && last ? `${last.updatedAt}~${last.id}` : null,
  };
}
