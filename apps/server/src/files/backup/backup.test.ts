import { readdirSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { setTimeout } from 'node:timers/promises';
import type { RestoreReport } from '@hot-bead/contract/files';
import Database from 'better-sqlite3';
import sharp from 'sharp';
import { asking, type RunningServer, runningServer } from '../../../test/running-server.ts';

let server: RunningServer;
let jobId: string;
beforeAll(async () => {
  server = await runningServer(true);
  const jobs = (await asking(server).get('/api/jobs')).body as { items: { id: string }[] };
  jobId = jobs.items[0]?.id ?? '';
  const jpeg = await sharp({ create: { width: 40, height: 30, channels: 3, background: '#a51' } })
    .jpeg()
    .toBuffer();
  await asking(server).post('/api/photos').set('content-type', 'image/jpeg').send(jpeg).expect(201);
});
afterAll(() => server.stop());

const taken = async (form: string): Promise<Buffer> =>
  (
    await asking(server)
      .get(`/api/backup/${form}`)
      .buffer(true)
      .parse((response, done) => {
        const parts: Buffer[] = [];
        response.on('data', (part: Buffer) => parts.push(part));
        response.on('end', () => done(null, Buffer.concat(parts)));
      })
      .expect(200)
  ).body as Buffer;
const restore = (file: Buffer | string) =>
  asking(server).post('/api/backup/restore').set('content-type', 'application/octet-stream').send(file);
const jobTitles = async (): Promise<readonly string[]> =>
  ((await asking(server).get('/api/jobs?limit=100')).body as { items: { title: string }[] }).items.map(
    ({ title }) => title,
  );

it.each(['database', 'zip', 'json'])(
  'a shop comes back from its %s as it was, and the one before it is kept',
  async (form) => {
    const before = await taken('json');
    const file = await taken(form);
    const titles = await jobTitles();
    await asking(server).delete(`/api/jobs/${jobId}`).expect(204);
    await asking(server).post('/api/jobs').send({ line: '7.7 mm steel lap' }).expect(201);
    expect(await jobTitles()).not.toEqual(titles);
    const report = (await restore(file).expect(200)).body as RestoreReport;
    expect(report.kind).toBe(form);
    expect(await jobTitles()).toEqual(titles);
    expect((await taken('json')).equals(before)).toBe(true);
    // the search of the log came with it
    expect(
      ((await asking(server).get('/api/log?text=corner')).body as { items: object[] }).items.length,
    ).toBeGreaterThan(0);
    const kept = join(dirname(server.databasePath), report.keptAs);
    const old = new Database(kept, { readonly: true });
    expect(old.prepare(`SELECT COUNT(*) AS n FROM job WHERE title LIKE '7.7 mm%'`).get()).toEqual({ n: 1 });
    old.close();
  },
);

it('a packed shop holds its photos as pictures', async () => {
  const zip = await taken('zip');
  expect(zip.includes(Buffer.from('photos/'))).toBe(true);
  expect(zip.includes(Buffer.from([0xff, 0xd8, 0xff]))).toBe(true);
});

describe('what is no backup changes nothing', () => {
  it.each<readonly [what: string, file: () => Promise<Buffer> | Buffer, why: RegExp]>([
    ['nothing', () => Buffer.alloc(0), /This is no backup/],
    ['a letter', () => Buffer.from('Dear shop'), /This is no backup/],
    ['JSON of something else', () => Buffer.from('{"format":"other"}'), /no shop of Hot Bead/],
    [
      'a packed file of something else',
      () => Buffer.from('PK\u0005\u0006' + '\0'.repeat(18), 'latin1'),
      /no shop.json/,
    ],
    ['half a packed shop', async () => (await taken('zip')).subarray(0, 5000), /cannot be opened/],
    ['half a database', async () => (await taken('database')).subarray(0, 60_000), /damaged|cannot be read/],
    [
      'a database with a page of noise',
      async () => {
        const file = Buffer.from(await taken('database'));
        file.fill(0x5a, 8192, 8192 + 4096 * 6);
        return file;
      },
      /damaged|cannot be read/,
    ],
    [
      'a database of something else',
      () => {
        const other = new Database(':memory:');
        other.exec('CREATE TABLE a (b)');
        return other.serialize();
      },
      /no shop in this database/,
    ],
  ])('%s', async (_what, file, why) => {
    const before = await taken('json');
    const files = readdirSync(dirname(server.databasePath)).length;
    const { body } = await restore(await file()).expect(400);
    expect(body).toMatchObject({
      code: 'not-restored',
      field: 'file',
      message: expect.stringMatching(why) as string,
    });
    expect((await taken('json')).equals(before)).toBe(true);
    expect(readdirSync(dirname(server.databasePath)).length).toBe(files);
  });

  it('a shop with one record that cannot be', async () => {
    const shop = JSON.parse((await taken('json')).toString()) as {
      tables: Record<string, Record<string, unknown>[]>;
    };
    const [bead] = shop.tables['test_bead'] ?? [];
    if (bead) bead['jobId'] = 'nowhere';
    const before = await taken('json');
    const { body } = await restore(JSON.stringify(shop)).expect(400);
    expect((body as { message: string }).message).toMatch(/test_bead/);
    expect((await taken('json')).equals(before)).toBe(true);
  });
});

it('what is written while a shop is put in the place of another is in the one or in the copy of the other', async () => {
  const file = await taken('database');
  const acknowledged: string[] = [];
  let isOver = false;
  const writer = async (): Promise<void> => {
    while (!isOver) {
      const { status, body } = await asking(server).post('/api/jobs').send({ line: '3 mm tee' });
      if (status === 201) acknowledged.push((body as { id: string }).id);
      else expect(status).toBe(503);
    }
  };
  const writers = [writer(), writer(), writer(), writer()];
  const copies: string[] = [];
  for (let i = 0; i < 3; i += 1) {
    const report = (await restore(file).expect(200)).body as RestoreReport;
    copies.push(join(dirname(server.databasePath), report.keptAs));
  }
  isOver = true;
  await Promise.all(writers);
  const seen = new Set<unknown>();
  for (const path of [server.databasePath, ...copies]) {
    const database = new Database(path, { readonly: true });
    for (const id of database.prepare('SELECT id FROM job').pluck().all()) seen.add(id);
    database.close();
  }
  expect(acknowledged.length).toBeGreaterThan(20);
  expect(acknowledged.filter((id) => !seen.has(id))).toEqual([]);
  // only the last few copies stay
  const before = readdirSync(dirname(server.databasePath)).filter((name) => name.includes('.before-'));
  expect(before).toHaveLength(3);
});

it('what was learnt, ordered or set aside before is not told of the shop after', async () => {
  const file = await taken('database');
  const { id } = (await asking(server).post('/api/jobs').send({ line: '4 mm tee' }).expect(201)).body as {
    id: string;
  };
  await server.writing.query(`UPDATE job SET work = '{"thicknessMm":3,"outsideMm":[3]}' WHERE id = ?`, [id]);
  await asking(server).get('/api/jobs');
  await asking(server).get(`/api/jobs/${id}`);
  expect((await asking(server).get('/api/set-aside')).body).toHaveLength(1);
  const learning = (await asking(server).get('/api/learning')).body as object;
  await restore(file).expect(200);
  expect((await asking(server).get('/api/set-aside')).body).toEqual([]);
  expect((await asking(server).get('/api/learning')).body).toEqual(learning);
});

it('a backup ends while the shop is written to, and leaves nothing behind', async () => {
  let isOver = false;
  const writing = (async () => {
    while (!isOver) await asking(server).post('/api/jobs').send({ line: '3 mm tee' });
  })();
  await Promise.all(['database', 'zip', 'json'].map(taken));
  isOver = true;
  await writing;
  const folder = dirname(server.databasePath);
  const left = (): readonly string[] =>
    readdirSync(folder)
      .filter((name) => name.endsWith('.work'))
      .flatMap((name) => readdirSync(join(folder, name)));
  // the last of a file has gone out before the file is closed
  for (let i = 0; i < 50 && left().length > 0; i += 1) await setTimeout(20);
  expect(left()).toEqual([]);
});
