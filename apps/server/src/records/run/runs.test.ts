import { asking, itemsAt, type RunningServer, runningServer } from '../../../test/running-server.ts';

let server: RunningServer;
beforeAll(async () => {
  server = await runningServer();
});
afterAll(() => server.stop());

interface ListedRun {
  readonly id: string;
  readonly version: number;
}
const AT = '2026-03-02T10:00:00.000Z';

async function made(path: string, body: object): Promise<string> {
  return ((await asking(server).post(path).send(body).expect(201)).body as ListedRun).id;
}
const job = (line = '3 mm steel tee flat 500 mm seam') => made('/api/jobs', { line });
const spool = (leftKg?: number) =>
  made('/api/stock', {
    kind: 'spool',
    wireClass: 'ER70S-6',
    diameterMm: 0.8,
    ...(leftKg === undefined ? {} : { fullKg: 5, leftKg }),
  });
async function leftOf(id: string): Promise<number | undefined> {
  const stock = await itemsAt<{ id: string; item: { leftKg?: number } }>(server, '/api/stock');
  return stock.find((one) => one.id === id)?.item.leftKg;
}
const record = (jobId: string, run: object) =>
  asking(server)
    .post(`/api/jobs/${jobId}/runs`)
    .send({ weldedAt: AT, ...run });

describe('runs of a job', () => {
  it('are kept as they were told, with the plan that they were welded by, in the order welded', async () => {
    const id = await job();
    const run = { run: 1, volts: 19.5, amps: 150, lengthMm: 200, arcSeconds: 30, who: 'ea', result: 'ok' };
    await record(id, { ...run, weldedAt: '2026-03-02T10:05:00.000Z' }).expect(201);
    await record(id, { note: 'same as last, fine' }).expect(201);
    const [first, second] = await itemsAt<Record<string, unknown>>(server, `/api/jobs/${id}/runs`);
    // what was not told stays unknown: nothing becomes a zero
    expect(Object.keys(first ?? {}).toSorted()).toEqual([
      'away',
      'id',
      'jobId',
      'note',
      'plan',
      'updatedAt',
      'version',
      'weldedAt',
      'weldedWith',
    ]);
    expect(second).toMatchObject({ ...run, jobId: id, weldedWith: { wire: { wireClass: 'ER70S-6' } } });
  });

  it('take their wire from the spool, and a correction, a removal and its return are booked too', async () => {
    const [id, on] = [await job(), await spool(2)];
    const { body } = await record(id, { spoolId: on, wireKg: 0.5 }).expect(201);
    const run = body as ListedRun;
    expect(await leftOf(on)).toBeCloseTo(1.5, 3);
    const path = `/api/jobs/${id}/runs/${run.id}`;
    await asking(server).patch(path).send({ wireKg: 0.2 }).expect(200);
    expect(await leftOf(on)).toBeCloseTo(1.8, 3);
    await asking(server).delete(path).expect(204);
    expect(await leftOf(on)).toBeCloseTo(2, 3);
    await asking(server).post(`${path}/restore`).expect(200);
    expect(await leftOf(on)).toBeCloseTo(1.8, 3);
    const other = await spool(4);
    await asking(server).patch(path).send({ spoolId: other }).expect(200);
    expect([await leftOf(on), await leftOf(other)]).toEqual([2, 3.8]);
    // the ledger of the spool says of which run it was
    const { items } = (await asking(server).get(`/api/events?of=${other}`)).body as {
      items: { about: object }[];
    };
    expect(items[0]?.about).toMatchObject({ kind: 'welded', runId: run.id, wireKg: 0.2 });
  });

  it('are booked once, however often they are sent', async () => {
    const [jobId, on] = [await job(), await spool(3)];
    const run = { id: '00000000-0000-4000-8000-00000000ab01', spoolId: on, wireKg: 1 };
    const send = (status: number) =>
      record(jobId, run).set('command-id', '00000000-0000-4000-8000-00000000ab02').expect(status);
    await send(201);
    await send(200);
    await record(jobId, run).expect(200);
    expect(await leftOf(on)).toBe(2);
  });

  it('take nothing from a spool of which nobody said how much it holds, and are kept all the same', async () => {
    const [id, on] = [await job(), await spool()];
    await record(id, { spoolId: on, wireKg: 0.5 }).expect(201);
    expect(await leftOf(on)).toBeUndefined();
  });

  it.each([
    ['a spool that Stores do not have', { spoolId: 'nowhere', wireKg: 1 }, 'spoolId'],
    ['a time that lies ahead', { weldedAt: '2999-01-01T00:00:00.000Z' }, 'weldedAt'],
    ['amps that no machine gives', { amps: 5000 }, 'amps'],
    ['a day that there is not', { weldedAt: '2026-02-30T10:00:00Z' }, 'weldedAt'],
    ['a time without its zone', { weldedAt: '2026-03-02T10:00:00' }, 'weldedAt'],
    ['an imperfection that has no number', { defect: '9999' }, 'defect'],
    ['a length below nothing', { lengthMm: -1 }, 'lengthMm'],
    ['nine and a half runs', { count: 9.5 }, 'count'],
  ])('with %s are refused at the field, and nothing is kept', async (_what, run, field) => {
    const id = await job();
    const { body } = await record(id, run).expect(400);
    expect((body as { field: string }).field).toBe(field);
    expect(await itemsAt(server, `/api/jobs/${id}/runs`)).toEqual([]);
  });

  it('make the tip of their machine older, and are found by it', async () => {
    const machine = {
      name: 'Tom',
      loadedWireClass: 'ER70S-6',
      loadedWireDiameterMm: 0.8,
      loadedGas: 'ar-co2-18',
    };
    const machineId = await made('/api/machines', machine);
    const id = await job('3 mm steel tee flat tom');
    await record(id, { arcSeconds: 120, count: 3, wireFeedSpeedMPerMin: 6 }).expect(201);
    const { body } = await asking(server).get(`/api/machines/${machineId}`).expect(200);
    expect((body as { rig: { tipMinutes?: { value: string } } }).rig.tipMinutes?.value).toBe('6');
    const page = (await asking(server).get(`/api/runs?machine=${machineId}`)).body as { items: object[] };
    expect(page.items).toMatchObject([{ jobId: id, arcSeconds: 120 }]);
    expect((await asking(server).get('/api/runs?machine=none')).body).toEqual({ items: [], next: null });
  });
});
