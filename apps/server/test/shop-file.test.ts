import { randomUUID } from 'node:crypto';
import { mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Server } from 'node:http';
import Database from 'better-sqlite3';
import request from 'supertest';
import { exportCommand, importCommand } from '../src/command/shop-command.ts';
import type { Page } from '@hot-bead/contract/base';
import { createApp } from '../src/create-app.ts';
import { MIGRATION_NAMES } from '../src/database/data-source-options.ts';
import { type RunningServer, runningServer } from './running-server.ts';
import { shopText } from '../src/files/shop-file/shop-file.ts';

let server: RunningServer;
let folder: string;
beforeAll(async () => {
  server = await runningServer(true);
});
afterAll(() => server.stop());
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'hot-bead-shop-'));
});
afterEach(() => rmSync(folder, { recursive: true, force: true }));

const at = (name: string): string => join(folder, name);
function textOf(path: string): string {
  const database = new Database(path, { readonly: true });
  try {
    return [...shopText(database)].join('');
  } finally {
    database.close();
  }
}
const envOf = (path: string): NodeJS.ProcessEnv => ({ HOT_BEAD_DB: path });
interface ShopFile {
  readonly schema: string;
  readonly tables: Readonly<Record<string, readonly Readonly<Record<string, unknown>>[]>>;
}
const shopOf = (path: string): ShopFile => JSON.parse(textOf(path)) as ShopFile;
const take = async (shop: object, ...more: readonly string[]): Promise<string> => {
  writeFileSync(at('taken.json'), JSON.stringify(shop));
  return (await importCommand([at('taken.json'), ...more], envOf(at('new.sqlite')))).output;
};
const OLD = join(__dirname, 'before-foundations.sqlite');
const PHOTO = { id: 'a', at: '2026-11-02T10:00:00.000Z', widthPx: 1, heightPx: 1, asked: null };

