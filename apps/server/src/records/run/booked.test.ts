import { randomUUID } from 'node:crypto';
import { seededRandom } from '@hot-bead/core/base';
import type { Page } from '@hot-bead/contract/base';
import type { LogEntry, ShopEvent } from '@hot-bead/contract/history';
import type { KeptMachine } from '@hot-bead/contract/machine';
import {
  asking,
  inOnePacket,
  itemsAt,
  type RunningServer,
  runningServer,
} from '../../../test/running-server.ts';

let server: RunningServer;
beforeAll(async () => {
  server = await runningServer();
});
afterAll(() => server.stop());

async function made(path: string, body: object): Promise<string> {
  return ((await asking(server).post(path).send(body).expect(201)).body as { id: string }).id;
}
const ago = (minutes: number): string => new Date(Date.now() - minutes * 60_000).toISOString();
const job = (line = '3 mm steel tee flat') => made('/api/jobs', { line });
const SPOOL = { kind: 'spool', wireClass: 'ER70S-6', diameterMm: 0.8, fullKg: 10, tareKg: 0.2 } as const;
const spool = (leftKg: number) => made('/api/stock', { ...SPOOL, leftKg });
const weigh = (id: string, leftKg: number) =>
  asking(server)
    .post(`/api/stock/${id}/entries`)
    .send({ kind: 'weighed', weightKg: leftKg + 0.2 })
    .expect(200);
async function leftOf(id: string): Promise<number | undefined> {
  const stock = await itemsAt<{ id: string; item: { leftKg?: number } }>(server, '/api/stock');
  return stock.find((one) => one.id === id)?.item.leftKg;
}
const eventsOf = async (id: string): Promise<readonly ShopEvent[]> =>
  ((await asking(server).get(`/api/events?of=${id}&limit=100`).expect(200)).body as Page<ShopEvent>).items;
const undo = (id: string) => asking(server).post(`/api/events/${id}/undo`).send({});
const titles = async (query: string): Promise<readonly string[]> =>
  ((await asking(server).get(`/api/log?${query}`).expect(200)).body as Page<LogEntry>).items.map(
    ({ title }) => title,
  );

