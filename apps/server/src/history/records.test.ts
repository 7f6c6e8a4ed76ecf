import { randomUUID } from 'node:crypto';
import type { Page } from '@hot-bead/contract/base';
import type { KeptTestBead } from '@hot-bead/contract/dial-in';
import type { ShopEvent } from '@hot-bead/contract/history';
import type { KeptMachine } from '@hot-bead/contract/machine';
import type { Job } from '@hot-bead/contract/plan';
import request from 'supertest';
import { itemsAt, type RunningServer, runningServer } from '../../test/running-server.ts';

let server: RunningServer;
beforeAll(async () => {
  server = await runningServer(true);
});
afterAll(() => server.stop());

const ask = () => request(server.http);
const TOM = '/api/machines/demo-old-tom';
const BARE_TAPS = { kind: 'positions', positions: ['1', '2', '3', '4', '5', '6'].map((name) => ({ name })) };
const BEAD = { wireFeedSpeedMPerMin: 7, volts: 18, face: 'flat', sound: 'sizzle' };

async function job(line = '3 mm steel tee'): Promise<Job> {
  return (await ask().post('/api/jobs').send({ line }).expect(201)).body as Job;
}
async function events(query: string): Promise<readonly ShopEvent[]> {
  return ((await ask().get(`/api/events?${query}`).expect(200)).body as Page<ShopEvent>).items;
}

