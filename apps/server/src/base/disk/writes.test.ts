import { randomUUID } from 'node:crypto';
import { renameSync } from 'node:fs';
import type { Page } from '@hot-bead/contract/base';
import type { Job, JobSummary } from '@hot-bead/contract/plan';
import Database from 'better-sqlite3';
import {
  asking,
  inOnePacket,
  itemsAt,
  type RunningServer,
  runningServer,
} from '../../../test/running-server.ts';
import { smallDisk } from '../../../test/small-disk.ts';
import { Writes } from './writes.ts';

let server: RunningServer;
const create = (line = '3 mm tee') => asking(server).post('/api/jobs').send({ line });
const made = async (line?: string): Promise<Job> => (await create(line).expect(201)).body as Job;
const ids = async (): Promise<readonly string[]> =>
  ((await asking(server).get('/api/jobs?limit=200').expect(200)).body as Page<JobSummary>).items.map(
    ({ id }) => id,
  );
const isOpen = (): boolean => server.app.get(Writes).connection.inTransaction;

describe('a transaction that cannot be kept', () => {
  beforeEach(async () => {
    server = await runningServer();
  });
  afterEach(() => server.stop());

  it('leaves nothing open, and what is answered after it outlives a restart', async () => {
    // it is found wanting only when it is to be kept
    const wanting = server.app.get(Writes).transaction(async (manager) => {
      await manager.query('PRAGMA defer_foreign_keys = ON');
      await manager.query(
        `INSERT INTO acknowledgement (id, jobId, code, text, at) VALUES ('a', 'nowhere', 'arc', '', 'now')`,
      );
    });
    await expect(wanting).rejects.toMatchObject({ code: 'SQLITE_CONSTRAINT_FOREIGNKEY' });
    expect(isOpen()).toBe(false);
    const { id } = await made();
    server = await server.restart();
    expect(await ids()).toEqual([id]);
    expect(await itemsAt(server, `/api/jobs/${id}/test-beads`)).toEqual([]);
  });

  it('is not answered as kept where its connection lost it', async () => {
    const { connection } = server.app.get(Writes);
    const lost = server.app.get(Writes).transaction(async (manager) => {
      await manager.query(`INSERT INTO upkeep (name, doneAt) VALUES ('lost', 'now')`);
      connection.exec('ROLLBACK; BEGIN'); // as a driver does that has lost count
    });
    await expect(lost).rejects.toMatchObject({ code: 'not-kept', status: 503 });
    await made();
  });

  it('is not asked for within another, where it would wait for ever', async () => {
    const writes = server.app.get(Writes);
    const within = writes.transaction(() => writes.transaction(() => Promise.resolve(1)));
    await expect(within).rejects.toThrow('within another');
    await made();
  });
});

it('a disk that was full and has room again keeps what it answers', async () => {
  const disk = smallDisk(6);
  server = await runningServer(false, undefined, disk?.folder);
  const { connection } = server.app.get(Writes);
  try {
    await made();
    if (disk) disk.fill();
    else connection.pragma(`max_page_count = ${Number(connection.pragma('page_count', { simple: true }))}`);
    const refused: number[] = [];
    for (let i = 0; i < 400 && refused.length < 2; i += 1) {
      const { status } = await create();
      if (status !== 201) refused.push(status);
    }
    expect(refused).toEqual([507, 507]);
    expect(isOpen()).toBe(false);
    if (disk) disk.free();
    else connection.pragma('max_page_count = 1000000');
    const kept: string[] = [];
    for (let i = 0; i < 20; i += 1) kept.push((await made()).id);
    // another program sees them, and so does the next start
    const other = new Database(server.databasePath, { readonly: true });
    const there = other.prepare('SELECT id FROM job').pluck().all();
    other.close();
    expect(there).toEqual(expect.arrayContaining(kept));
    server = await server.restart();
    expect(await ids()).toEqual(expect.arrayContaining(kept));
  } finally {
    await server.stop().catch(() => undefined);
    disk?.end();
  }
});