describe('what a run takes of a spool', () => {
  const runOn = async (spoolId: string, wireKg: number, minutesAgo = 0): Promise<string> => {
    const jobId = await job();
    const id = await made(`/api/jobs/${jobId}/runs`, { weldedAt: ago(minutesAgo), spoolId, wireKg });
    return `/api/jobs/${jobId}/runs/${id}`;
  };

  it('is given back as it was taken, also where it was more than there was', async () => {
    const on = await spool(1);
    const run = await runOn(on, 3);
    expect(await leftOf(on)).toBe(0);
    await asking(server).delete(run).expect(204);
    expect(await leftOf(on)).toBe(1);
  });

  it('is nothing to what was weighed since', async () => {
    const on = await spool(10);
    const run = await runOn(on, 2, 30);
    await weigh(on, 7);
    await asking(server).delete(run).expect(204);
    expect(await leftOf(on)).toBe(7);
    await runOn(on, 2, 30); // an older run, written late
    expect(await leftOf(on)).toBe(7);
  });

  it('is one thing with the run: it is not taken back by itself', async () => {
    const on = await spool(10);
    const run = await runOn(on, 2);
    const [booking] = await eventsOf(on);
    expect((await undo(booking?.id ?? '')).body).toMatchObject({ code: 'goes-with-weld' });
    expect(await leftOf(on)).toBe(8);
    await asking(server).delete(run).expect(204);
    expect(await leftOf(on)).toBe(10);
  });

  it('stays where a telling before it is taken back, and that is brought back', async () => {
    const on = await spool(10);
    await weigh(on, 6);
    await runOn(on, 1, -0.5);
    expect(await leftOf(on)).toBe(5);
    const weighing = (await eventsOf(on)).find(({ about }) => about?.['kind'] === 'weighed')?.id ?? '';
    const { body } = await undo(weighing).expect(200);
    expect(await leftOf(on)).toBe(9);
    await undo((body as ShopEvent).id).expect(200);
    expect(await leftOf(on)).toBe(5);
  });

  it('comes to what a plain book comes to, whatever was told, mended, taken back and deleted', async () => {
    const random = seededRandom(20_261_201);
    const upTo = (most: number): number => Math.floor(random() * most);
    for (let round = 0; round < 6; round += 1) {
      const on = await spool(8);
      const jobId = await job();
      const runs = new Map<string, { minutesAgo: number; wireKg: number }>();
      const scales: {
        readonly rigEvents: number;
        readonly leftKg: number;
        event: string;
        counts: boolean;
      }[] = [];
      const base = Date.now();
      for (let i = 0; i < 14; i += 1) {
        const [some] = [...runs.keys()];
        const what = upTo(5);
        if (what === 0) {
          const leftKg = upTo(9) + 1;
          await weigh(on, leftKg);
          const [event] = await eventsOf(on);
          scales.push({ rigEvents: Date.now() - base, leftKg, event: event?.id ?? '', counts: true });
        } else if (what === 1 && some !== undefined) {
          await asking(server).delete(`/api/jobs/${jobId}/runs/${some}`).expect(204);
          runs.delete(some);
        } else if (what === 2 && some !== undefined) {
          const run = { ...runs.get(some), wireKg: upTo(4) } as { minutesAgo: number; wireKg: number };
          await asking(server)
            .patch(`/api/jobs/${jobId}/runs/${some}`)
            .send({ wireKg: run.wireKg })
            .expect(200);
          runs.set(some, run);
        } else if (what === 3 && scales.some(({ counts }) => counts)) {
          const last = scales.findLast(({ counts }) => counts);
          if (!last) continue;
          await undo(last.event).expect(200);
          last.counts = false;
        } else {
          const run = { minutesAgo: upTo(50) + 10, wireKg: upTo(4) };
          const id = randomUUID();
          const weldedAt = new Date(base - run.minutesAgo * 60_000 + i).toISOString();
          await asking(server)
            .post(`/api/jobs/${jobId}/runs`)
            .send({ id, weldedAt, spoolId: on, wireKg: run.wireKg })
            .expect(201);
          runs.set(id, run);
        }
        // a plain book: every run lies before everything that the scale said
        const scale = scales.findLast(({ counts }) => counts);
        const drawn = [...runs.values()].reduce((sum, { wireKg }) => sum + wireKg, 0);
        expect(await leftOf(on)).toBeCloseTo(scale ? scale.leftKg : Math.max(0, 8 - drawn), 3);
      }
    }
  }, 60_000);
});