describe('a change that says which version it saw', () => {
  it('is taken, and counts the version up', async () => {
    const { id } = await job();
    const first = await ask()
      .patch(`/api/jobs/${id}`)
      .set('If-Match', '"1"')
      .send({ own: { volts: 18 } });
    expect([first.status, first.body]).toMatchObject([200, { version: 2, own: { volts: 18 } }]);
    const second = await ask()
      .patch(`/api/jobs/${id}`)
      .send({ version: 2, own: { volts: null } });
    expect([second.status, second.body]).toMatchObject([200, { version: 3, own: {} }]);
    const same = await ask()
      .patch(`/api/jobs/${id}`)
      .send({ version: 3, work: { joint: 'tee' } });
    expect(same.body).toMatchObject({ version: 3 });
  });

  it('is merged where another changed other fields meanwhile', async () => {
    const { id } = await job('2 mm steel lap 1.0 wire');
    const send = (body: object) => ask().patch(`/api/jobs/${id}`).set('If-Match', '1').send(body);
    await send({ work: { joint: 'tee' }, own: { volts: 18 } }).expect(200);
    await send({ work: { gas: 'co2' } }).expect(200);
    const { body } = await send({ own: { ctwdMm: 12 } }).expect(200);
    expect(body).toMatchObject({
      version: 4,
      work: { joint: 'tee', gas: 'co2', wireDiameterMm: 1 },
      own: { volts: 18, ctwdMm: 12 },
      line: '2 mm thick, mild steel, tee, 1 mm wire, CO₂',
    });
  });

  it('is answered 409 with both where another changed the same field to something else', async () => {
    const { id } = await job('2 mm steel lap');
    const send = (body: object) => ask().patch(`/api/jobs/${id}`).set('If-Match', '1').send(body);
    await send({ work: { joint: 'tee', gas: 'co2' } }).expect(200);
    const { status, body } = await send({ work: { joint: 'butt', gas: 'co2', position: 'overhead' } });
    expect(status).toBe(409);
    expect(body).toMatchObject({
      code: 'stale',
      current: { id, version: 2, work: { joint: 'tee', gas: 'co2' } },
      conflicts: [{ field: 'work.joint', current: 'tee', sent: 'butt' }],
      sent: { 'work.joint': 'butt', 'work.position': 'overhead' },
    });
    expect(((await ask().get(`/api/jobs/${id}`)).body as Job).work).not.toHaveProperty('position');
  });

  it.each<[string, object, number, string]>([
    ['no version', {}, 428, 'version-missing'],
    ['a version that is not there yet', { 'If-Match': '99' }, 400, 'version-unknown'],
    ['no number', { 'If-Match': 'yesterday' }, 400, 'version-unreadable'],
    ['nought', { 'If-Match': '0' }, 400, 'version-unreadable'],
  ])('with %s is refused and nothing changes', async (_, headers, status, code) => {
    const before = (await ask().get(TOM)).body as KeptMachine;
    for (const send of [
      ask().patch(TOM).send({ loadedGas: 'co2' }),
      ask().delete(TOM),
      ask()
        .patch('/api/shop')
        .send({ schools: { leanMix: 'avoid' } }),
    ]) {
      const response = await send.set(headers as Record<string, string>);
      expect([response.status, (response.body as { code: string }).code]).toEqual([status, code]);
    }
    expect((await ask().get(TOM)).body).toEqual(before);
  });

  it('does not put away what was changed meanwhile without being told, and takes any version for *', async () => {
    const { id } = await job();
    await ask()
      .patch(`/api/jobs/${id}`)
      .set('If-Match', '*')
      .send({ own: { volts: 17 } })
      .expect(200);
    const refused = await ask().delete(`/api/jobs/${id}?version=1`).expect(409);
    expect(refused.body).toMatchObject({
      code: 'stale',
      current: { version: 2, own: { volts: 17 } },
      conflicts: [{ field: 'away', current: null, sent: true }],
    });
    await ask().delete(`/api/jobs/${id}?version=2`).expect(204);
    expect((await ask().patch(`/api/jobs/${id}`).send({ version: 3, own: {} })).status).toBe(404);
  });

  it('holds for beads, machines and the shop too', async () => {
    const { id } = await job();
    const bead = (await ask().post(`/api/jobs/${id}/test-beads`).send(BEAD)).body as KeptTestBead;
    const url = `/api/jobs/${id}/test-beads/${bead.id}`;
    await ask().patch(url).send({ version: 1, volts: 19 }).expect(200);
    expect((await ask().patch(url).send({ version: 1, volts: 20 })).body).toMatchObject({
      code: 'stale',
      current: { volts: 19, version: 2 },
    });
    await ask().patch(url).send({ version: 1, note: 'better' }).expect(200);
    const { version } = (await ask().get(TOM)).body as KeptMachine;
    await ask().patch(TOM).send({ version, loadedGas: 'co2' }).expect(200);
    await ask()
      .patch(TOM)
      .send({ version, features: ['pulse'] })
      .expect(200);
    expect((await ask().patch(TOM).send({ version, loadedGas: 'argon' })).status).toBe(409);
    const { body: shop } = await ask().get('/api/shop');
    const seen = (shop as { version: number }).version;
    await ask()
      .patch('/api/shop')
      .send({ version: seen, schools: { leanMix: 'avoid' } })
      .expect(200);
    await ask()
      .patch('/api/shop')
      .send({ version: seen, schools: { learning: 'keep-to-book' } })
      .expect(200);
    expect(
      (
        await ask()
          .patch('/api/shop')
          .send({ version: seen, schools: { learning: null } })
      ).status,
    ).toBe(409);
  });
});

