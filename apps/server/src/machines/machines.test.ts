import type { KeptDialReading, KeptMachine } from '@hot-bead/contract';
import request from 'supertest';
import { type RunningServer, runningServer } from '../testing/running-server.ts';

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
  const response = await request(server.http)
    .post('/api/machines')
    .send({ ...TOM, ...over });
  expect(response.status).toBe(201);
  return response.body as KeptMachine;
}

describe('machines', () => {
  it('are added, changed, retired and brought back, over a restart', async () => {
    const machine = await added();
    expect(machine).toMatchObject({ ...TOM, dialReadings: [] });
    const changed = await request(server.http)
      .patch(`/api/machines/${machine.id}`)
      .send({ features: ['pulse'], loadedGas: 'co2' });
    expect(changed.body).toMatchObject({ features: ['pulse'], loadedGas: 'co2', kind: 'transformer' });
    expect((await request(server.http).delete(`/api/machines/${machine.id}`)).status).toBe(204);
    expect((await request(server.http).get('/api/machines')).body).toEqual([]);
    server = await server.restart();
    const back = await request(server.http).post(`/api/machines/${machine.id}/restore`);
    expect(back.body).toEqual(changed.body);
  });

  it.each([
    [{ name: '' }, 400, 'missing', 'name'],
    [{ name: 'Tom' }, 409, 'name-taken', 'name'],
    [{ name: 'A', currentRangeA: [170, 30] }, 400, 'range-order', 'currentRangeA'],
    [{ name: 'A', currentRangeA: [1, 30] }, 400, 'out-of-range', 'currentRangeA.0'],
    [{ name: 'A', loadedGas: 'laughing' }, 400, 'gas-unknown', 'loadedGas'],
    [{ name: 'A', features: ['flight'] }, 400, 'not-one-of', 'features.0'],
  ])('%o is refused with %s %s at %s', async (over, status, code, field) => {
    const before = ((await request(server.http).get('/api/machines')).body as unknown[]).length;
    const response = await request(server.http)
      .post('/api/machines')
      .send({ ...TOM, ...over });
    expect(response.status).toBe(status);
    expect(response.body).toMatchObject({ code, field });
    expect(((await request(server.http).get('/api/machines')).body as unknown[]).length).toBe(before);
  });
});

describe('readings of a dial', () => {
  it('count until they are taken out or superseded, and are never lost', async () => {
    const machine = await added({ name: 'Dial' });
    const url = `/api/machines/${machine.id}/dial-readings`;
    const one = (await request(server.http).post(url).send(READING)).body as KeptMachine;
    const two = (
      await request(server.http)
        .post(url)
        .send({ ...READING, knob: 2 })
    ).body as KeptMachine;
    expect(two.dialReadings.map((reading) => reading.knob)).toEqual([2, 5]);
    const id = one.dialReadings[0]?.id ?? '';
    const out = (await request(server.http).delete(`${url}/${id}`)).body as KeptMachine;
    expect(out.dialReadings.map((reading) => reading.knob)).toEqual([2]);
    const back = (await request(server.http).post(`${url}/${id}/restore`)).body as KeptMachine;
    expect(back.dialReadings).toHaveLength(2);
    const anew = (await request(server.http).post(`${url}/supersede`)).body as KeptMachine;
    expect(anew.dialReadings).toEqual([]);
    const history = (await request(server.http).get(url)).body as KeptDialReading[];
    expect(history).toHaveLength(2);
    expect(history.every((reading) => reading.supersededAt !== null)).toBe(true);
  });

  it.each([
    [{ knob: 5, run: { lengthMm: 760, timeS: 0 } }, 'out-of-range', 'run.timeS'],
    [{ knob: 5, run: { lengthMm: -760, timeS: 6 } }, 'out-of-range', 'run.lengthMm'],
    [{ knob: 5, run: { lengthMm: 500_000, timeS: 6 } }, 'out-of-range', 'run.lengthMm'],
    [{ knob: 5, run: { lengthMm: 50_000, timeS: 6 } }, 'speed-out-of-range', ''],
    [{ knob: 11, run: READING.run }, 'knob-out-of-range', 'knob'],
    [{ run: READING.run }, 'missing', 'knob'],
    [{ ...READING, shortRun: { lengthMm: 700, timeS: 5.5 } }, 'runs-too-alike', ''],
  ])('%o is refused with %s at %s, and nothing is stored', async (body, code, field) => {
    const machine = await added({ name: `M ${code} ${field} ${JSON.stringify(body).length}` });
    const url = `/api/machines/${machine.id}/dial-readings`;
    const response = await request(server.http).post(url).send(body);
    expect(response.status).toBe(400);
    expect(response.body).toMatchObject({ code, field });
    expect((await request(server.http).get(url)).body).toEqual([]);
  });

  it('of no machine, or no such reading, answer 404', async () => {
    expect((await request(server.http).post('/api/machines/none/dial-readings').send(READING)).status).toBe(
      404,
    );
    expect((await request(server.http).delete('/api/machines/none/dial-readings/none')).status).toBe(404);
  });
});
