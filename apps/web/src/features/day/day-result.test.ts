import { inMetric } from '@hot-bead/core/base';
import type { DayInput, DayJob } from '@hot-bead/core/day';
import { type DayMoment, orderedDay } from './day-result.ts';

const job = (id: string, over: Partial<DayJob> = {}): DayJob => ({
  id,
  title: id,
  work: {
    thicknessMm: 2,
    joint: 'lap',
    seamMm: 300,
    wireDiameterMm: 0.8,
    wireClass: 'ER70S-6',
    gas: 'ar-co2-18',
  },
  own: {},
  ...over,
});
const input = (jobs: readonly DayJob[]): DayInput => ({
  jobs,
  machines: [
    {
      id: 't',
      machine: { name: 'Tom', loadedWireClass: 'ER70S-6', loadedWireDiameterMm: 0.8, loadedGas: 'ar-co2-18' },
    },
  ],
  shop: {},
  day: {},
  today: '2026-03-02',
  nowMin: 420,
  now: '2026-03-02T07:00:00.000Z',
});
const last = (jobs: readonly DayJob[]) => [...orderedDay(input(jobs))].at(-1)?.result();

describe('the day as it is shown', () => {
  it('ends with an order of which every task is in one place, with what it takes of Stores for all pieces', () => {
    const result = last([job('a'), job('b', { pieces: 3 })]);
    const [line] = result?.lines ?? [];
    expect(result).toMatchObject({ method: 'exact', done: 1, ours: undefined, leftOut: [] });
    expect(line?.places.map(({ jobId }) => jobId)).toEqual(['a', 'b']);
    const [a, b] = line?.places ?? [];
    expect(b?.takes.wireKg).toBeCloseTo((a?.takes.wireKg ?? NaN) * 3, 9);
    expect(a).toMatchObject({ minutesFrom: 'arc-time', dueMin: undefined, isPinned: false });
  });

  it('says what our own order is worth as soon as something is pinned, and tells a stop caution with its text', () => {
    const galvanised = job('z', { work: { ...job('z').work, metal: 'coated-steel' } });
    const pinned = last([job('a'), { ...galvanised, pin: { machineId: 't', after: 'first' } }]);
    expect(pinned?.ours).toBeDefined();
    expect(pinned?.lines[0]?.places[0]).toMatchObject({ jobId: 'z', isPinned: true });
    expect(pinned?.lines[0]?.places[0]?.stops.map(({ text }) => inMetric(text)).join()).toMatch(/zinc/i);
  });

  it('beyond sixteen tasks the best so far is told on the way', () => {
    const jobs = Array.from({ length: 18 }, (_, i) => job(`j${i}`));
    const run = orderedDay(input(jobs));
    const first = (run.next().value as DayMoment | undefined)?.result();
    expect(first).toMatchObject({ method: 'search', because: 'too-many-tasks' });
    expect(first?.done).toBeLessThan(1);
    expect(first?.lines[0]?.places).toHaveLength(18);
  });
});
