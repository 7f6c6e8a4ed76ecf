import {
  type KeptDialReading,
  type KeptMachine,
  type MachineFile,
  readMachineCsv,
} from '@hot-bead/contract/machine';
import type { Page } from '@hot-bead/contract/base';
import type { Job } from '@hot-bead/contract/plan';
import { asking, itemsAt, type RunningServer, runningServer } from '../../test/running-server.ts';

let server: RunningServer;
beforeAll(async () => {
  server = await runningServer();
});
afterAll(() => server.stop());

const TOM = {
  name: 'Tom',
  loadedWireClass: 'ER70S-6',
  loadedWireDiameterMm: 0.8,
  loadedGas: 'ar-co2-18',
  kind: 'transformer',
  wireControl: { kind: 'knob', min: 0, max: 10 },
  currentRangeA: [30, 170],
};
const READING = { knob: 5, run: { lengthMm: 760, timeS: 6 } };

async function added(over: object = {}): Promise<KeptMachine> {
  const response = await asking(server)
    .post('/api/machines')
    .send({ ...TOM, ...over });
  expect(response.status).toBe(201);
  return response.body as KeptMachine;
}

describe('machines', () => {
  it('are added, changed, retired and brought back, over a restart', async () => {
    const machine = await added();
    expect(machine).toMatchObject({ ...TOM, dialReadings: [] });
    const changed = await asking(server)
      .patch(`/api/machines/${machine.id}`)
      .send({ features: ['pulse'], loadedGas: 'co2' });
    expect(changed.body).toMatchObject({ features: ['pulse'], loadedGas: 'co2', kind: 'transformer' });
    expect((await asking(server).delete(`/api/machines/${machine.id}`)).status).toBe(204);
    expect(await itemsAt(server, '/api/machines')).toEqual([]);
    const retired = await itemsAt<KeptMachine>(server, '/api/machines/away');
    expect(retired.map(({ id }) => id)).toEqual([machine.id]);
    server = await server.restart();
    const back = await asking(server).post(`/api/machines/${machine.id}/restore`);
    expect(back.body).toEqual({ ...(changed.body as KeptMachine), version: 4 });
  });

  it('take their jobs along to a new name', async () => {
    const machine = await added({ name: 'Before' });
    const job = (await asking(server).post('/api/jobs').send({ line: '2 mm lap Before' })).body as Job;
    const other = (await asking(server).post('/api/jobs').send({ line: '2 mm lap' })).body as Job;
    await asking(server).patch(`/api/machines/${machine.id}`).send({ name: 'After' }).expect(200);
    const read = async (id: string) => (await asking(server).get(`/api/jobs/${id}`)).body as Job;
    const after = { id: machine.id, name: 'After', away: false };
    expect(await read(job.id)).toEqual({
      ...job,
      work: { ...job.work, machineName: 'After' },
      line: '2 mm lap After',
      machine: after,
    });
    expect(await read(other.id)).toEqual(other);
    await asking(server).delete(`/api/machines/${machine.id}`).expect(204);
    expect((await read(job.id)).machine).toEqual({ ...after, away: true });
    const onIt = await asking(server)
      .patch(`/api/jobs/${other.id}`)
      .send({ work: { machineName: 'After' } });
    expect(onIt.body).toMatchObject({ code: 'machine-away', field: 'work.machineName' });
  });

  it('lose what is told as no longer known, and keep their readings', async () => {
    const machine = await added({ name: 'Ranged', duty: [{ currentA: 150, percent: 20 }] });
    await asking(server).post(`/api/machines/${machine.id}/dial-readings`).send(READING);
    const less = await asking(server).patch(`/api/machines/${machine.id}`).send({ duty: null });
    expect(less.status).toBe(200);
    expect(less.body).not.toHaveProperty('duty');
    expect((less.body as KeptMachine).dialReadings).toHaveLength(1);
  });

  it('are listed by name, page by page, and a page that was never given is refused', async () => {
    const all = await itemsAt<KeptMachine>(server, '/api/machines?limit=200');
    const names: string[] = [];
    for (let after = ''; names.length <= all.length;) {
      const { body } = await asking(server)
        .get(`/api/machines?limit=1${after && `&after=${encodeURIComponent(after)}`}`)
        .expect(200);
      const { items, next } = body as Page<KeptMachine>;
      expect(items).toHaveLength(1);
      names.push(...items.map(({ name }) => name));
      if (next === null) break;
      after = next;
    }
    expect(all.length).toBeGreaterThan(1);
    expect(names).toEqual(all.map(({ name }) => name));
    const { status, body } = await asking(server).get('/api/machines?after=nowhere');
    expect([status, body]).toMatchObject([400, { code: 'cursor-unreadable', field: 'after' }]);
  });

  it('say when volts and one-entry points were read, and only where they changed', async () => {
    const machine = await added({ name: 'Metered' });
    expect(machine).toMatchObject({ voltsReadAt: null, entryReadAt: null });
    const url = `/api/machines/${machine.id}`;
    const meter = { kind: 'displayed', meter: [{ shownV: 19, meterV: 18.5 }] };
    const read = (await asking(server).patch(url).send({ voltsControl: meter })).body as KeptMachine;
    expect(read.voltsReadAt).toMatch(/^20\d\d-/);
    const renamed = (await asking(server).patch(url).send({ loadedGas: 'co2' })).body as KeptMachine;
    expect(renamed.voltsReadAt).toBe(read.voltsReadAt);
    const points = [
      { entry: 1, wireFeedSpeedMPerMin: 3, volts: 16 },
      { entry: 2, wireFeedSpeedMPerMin: 5, volts: 17 },
    ];
    const line = { wireClass: 'ER70S-6', diameterMm: 0.8, gas: 'co2', points };
    const entered = (
      await asking(server)
        .patch(url)
        .send({ oneEntry: { unit: 'mm', lines: [line] } })
    ).body as KeptMachine;
    expect(entered.entryReadAt).toMatch(/^20\d\d-/);
    expect(entered.oneEntry?.lines[0]?.points).toEqual(points);
  });

  it.each([
    [{ name: '' }, 400, 'missing', 'name'],
    [{ name: 'Tom' }, 409, 'name-taken', 'name'],
    [{ name: ' t\u006fM\u0000' }, 409, 'name-taken', 'name'],
    [{ name: '3 mm' }, 400, 'name-reads-as-work', 'name'],
    [{ name: 'Steel' }, 400, 'name-reads-as-work', 'name'],
    [
      { name: 'Ann', wireControl: { kind: 'knob', min: 0, max: 1e-320 } },
      400,
      'out-of-range',
      'wireControl.max',
    ],
    [{ name: 'Ann', currentRangeA: [170, 30] }, 400, 'range-order', 'currentRangeA'],
    [{ name: 'Ann', currentRangeA: [1, 30] }, 400, 'out-of-range', 'currentRangeA.0'],
    [{ name: 'Ann', loadedGas: 'laughing' }, 400, 'gas-unknown', 'loadedGas'],
    [{ name: 'Ann', features: ['flight'] }, 400, 'not-one-of', 'features.0'],
    [
      { name: 'Ann', wireControl: { kind: 'letters', names: ['A', 'A'] } },
      400,
      'wrong-type',
      'wireControl.names.1',
    ],
    [{ name: 'Ann', wireControl: { kind: 'entry' } }, 400, 'entry-on-one', ''],
    [{ name: 'Ann', mains: { volts: 12, breakerA: 16 } }, 400, 'out-of-range', 'mains.volts'],
    [
      {
        name: 'Ann',
        duty: [
          { currentA: 100, percent: 40 },
          { currentA: 150, percent: 60 },
        ],
      },
      400,
      'duty-order',
      'duty',
    ],
    [
      {
        name: 'Ann',
        oneEntry: {
          unit: 'mm',
          lines: [
            {
              wireClass: 'ER70S-6',
              diameterMm: 0.8,
              gas: 'co2',
              points: [
                { entry: 1, wireFeedSpeedMPerMin: 5, volts: 17 },
                { entry: 2, wireFeedSpeedMPerMin: 4, volts: 18 },
              ],
            },
          ],
        },
      },
      400,
      'entry-line',
      'oneEntry.lines.0.points',
    ],
  ])('%o is refused with %s %s at %s', async (over, status, code, field) => {
    const before = (await itemsAt(server, '/api/machines')).length;
    const response = await asking(server)
      .post('/api/machines')
      .send({ ...TOM, ...over });
    expect(response.status).toBe(status);
    expect(response.body).toMatchObject({ code, field });
    expect((await itemsAt(server, '/api/machines')).length).toBe(before);
  });
});