describe('requests that come in one packet', () => {
  beforeEach(async () => {
    server = await runningServer();
  });
  afterEach(() => server.stop());

  it('are each carried out', async () => {
    const [a, b] = [await made(), await made()];
    const answers = await inOnePacket(server, [
      ['DELETE', `/api/jobs/${a.id}`],
      ['DELETE', `/api/jobs/${b.id}`],
    ]);
    expect(answers.map(({ status }) => status)).toEqual([204, 204]);
    expect(await ids()).toEqual([]);
  });

  it('do not fail for one another, whatever each of them is', async () => {
    const { id } = await made();
    const undo = `/api/events/${id}/undo`;
    const [first, ...others] = await inOnePacket(server, [
      ['POST', undo],
      ['DELETE', `/api/jobs/${id}`],
      ['POST', '/api/jobs', { line: '5 mm lap' }],
      ['PATCH', `/api/jobs/${id}`, { work: { thicknessMm: 'thick' } }],
      ['POST', '/api/jobs', { line: '6 mm lap' }],
    ]);
    expect([200, 404]).toContain(first?.status);
    expect(others.map(({ status }) => status)).toEqual([expect.any(Number), 201, 400, 201]);
    expect(isOpen()).toBe(false);
    await made();
    expect(server.errors).toEqual([]);
  });

  it('read only what is kept, never what is being written', async () => {
    const writes = server.app.get(Writes);
    const { id } = await made();
    let seen: readonly string[] | undefined;
    await writes
      .transaction(async (manager) => {
        await manager.query('UPDATE job SET awayAt = ? WHERE id = ?', ['now', id]);
        seen = (await server.reading.query('SELECT id FROM job WHERE awayAt IS NULL')) as string[];
        throw new Error('not after all');
      })
      .catch(() => undefined);
    expect(seen).toEqual([{ id }]);
  });
});

describe('a database whose file is gone', () => {
  beforeEach(async () => {
    server = await runningServer();
  });
  afterEach(() => server.stop());

  it('takes nothing more, and says so, until it is in its place again', async () => {
    await made();
    renameSync(server.databasePath, `${server.databasePath}.moved`);
    const refused = [await create(), await asking(server).get('/api/jobs')];
    expect(refused.map(({ status, body }) => [status, (body as { code: string }).code])).toEqual([
      [503, 'database-gone'],
      [503, 'database-gone'],
    ]);
    new Database(server.databasePath).close();
    expect((await create()).status).toBe(503);
    renameSync(`${server.databasePath}.moved`, server.databasePath);
    await made();
  });
});

describe('a command sent again', () => {
  beforeEach(async () => {
    server = await runningServer();
  });
  afterEach(() => server.stop());

  const COMMAND = '00000000-0000-4000-8000-0000000000c1';
  const sent = (method: 'post' | 'patch' | 'delete', path: string, body: object = {}) =>
    asking(server)[method](path).set('command-id', COMMAND).send(body);

  it('is the same command only with the same content, on the same way', async () => {
    const { id } = (await sent('post', '/api/jobs', { line: '3 mm tee' }).expect(201)).body as Job;
    await sent('post', '/api/jobs', { line: '3 mm tee' }).expect(200);
    const other = await made('9 mm tee');
    const machine = { name: 'Tom', loadedWireClass: 'ER70S-6', loadedWireDiameterMm: 0.8, loadedGas: 'co2' };
    const tip = { kind: 'part', part: 'tip', name: 'tip', count: 1 };
    for (const [method, path, body] of [
      ['post', '/api/jobs', { line: '4 mm tee' }],
      ['post', '/api/jobs', { line: '3 mm tee', id: randomUUID() }],
      ['post', '/api/machines', machine],
      ['post', '/api/stock', tip],
      ['patch', `/api/jobs/${id}`, { work: { thicknessMm: 4 } }],
      ['patch', `/api/jobs/${other.id}`, { work: { thicknessMm: 4 } }],
      ['delete', `/api/jobs/${id}`, {}],
      ['delete', `/api/jobs/${other.id}`, {}],
      ['post', `/api/jobs/${id}/duplicate`, {}],
    ] as const) {
      const { status, body: told } = await sent(method, path, body);
      expect([method, path, status, (told as { code: string }).code]).toEqual([
        method,
        path,
        409,
        'command-id-taken',
      ]);
    }
    expect([...(await ids())].toSorted()).toEqual([id, other.id].toSorted());
    expect(await itemsAt(server, '/api/machines')).toEqual([]);
  });

  it('of several records together is taken once, and nothing else under its id', async () => {
    const { id: pieceId } = (await asking(server).post('/api/pieces').send({ name: 'Gate' }).expect(201))
      .body as { id: string };
    const welds = ['3 mm tee', '5 mm lap'].map((line) => ({ id: randomUUID(), line }));
    const path = `/api/pieces/${pieceId}/welds`;
    await sent('post', path, { welds }).expect(201);
    await sent('post', path, { welds }).expect(201);
    expect(await ids()).toHaveLength(2);
    await sent('post', path, { welds: [{ id: randomUUID(), line: '7 mm lap' }] }).expect(409);
    // a weld that is not what it was sent as before takes the others with it
    const changed = [
      { id: randomUUID(), line: '8 mm tee' },
      { ...welds[1], line: '6 mm lap' },
    ];
    await asking(server).post(path).send({ welds: changed }).expect(409);
    expect(await ids()).toHaveLength(2);
  });
});
