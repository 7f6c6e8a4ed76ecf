import { randomUUID } from 'node:crypto';
import type { ShopEvent } from '@hot-bead/contract/history';
import type { KeptMachine } from '@hot-bead/contract/machine';
import { asking, type RunningServer, runningServer } from '../../test/running-server.ts';

let server: RunningServer;
let id: string;
beforeAll(async () => {
  server = await runningServer();
  const machine = {
    name: 'Tom',
    loadedWireClass: 'ER70S-6',
    loadedWireDiameterMm: 0.8,
    loadedGas: 'ar-co2-18',
    standingPolarity: 'DCEP',
  };
  id = ((await asking(server).post('/api/machines').send(machine)).body as KeptMachine).id;
});
afterAll(() => server.stop());

const tell = (changes: object, over: object = {}) =>
  asking(server)
    .post(`/api/machines/${id}/rig`)
    .send({ why: 'step', step: 'power-off', changes, ...over });
const machine = async (): Promise<KeptMachine> =>
  (await asking(server).get(`/api/machines/${id}`).expect(200)).body as KeptMachine;
const events = async (): Promise<readonly ShopEvent[]> =>
  ((await asking(server).get(`/api/events?of=${id}`)).body as { items: readonly ShopEvent[] }).items;

describe('how a machine stands', () => {
  it('is kept by what was told of it, with the time, and the field that keeps a value follows', async () => {
    await tell({ power: { from: null, to: 'off' }, polarity: { from: 'DCEP', to: 'DCEN' } }).expect(200);
    const kept = await machine();
    expect(kept).toMatchObject({
      standingPolarity: 'DCEN',
      rig: { power: { value: 'off' }, polarity: { value: 'DCEN' } },
    });
    expect(Date.parse(kept.rig?.power?.at ?? '')).toBeGreaterThan(Date.now() - 60_000);
    const [last] = await events();
    expect(last).toMatchObject({ kind: 'rigged', about: { why: 'step', step: 'power-off' } });
    expect(last?.before).toMatchObject({ 'rig.power': null, standingPolarity: 'DCEP' });
  });

  it('is taken back as one step, and never what came after it', async () => {
    await tell({ rollsForm: { from: null, to: 'u' } }).expect(200);
    const [first] = await events();
    await tell({ rollsForm: { from: 'u', to: 'knurled' } }).expect(200);
    const [second] = await events();
    await asking(server).post(`/api/events/${first?.id}/undo`).send({}).expect(409);
    await asking(server).post(`/api/events/${second?.id}/undo`).send({}).expect(200);
    expect((await machine()).rig?.rollsForm?.value).toBe('u');
  });

  it('a logged bead makes the gun hot and the tip older; another tip begins at none, the same put back does not', async () => {
    const line = '3 mm steel tee flat 0.8 solid Ar+18 Tom';
    const job = (await asking(server).post('/api/jobs').send({ line })).body as { id: string };
    const bead = { id: randomUUID(), wireFeedSpeedMPerMin: 6, volts: 18, face: 'flat', sound: 'sizzle' };
    const log = (one: object) => asking(server).post(`/api/jobs/${job.id}/test-beads`).send(one);
    await log(bead).expect(201);
    await log(bead);
    await log({ ...bead, id: randomUUID(), volts: 18.3 }).expect(201);
    expect((await machine()).rig).toMatchObject({ hot: { value: 'yes' }, tipMinutes: { value: '1' } });
    expect((await events())[0]).toMatchObject({ kind: 'rigged', about: { why: 'bead', jobId: job.id } });
    await tell({ tipBore: { from: null, to: '0.8' }, tipFitted: { from: null, to: 'yes' } }).expect(200);
    expect((await machine()).rig?.tipMinutes?.value).toBe('1');
    await tell({ tipBore: { from: '0.8', to: '1.0' } }).expect(200);
    expect((await machine()).rig?.tipMinutes?.value).toBe('0');
    await tell({ tipBore: { from: '1.0', to: null } }).expect(200);
  });

  it('two that tick the same step are both right; two that say different things are told', async () => {
    const change = { tipBore: { from: null, to: '0.8' } };
    await Promise.all([tell(change).expect(200), tell(change).expect(200)]);
    const before = (await events()).length;
    const { status, body } = await tell({ tipBore: { from: null, to: '1.0' } });
    expect([status, (body as { code: string }).code]).toEqual([409, 'rig-overtaken']);
    expect((await machine()).rig?.tipBore?.value).toBe('0.8');
    expect((await events()).length).toBe(before);
  });

  it('a step behind a gate is kept only with the gate that was confirmed', async () => {
    const rolls = { rollsFitted: { from: null, to: 'no' } };
    const { status, body } = await tell(rolls, { step: 'rolls-off' });
    expect([status, (body as { field: string }).field]).toEqual([400, 'gate']);
    await tell(rolls, { step: 'rolls-off', gate: 'clamp-off' }).expect(400);
    expect((await machine()).rig?.rollsFitted).toBeUndefined();
    await tell(rolls, { step: 'rolls-off', gate: 'power-off' }).expect(200);
    expect((await events())[0]?.about).toMatchObject({ gate: 'power-off' });
  });

  it('the same command sent again is done once', async () => {
    const command = randomUUID();
    const send = () =>
      asking(server)
        .post(`/api/machines/${id}/rig`)
        .set('command-id', command)
        .send({ why: 'said', changes: { workClamp: { from: null, to: 'off' } } });
    await send().expect(200);
    const before = (await events()).length;
    await send().expect(200);
    expect((await events()).length).toBe(before);
  });

  it('a value is doubted until it is told again, and a pressure is kept for its wire', async () => {
    await tell({ linerBore: { from: null, to: '0.6-0.9' } }, { why: 'look', step: 'look-liner' }).expect(200);
    await tell({ linerBore: { from: '0.6-0.9', to: '0.6-0.9', doubted: true } }, { why: 'said' }).expect(200);
    expect((await machine()).rig?.linerBore).toMatchObject({ value: '0.6-0.9', doubted: true });
    await tell({ linerBore: { from: '0.6-0.9', to: '0.6-0.9' } }, { why: 'look' }).expect(200);
    expect((await machine()).rig?.linerBore?.doubted).toBeUndefined();
    const wire = { wireClass: 'ER70S-6', diameterMm: 0.8 };
    await tell({ testPressure: { from: null, to: 'pass' } }, { rollPressure: { ...wire, mark: '3' } }).expect(
      200,
    );
    await tell(
      { testPressure: { from: 'pass', to: 'pass' } },
      { rollPressure: { ...wire, mark: '3½' } },
    ).expect(200);
    expect((await machine()).rollPressures).toEqual([{ ...wire, mark: '3½' }]);
  });

  it.each<readonly [what: string, changes: object, field: RegExp]>([
    ['a part that there is not', { gearbox: { from: null, to: 'x' } }, /gearbox/],
    ['a form of groove that there is not', { rollsForm: { from: 'u', to: 'square' } }, /rollsForm/],
    ['a wire that there is not', { spoolAlloy: { from: 'ER70S-6', to: 'ER99' } }, /loadedWireClass/],
    ['no from', { rollsForm: { to: 'u' } }, /rollsForm/],
  ])('%s is refused at its field', async (_what, changes, field) => {
    const before = await machine();
    const { status, body } = await tell(changes);
    expect(status).toBe(400);
    expect((body as { field: string }).field).toMatch(field);
    expect(await machine()).toEqual(before);
  });

  it('is not part of the form: a change of the machine leaves it, a copy stands like nobody knows', async () => {
    const { body } = await asking(server).patch(`/api/machines/${id}`).send({ rig: {} });
    expect((body as { field: string }).field).toBe('rig');
    await asking(server).patch(`/api/machines/${id}`).send({ gasStand: 'two' }).expect(200);
    expect((await machine()).rig?.power?.value).toBe('off');
    const copy = await asking(server)
      .post(`/api/machines/${id}/clone`)
      .send({ name: 'Jerry', withReadings: false })
      .expect(201);
    expect((copy.body as KeptMachine).rig).toBeUndefined();
  });

  it('goes into the file and out of it', async () => {
    const { body } = await asking(server).get(`/api/machines/${id}/file.json`).expect(200);
    const file = body as { machine: { name: string } };
    const taken = await asking(server)
      .post('/api/machines/file')
      .send({ ...file, machine: { ...file.machine, name: 'Tom the second' } })
      .expect(201);
    expect((taken.body as KeptMachine).rig).toEqual((await machine()).rig);
  });
});