describe('a change of a machine', () => {
  const change = (id: string, body: object) => asking(server).patch(`/api/machines/${id}`).send(body);

  it('is held against the whole machine as it would stand', async () => {
    const { id } = await added({ name: 'Whole' });
    expect((await change(id, { wireControl: { kind: 'entry' } })).body).toMatchObject({
      code: 'entry-on-one',
    });
    await asking(server).post(`/api/machines/${id}/dial-readings`).send(READING).expect(201);
    const narrow = await change(id, { wireControl: { kind: 'knob', min: 0, max: 4 } });
    expect([narrow.status, narrow.body]).toMatchObject([
      400,
      {
        code: 'readings-do-not-fit',
        field: 'wireControl',
        message: expect.stringContaining('0 to 4') as string,
      },
    ]);
    expect((await change(id, { wireControl: { kind: 'knob', min: 0, max: 5 } })).status).toBe(200);
    expect((await change(id, { loadedGas: null })).status).toBe(400);
    expect((await change(id, { name: '5 mm' })).body).toMatchObject({
      code: 'name-reads-as-work',
      field: 'name',
    });
    const { body } = await change(id, { currentRangeA: null });
    expect(body).not.toHaveProperty('currentRangeA');
  });

  it('leaves a tap alone that readings were taken on, and a file is held to the same', async () => {
    const taps = { kind: 'positions', positions: [{ name: '1' }, { name: '2' }] };
    const { id } = await added({ name: 'On taps', voltsControl: taps });
    await asking(server)
      .post(`/api/machines/${id}/dial-readings`)
      .send({ ...READING, position: '2' });
    const without = await change(id, { voltsControl: { kind: 'positions', positions: [{ name: '1' }] } });
    expect(without.body).toMatchObject({ code: 'readings-do-not-fit', field: 'voltsControl' });
    const file = (await asking(server).get(`/api/machines/${id}/file.json`)).body as MachineFile;
    const wrong = {
      ...file,
      machine: { ...file.machine, name: 'From file', wireControl: { kind: 'knob', min: 0, max: 4 } },
    };
    const taken = await asking(server).post('/api/machines/file').send(wrong);
    expect(taken.body).toMatchObject({ code: 'readings-do-not-fit' });
  });
});

