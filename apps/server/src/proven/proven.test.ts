import type { Job, KeptProvenSetting } from '@hot-bead/contract';
import request from 'supertest';
import { type RunningServer, runningServer } from '../testing/running-server.ts';

let server: RunningServer;
beforeAll(async () => {
  server = await runningServer();
});
afterAll(() => server.stop());

const BEADS = [
  [16, 'ropy', 'stubbing'],
  [16.5, 'crowned', 'sizzle'],
  [17, 'flat', 'sizzle'],
  [17.5, 'concave', 'crackle'],
] as const;

async function welded(line: string, count: number): Promise<Job> {
  const job = (await request(server.http).post('/api/jobs').send({ line })).body as Job;
  for (const [volts, face, sound] of BEADS.slice(0, count)) {
    const bead = { wireFeedSpeedMPerMin: 5, volts, face, sound };
    await request(server.http).post(`/api/jobs/${job.id}/test-beads`).send(bead).expect(201);
  }
  return job;
}

it('proven settings are those of jobs on a named machine whose ladder is finished, and they move its plans', async () => {
  const machine = {
    name: 'Tom',
    loadedWireClass: 'ER70S-6',
    loadedWireDiameterMm: 0.8,
    loadedGas: 'ar-co2-18',
  };
  await request(server.http).post('/api/machines').send(machine).expect(201);
  const voltsNow = async (): Promise<number> => {
    const asked = { line: '2 mm lap Tom', own: { wireFeedSpeedMPerMin: 5 } };
    const { body } = await request(server.http).post('/api/plan').send(asked).expect(200);
    return (body as { setup: { volts: { start: number } } }).setup.volts.start;
  };
  const byTheBook = await voltsNow();
  const proved = await welded('2 mm lap Tom', 4);
  await welded('3 mm lap Tom', 3);
  await welded('2 mm tee', 4);
  const list = (await request(server.http).get('/api/proven-settings')).body as KeptProvenSetting[];
  expect(list).toHaveLength(1);
  const [setting] = list;
  expect(setting).toMatchObject({
    machineName: 'Tom',
    jobId: proved.id,
    thicknessMm: 2,
    joint: 'lap',
    position: 'flat',
    wireFeedSpeedMPerMin: 5,
    wire: { wireClass: 'ER70S-6', diameterMm: 0.8 },
    gas: 'ar-co2-18',
    mode: 'short-circuit',
  });
  expect(setting?.volts).toBeCloseTo(16.7, 1);
  const offsetV = setting?.offsetV ?? NaN;
  expect(offsetV).toBeCloseTo((setting?.volts ?? 0) - byTheBook, 9);

  // one setting is drawn towards nought by 1 / (1 + 0.5²)
  expect((await voltsNow()) - byTheBook).toBeCloseTo(0.8 * offsetV, 9);
  const schools = { learning: 'keep-to-book' };
  await request(server.http).put('/api/shop').send({ schools, shelf: null }).expect(200);
  expect(await voltsNow()).toBe(byTheBook);
  const still = (await request(server.http).get('/api/proven-settings')).body as KeptProvenSetting[];
  expect(still).toEqual(list);
});
