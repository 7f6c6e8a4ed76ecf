import { MODEL_VERSION } from '@hot-bead/core/plan';
import type { Page } from '@hot-bead/contract/base';
import type { KeptTestBead } from '@hot-bead/contract/dial-in';
import type { Job } from '@hot-bead/contract/plan';
import { asking, itemsAt, type RunningServer, runningServer } from '../../test/running-server.ts';

let server: RunningServer;
let job: Job;
const BEAD = {
  wireFeedSpeedMPerMin: 7.6,
  volts: 18.5,
  face: 'crowned',
  sound: 'sizzle',
  note: 'first',
} as const;

beforeAll(async () => {
  server = await runningServer();
  job = (await asking(server).post('/api/jobs').send({ line: '3.2mm butt 0.8' })).body as Job;
});
afterAll(() => server.stop());

function beads(): string {
  return `/api/jobs/${job.id}/test-beads`;
}

async function reported(over: Partial<typeof BEAD> | Record<string, unknown> = {}): Promise<KeptTestBead> {
  const response = await asking(server)
    .post(beads())
    .send({ ...BEAD, ...over });
  expect(response.status).toBe(201);
  return response.body as KeptTestBead;
}

describe('test beads', () => {
  it('keeps a bead with its number, its verdict and what the plan said', async () => {
    const bead = await reported();
    expect(bead).toMatchObject({ ...BEAD, number: 1, verdict: 'right', jobId: job.id });
    expect(bead.plan?.wireFeedSpeedMPerMin).toBeCloseTo(7.59, 1);
    expect(bead.plan?.modelVersion).toBe(MODEL_VERSION);
    expect(bead.weldedWith).toMatchObject({
      wire: { wireClass: 'ER70S-6', diameterMm: 0.8 },
      mode: 'short-circuit',
      thicknessMm: 3.2,
      joint: 'butt',
      modelVersion: MODEL_VERSION,
    });
    expect(bead.weldedWith?.trueDiameterMm).toBeCloseTo(0.762, 6); // sold as 0.030 in
    expect(bead.weldedWith).not.toHaveProperty('machineId');
    const read = await asking(server).get(`${beads()}/${bead.id}`);
    expect(read.body).toEqual(bead);
  });

  it('counts beads on the job and lists them in the order welded', async () => {
    await reported({ volts: 19, face: 'concave', sound: 'crackle' });
    const list = await itemsAt<KeptTestBead>(server, beads());
    expect(list.map((bead) => bead.number)).toEqual([1, 2]);
    expect(list[1]?.verdict).toBe('hot');
    expect(((await asking(server).get(`/api/jobs/${job.id}`)).body as Job).beadCount).toBe(2);
    // twelve of them, so that the tenth is told after the second: by number, not by its digits
    for (let i = 3; i <= 12; i++) await reported({ note: `bead ${i}` });
    const { items, next } = (await asking(server).get(`${beads()}?limit=9`)).body as Page<KeptTestBead>;
    expect(items.map(({ number }) => number)).toEqual([1, 2, 3, 4, 5, 6, 7, 8, 9]);
    const rest = await itemsAt<KeptTestBead>(server, `${beads()}?after=${next}`);
    expect(rest.map(({ number }) => number)).toEqual([10, 11, 12]);
  });

  it('is still there after a restart', async () => {
    const bead = await reported({ note: 'before the restart' });
    server = await server.restart();
    const read = await asking(server).get(`${beads()}/${bead.id}`);
    expect(read.body).toEqual(bead);
  });

  it('corrects a bead', async () => {
    const bead = await reported({ volts: 17 });
    const response = await asking(server).patch(`${beads()}/${bead.id}`).send({ volts: 17.5, face: 'ropy' });
    expect(response.body).toMatchObject({ id: bead.id, volts: 17.5, face: 'ropy', verdict: 'cold' });
  });

  it('is said in one tap, with what else was seen; what was said is taken away by null', async () => {
    const details = { said: 'cold', spatter: 'some', back: 'no-mark', cooled: false, flags: ['stick-out'] };
    const bead = await reported({ face: undefined, sound: undefined, ...details });
    expect(bead).toMatchObject({ ...details, verdict: 'cold' });
    expect(bead).not.toHaveProperty('face');
    const changed = await asking(server)
      .patch(`${beads()}/${bead.id}`)
      .send({ said: 'right', flags: null, heat: 'hot' });
    expect(changed.body).toMatchObject({ said: 'right', spatter: 'some', heat: 'hot', verdict: 'right' });
    expect(changed.body).not.toHaveProperty('flags');
    // of a bead of which nothing is said any more nothing can be told
    const mute = await asking(server).patch(`${beads()}/${bead.id}`).send({ said: null });
    expect([mute.status, (mute.body as { code: string }).code]).toEqual([400, 'missing']);
  });

  it('is one bead when it is sent twice in a breath, and another when it reads otherwise', async () => {
    const bead = await reported({ volts: 18.1 });
    const twice = await asking(server)
      .post(beads())
      .send({ ...BEAD, volts: 18.1 });
    expect([twice.status, twice.body]).toMatchObject([409, { code: 'bead-twice', field: 'volts' }]);
    expect((twice.body as { message: string }).message).toContain(`bead ${bead.number}`);
    await reported({ volts: 18.1, face: 'flat' });
  });

  it('is refused where the machine cannot have given it, by what it gives', async () => {
    const positions = [17, 19, 22].map((openV, i) => ({ name: String(i + 1), openV }));
    const machine = {
      name: 'Stub',
      loadedWireClass: 'ER70S-6',
      loadedWireDiameterMm: 0.8,
      loadedGas: 'ar-co2-18',
      kind: 'transformer',
      voltsControl: { kind: 'positions', positions },
      wireFeedSpeedRangeMPerMin: [2, 10],
    };
    await asking(server).post('/api/machines').send(machine).expect(201);
    const on = (await asking(server).post('/api/jobs').send({ line: '2mm lap Stub' })).body as Job;
    const laid = (over: object) =>
      asking(server)
        .post(`/api/jobs/${on.id}/test-beads`)
        .send({ ...BEAD, wireFeedSpeedMPerMin: 4, volts: 17, ...over });
    const hot = await laid({ volts: 29 });
    expect([hot.status, hot.body]).toMatchObject([400, { code: 'bead-beyond-machine', field: 'volts' }]);
    expect((hot.body as { message: string }).message).toMatch(
      /^Stub gives 14\.\d to 19\.\d V at the arc there/,
    );
    const fast = await laid({ wireFeedSpeedMPerMin: 14 });
    expect(fast.body).toMatchObject({ code: 'bead-beyond-machine', field: 'wireFeedSpeedMPerMin' });
    expect((await laid({})).status).toBe(201);
  });

  it('takes a bead away and brings it back under its own number', async () => {
    const bead = await reported({ note: 'to go' });
    expect((await asking(server).delete(`${beads()}/${bead.id}`)).status).toBe(204);
    const next = await reported();
    expect(next.number).toBe(bead.number + 1);
    const back = await asking(server).post(`${beads()}/${bead.id}/restore`);
    expect(back.body).toMatchObject({ id: bead.id, number: bead.number });
  });

  it.each<[Record<string, unknown>, string, string]>([
    [{ volts: 'loud' }, 'wrong-type', 'volts'],
    [{ volts: 99 }, 'out-of-range', 'volts'],
    [{ wireFeedSpeedMPerMin: -1 }, 'out-of-range', 'wireFeedSpeedMPerMin'],
    [{ face: 'pretty' }, 'not-one-of', 'face'],
    [{ face: undefined, sound: undefined }, 'missing', ''],
    [{ said: 'warm' }, 'not-one-of', 'said'],
    [{ flags: ['dirty', 'dirty'] }, 'wrong-type', 'flags.1'],
    [{ taken: { volts: 18 } }, 'missing', 'taken.wireFeedSpeedMPerMin'],
    [{ weldedAt: 'tomorrow' }, 'wrong-type', 'weldedAt'],
    [{ weldedAt: '2999-01-01T00:00:00.000Z' }, 'bead-in-future', 'weldedAt'],
    [{ note: 'x'.repeat(501) }, 'out-of-range', 'note'],
  ])('refuses %o', async (over, code, field) => {
    const before = (await itemsAt(server, beads())).length;
    const response = await asking(server)
      .post(beads())
      .send({ ...BEAD, ...over });
    expect(response.status).toBe(400);
    expect(response.body).toMatchObject({ code, field });
    expect((await itemsAt(server, beads())).length).toBe(before);
  });

  it('knows no bead of another job, and no bead without a job', async () => {
    const bead = await reported({ note: 'of this job' });
    const other = (await asking(server).post('/api/jobs').send({ line: '2mm lap' })).body as Job;
    expect((await asking(server).get(`/api/jobs/${other.id}/test-beads/${bead.id}`)).status).toBe(404);
    expect((await asking(server).post('/api/jobs/none/test-beads').send(BEAD)).status).toBe(404);
  });
});
