import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { DataSource, type DataSourceOptions } from 'typeorm';
import { takenBack } from '../../test/taken-back.ts';
import { dataSourceOptions } from './data-source-options.ts';

let folder: string;
let source: DataSource;

beforeAll(async () => {
  folder = mkdtempSync(join(tmpdir(), 'hot-bead-migrations-'));
  source = await new DataSource(dataSourceOptions(join(folder, 'empty.sqlite'))).initialize();
});
afterAll(async () => {
  await source.destroy();
  rmSync(folder, { recursive: true, force: true });
});

/** A file of its own as it was before a migration. */
async function fileBefore(migration: string): Promise<DataSource> {
  const options = { ...dataSourceOptions(join(folder, `${migration}.sqlite`)), migrationsRun: false };
  const file = await new DataSource(options as DataSourceOptions).initialize();
  await file.runMigrations();
  await takenBack(file, migration);
  return file;
}

describe('migrations', () => {
  it('bring an empty file to exactly what the entities say', async () => {
    const { upQueries } = await source.driver.createSchemaBuilder().log();
    expect(upQueries.map((query) => query.query)).toEqual([]);
  });

  it('open the database with write-ahead log, foreign keys and full sync', async () => {
    const pragma = async (name: string): Promise<unknown> =>
      Object.values((await source.query(`PRAGMA ${name}`))[0] as object)[0];
    expect(await pragma('journal_mode')).toBe('wal');
    expect(await pragma('foreign_keys')).toBe(1);
    expect(await pragma('synchronous')).toBe(2);
  });

  it('refuse a bead without its job', async () => {
    const orphan = `INSERT INTO test_bead (id, jobId, number, wireFeedSpeedMPerMin, volts, note, createdAt) VALUES ('b', 'no-job', 1, 7, 18, '', 'now')`;
    await expect(source.query(orphan)).rejects.toThrow(/FOREIGN KEY/);
  });

  it('keep what was said of beads, and what their ladders had proven, through dialling in and back', async () => {
    const before = await fileBefore('DialIn');
    await before.query(
      `INSERT INTO job (id, line, work, own, modelVersion, createdAt, updatedAt) VALUES ('j', '2 mm', '{}', '{}', '1', 'a', 'a')`,
    );
    const bead = (id: string, number: number, face: string, at: string) =>
      before.query(
        `INSERT INTO test_bead (id, jobId, number, wireFeedSpeedMPerMin, volts, face, sound, note, createdAt) VALUES (?, 'j', ?, 7, 18, ?, 'sizzle', '', ?)`,
        [id, number, face, at],
      );
    await bead('x', 1, 'flat', '2026-01-01');
    await bead('y', 2, 'concave', '2026-01-02');
    await before.query(
      `INSERT INTO proven_setting (id, jobId, machineId, at, wireClass, diameterMm, gas, mode, joint, position, thicknessMm, wireFeedSpeedMPerMin, volts, offsetV) VALUES ('x', 'j', 'm', '2026-01-02', 'ER70S-6', 0.8, 'co2', 'short-circuit', 'lap', 'flat', 2, 7, 18.2, -0.4)`,
    );
    await before.runMigrations();
    const details = async (): Promise<unknown[]> =>
      ((await before.query('SELECT details FROM test_bead ORDER BY id')) as { details: string }[]).map(
        (row) => JSON.parse(row.details) as unknown,
      );
    const kept = [
      { face: 'flat', sound: 'sizzle' },
      { face: 'concave', sound: 'sizzle', taken: { wireFeedSpeedMPerMin: 7, volts: 18.2 } },
    ];
    expect(await details()).toEqual(kept);
    expect(await before.query('SELECT toldOffsetV, toldVarianceV2 FROM proven_setting')).toEqual([
      { toldOffsetV: -0.4, toldVarianceV2: 0.09 },
    ]);
    await takenBack(before, 'DialIn');
    expect(await before.query('SELECT face, sound FROM test_bead ORDER BY id')).toEqual([
      { face: 'flat', sound: 'sizzle' },
      { face: 'concave', sound: 'sizzle' },
    ]);
    await before.destroy();
  });

  it('keep the machines of an older file, with their limits', async () => {
    const older = await fileBefore('Shop');
    await older.query(
      `INSERT INTO machine VALUES ('a', 'Old', 'ER70S-6', 0.8, 'co2', 30, 170), ('b', 'Bare', 'E71T-11', 0.9, 'none', NULL, NULL)`,
    );
    await older.runMigrations();
    const machines = (await older.query(`SELECT name, profile FROM machine ORDER BY id`)) as object[];
    expect(machines).toEqual([
      { name: 'Old', profile: '{"currentRangeA":[30.0,170.0]}' },
      { name: 'Bare', profile: '{}' },
    ]);
    await older.destroy();
  });

  it('keep since when a machine, a job or a bead is put away, under one word and back', async () => {
    const file = await fileBefore('OneWordForAway');
    await file.query(
      `INSERT INTO machine (id, name, loadedWireClass, loadedWireDiameterMm, loadedGas, profile, retiredAt) VALUES ('m', 'Old', 'ER70S-6', 0.8, 'co2', '{}', '2026-01-01')`,
    );
    await file.query(
      `INSERT INTO job (id, line, work, own, modelVersion, createdAt, updatedAt, deletedAt) VALUES ('j', '2 mm', '{}', '{}', '1', 'a', 'a', '2026-01-02')`,
    );
    await file.query(
      `INSERT INTO test_bead (id, jobId, number, wireFeedSpeedMPerMin, volts, note, createdAt, deletedAt) VALUES ('b', 'j', 1, 7, 18, '', 'a', '2026-01-03')`,
    );
    await file.runMigrations();
    const away = async (table: string, column: string): Promise<unknown> =>
      file.query(`SELECT "${column}" AS since FROM "${table}"`);
    expect(await away('machine', 'awayAt')).toEqual([{ since: '2026-01-01' }]);
    expect(await away('job', 'awayAt')).toEqual([{ since: '2026-01-02' }]);
    expect(await away('test_bead', 'awayAt')).toEqual([{ since: '2026-01-03' }]);
    await takenBack(file, 'OneWordForAway');
    expect(await away('machine', 'retiredAt')).toEqual([{ since: '2026-01-01' }]);
    expect(await away('job', 'deletedAt')).toEqual([{ since: '2026-01-02' }]);
    await file.destroy();
  });

  it('go back to an empty file', async () => {
    while (source.migrations.length > 0) {
      const left = (await source.query(`SELECT COUNT(*) AS n FROM migrations`)) as { n: number }[];
      if (left[0]?.n === 0) break;
      await source.undoLastMigration();
    }
    const tables = (await source.query(
      `SELECT name FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite_%'`,
    )) as { name: string }[];
    expect(tables.map((table) => table.name)).toEqual(['migrations']);
    await source.runMigrations();
  });
});
