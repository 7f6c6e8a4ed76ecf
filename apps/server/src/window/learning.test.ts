import type { Page } from '@hot-bead/contract/base';
import type { KeptTestBead } from '@hot-bead/contract/dial-in';
import type { KeptMachine } from '@hot-bead/contract/machine';
import type { Job } from '@hot-bead/contract/plan';
import type { KeptProvenSetting, ShopLearning } from '@hot-bead/contract/window';
import { asking, itemsAt, type RunningServer, runningServer } from '../../test/running-server.ts';

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
  const job = (await asking(server).post('/api/jobs').send({ line })).body as Job;
  for (const [volts, face, sound] of BEADS.slice(0, count)) {
    const taken = volts === 17.5 ? { taken: { wireFeedSpeedMPerMin: 5, volts: 16.7 } } : {};
    const bead = { wireFeedSpeedMPerMin: 5, volts, face, sound, ...taken };
    await asking(server).post(`/api/jobs/${job.id}/test-beads`).send(bead).expect(201);
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
  const { id: machineId } = (await asking(server).post('/api/machines').send(machine).expect(201))
    .body as KeptMachine;
  const voltsNow = async (): Promise<number> => {
    const asked = { line: '2 mm lap Tom', own: { wireFeedSpeedMPerMin: 5 } };
    const { body } = await asking(server).post('/api/plan').send(asked).expect(200);
    return (body as { setup: { volts: { start: number } } }).setup.volts.start;
  };
  const byTheBook = await voltsNow();
  const proved = await welded('2 mm lap Tom', 4);
  await welded('3 mm lap Tom', 3);
  await welded('2 mm tee', 4);
  const proven = async (id = machineId) =>
    (await asking(server).get(`/api/machines/${id}/proven-settings`)).body as Page<KeptProvenSetting>;
  const list = await proven();
  expect(list.items).toHaveLength(1);
  const [setting] = list.items;
  expect(setting).toMatchObject({
    machineId,
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

  // the same work: what its beads told, by (0.25 + 0.35²) / (0.25 + 0.35² + r²)
  const { toldOffsetV = NaN, toldVarianceV2 = NaN } = setting ?? {};
  const share = (0.25 + 0.35 ** 2) / (0.25 + 0.35 ** 2 + toldVarianceV2);
  expect((await voltsNow()) - byTheBook).toBeCloseTo(share * toldOffsetV, 9);
  const schools = { learning: 'keep-to-book' };
  await asking(server).patch('/api/shop').send({ schools }).expect(200);
  expect(await voltsNow()).toBe(byTheBook);
  expect(await proven()).toEqual(list);
  await asking(server)
    .patch('/api/shop')
    .send({ schools: { learning: null } })
    .expect(200);

  // what was proved with one wire stays true of that wire, whatever is put on the machine later
  await asking(server).patch(`/api/machines/${machineId}`).send({ loadedWireDiameterMm: 1.0 }).expect(200);
  expect(await proven()).toEqual(list);
  const learning = (await asking(server).get('/api/learning')).body as ShopLearning;
  expect(learning[machineId]).toMatchObject([{ wire: { diameterMm: 0.8 }, settings: 1 }]);
  await asking(server)
    .patch(`/api/jobs/${proved.id}`)
    .send({ work: { joint: 'tee' } })
    .expect(200);
  expect((await proven()).items).toMatchObject([{ joint: 'lap', at: setting?.at }]);

  // the bead that it was taken with goes, and with it what was taken; it comes back with it
  const path = `/api/jobs/${proved.id}/test-beads`;
  const beads = await itemsAt<KeptTestBead>(server, path);
  await asking(server).delete(`${path}/${beads[3]?.id}`).expect(204);
  expect((await proven()).items).toEqual([]);
  await asking(server).post(`${path}/${beads[3]?.id}/restore`).expect(200);
  expect((await proven()).items).toHaveLength(1);

  // beads that are corrected afterwards no longer bear it out; put right again they do, and it tells the same
  const right = beads.slice(1, 3);
  const say = async (report: object) => {
    for (const { id } of right) await asking(server).patch(`${path}/${id}`).send(report).expect(200);
  };
  await say({ said: 'cold', face: null, sound: null });
  expect((await proven()).items).toEqual([]);
  await say({ said: null, face: 'crowned', sound: 'sizzle' });
  const [again] = (await proven()).items;
  expect(again).toMatchObject({ volts: 16.7, jobId: proved.id });
  await asking(server).delete(`/api/jobs/${proved.id}`).expect(204);
  expect((await proven()).items).toEqual([]);
  expect((await proven('none')).items).toEqual([]);
});