describe('a create with an id of the client’s own', () => {
  it.each<[string, object]>([
    ['/api/jobs', { line: '3 mm tee' }],
    [
      '/api/machines',
      { name: 'Made', loadedWireClass: 'ER70S-6', loadedWireDiameterMm: 0.8, loadedGas: 'co2' },
    ],
    [`${TOM}/clone`, { name: 'Toms twin', withReadings: true }],
  ])('%s is done once, and is 200 the second time', async (path, body) => {
    const id = randomUUID();
    const first = await ask()
      .post(path)
      .send({ id, ...body });
    const second = await ask()
      .post(path)
      .send({ ...body, id: id.toUpperCase() });
    expect([first.status, second.status]).toEqual([201, 200]);
    expect(first.body).toMatchObject({ id });
    expect(second.body).toEqual(first.body);
    const other = await ask()
      .post(path)
      .send({ id, ...body, ...('line' in body ? { line: '4 mm tee' } : { name: 'Else' }) });
    expect([other.status, other.body]).toMatchObject([409, { code: 'id-taken', field: 'id' }]);
    expect(
      (
        await ask()
          .post(path)
          .send({ id: 'mine', ...body })
      ).body,
    ).toMatchObject({ field: 'id' });
  });

  it('holds for beads, readings and copies', async () => {
    const made = await job();
    const [bead, reading, copy] = [randomUUID(), randomUUID(), randomUUID()];
    for (const status of [201, 200]) {
      await ask()
        .post(`/api/jobs/${made.id}/test-beads`)
        .send({ id: bead, ...BEAD })
        .expect(status);
      await ask()
        .post(`${TOM}/dial-readings`)
        .send({ id: reading, knob: 3, run: { lengthMm: 400, timeS: 10 }, position: '2' })
        .expect(status);
      await ask().post(`/api/jobs/${made.id}/duplicate`).send({ id: copy }).expect(status);
    }
    expect(await itemsAt(server, `/api/jobs/${made.id}/test-beads`)).toHaveLength(1);
    const otherBead = await ask()
      .post(`/api/jobs/${copy}/test-beads`)
      .send({ id: bead, ...BEAD });
    expect(otherBead.status).toBe(409);
  });

  it('a command that is sent again is done once', async () => {
    const made = await job();
    const command = randomUUID();
    const send = () =>
      ask()
        .patch(`/api/jobs/${made.id}`)
        .set('Command-Id', command)
        .send({ version: 1, own: { volts: 17 } });
    const first = await send().expect(200);
    await ask()
      .patch(`/api/jobs/${made.id}`)
      .send({ version: 2, own: { volts: 20 } })
      .expect(200);
    const again = await send().expect(200);
    expect([first.body, again.body]).toMatchObject([{ version: 2 }, { version: 3, own: { volts: 20 } }]);
    const elsewhere = await ask()
      .delete(`/api/jobs/${(await job()).id}?version=1`)
      .set('Command-Id', command);
    expect(elsewhere.body).toMatchObject({ code: 'command-id-taken' });
    expect((await ask().post('/api/jobs').set('Command-Id', 'x').send({ line: '3 mm tee' })).status).toBe(
      400,
    );
  });
});