describe('a whole shop as a file', () => {
  it('goes out of a running server and comes back byte for byte, photos and all', async () => {
    const jpeg = Buffer.from([0xff, 0xd8, 0x00, 0x01, 0xff]);
    const source = new Database(server.databasePath);
    source
      .prepare('INSERT INTO photo (id, at, widthPx, heightPx, jpeg) VALUES (?, ?, 1, 1, ?)')
      .run(randomUUID(), '2026-11-02T10:00:00.000Z', jpeg);
    source.close();
    const out = await exportCommand([at('shop.json')], envOf(server.databasePath));
    expect(out).toMatchObject({ exitCode: 0, output: expect.stringContaining('records of') as string });
    const taken = await importCommand([at('shop.json')], envOf(at('new.sqlite')));
    expect(taken.exitCode).toBe(0);
    expect(taken.output).toMatch(/ {2}machine: 3/);
    expect(textOf(at('new.sqlite'))).toBe(readFileSync(at('shop.json'), 'utf8'));
    const again = new Database(at('new.sqlite'), { readonly: true });
    expect((again.prepare('SELECT jpeg FROM photo').get() as { jpeg: Buffer }).jpeg.equals(jpeg)).toBe(true);
    again.close();
  });

  it('does not take the place of a shop that is there unless it is told to', async () => {
    writeFileSync(at('shop.json'), textOf(server.databasePath));
    await importCommand([at('shop.json')], envOf(at('new.sqlite')));
    const before = textOf(at('new.sqlite'));
    const refused = await importCommand([at('shop.json')], envOf(at('new.sqlite')));
    expect(refused).toMatchObject({ exitCode: 2, output: expect.stringMatching(/say --replace/) as string });
    expect(textOf(at('new.sqlite'))).toBe(before);
    const database = new Database(at('new.sqlite'));
    database.prepare(`UPDATE machine SET name = 'Another' WHERE name = 'Old Tom'`).run();
    database.close();
    expect(textOf(at('new.sqlite'))).not.toBe(before);
    expect((await importCommand([at('shop.json'), '--replace'], envOf(at('new.sqlite')))).exitCode).toBe(0);
    expect(textOf(at('new.sqlite'))).toBe(before);
  });

  it('is taken all or not at all: a record that cannot be kept is named, and what was there stands', async () => {
    const shop = shopOf(server.databasePath);
    await take(shop);
    const before = textOf(at('new.sqlite'));
    const [first, ...others] = shop.tables['machine'] ?? [];
    if (!first) throw new Error('no machine');
    const { name: _name, ...nameless } = first;
    const withTables = (tables: object): ShopFile => ({ ...shop, tables: { ...shop.tables, ...tables } });
    const refused: readonly (readonly [shop: object, why: RegExp])[] = [
      [
        withTables({ machine: [...others, nameless] }),
        /^Record 3 of machine: name is no field of it, or is missing\.$/,
      ],
      [withTables({ machine: [first, first] }), /^Record 2 of machine cannot be kept: /],
      [withTables({ moon: [{}] }), /^There is no table moon\.$/],
      // beads of jobs that are not there
      [withTables({ job: [] }), /names one of/],
      // bytes where there should be text, text where there should be bytes, and no picture
      [
        withTables({ job: [{ ...shop.tables['job']?.[0], work: { base64: 'AAAA' } }] }),
        /its work is not what/,
      ],
      [withTables({ photo: [{ ...PHOTO, jpeg: 'a letter' }] }), /its jpeg is not what stands there/],
      [withTables({ photo: [{ ...PHOTO, jpeg: { base64: 'AAAA' } }] }), /is no picture/],
      [{ ...shop, tables: { ...shop.tables, job: [[[[[]]]]] } }, /^Record 1 of job is no record\.$/],
      [{ ...shop, tables: null }, /its tables are none/],
      [{ ...shop, tables: [] }, /its tables are none/],
      [{ ...shop, tables: 'tables' }, /its tables are none/],
      [{ ...shop, tables: { ...shop.tables, job: null } }, /job is no list of records/],
      [{ ...shop, tables: { ...shop.tables, job: { a: {} } } }, /job is no list of records/],
      [{ ...shop, tables: undefined }, /it has no tables/],
      [{ tables: shop.tables, schema: shop.schema }, /its schema must stand before its tables/],
    ];
    for (const [spoilt, why] of refused) {
      await expect(take(spoilt, '--replace')).resolves.toMatch(why);
      expect(textOf(at('new.sqlite'))).toBe(before);
    }
    // nothing of the work is left beside it
    expect(readdirSync(folder).filter((name) => name.includes('.import-'))).toEqual([]);
  });

  it('a file that is none is refused with what is wrong', async () => {
    const shop = shopOf(server.databasePath);
    const cases: readonly (readonly [string, RegExp])[] = [
      ['{', /^This is no JSON/],
      ['{"format":"other"}', /^This is no shop of Hot Bead/],
      [JSON.stringify({ ...shop, version: 2 }), /^This is no shop of Hot Bead/],
      [
        JSON.stringify({ ...shop, schema: 'Later2000000000000' }),
        /^This shop was written by another Hot Bead/,
      ],
      [JSON.stringify({ ...shop, tables: { job: [{ id: true }] } }), /^Record 1 of job is no record/],
      [JSON.stringify({ ...shop, tables: { job: [7] } }), /^Record 1 of job is no record/],
    ];
    for (const [text, message] of cases) {
      writeFileSync(at('bad.json'), text);
      const refused = await importCommand([at('bad.json')], envOf(at('new.sqlite')));
      expect([refused.exitCode, refused.output]).toEqual([2, expect.stringMatching(message)]);
    }
    expect((await importCommand([at('none.json')], envOf(at('new.sqlite')))).exitCode).toBe(2);
    expect((await exportCommand([at('x.json')], envOf(at('none.sqlite')))).exitCode).toBe(2);
    expect((await exportCommand([], envOf(at('none.sqlite')))).exitCode).toBe(1);
    expect((await importCommand(['--replace'], envOf(at('none.sqlite')))).exitCode).toBe(1);
  });

  it('one of an older form is brought forward as its database would have been', async () => {
    const older = shopOf(OLD);
    expect(older.schema).not.toBe(MIGRATION_NAMES.at(-1));
    expect(await take(older)).toMatch(/^Taken into/);
    const now = shopOf(at('new.sqlite'));
    expect(now.schema).toBe(MIGRATION_NAMES.at(-1));
    expect(now.tables['test_bead']).toHaveLength(213);
    expect(now.tables['machine']).toHaveLength(older.tables['machine']?.length ?? 0);
  });

  it('a server opens what was taken', async () => {
    await take(shopOf(server.databasePath));
    const app = await createApp(
      { port: 0, databasePath: at('new.sqlite'), demo: false, webRoot: folder },
      { logger: [], errorLog: { write: () => undefined } },
    );
    await app.init();
    const { body } = await request(app.getHttpServer() as Server)
      .get('/api/machines')
      .expect(200);
    expect((body as Page<object>).items).toHaveLength(3);
    await app.close();
  });
});
