import { comparedPlans } from './compare.ts';
import { planSetup } from './plan-setup.ts';
import type { Resources } from '../work/resources.ts';
import type { PlannedSetup } from './setup.ts';

function plan(resources: Resources): PlannedSetup {
  const setup = planSetup(
    {
      metal: 'carbon-steel',
      thicknessMm: 8,
      joint: 'tee',
      position: 'flat',
      surface: 'clean',
      place: 'indoors',
      windy: false,
    },
    resources,
  );
  if (setup.status !== 'planned') throw new Error(setup.code);
  return setup;
}

describe('two plans side by side', () => {
  it('differ in nothing when they are one', () => {
    const one = plan({ way: 'solid-gas', mode: 'spray', gas: 'ar-co2-10' });
    expect(comparedPlans([one, one]).filter((row) => row.differs)).toEqual([]);
  });

  it('mark what another way changes: leads, rolls, gas, gun', () => {
    const rows = comparedPlans([
      plan({ way: 'solid-gas', mode: 'spray', gas: 'ar-co2-10' }),
      plan({ way: 'self-shielded' }),
    ]);
    const changed = rows.filter((row) => row.differs).map((row) => row.name);
    expect(changed).toEqual(
      expect.arrayContaining(['way', 'wire', 'gas', 'polarity', 'drive rolls', 'gas flow', 'gun']),
    );
    expect(changed).not.toContain('joint');
  });

  it('mark a number only when it differs by more than a hundredth', () => {
    const a = plan({ way: 'solid-gas', mode: 'spray', gas: 'ar-co2-10' });
    const near = { ...a, volts: { ...a.volts, start: a.volts.start * 1.005 } };
    const far = { ...a, volts: { ...a.volts, start: a.volts.start * 1.05 } };
    const differs = (other: PlannedSetup): boolean | undefined =>
      comparedPlans([a, other]).find((row) => row.name === 'volts')?.differs;
    expect([differs(near), differs(far)]).toEqual([false, true]);
  });

  it('stand with what differs first, and no flow where a wire shields itself', () => {
    const rows = comparedPlans([
      plan({ way: 'solid-gas', mode: 'spray', gas: 'ar-co2-10' }),
      plan({ way: 'self-shielded' }),
    ]);
    const same = rows.findIndex((row) => !row.differs);
    expect(same).toBeGreaterThan(5);
    expect(rows.slice(same).some((row) => row.differs)).toBe(false);
    expect(rows[0]?.name).toBe('way');
    expect(rows.find((row) => row.name === 'gas flow')?.values[1]).toBe('none');
  });
});
