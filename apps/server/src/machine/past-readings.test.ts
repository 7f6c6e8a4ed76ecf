import { validated } from '@hot-bead/contract/base';
import { type KeptMachine, type KeptPastReadings, pastReadingsListSchema } from '@hot-bead/contract/machine';
import { asking, type RunningServer, runningServer } from '../../test/running-server.ts';

let server: RunningServer;
beforeAll(async () => {
  server = await runningServer();
});
afterAll(() => server.stop());

const BARE = {
  loadedWireClass: 'ER70S-6',
  loadedWireDiameterMm: 0.8,
  loadedGas: 'ar-co2-18',
  kind: 'transformer',
};
const taps = (...openV: readonly (number | undefined)[]) => ({
  kind: 'positions',
  positions: openV.map((v, i) => ({ name: String(i + 1), ...(v === undefined ? {} : { openV: v }) })),
});

async function added(name: string, over: object): Promise<KeptMachine> {
  const { body } = await asking(server)
    .post('/api/machines')
    .send({ ...BARE, name, ...over })
    .expect(201);
  return body as KeptMachine;
}
async function changed(id: string, change: object): Promise<KeptMachine> {
  const { body } = await asking(server).patch(`/api/machines/${id}`).send(change).expect(200);
  return body as KeptMachine;
}
async function pastOf(id: string): Promise<KeptPastReadings[]> {
  const { body } = await asking(server).get(`/api/machines/${id}/past-readings`).expect(200);
  return validated(pastReadingsListSchema, body);
}

describe('readings of volts that no longer count', () => {
  it('are kept with their date when others take their place, over a restart, and come back with it', async () => {
    const machine = await added('Retapped', { voltsControl: taps(17, 19) });
    expect(await pastOf(machine.id)).toEqual([]);
    const again = await changed(machine.id, { voltsControl: taps(17.5, 19.5) });
    expect(again.voltsReadAt).not.toBe(machine.voltsReadAt);
    server = await server.restart();
    const past = await pastOf(machine.id);
    expect(past).toMatchObject([{ kind: 'volts', value: machine.voltsControl, readAt: machine.voltsReadAt }]);
    const back = await changed(machine.id, { voltsControl: past[0]?.value });
    expect(back.voltsReadAt).toBe(machine.voltsReadAt);
    expect(await pastOf(machine.id)).toMatchObject([
      { value: again.voltsControl, readAt: again.voltsReadAt },
    ]);
  });

  it('are kept once while one after the other is taken out, and the date of the rest stands', async () => {
    const machine = await added('Thinned', { voltsControl: taps(17, 19, 21) });
    const thinner = await changed(machine.id, { voltsControl: taps(17, 19, undefined) });
    expect(thinner.voltsReadAt).toBe(machine.voltsReadAt);
    await changed(machine.id, { voltsControl: taps(17, undefined, undefined) });
    expect((await pastOf(machine.id)).map(({ value }) => value)).toEqual([machine.voltsControl]);
    const none = await changed(machine.id, { voltsControl: taps(undefined) });
    expect(none.voltsReadAt).toBeNull();
    expect(await pastOf(machine.id)).toHaveLength(1);
  });

  it('are none when a reading comes in, or something else of the machine changes', async () => {
    const machine = await added('Added to', { voltsControl: taps(17, undefined) });
    await changed(machine.id, { voltsControl: taps(17, 19) });
    const renamed = await changed(machine.id, { name: 'Renamed', features: ['pulse'] });
    expect(renamed.voltsReadAt).toMatch(/^20/);
    expect(await pastOf(machine.id)).toEqual([]);
    await asking(server).get('/api/machines/nowhere/past-readings').expect(404);
  });

  it('hold what it chose for its one entry too', async () => {
    const line = (speed: number) => ({
      wireClass: 'ER70S-6',
      diameterMm: 0.8,
      gas: 'ar-co2-18',
      points: [{ entry: 3, wireFeedSpeedMPerMin: speed, volts: 18 }],
    });
    const machine = await added('One entry', { oneEntry: { unit: 'mm', lines: [line(6)] } });
    await changed(machine.id, { oneEntry: { unit: 'mm', lines: [line(7)] } });
    expect(await pastOf(machine.id)).toMatchObject([{ kind: 'entry', value: machine.oneEntry }]);
  });
});