describe('what welding makes of a machine', () => {
  let machineId: string;
  let jobId: string;
  beforeEach(async () => {
    const name = `Tom ${randomUUID().slice(0, 8)}`;
    machineId = await made('/api/machines', {
      name,
      loadedWireClass: 'ER70S-6',
      loadedWireDiameterMm: 0.8,
      loadedGas: 'ar-co2-18',
    });
    jobId = await job(`3 mm steel tee flat ${name}`);
  });
  const rig = async (): Promise<readonly [minutes: string | undefined, hot: string | undefined]> => {
    const { rig: facts } = (await asking(server).get(`/api/machines/${machineId}`).expect(200))
      .body as KeptMachine;
    return [facts?.tipMinutes?.value, facts?.hot?.value];
  };
  const BEAD = { wireFeedSpeedMPerMin: 6, volts: 18, said: 'right' };

  it('is mended with a run, and gone with it', async () => {
    const run = { weldedAt: ago(1), arcSeconds: 600, wireFeedSpeedMPerMin: 6 };
    const path = `/api/jobs/${jobId}/runs/${await made(`/api/jobs/${jobId}/runs`, run)}`;
    expect(await rig()).toEqual(['10', 'yes']);
    await asking(server).patch(path).send({ arcSeconds: 60 }).expect(200);
    expect(await rig()).toEqual(['1', 'yes']);
    await asking(server).delete(path).expect(204);
    expect(await rig()).toEqual(['0', undefined]);
    await asking(server).post(`${path}/restore`).expect(200);
    expect(await rig()).toEqual(['1', 'yes']);
  });

  it('goes with a bead that is taken back, by its own history or ours', async () => {
    const id = await made(`/api/jobs/${jobId}/test-beads`, BEAD);
    expect(await rig()).toEqual(['0.5', 'yes']);
    const [heated] = await eventsOf(machineId);
    expect((await undo(heated?.id ?? '')).body).toMatchObject({ code: 'goes-with-weld' });
    await undo(id).expect(200);
    expect(await rig()).toEqual(['0', undefined]);
  });

  it('is not taken from a tip that came after it', async () => {
    const id = await made(`/api/jobs/${jobId}/test-beads`, BEAD);
    const changes = { tipMinutes: { from: '0.5', to: '0' } };
    await asking(server).post(`/api/machines/${machineId}/rig`).send({ why: 'said', changes }).expect(200);
    await made(`/api/jobs/${jobId}/test-beads`, { ...BEAD, volts: 19 });
    expect((await rig())[0]).toBe('0.5');
    await asking(server).delete(`/api/jobs/${jobId}/test-beads/${id}`).expect(204);
    expect((await rig())[0]).toBe('0.5');
  });

  it('leaves the log where it is taken back, and stands there again where that is undone', async () => {
    const step = { why: 'step', step: 'clamp-off', changes: { workClamp: { from: null, to: 'off' } } };
    await asking(server).post(`/api/machines/${machineId}/rig`).send(step).expect(200);
    const rigEvents = async () => (await titles(`kind=rig&machine=${machineId}`)).length;
    expect(await rigEvents()).toBe(1);
    const [event] = await eventsOf(machineId);
    const { body } = await undo(event?.id ?? '').expect(200);
    expect(await rigEvents()).toBe(0);
    await undo((body as ShopEvent).id).expect(200);
    expect(await rigEvents()).toBe(1);
  });

  it('is told in the log under the name that the job and the machine have now', async () => {
    await made(`/api/jobs/${jobId}/test-beads`, BEAD);
    const step = { why: 'step', step: 'clamp-off', changes: { workClamp: { from: null, to: 'off' } } };
    await asking(server).post(`/api/machines/${machineId}/rig`).send(step).expect(200);
    await asking(server)
      .patch(`/api/jobs/${jobId}`)
      .send({ work: { thicknessMm: 5 } })
      .expect(200);
    await asking(server).patch(`/api/machines/${machineId}`).send({ name: 'Jane' }).expect(200);
    expect(await titles(`kind=bead&job=${jobId}`)).toEqual([expect.stringMatching(/^Bead 1, 5 mm/)]);
    expect(await titles(`kind=rig&machine=${machineId}`)).toEqual([expect.stringMatching(/^Jane: /)]);
    const [renamed, changed] = [(await eventsOf(machineId))[0], (await eventsOf(jobId))[0]];
    await undo(renamed?.id ?? '').expect(200);
    await undo(changed?.id ?? '').expect(200);
    expect(await titles(`kind=bead&job=${jobId}`)).toEqual([expect.stringMatching(/^Bead 1, 3 mm/)]);
    expect(await titles(`kind=rig&machine=${machineId}`)).toEqual([expect.stringMatching(/^Tom /)]);
  });

  it('is kept once of runs that come in one packet', async () => {
    const run = (arcSeconds: number) => ({ weldedAt: ago(1), arcSeconds, wireFeedSpeedMPerMin: 6 });
    const path = `/api/jobs/${jobId}/runs`;
    const answers = await inOnePacket(server, [
      ['POST', path, run(60)],
      ['POST', path, run(120)],
      ['POST', `/api/jobs/${jobId}/test-beads`, BEAD],
    ]);
    expect(answers.map(({ status }) => status)).toEqual([201, 201, 201]);
    expect((await rig())[0]).toBe('3.5');
  });
});

it('a run timed truly is kept where the clock was put back since', async () => {
  const id = await job();
  const ahead = new Date(Date.now() + 3 * 3_600_000).toISOString();
  await asking(server).post(`/api/jobs/${id}/runs`).send({ weldedAt: ahead }).expect(400);
  await server.writing.query('UPDATE event SET at = ? WHERE number = (SELECT MAX(number) FROM event)', [
    ahead,
  ]);
  await asking(server).post(`/api/jobs/${id}/runs`).send({ weldedAt: ahead }).expect(201);
});
