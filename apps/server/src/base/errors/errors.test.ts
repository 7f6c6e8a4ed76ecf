import { closeSync, openSync, writeSync } from 'node:fs';
import type { Page } from '@hot-bead/contract/base';
import type { KeptMachine } from '@hot-bead/contract/machine';
import type { JobSummary } from '@hot-bead/contract/plan';
import Database from 'better-sqlite3';
import { asking, itemsAt, type RunningServer, runningServer } from '../../../test/running-server.ts';
import { databaseTrouble } from './sqlite-errors.ts';

let server: RunningServer;
beforeEach(async () => {
  server = await runningServer(true);
});
afterEach(() => server.stop());

const pragma = (statement: string): Promise<unknown> => server.writing.query(`PRAGMA ${statement}`);
const create = () => asking(server).post('/api/jobs').send({ line: '3 mm tee' });

describe('a database that refuses', () => {
  it('for a full disk: 507, in words, in the log by the request’s id, and nothing is lost', async () => {
    const [{ page_count: pages }] = (await pragma('page_count')) as [{ page_count: number }];
    await pragma(`max_page_count = ${pages}`);
    let refused = await create();
    for (let i = 0; i < 200 && refused.status === 201; i += 1) refused = await create();
    expect([refused.status, refused.body]).toMatchObject([507, { code: 'disk-full' }]);
    const { requestId } = refused.body as { requestId: string };
    expect(refused.headers['x-request-id']).toBe(requestId);
    expect(server.errors.at(-1)).toContain(`[${requestId}] POST /api/jobs: `);
    expect(server.errors.at(-1)).toContain('SqliteError');
    await pragma('max_page_count = 1000000');
    expect((await create()).status).toBe(201);
  });

  it('for being read only: 503', async () => {
    await pragma('query_only = ON');
    const refused = await create();
    expect([refused.status, refused.body]).toMatchObject([503, { code: 'database-read-only' }]);
    await pragma('query_only = OFF');
    expect((await create()).status).toBe(201);
  });

  it('for being held by another program: 503, and it is free again afterwards', async () => {
    await pragma('busy_timeout = 20');
    const other = new Database(server.databasePath);
    other.exec('BEGIN IMMEDIATE');
    const refused = await create();
    other.exec('ROLLBACK');
    other.close();
    expect([refused.status, refused.body]).toMatchObject([503, { code: 'database-busy' }]);
    expect((await create()).status).toBe(201);
  });

  it('for being damaged: 503', async () => {
    await pragma('wal_checkpoint(TRUNCATE)');
    const [{ page_size: size }] = (await pragma('page_size')) as [{ page_size: number }];
    const [{ rootpage }] = (await server.writing.query(
      `SELECT rootpage FROM sqlite_master WHERE name = 'machine'`,
    )) as [{ rootpage: number }];
    const file = openSync(server.databasePath, 'r+');
    writeSync(file, Buffer.alloc(size, 0xff), 0, size, (rootpage - 1) * size);
    closeSync(file);
    await server.reading.query('PRAGMA shrink_memory');
    const refused = await asking(server).get('/api/machines');
    expect([refused.status, refused.body]).toMatchObject([503, { code: 'database-damaged' }]);
  });

  it.each([
    ['SQLITE_FULL', 507, 'disk-full'],
    ['SQLITE_CORRUPT_VTAB', 503, 'database-damaged'],
    ['SQLITE_NOTADB', 503, 'database-damaged'],
    ['SQLITE_READONLY_DBMOVED', 503, 'database-read-only'],
    ['SQLITE_BUSY_SNAPSHOT', 503, 'database-busy'],
    ['SQLITE_IOERR_WRITE', 503, 'disk-trouble'],
  ])('%s is %s %s', (code, status, ours) => {
    expect(databaseTrouble(Object.assign(new Error('no'), { code }))).toMatchObject({ status, code: ours });
  });

  it('for a reason of ours is not its trouble', () => {
    expect(
      databaseTrouble(Object.assign(new Error('no'), { code: 'SQLITE_CONSTRAINT_UNIQUE' })),
    ).toBeUndefined();
    expect(databaseTrouble(new Error('no'))).toBeUndefined();
    expect(databaseTrouble(null)).toBeUndefined();
  });
});

describe('an error that nobody expected', () => {
  it('is 500 without its reason, and stands in the log under the id of the answer', async () => {
    await server.writing.query('ALTER TABLE job RENAME COLUMN title TO heading');
    const { status, body, text } = await asking(server).get('/api/jobs');
    expect([status, body]).toMatchObject([500, { code: 'internal' }]);
    expect(text).not.toMatch(/title|SQLITE|node_modules/);
    const { requestId } = body as { requestId: string };
    expect(server.errors.join('\n')).toMatch(new RegExp(`${requestId}\\] GET /api/jobs: .*title`));
  });

  it('says of an address that cannot be read that it is the address', async () => {
    const { status, body } = await asking(server).get('/api/jobs/%zz');
    expect([status, body]).toMatchObject([400, { code: 'address-broken' }]);
    expect(server.errors).toEqual([]);
  });
});

describe('a row that cannot be read', () => {
  const broken = (table: string, column: string, value: string, id: string): Promise<unknown> =>
    server.writing.query(`UPDATE ${table} SET "${column}" = ? WHERE id = ?`, [value, id]);

  it('is set aside and said, and nothing else is harmed by it', async () => {
    const { items } = (await asking(server).get('/api/jobs')).body as Page<JobSummary>;
    const { id } = items[0] as JobSummary;
    await broken('job', 'work', '{"thicknessMm":3,"wireClass":"ER999"}', id);
    expect((await asking(server).get(`/api/jobs/${id}`)).body).toMatchObject({ code: 'set-aside' });
    expect(
      (
        await asking(server)
          .patch(`/api/jobs/${id}`)
          .send({ own: {}, work: { joint: 'tee' } })
      ).status,
    ).toBe(422);
    expect((await asking(server).get('/api/jobs')).status).toBe(200);
    await broken('machine', 'profile', 'not json', 'demo-marigold');
    await asking(server)
      .patch('/api/shop')
      .send({ schools: { leanMix: 'avoid' } })
      .expect(200);
    await server.writing.query(`UPDATE shop SET schools = '{"leanMix":"sometimes"}'`);
    server = await server.restart();
    expect((await asking(server).post('/api/plan').send({ line: '3 mm tee Old Tom' })).status).toBe(200);
    const machines = await itemsAt<KeptMachine>(server, '/api/machines');
    expect(machines.map(({ name }) => name)).toEqual(['Old Tom', 'Suitcase']);
    const aside = (await asking(server).get('/api/set-aside')).body as { id: string }[];
    expect(aside.map((one) => one.id).toSorted()).toEqual(['demo-marigold', 'shop']);
    expect(aside[0]).toMatchObject({ kind: expect.any(String) as string, why: expect.any(String) as string });
  });

  it('is read again once it can be', async () => {
    await broken('machine', 'profile', '{"kind":"steam"}', 'demo-suitcase');
    await asking(server).get('/api/machines');
    expect((await asking(server).get('/api/set-aside')).body).toMatchObject([{ title: 'Suitcase' }]);
    await broken('machine', 'profile', '{"kind":"inverter"}', 'demo-suitcase');
    await asking(server).get('/api/machines');
    expect((await asking(server).get('/api/set-aside')).body).toEqual([]);
  });
});
