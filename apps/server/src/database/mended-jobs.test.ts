import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { DataSource, type DataSourceOptions } from 'typeorm';
import { takenBack } from '../../test/taken-back.ts';
import { dataSourceOptions } from './data-source-options.ts';

let folder: string;
beforeAll(() => {
  folder = mkdtempSync(join(tmpdir(), 'hot-bead-mended-'));
});
afterAll(() => rmSync(folder, { recursive: true, force: true }));

/** A database from before the jobs were mended, with these jobs by id: line and work. */
async function olderWith(
  jobs: Readonly<Record<string, readonly [line: string, work: string]>>,
): Promise<DataSource> {
  const options = {
    ...dataSourceOptions(join(folder, `${Object.keys(jobs).join('-')}.sqlite`)),
    migrationsRun: false,
  };
  const source = await new DataSource(options as DataSourceOptions).initialize();
  await source.runMigrations();
  await takenBack(source, 'LineWords'); // the shop’s words, and the mending
  for (const [id, [line, work]] of Object.entries(jobs)) {
    await source.query(
      `INSERT INTO job (id, title, line, work, own, modelVersion, createdAt, updatedAt) VALUES (?, '', ?, ?, '{}', '1', 'a', 'a')`,
      [id, line, work],
    );
  }
  return source;
}

describe('jobs that could not be read', () => {
  it('are read anew from their lines, with what stood there kept in what happened', async () => {
    const broken = '{"thicknessMm":3,"outsideMm":[3],"joint":"tee"}';
    const sound = '{"thicknessMm":4,"joint":"lap"}';
    const source = await olderWith({
      box: ['3mm box 40x40x3 tee', broken],
      sound: ['5 mm lap', sound],
      open: ['nothing that is said', broken],
      doubtful: ['0.25 lap', broken],
    });
    await source.runMigrations();
    const rows = (await source.query('SELECT id, work, title, version FROM job')) as {
      id: string;
      work: string;
      title: string;
      version: number;
    }[];
    const of = (id: string) => rows.find((row) => row.id === id);
    expect(JSON.parse(of('box')?.work ?? '')).toMatchObject({
      thicknessMm: 3,
      outsideMm: [40, 40],
      joint: 'tee',
    });
    expect(of('box')).toMatchObject({ version: 2, title: expect.stringContaining('3 mm') as string });
    // what can be read is not touched, whatever its line says; what its line does not say, or says in two ways, is left
    expect(of('sound')).toMatchObject({ work: sound, version: 1 });
    expect(of('open')).toMatchObject({ work: broken, version: 1 });
    expect(of('doubtful')).toMatchObject({ work: broken, version: 1 });
    const events = (await source.query('SELECT kind, subjectId, "before" FROM event')) as object[];
    expect(events).toEqual([{ kind: 'changed', subjectId: 'box', before: JSON.stringify({ kept: broken }) }]);
    await source.destroy();
  });
});
