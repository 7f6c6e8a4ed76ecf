import { PLAIN_MACHINE, PLAIN_WORK } from '../../test/context.ts';
import { planSetup } from '../plan/setup/plan-setup.ts';
import type { PlannedSetup } from '../plan/setup/setup.ts';
import { RigSetup } from './rig-setup.ts';

const plan = (gasFlowLPerMin?: number, gas: 'ar-co2-18' | 'co2' = 'ar-co2-18'): PlannedSetup => {
  const own = gasFlowLPerMin === undefined ? {} : { gasFlowLPerMin };
  const setup = planSetup(PLAIN_WORK, { wireClass: 'ER70S-6', wireDiameterMm: 0.8, gas }, own);
  if (setup.status !== 'planned') throw new Error(setup.reasons.join());
  return setup;
};

describe('the set-ups of a machine', () => {
  const setup = new RigSetup(PLAIN_MACHINE, { now: '2026-03-02T07:00:00.000Z' });

  it('plans that need the same have one number: knobs do not count, nor flows that a float meter reads alike', () => {
    const first = setup.need(plan(12));
    expect(setup.need(plan(12.6))).toBe(first);
    expect(setup.need({ ...plan(12), volts: { start: 25, low: 24, high: 26 } })).toBe(first);
    expect(setup.need(plan(16))).not.toBe(first);
    expect(setup.need(plan(12, 'co2'))).not.toBe(first);
  });

  it('come back to where they were: the same need again costs nothing, another flow costs its setting', () => {
    const [mix, more, co2] = [setup.need(plan(12)), setup.need(plan(16)), setup.need(plan(12, 'co2'))];
    const ready = setup.next(setup.rig, mix);
    expect(setup.minutes(ready, mix)).toBe(0);
    expect(setup.next(ready, mix)).toBe(ready);
    const flow = setup.minutes(ready, more);
    const gas = setup.minutes(ready, co2);
    expect([flow > 0, gas > flow]).toEqual([true, true]);
    expect(setup.minutes(setup.next(ready, co2), mix)).toBeGreaterThan(flow);
    for (const minutes of [flow, gas]) expect(Number.isInteger(minutes)).toBe(true);
  });
});