describe('readings of a dial', () => {
  it('count until they are taken out or superseded, and are never lost', async () => {
    const machine = await added({ name: 'Dial' });
    const url = `/api/machines/${machine.id}/dial-readings`;
    const one = (await asking(server).post(url).send(READING)).body as KeptMachine;
    const two = (
      await asking(server)
        .post(url)
        .send({ ...READING, knob: 2 })
    ).body as KeptMachine;
    expect(two.dialReadings.map((reading) => reading.knob)).toEqual([2, 5]);
    const id = one.dialReadings[0]?.id ?? '';
    const out = (await asking(server).delete(`${url}/${id}`)).body as KeptMachine;
    expect(out.dialReadings.map((reading) => reading.knob)).toEqual([2]);
    const back = (await asking(server).post(`${url}/${id}/restore`)).body as KeptMachine;
    expect(back.dialReadings).toHaveLength(2);
    const anew = (await asking(server).post(`${url}/supersede`)).body as KeptMachine;
    expect(anew.dialReadings).toEqual([]);
    const history = (await asking(server).get(url)).body as KeptDialReading[];
    expect(history).toHaveLength(2);
    expect(history.every((reading) => !reading.counts)).toBe(true);
  });

  it.each([
    [{ knob: 5, run: { lengthMm: 760, timeS: 0 } }, 'out-of-range', 'run.timeS'],
    [{ knob: 5, run: { lengthMm: -760, timeS: 6 } }, 'out-of-range', 'run.lengthMm'],
    [{ knob: 5, run: { lengthMm: 500_000, timeS: 6 } }, 'out-of-range', 'run.lengthMm'],
    [{ knob: 5, run: { lengthMm: 50_000, timeS: 6 } }, 'speed-out-of-range', ''],
    [{ knob: 11, run: READING.run }, 'knob-out-of-range', 'knob'],
    [{ run: READING.run }, 'missing', 'knob'],
    [{ ...READING, position: '9' }, 'position-unknown', 'position'],
    [{ ...READING, shortRun: { lengthMm: 700, timeS: 5.5 } }, 'runs-too-alike', ''],
  ])('%o is refused with %s at %s, and nothing is stored', async (body, code, field) => {
    const machine = await added({ name: `Odd ${code} ${field} ${JSON.stringify(body).length}` });
    const url = `/api/machines/${machine.id}/dial-readings`;
    const response = await asking(server).post(url).send(body);
    expect(response.status).toBe(400);
    expect(response.body).toMatchObject({ code, field });
    expect((await asking(server).get(url)).body).toEqual([]);
  });

  it('of no machine, or no such reading, answer 404', async () => {
    expect((await asking(server).post('/api/machines/none/dial-readings').send(READING)).status).toBe(404);
    expect((await asking(server).delete('/api/machines/none/dial-readings/none')).status).toBe(404);
  });
});

describe('readings of a letter', () => {
  it('stand at its place in the row of letters, and nowhere else', async () => {
    const { id } = await added({ name: 'Lettered', wireControl: { kind: 'letters', names: ['L', 'H'] } });
    const url = `/api/machines/${id}/dial-readings`;
    const taken = await asking(server)
      .post(url)
      .send({ ...READING, knob: 1, underArc: true });
    expect((taken.body as KeptMachine).dialReadings[0]).toMatchObject({ knob: 1, underArc: true });
    const refused = await asking(server)
      .post(url)
      .send({ ...READING, knob: 2 });
    expect(refused.body).toMatchObject({ code: 'knob-out-of-range', message: 'Its letters are L, H.' });
  });
});

