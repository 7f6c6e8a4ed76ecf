import type { FindRequest, JobSummary } from '@hot-bead/contract';
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
  { after, limit, find = '' }: FindRequest,
): Promise<{ readonly rows: readonly JobRow[]; readonly next: string | null }> {
  const query = manager
    .createQueryBuilder(JobEntity, 'job')
    .select(['job.id', 'job.version', 'job.title', 'job.line', 'job.machineId', 'job.updatedAt'])
    .orderBy('job.updatedAt', 'DESC')
    .addOrderBy('job.id', 'DESC')
    .limit(limit + 1);
  if (after !== undefined) {
    query.andWhere('(job.updatedAt, job.id) < (:updatedAt, :id)', cursorOf(after));
  }
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
  const counts = await beadCounts(
    manager,
    page.map(({ id }) => id),
  );
  const last = page.at(-1);
  return {
    rows: page.map(({ id, version, title, line, machineId, updatedAt }) => ({
      id,
      version,
      title,
      line,
      machineId,
      updatedAt,
      beadCount: counts.get(id) ?? 0,
    })),
    next: found.length > limit && last ? `${last.updatedAt}~${last.id}` : null,
  };
}
