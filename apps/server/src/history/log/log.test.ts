import type { Page } from '@hot-bead/contract/base';
import type { LogCharts, LogEntry } from '@hot-bead/contract/history';
import Database from 'better-sqlite3';
import { asking, type RunningServer, runningServer } from '../../../test/running-server.ts';
import { searchFor } from './log.service.ts';

let server: RunningServer;
let jobId: string;
let machineId: string;

interface Made {
  readonly id: string;
}
async function made(path: string, body: object): Promise<string> {
  return ((await asking(server).post(path).send(body).expect(201)).body as Made).id;
}
async function log(query = ''): Promise<Page<LogEntry>> {
  return (await asking(server).get(`/api/log${query}`).expect(200)).body as Page<LogEntry>;
}
const titles = async (query: string): Promise<readonly string[]> =>
  (await log(query)).items.map(({ title }) => title);

beforeAll(async () => {
  server = await runningServer();
  const machine = {
    name: 'Tom',
    loadedWireClass: 'ER70S-6',
    loadedWireDiameterMm: 0.8,
    loadedGas: 'ar-co2-18',
  };
  machineId = await made('/api/machines', machine);
  jobId = await made('/api/jobs', { line: '3 mm steel tee flat tom 500 mm seam' });
  const bead = { wireFeedSpeedMPerMin: 6, volts: 18, said: 'cold', note: 'ropey, très froid' };
  await made(`/api/jobs/${jobId}/test-beads`, bead);
  const run = { volts: 18.5, wireFeedSpeedMPerMin: 6.2, arcSeconds: 60, result: 'ok', wireKg: 0.2, gasL: 14 };
  await made(`/api/jobs/${jobId}/runs`, { ...run, weldedAt: '2026-03-02T10:00:00.000Z' });
  await made(`/api/jobs/${jobId}/runs`, {
    ...run,
    result: 'redo',
    weldedAt: '2026-03-08T23:00:00.000Z',
    note: 'undercut',
  });
  await made(`/api/jobs/${jobId}/runs`, { ...run, count: 3, weldedAt: '2026-03-09T01:00:00.000Z' });
  const look = {
    joint: 'fillet',
    thicknessMm: 3,
    standard: '5817',
    level: 'C',
    items: { crack: { value: 1 } },
  };
  await made(`/api/jobs/${jobId}/inspections`, { ...look, at: '2026-03-03T10:00:00.000Z' });
  const spool = await made('/api/stock', {
    kind: 'spool',
    wireClass: 'ER308LSi',
    diameterMm: 0.8,
    fullKg: 5,
    tareKg: 0.2,
  });
  await asking(server).post(`/api/stock/${spool}/entries`).send({ kind: 'weighed', weightKg: 3 }).expect(200);
  const rig = { why: 'step', step: 'clamp-off', changes: { workClamp: { from: null, to: 'off' } } };
  await asking(server).post(`/api/machines/${machineId}/rig`).send(rig).expect(200);
  await made('/api/faults', {
    process: 'solid-gas',
    present: ['porosity-heavy'],
    beganAt: '2026-03-04T10:00:00.000Z',
    machineId,
  });
});
afterAll(() => server.stop());