describe('a machine as a file', () => {
  const file = async (id: string, form: 'json' | 'csv') =>
    asking(server).get(`/api/machines/${id}/file.${form}`).expect(200);

  async function measured(name: string): Promise<KeptMachine> {
    const machine = await added({
      name,
      voltsControl: { kind: 'positions', positions: [{ name: '1', openV: 17 }] },
    });
    const url = `/api/machines/${machine.id}/dial-readings`;
    await asking(server)
      .post(url)
      .send({ ...READING, position: '1' });
    await asking(server).post(`${url}/supersede`);
    return (
      await asking(server)
        .post(url)
        .send({ ...READING, knob: 7, underArc: true })
    ).body as KeptMachine;
  }

  it('comes back as another machine with the same calibrations, superseded ones too', async () => {
    const machine = await measured('Packed');
    const json = (await file(machine.id, 'json')).body as MachineFile;
    const back = await asking(server)
      .post('/api/machines/file')
      .send({ ...json, machine: { ...json.machine, name: 'Unpacked' } });
    expect(back.status).toBe(201);
    const other = (await file((back.body as KeptMachine).id, 'json')).body as MachineFile;
    expect(other.id).not.toBe(json.id);
    expect(other).toEqual({ ...json, id: other.id, machine: { ...json.machine, name: 'Unpacked' } });
    expect(other.dialReadings).toHaveLength(2);
  });

  it('is taken once however often it is sent, and under the id it had where that is free', async () => {
    const machine = await measured('Travelled');
    const json = (await file(machine.id, 'json')).body as MachineFile;
    const sent = { ...json, id: 'from-another-shop', machine: { ...json.machine, name: 'Arrived' } };
    const command = '3f0f6f0a-52a6-4b57-9b93-5b1f2f4f9a01';
    const take = () => asking(server).post('/api/machines/file').set('Command-Id', command).send(sent);
    const [first, second] = [await take(), await take()];
    expect([first.status, second.status]).toEqual([201, 200]);
    expect(first.body).toMatchObject({ id: 'from-another-shop' });
    expect(second.body).toEqual(first.body);
    const anew = await asking(server).post('/api/machines/file').send(sent);
    expect(anew.body).toMatchObject({ code: 'name-taken', field: 'name' });
  });

  it('is CSV that says the same', async () => {
    const machine = await measured('Listed');
    const response = await file(machine.id, 'csv');
    expect(response.headers['content-disposition']).toBe('attachment');
    const text = response.text || (response.body as Buffer).toString();
    expect(readMachineCsv(text).file).toEqual((await file(machine.id, 'json')).body);
  });

  it('is refused as a whole where its name is taken or a reading is wrong', async () => {
    const machine = await measured('Twice');
    const json = (await file(machine.id, 'json')).body as MachineFile;
    const before = (await itemsAt(server, '/api/machines')).length;
    const taken = await asking(server).post('/api/machines/file').send(json);
    expect(taken.status).toBe(409);
    expect(taken.body).toMatchObject({ code: 'name-taken', field: 'name' });
    const wrong = { ...json.dialReadings[0], run: { lengthMm: 760, timeS: 0 } };
    const refused = await asking(server)
      .post('/api/machines/file')
      .send({ ...json, machine: { ...json.machine, name: 'Thrice' }, dialReadings: [wrong] });
    expect(refused.body).toMatchObject({ code: 'out-of-range', field: 'dialReadings.0.run.timeS' });
    expect((await itemsAt(server, '/api/machines')).length).toBe(before);
  });

  it('is copied with its readings or without', async () => {
    const machine = await measured('Original');
    const clone = async (body: object) => asking(server).post(`/api/machines/${machine.id}/clone`).send(body);
    const bare = (await clone({ name: 'Bare copy', withReadings: false })).body as KeptMachine;
    expect(bare).toMatchObject({ name: 'Bare copy', wireControl: TOM.wireControl, dialReadings: [] });
    expect(bare.voltsControl).toEqual({ kind: 'positions', positions: [{ name: '1' }] });
    expect(bare.voltsReadAt).toBeNull();
    const full = (await clone({ name: 'Full copy', withReadings: true })).body as KeptMachine;
    expect(full.dialReadings).toMatchObject([{ knob: 7, underArc: true }]);
    expect(full.voltsControl).toEqual(machine.voltsControl);
    expect(full.voltsReadAt).toBe(machine.voltsReadAt);
    expect(full.dialReadings[0]?.at).toBe(machine.dialReadings[0]?.at);
    expect((await clone({ name: 'Full copy', withReadings: true })).status).toBe(409);
    expect((await clone({ name: '', withReadings: true })).body).toMatchObject({ field: 'name' });
  });
});
