import { join } from 'node:path';
import type { Page } from '@hot-bead/contract/base';
import type { KeptTestBead } from '@hot-bead/contract/dial-in';
import type { ShopEvent } from '@hot-bead/contract/history';
import type { KeptMachine } from '@hot-bead/contract/machine';
import type { Job, JobSummary } from '@hot-bead/contract/plan';
import type { KeptProvenSetting, ShopLearning } from '@hot-bead/contract/window';
import { asking, itemsAt, type RunningServer, runningServer } from '../../test/running-server.ts';

/** The demo shop with forty jobs and two hundred beads more, as the version before wrote it; what was asked of it then stands beside each figure. */
const OLD = join(__dirname, '../../test/before-foundations.sqlite');

let server: RunningServer;
beforeAll(async () => {
  server = await runningServer(false, OLD);
});
afterAll(() => server.stop());

async function read<T>(path: string): Promise<T> {
  return (await asking(server).get(path).expect(200)).body as T;
}
const jobs = async () => (await read<Page<JobSummary>>('/api/jobs?limit=200')).items;

describe('a database from before', () => {
  it('has all its jobs and beads, under their titles', async () => {
    const all = await jobs();
    expect(all).toHaveLength(50);
    expect(all.reduce((sum, { beadCount }) => sum + beadCount, 0)).toBe(208);
    expect(all.every(({ title, version }) => title !== '' && version === 1)).toBe(true);
    expect(all.filter(({ title }) => title === '3 mm carbon steel tee, vertical up')).toHaveLength(4);
  });

  it('names machines by their ids, and a retired one as retired', async () => {
    const [onTom] = (await jobs()).filter(({ line }) => line === '3mm tee vertical up Old Tom');
    const job = await read<Job>(`/api/jobs/${onTom?.id}`);
    expect(job.machine).toEqual({ id: 'demo-old-tom', name: 'Old Tom', away: false });
    expect(job.work.machineName).toBe('Old Tom');
    const [onSuitcase] = (await jobs()).filter(({ line }) => line === '2mm tee Suitcase');
    expect(await read<Job>(`/api/jobs/${onSuitcase?.id}`)).toMatchObject({
      machine: { name: 'Suitcase', away: true },
    });
  });

  it('keeps readings that were taken out, and those that a scale changed under them has no place for', async () => {
    const history = await read<{ knob: number; counts: boolean }[]>(
      '/api/machines/demo-old-tom/dial-readings',
    );
    expect(history).toHaveLength(8);
    // one was taken out; one stands at 10 on a knob that was made to end at 9
    expect(
      history
        .filter(({ counts }) => !counts)
        .map(({ knob }) => knob)
        .toSorted(),
    ).toEqual([0, 10]);
    const { items } = await read<Page<ShopEvent>>('/api/events?of=demo-old-tom');
    expect(items.map(({ kind }) => kind)).toEqual(['changed', 'reading-taken-out', 'reading-taken-out']);
  });

  it('keeps what its taps once read, and that can be used again', async () => {
    const [past] = await read<{ kind: string; value: { positions: unknown[] } }[]>(
      '/api/machines/demo-old-tom/past-readings',
    );
    expect(past).toMatchObject({
      kind: 'volts',
      value: { positions: [{ name: '1', openV: 17.5 }, {}, {}, {}, {}, {}] },
    });
  });

  it('learns only from beads whose wire is sure', async () => {
    const machine = await read<KeptMachine>('/api/machines/demo-old-tom');
    expect(machine.loadedWireDiameterMm).toBe(0.8); // it was 1.0 when its beads were welded
    const learning = await read<ShopLearning>('/api/learning');
    // the version before told what Tom proved with 1.0 as proved with 0.8: none of it is learnt from
    expect(learning).not.toHaveProperty('demo-old-tom');
    // nothing was changed on Marigold: all sixteen of its settings are as the version before told them
    const { items } = await read<Page<KeptProvenSetting>>('/api/machines/demo-marigold/proven-settings');
    expect(items).toHaveLength(16);
    const offsets = items.map(({ offsetV }) => offsetV.toFixed(2)).toSorted();
    const times = (text: string, n: number): readonly string[] => Array<string>(n).fill(text);
    expect(offsets).toEqual([
      ...times('0.11', 2),
      ...times('0.20', 4),
      ...times('0.32', 3),
      ...times('0.60', 3),
      ...times('0.61', 3),
      '0.82',
    ]);
    const beads = await Promise.all(
      (await jobs()).map(({ id }) => itemsAt<KeptTestBead>(server, `/api/jobs/${id}/test-beads`)),
    );
    const all = beads.flat();
    expect(all.filter(({ weldedWith }) => weldedWith?.machineId === 'demo-old-tom')).toEqual([]);
    expect(all.some(({ weldedWith }) => weldedWith === null)).toBe(true);
  });

  it('is brought up to date once', async () => {
    const before = [await jobs(), await read('/api/learning'), await read('/api/events?limit=200')];
    server = await server.restart();
    expect([await jobs(), await read('/api/learning'), await read('/api/events?limit=200')]).toEqual(before);
  });
});
