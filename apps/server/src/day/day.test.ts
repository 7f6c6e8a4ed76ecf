import { randomUUID } from 'node:crypto';
import type { DayTasks, KeptPiece, ToldDay } from '@hot-bead/contract/day';
import type { Job } from '@hot-bead/contract/plan';
import { asking, type RunningServer, runningServer } from '../../test/running-server.ts';

let server: RunningServer;
beforeAll(async () => {
  server = await runningServer();
  const machine = {
    name: 'Tom',
    loadedWireClass: 'ER70S-6',
    loadedWireDiameterMm: 0.8,
    loadedGas: 'ar-co2-18',
  };
  await asking(server).post('/api/machines').send(machine).expect(201);
});
afterAll(() => server.stop());

const queued = async (line: string, task: object = {}): Promise<string> => {
  const { body } = await asking(server)
    .post('/api/jobs')
    .send({ line, task: { queued: true, ...task } })
    .expect(201);
  return (body as Job).id;
};
const tasks = async () => (await asking(server).get('/api/day').expect(200)).body as DayTasks;
const order = async (over: object = {}) =>
  (
    await asking(server)
      .post('/api/day/order')
      .send({ today: '2026-03-02', nowMin: 420, ...over })
      .expect(200)
  ).body as ToldDay;

describe('the day', () => {
  it('is empty at first', async () => {
    expect(await tasks()).toEqual({ jobs: [], pieces: [], more: 0 });
    expect(await order()).toMatchObject({ places: [], leftOut: [], changeoverMin: 0 });
  });

  it('holds what is on the Bench and not yet welded, by itself or with its piece', async () => {
    const one = await queued('2 mm lap 0.8 solid Ar+18 300 mm seam');
    await queued('2 mm lap', { weldedAt: '2026-03-01T10:00:00.000Z' });
    await asking(server).post('/api/jobs').send({ line: '3 mm tee' }).expect(201);
    const piece = (await asking(server).post('/api/pieces').send({ name: 'Gate', due: '2026-03-02T07:50' }))
      .body as KeptPiece;
    const welds = [{ id: randomUUID(), line: '2 mm tee 0.8 solid Ar+18 300 mm seam' }];
    await asking(server).post(`/api/pieces/${piece.id}/welds`).send({ welds }).expect(201);
    expect((await tasks()).jobs.map(({ id }) => id)).toEqual([one]);
    await asking(server).patch(`/api/pieces/${piece.id}`).send({ queued: true }).expect(200);
    expect((await tasks()).jobs.map(({ id }) => id)).toEqual([one, welds[0]?.id]);
    const ordered = await order();
    expect(ordered.method).toBe('exact');
    // the piece is due soon: its weld goes first, and the two run the same wire and gas
    expect(ordered.places.map(({ jobId }) => jobId)).toEqual([welds[0]?.id, one]);
    expect(ordered.places[1]).toMatchObject({ setupMin: 0, lateMin: 0 });
    expect(ordered.places[1]?.why).toContain('because both run 0.8 mm ER70S-6');
  });

  it('leaves out what cannot be welded with its reason, and tells a pin that cannot hold', async () => {
    const odd = await queued('steel lap');
    const pinned = await queued('2 mm lap 0.8 solid Ar+18', { pinMachineId: 'sold', pinAfter: 'first' });
    const ordered = await order();
    expect(ordered.leftOut).toEqual([{ jobId: odd, title: 'steel lap', reason: 'It has no thickness yet.' }]);
    expect(ordered.pinFaults).toEqual([
      { taskId: pinned, text: 'The machine that it is pinned to is not there today.' },
    ]);
    expect(ordered.places).toHaveLength(3);
  });

  it('follows the shop’s hours; hours that close before they open are refused at the closing', async () => {
    const patch = (day: object) => asking(server).patch('/api/shop').send({ day });
    await patch({ opens: '10:00', closes: '12:00' }).expect(200);
    const starts = (await order({ nowMin: 0 })).places.map(({ setupStartMin }) => setupStartMin);
    expect(Math.min(...starts)).toBeGreaterThanOrEqual(600);
    for (const day of [
      { opens: '12:00', closes: '10:00' },
      { opens: '25:00' },
      { arcSharePercent: 0 },
      { noon: 1 },
    ]) {
      expect([day, (await patch(day)).status]).toEqual([day, 400]);
    }
    expect((await asking(server).get('/api/shop')).body).toMatchObject({ day: { opens: '10:00' } });
  });

  it('refuses a day that is none', async () => {
    for (const body of [{}, { today: '2026-3-2', nowMin: 0 }, { today: '2026-03-02', nowMin: 1440 }]) {
      expect((await asking(server).post('/api/day/order').send(body)).status).toBe(400);
    }
  });
});
