import { randomUUID } from 'node:crypto';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Server } from 'node:http';
import Database from 'better-sqlite3';
import request from 'supertest';
import { exportCommand, importCommand } from '../command/shop-command.ts';
import { createApp } from '../create-app.ts';
import { MIGRATION_NAMES } from '../database/data-source-options.ts';
import { type RunningServer, runningServer } from '../testing/running-server.ts';
import { parseShopFile } from './read-shop-file.ts';
import { readShop, type ShopFile, shopText } from './shop-file.ts';
import { takeShop } from './take-shop.ts';

let server: RunningServer;
let folder: string;
beforeAll(async () => {
  server = await runningServer(true);
});
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'hot-bead-shop-'));
});
afterEach(() => rmSync(folder, { recursive: true, force: true }));

const at = (name: string): string => join(folder, name);
function textOf(path: string): string {
  const database = new Database(path, { readonly: true });
  try {
    return shopText(readShop(database));
  } finally {
    database.close();
  }
}
const envOf = (path: string): NodeJS.ProcessEnv => ({ HOT_BEAD_DB: path });
const shopOf = (path: string): ShopFile => parseShopFile(textOf(path), MIGRATION_NAMES);

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
    await takeShop(at('new.sqlite'), shop, false);
    const before = textOf(at('new.sqlite'));
    const [first, ...others] = shop.tables['machine'] ?? [];
    if (!first) throw new Error('no machine');
    const { name: _name, ...nameless } = first;
    const spoilt = (machine: readonly object[]): ShopFile =>
      ({ ...shop, tables: { ...shop.tables, machine } }) as ShopFile;
    await expect(takeShop(at('new.sqlite'), spoilt([...others, nameless]), true)).rejects.toThrow(
      /^Record 3 of machine: name is no field of it, or is missing\.$/,
    );
    await expect(takeShop(at('new.sqlite'), spoilt([first, first]), true)).rejects.toThrow(
      /^Record 2 of machine cannot be kept: /,
    );
    await expect(
      takeShop(at('new.sqlite'), { ...shop, tables: { ...shop.tables, moon: [] } }, true),
    ).rejects.toThrow('There is no table moon.');
    // beads of jobs that are not there
    await expect(
      takeShop(at('new.sqlite'), { ...shop, tables: { ...shop.tables, job: [] } }, true),
    ).rejects.toThrow(/names one of/);
    expect(textOf(at('new.sqlite'))).toBe(before);
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
    const shop = shopOf(server.databasePath);
    // as it was before there was a log, or tests of the ear
    const { log_entry: _later, ear_test: _last, ...tables } = shop.tables;
    const older: ShopFile = { ...shop, schema: MIGRATION_NAMES.at(-3) ?? '', tables };
    const taken = await takeShop(at('new.sqlite'), older, false);
    expect(taken['log_entry']).toBe(0);
    expect(taken['machine']).toBe(3);
    expect(shopOf(at('new.sqlite')).schema).toBe(MIGRATION_NAMES.at(-1));
  });

  it('a server opens what was taken', async () => {
    await takeShop(at('new.sqlite'), shopOf(server.databasePath), false);
    const app = await createApp(
      { port: 0, databasePath: at('new.sqlite'), demo: false, webRoot: folder },
      { logger: [], errorLog: { write: () => undefined } },
    );
    await app.init();
    const { body } = await request(app.getHttpServer() as Server)
      .get('/api/machines')
      .expect(200);
    expect(body).toHaveLength(3);
    await app.close();
  });
});
