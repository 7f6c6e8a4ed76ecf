import type { Machine } from '../machine/machine.ts';
import type { StatedWork } from '../plan/work/stated-work.ts';
import { jobChangeover, sureMinutesText } from './job-changeover.ts';
import { machinesForJob } from './machine-choice.ts';

const NOW = '2026-01-05T08:00:00.000Z';
const WORK: StatedWork = { thicknessMm: 3, joint: 'tee', wireDiameterMm: 0.8, gas: 'ar-co2-18' };
const machine = (name: string, over: Partial<Machine> = {}): Machine => ({
  name,
  kind: 'transformer',
  loadedWireClass: 'ER70S-6',
  loadedWireDiameterMm: 0.8,
  loadedGas: 'ar-co2-18',
  ...over,
});
const asked = (work: StatedWork, machines: readonly Machine[]) =>
  machinesForJob({ work, own: {} }, { machines }, NOW);

describe('the machines of a shop for a job', () => {
  it('stand with the nearest first: its own wire and gas before another’s, whatever their order', () => {
    const near = machine('Near');
    const far = machine('Far', { loadedWireClass: 'E71T-11', loadedWireDiameterMm: 0.9, loadedGas: 'none' });
    for (const machines of [
      [near, far],
      [far, near],
    ]) {
      const choices = asked(WORK, machines);
      expect(choices.map((one) => [one.machine.name, one.status])).toEqual([
        ['Near', 'can'],
        ['Far', 'can'],
      ]);
    }
  });

  it('tell the very minutes of their rigs', () => {
    const [first] = asked(WORK, [machine('Near')]);
    if (first?.status !== 'can') throw new Error(first?.status);
    const there = jobChangeover(first.plan, first.machine, { now: NOW });
    expect([first.changeover.leastMin, first.changeover.mostMin]).toEqual([there.leastMin, there.mostMin]);
  });

  it('say why one cannot, after all that can', () => {
    const weak = machine('Weak', { currentRangeA: [20, 40] });
    const choices = asked({ ...WORK, thicknessMm: 12, way: 'solid-gas', mode: 'spray' }, [
      weak,
      machine('Near'),
    ]);
    expect(choices.at(-1)).toMatchObject({ status: 'cannot', machine: { name: 'Weak' } });
    expect(choices.at(-1)).toHaveProperty('reason');
  });

  it('are none while the job has no thickness', () => {
    expect(asked({ joint: 'tee' }, [machine('Near')])).toEqual([]);
  });
});

describe('minutes that are sure, apart from what looks may find', () => {
  it.each([
    [{ leastMin: 0, mostMin: 0 }, 'ready'],
    [{ leastMin: 3.5, mostMin: 3.5 }, '3.5 min to rig'],
    [{ leastMin: 3.2, mostMin: 17.4 }, '3 min to rig, up to 17 by what the looks find'],
    [{ leastMin: 0, mostMin: 8 }, '0 min to rig, up to 8 by what the looks find'],
  ])('%j reads %s', (minutes, text) => {
    expect(sureMinutesText(minutes)).toBe(text);
  });
});
