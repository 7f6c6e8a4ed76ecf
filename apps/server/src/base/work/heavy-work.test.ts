import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import Database from 'better-sqlite3';
import { DomainError } from '../errors/domain-error.ts';
import { failureOf, toldFailure } from './heavy-failure.ts';
import { LONG_QUERY } from './heavy-query.ts';
import { HeavyWork } from './heavy-work.ts';

let folder: string;
let path: string;
let heavy: HeavyWork;
beforeAll(() => {
  folder = mkdtempSync(join(tmpdir(), 'hot-bead-work-'));
  path = join(folder, 'some.sqlite');
  new Database(path).exec('CREATE TABLE a (b); INSERT INTO a VALUES (1), (2)').close();
});
afterAll(() => rmSync(folder, { recursive: true, force: true }));
beforeEach(() => {
  heavy = new HeavyWork();
});
afterEach(() => heavy.onApplicationShutdown());

const MOST_MS = 20_000;
const rows = { sql: 'SELECT b FROM a WHERE b > ?', parameters: [0] };
/** Counts up to a number: a million takes about a quarter of a second. */
const counting = (to: number) => ({
  path,
  sql: `WITH RECURSIVE c(x) AS (SELECT 1 UNION ALL SELECT x + 1 FROM c WHERE x < ${to}) SELECT COUNT(*) AS n FROM c`,
  parameters: [],
});
const asked = (to: number, more: { signal?: AbortSignal; mostMs?: number } = {}) =>
  heavy.run(LONG_QUERY, counting(to), { mostMs: MOST_MS, lane: 'short', ...more });

describe('what takes long', () => {
  it('is answered, or fails, as it would here', async () => {
    const limits = { mostMs: MOST_MS };
    expect(await heavy.run(LONG_QUERY, { ...rows, path }, limits)).toEqual([{ b: 1 }, { b: 2 }]);
    const wrong = heavy.run(LONG_QUERY, { ...rows, path, sql: 'SELECT c FROM a WHERE b > ?' }, limits);
    await expect(wrong).rejects.toMatchObject({ code: 'SQLITE_ERROR', message: 'no such column: c' });
    // the thread goes on after a failure
    expect(await heavy.run(LONG_QUERY, { ...rows, path }, limits)).toHaveLength(2);
  });

  it('leaves everyone else their time', async () => {
    let ticks = 0;
    const ticking = setInterval(() => (ticks += 1), 5);
    await asked(2_000_000);
    clearInterval(ticking);
    expect(ticks).toBeGreaterThan(10);
  });

  it('is given up where it takes longer than it may, and the next is done', async () => {
    await expect(asked(4_000_000, { mostMs: 50 })).rejects.toMatchObject({ code: 'too-long', status: 503 });
    expect(await asked(10)).toEqual([{ n: 10 }]);
  });

  it('takes its turn, and is told to come again where too many wait', async () => {
    const all = await Promise.allSettled(Array.from({ length: 9 }, () => asked(200_000)));
    const refused = all.filter((one) => one.status === 'rejected');
    expect(all.filter((one) => one.status === 'fulfilled')).toHaveLength(7); // one at work, six waiting
    expect(refused.map(({ reason }) => (reason as DomainError).code)).toEqual(['busy', 'busy']);
    // what is short does not stand behind what is long
    const long = [1, 2].map(() => heavy.run(LONG_QUERY, counting(3_000_000), { mostMs: MOST_MS }));
    const first = await Promise.race([
      asked(10).then(() => 'short'),
      ...long.map((one) => one.then(() => 'long')),
    ]);
    expect(first).toBe('short');
    await Promise.all(long);
  });

  it('is stopped when who asked for it goes, waiting or at work', async () => {
    const leaving = new AbortController();
    const [atWork, waiting, stays] = [
      asked(4_000_000, { signal: leaving.signal }),
      asked(10, { signal: leaving.signal }),
      asked(10),
    ];
    setTimeout(() => leaving.abort(), 50);
    await expect(atWork).rejects.toMatchObject({ code: 'asker-gone' });
    await expect(waiting).rejects.toMatchObject({ code: 'asker-gone' });
    expect(await stays).toEqual([{ n: 10 }]);
    await expect(asked(10, { signal: leaving.signal })).rejects.toMatchObject({ code: 'asker-gone' });
  });
});

it('a failure of ours keeps its code, its field and its words on the way', () => {
  const ours = failureOf(toldFailure(new DomainError('no-table', 400, 'Send the table.', 'table')));
  expect(ours).toMatchObject({ code: 'no-table', status: 400, message: 'Send the table.', field: 'table' });
  expect(ours).toBeInstanceOf(DomainError);
  expect(failureOf(toldFailure(new TypeError('odd')))).toMatchObject({ message: 'odd' });
});
