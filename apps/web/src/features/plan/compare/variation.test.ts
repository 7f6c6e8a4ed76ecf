import type { StatedWork } from '@hot-bead/core/plan';
import { planOf } from '../../../../test/plans.ts';
import { nextVariation, variationOf, variedWork } from './variation.ts';

const WORK: StatedWork = {
  thicknessMm: 3,
  joint: 'tee',
  way: 'solid-gas',
  mode: 'short-circuit',
  wireClass: 'ER70S-6',
  wireDiameterMm: 0.8,
  gas: 'co2',
  machineName: 'Tom',
};
const varied = (query: string): StatedWork => variedWork(WORK, variationOf(new URLSearchParams(query)));

describe('the other plan of a comparison', () => {
  it('keeps work and machine, and leaves way, wire and gas open', () => {
    expect(varied('')).toEqual({ thicknessMm: 3, joint: 'tee', machineName: 'Tom' });
  });

  it('takes way with its transfer, wire and gas from the address', () => {
    expect(varied('way=solid-gas%2Fpulse&wire=0.9&gas=ar-co2-15')).toMatchObject({
      way: 'solid-gas',
      mode: 'pulse',
      wireDiameterMm: 0.9,
      gas: 'ar-co2-15',
    });
    expect(varied('way=self-shielded%2Fown')).toEqual({
      thicknessMm: 3,
      joint: 'tee',
      machineName: 'Tom',
      way: 'self-shielded',
    });
  });

  it('leaves open what no list knows', () => {
    expect(varied('way=magic%2Fspray&wire=0.7&gas=laughing')).toEqual({
      thicknessMm: 3,
      joint: 'tee',
      machineName: 'Tom',
      mode: 'spray',
    });
  });

  it('opens on the next way that would do, never on the plan’s own', () => {
    const plan = planOf();
    const { way } = nextVariation(plan);
    const next = plan.ways.find((one) => `${one.way}/${one.mode}` === way);
    expect(next?.status).toBe('open');
    expect(nextVariation({ ...plan, ways: plan.ways.filter(({ status }) => status === 'chosen') }).way).toBe(
      '',
    );
  });
});