describe('what happened', () => {
  it('is told with who, from where, what stood and what stands, newest first', async () => {
    const made = await job('2 mm steel lap');
    await ask()
      .patch(`/api/jobs/${made.id}`)
      .set({ Actor: 'KM', 'Device-Id': 'bench tablet' })
      .send({ version: 1, work: { joint: 'tee' } });
    await ask().post(`/api/jobs/${made.id}/test-beads`).send(BEAD);
    await ask().post(`/api/jobs/${made.id}/acknowledgements`).send({ code: 'zinc', text: 'Fume.' });
    const happened = await events(`of=${made.id}`);
    expect(happened.map(({ kind }) => kind)).toEqual(['caution-read', 'created', 'changed', 'created']);
    expect(happened[2]).toMatchObject({
      actor: 'KM',
      device: 'bench tablet',
      subject: { kind: 'job', id: made.id, title: '2 mm carbon steel tee, flat' },
      before: { 'work.joint': 'lap' },
      after: { 'work.joint': 'tee' },
      undoOf: null,
    });
    expect(happened[1]).toMatchObject({
      before: null,
      subject: { kind: 'test-bead', title: 'Bead 1, 2 mm carbon steel tee, flat', of: made.id },
    });
  });

  it('is told a page at a time', async () => {
    const all = await events('limit=200');
    const first = (await ask().get('/api/events?limit=5')).body as Page<ShopEvent>;
    const second = (await ask().get(`/api/events?limit=5&after=${first.next}`)).body as Page<ShopEvent>;
    expect([...first.items, ...second.items]).toEqual(all.slice(0, 10));
    expect((await ask().get('/api/events?after=x')).status).toBe(400);
  });

  it('can be undone after a restart, and the undoing too', async () => {
    const made = await job('2 mm steel lap');
    const command = randomUUID();
    await ask()
      .patch(`/api/jobs/${made.id}`)
      .set('Command-Id', command)
      .send({ version: 1, work: { joint: 'tee' }, own: { volts: 18 } })
      .expect(200);
    server = await server.restart();
    const undone = await ask().post(`/api/events/${command}/undo`);
    expect([undone.status, undone.body]).toMatchObject([200, { kind: 'undone', undoOf: command }]);
    const back = (await ask().get(`/api/jobs/${made.id}`)).body as Job;
    expect(back).toMatchObject({ line: '2 mm steel lap', work: made.work, own: {}, version: 3 });
    expect((await events(`of=${made.id}`))[1]).toMatchObject({
      id: command,
      undoneBy: (undone.body as ShopEvent).id,
    });
    expect((await ask().post(`/api/events/${command}/undo`)).body).toMatchObject({ code: 'undone-already' });
    await ask()
      .post(`/api/events/${(undone.body as ShopEvent).id}/undo`)
      .expect(200);
    expect((await ask().get(`/api/jobs/${made.id}`)).body).toMatchObject({
      work: { joint: 'tee' },
      own: { volts: 18 },
    });
  });

  it('is not undone where something came after it, and says what', async () => {
    const { id } = await job('2 mm steel lap');
    const command = randomUUID();
    const send = (body: object) => ask().patch(`/api/jobs/${id}`).set('If-Match', '*').send(body);
    await send({ work: { joint: 'tee' } })
      .set('Command-Id', command)
      .expect(200);
    await send({ work: { joint: 'butt' } }).expect(200);
    const { status, body } = await ask().post(`/api/events/${command}/undo`);
    expect([status, body]).toMatchObject([
      409,
      { code: 'undo-overtaken', message: expect.stringContaining('work.joint') as string },
    ]);
    expect((await ask().post(`/api/events/${randomUUID()}/undo`)).status).toBe(404);
  });

  it('undoes a create, a bead taken away, a new calibration and a name', async () => {
    const made = await job();
    const bead = (await ask().post(`/api/jobs/${made.id}/test-beads`).send(BEAD)).body as KeptTestBead;
    const does = async (send: (command: string) => request.Test): Promise<string> => {
      const command = randomUUID();
      const response = await send(command).set('Command-Id', command).set('If-Match', '*');
      expect(response.status).toBeLessThan(300);
      return command;
    };
    const undo = (command: string) => ask().post(`/api/events/${command}/undo`).expect(200);
    const beads = `/api/jobs/${made.id}/test-beads`;
    await undo(await does(() => ask().delete(`${beads}/${bead.id}`)));
    expect(await itemsAt(server, beads)).toHaveLength(1);
    const before = (await ask().get(TOM)).body as KeptMachine;
    await undo(await does(() => ask().post(`${TOM}/dial-readings/supersede`)));
    await undo(await does(() => ask().patch(TOM).send({ name: 'Young Tom', voltsControl: BARE_TAPS })));
    const after = (await ask().get(TOM)).body as KeptMachine;
    expect({ ...after, version: before.version }).toEqual(before);
    const [created] = (await events(`of=${made.id}`)).filter(
      ({ kind, subject }) => kind === 'created' && subject.kind === 'job',
    );
    await undo(created?.id ?? '');
    expect((await ask().get(`/api/jobs/${made.id}`)).status).toBe(404);
    const acknowledging = randomUUID();
    const read = await ask()
      .post(`/api/jobs/${(await job()).id}/acknowledgements`)
      .set('Command-Id', acknowledging)
      .send({ code: 'x', text: 'y' });
    expect(read.status).toBe(201);
    expect((await ask().post(`/api/events/${acknowledging}/undo`)).status).toBe(409);
  });
});