describe('the log', () => {
  it('holds one line of each thing that happened, the newest first', async () => {
    const { items, next } = await log();
    expect(next).toBeNull();
    expect(items.map(({ kind }) => kind).toSorted()).toEqual([
      'bead',
      'fault',
      'inspection',
      'rig',
      'run',
      'run',
      'run',
      'stock',
      'stock',
    ]);
    const times = items.map(({ at }) => at);
    expect(times).toEqual(times.toSorted().toReversed());
  });

  it.each<readonly [query: string, count: number]>([
    ['?kind=run', 3],
    ['?verdict=redo', 1],
    ['?verdict=fail', 1],
    ['?joint=tee', 4],
    ['?wire=ER308LSi', 2],
    ['?gas=ar-co2-18', 4],
    ['?from=2026-03-03&to=2026-03-04', 2],
    ['?to=2026-03-08', 4],
    ['?thinnest=2&thickest=3', 5],
    ['?thinnest=3.1', 0],
    ['?kind=run&verdict=ok&to=2026-03-05', 1],
  ])('finds by %s %i lines', async (query, count) => {
    expect((await log(query)).items).toHaveLength(count);
  });

  it('finds by machine and by job', async () => {
    expect((await log(`?machine=${machineId}`)).items).toHaveLength(6);
    expect((await log(`?job=${jobId}`)).items).toHaveLength(5);
  });

  it('finds by words, by how they begin and without their accents, and nothing typed can break the search', async () => {
    expect(await titles('?text=tres%20froid')).toHaveLength(1);
    expect(await titles('?text=underc')).toEqual([expect.stringContaining('A run')]);
    expect(await titles('?text=nothing')).toEqual([]);
    for (const text of ['"', "'; DROP TABLE log_entry;--", 'NEAR(', '*', 'a AND', '()'])
      await asking(server).get('/api/log').query({ text }).expect(200);
    expect(searchFor('18.5 V')).toBe('"18"* "5"* "V"*');
    expect(searchFor(' *"( ')).toBeUndefined();
  });

  it('is paged without a gap or a double, also where times and sizes are alike', async () => {
    for (const sort of ['newest', 'oldest', 'thinnest', 'thickest']) {
      const whole = (await log(`?sort=${sort}`)).items.map(({ id }) => id);
      const pieces: string[] = [];
      let after = '';
      do {
        const page = await log(`?sort=${sort}&limit=2${after}`);
        pieces.push(...page.items.map(({ id }) => id));
        after = page.next === null ? '' : `&after=${encodeURIComponent(page.next)}`;
      } while (after !== '');
      expect(pieces).toEqual(whole);
    }
    await asking(server).get('/api/log?after=rubbish').expect(400);
    await asking(server).get('/api/log?from=yesterday').expect(400);
  });

  it('follows its records: corrected, taken away, brought back', async () => {
    const [run] = (await log('?verdict=redo')).items;
    const path = `/api/jobs/${jobId}/runs/${run?.subjectId ?? ''}`;
    await asking(server).patch(path).send({ result: 'scrap' }).expect(200);
    expect((await log('?verdict=scrap')).items).toHaveLength(1);
    await asking(server).delete(path).expect(204);
    expect((await log('?kind=run')).items).toHaveLength(2);
    expect(await titles('?text=undercut')).toEqual([]);
    await asking(server).post(`${path}/restore`).expect(200);
    await asking(server).patch(path).send({ result: 'redo' }).expect(200);
    expect(
      (
        await asking(server)
          .get(`/api/log/${run?.id ?? ''}`)
          .expect(200)
      ).body,
    ).toMatchObject({ verdict: 'redo' });
    await asking(server).get('/api/log/run:none').expect(404);
  });

  it('sums by weeks that begin on Monday, each run as often as it stands for', async () => {
    const { body } = await asking(server).get('/api/log/charts?kind=run').expect(200);
    const { weeks, points } = body as LogCharts;
    // 8 March 2026 is a Sunday, 9 March a Monday
    expect(weeks).toEqual([
      { week: '2026-03-02', runs: 2, judged: 2, right: 1, wireKg: 0.4, gasL: 28, changeoverMin: 0 },
      { week: '2026-03-09', runs: 3, judged: 3, right: 3, wireKg: 0.2, gasL: 14, changeoverMin: 0 },
    ]);
    expect(points).toHaveLength(3);
    expect(points[0]).toMatchObject({ machineId, volts: 18.5 });
    const all = (await asking(server).get('/api/log/charts').expect(200)).body as LogCharts;
    expect(all.weeks.reduce((sum, { changeoverMin }) => sum + changeoverMin, 0)).toBeGreaterThan(0);
  });

  it('is written anew from what happened where a shop has none', async () => {
    const before = (await log()).items;
    const source = new Database(server.databasePath);
    source.exec(`DELETE FROM log_entry; DELETE FROM upkeep WHERE name = 'log'`);
    source.close();
    server = await server.restart();
    const after = (await log()).items;
    expect(after.map(({ id }) => id).toSorted()).toEqual(before.map(({ id }) => id).toSorted());
    expect(await titles('?text=tres%20froid')).toHaveLength(1);
  });
});
