import { contextOf as contextOfInWords, PLAIN_MACHINE } from '../../../test/context.ts';
import type { BeadPlan } from '../bead/bead-plan.ts';
import { STEEL_DIP } from '../../trade/family/steel.ts';
import { gasOf } from '../../trade/gas/gas.ts';
import type { Machine } from '../../machine/machine.ts';
import type { MachineProgram } from '../../machine/program.ts';
import { programCautions as programCautionsInWords } from './program-cautions.ts';
import type { SetupFacts } from './setup-facts.ts';
import { toldInMetric } from '../../../test/told-in-metric.ts';

const contextOf = toldInMetric(contextOfInWords);
const programCautions = toldInMetric(programCautionsInWords);

const DIP: MachineProgram = {
  name: '14',
  wireClass: 'ER70S-6',
  diameterMm: 0.8,
  gas: 'ar-co2-18',
  mode: 'short-circuit',
};

/** Short-circuit of 0.8 mm steel wire on Ar + 18 % CO₂, on a machine of this table. */
function cautionsOn(machine: Partial<Machine>) {
  const facts: SetupFacts = {
    context: contextOf({}, { machine: { ...PLAIN_MACHINE, ...machine } }),
    way: 'solid-gas',
    family: STEEL_DIP,
    wireClass: 'ER70S-6',
    diameterMm: 0.8,
    gas: gasOf('ar-co2-18'),
    currentA: 120,
    bead: { oversize: 1 } as BeadPlan,
    runs: [],
  };
  return programCautions(facts);
}

// Source: common practice.
describe('cautions of a machine’s programs', () => {
  it('are none where the machine keeps none, or stands on the one for this', () => {
    expect(cautionsOn({})).toEqual([]);
    expect(cautionsOn({ programs: [] })).toEqual([]);
    expect(cautionsOn({ programs: [DIP] })).toEqual([]);
    expect(cautionsOn({ programs: [DIP], standingProgram: '14' })).toEqual([]);
  });

  it('warn where it stands on one for another gas or size, and say for what that is', () => {
    const other: MachineProgram = { ...DIP, name: '9', gas: 'co2', diameterMm: 1.0 };
    const [caution, ...rest] = cautionsOn({ programs: [DIP, other], standingProgram: '9' });
    expect(rest).toEqual([]);
    expect(caution).toMatchObject({ code: 'program-stands-wrong', level: 'warn' });
    expect(caution?.text).toContain('Tom stands on program 9, for 1.0 mm, CO₂: change it first.');
  });

  it('warn where the table has none for this, with the nearest', () => {
    const [none] = cautionsOn({ programs: [{ ...DIP, mode: 'pulse' }] });
    expect(none).toMatchObject({ code: 'no-program', level: 'warn' });
    expect(none?.text).toContain('no program for 0.8 mm ER70S-6, Ar + 18 % CO₂, short-circuit');
    expect(none?.text).toContain('The nearest is program 14: for pulsed spray.');
    const [far] = cautionsOn({ programs: [{ ...DIP, wireClass: 'ER5356' }] });
    expect(far?.text).not.toContain('nearest');
  });
});
