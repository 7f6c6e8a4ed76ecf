import { cases } from '../../test/cases.ts';
import fc from 'fast-check';
import type { Machine } from '../machine/machine.ts';
import { PLAIN_MACHINE, PLAIN_WORK } from '../../test/context.ts';
import type { Work } from '../trade/material/work.ts';
import type { Resources } from '../plan/work/resources.ts';
import {
  type RigAttribute,
  RIG_ATTRIBUTE_NAMES,
  rigAttributeRow,
} from '../machine/rig-state/rig-attribute.ts';
import type { Attributes, RigFact } from '../machine/rig-state/rig-fact.ts';
import { planSetup } from '../plan/setup/plan-setup.ts';
import type { PlannedSetup } from '../plan/setup/setup.ts';
import { stepEffect } from './changeover.ts';
import { closeDown, jobChangeover, type JobChangeover, machineCheck } from './job-changeover.ts';
import { rigField, withRigValue } from './machine-rig.ts';
import { RIG_LOOKS } from './rig-looks.ts';

const NOW = '2026-11-02T10:00:00.000Z';
const TOM: Machine = {
  ...PLAIN_MACHINE,
  loadedGas: 'ar-co2-18',
  standingPolarity: 'DCEP',
  polarityChange: 'links',
  spoolGunPort: 'shared',
  gasStand: 'one',
  purgeButton: false,
};

function planOf(over: Partial<Work> = {}, resources: Resources = {}): PlannedSetup {
  const setup = planSetup({ ...PLAIN_WORK, ...over }, { machine: TOM, ...resources });
  if (setup.status !== 'planned') throw new Error(setup.code);
  return setup;
}
const SOLID = planOf({}, { wireClass: 'ER70S-6', wireDiameterMm: 0.8, gas: 'ar-co2-18' });
const CORED = planOf({}, { way: 'self-shielded' });

function knownAs(values: Attributes, at = NOW): NonNullable<Machine['rig']> {
  return Object.fromEntries(
    Object.entries(values).map(([name, value]): [string, RigFact] => [name, { value, at }]),
  );
}

/** A machine that stands so, as it would be kept. */
function standing(values: Attributes): Machine {
  return {
    ...TOM,
    loadedWireClass: (values['spoolAlloy'] ?? TOM.loadedWireClass) as Machine['loadedWireClass'],
    loadedWireDiameterMm: Number(values['spoolDia'] ?? 0.8) as Machine['loadedWireDiameterMm'],
    loadedGas: (values['gas'] ?? TOM.loadedGas) as Machine['loadedGas'],
    standingPolarity: (values['polarity'] ?? 'DCEP') as Machine['standingPolarity'],
    rig: knownAs(values),
  };
}

const idsOf = ({ steps }: JobChangeover): readonly string[] => steps.map(({ row }) => row.id);
const lookIds = (changeover: JobChangeover): readonly string[] =>
  idsOf(changeover).filter((id) => id.startsWith('look-'));
const rigged = (plan: PlannedSetup, machine: Machine): Machine => {
  const first = jobChangeover(plan, machine, { now: NOW });
  return standing({ ...first.need, ...endOf(first) });
};
const endOf = ({ steps, state }: JobChangeover): Attributes => steps.at(-1)?.after ?? state;

describe('what is to be done at a machine for a job', () => {
  it('begins at a machine that nobody knows with looks, and says from how many minutes to how many', () => {
    const plan = jobChangeover(SOLID, TOM, { now: NOW });
    expect(idsOf(plan)[0]).toMatch(/^look-/);
    expect(lookIds(plan)).toContain('look-rolls');
    expect(lookIds(plan)).toContain('look-liner');
    // the leads were told: they are not looked at
    expect(lookIds(plan)).not.toContain('look-leads');
    expect(plan.mostMin).toBeGreaterThan(plan.leastMin);
    expect(plan.unsure).toContain('rollsForm');
  });

  it('never swaps leads that nobody looked at', () => {
    const { standingPolarity: _unknown, ...unknown } = TOM;
    const steps = jobChangeover(CORED, unknown, { now: NOW });
    expect(lookIds(steps)).toContain('look-leads');
    expect(idsOf(steps).filter((id) => id.startsWith('leads-'))).toEqual([]);
    // known to stand the other way, they are swapped
    expect(idsOf(jobChangeover(CORED, TOM, { now: NOW }))).toContain('leads-links');
  });

  it('takes no time where the machine stands as the job needs it', () => {
    const ready = rigged(SOLID, TOM);
    expect(jobChangeover(SOLID, ready, { now: NOW })).toMatchObject({ steps: [], leastMin: 0, mostMin: 0 });
    // the same, after the shift: what passes is not known any more
    const next = jobChangeover(SOLID, ready, { now: '2026-11-03T15:00:00.000Z' });
    expect(idsOf(next)).toEqual(expect.arrayContaining(['flow-set', 'purge', 'flow-nozzle']));
  });

  it('closes a step where a look finds the part, and opens the change where it does not', () => {
    const ready = rigged(SOLID, TOM);
    const doubting = (name: RigAttribute, fact: RigFact): Machine => ({
      ...ready,
      rig: { ...ready.rig, [name]: fact },
    });
    const doubted = jobChangeover(SOLID, doubting('rollsForm', { value: 'v-smooth', doubted: true }), {
      now: NOW,
    });
    expect(lookIds(doubted)).toEqual(['look-rolls']);
    expect(idsOf(doubted)).not.toContain('rolls-on');
    expect(doubted.mostMin).toBeGreaterThan(doubted.leastMin + 9);
    const other = jobChangeover(SOLID, doubting('rollsForm', { value: 'knurled', at: NOW }), { now: NOW });
    expect(lookIds(other)).toEqual([]);
    expect(idsOf(other)).toContain('rolls-on');
    expect(other.leastMin).toBe(other.mostMin);
  });

  it('leaves a liner and a nozzle that do for the wire, whatever else would be taken', () => {
    const ready = rigged(SOLID, TOM);
    const with15 = standing({ ...valuesOf(ready), linerBore: '0.6-0.9', nozzleBore: '15' });
    expect(idsOf(jobChangeover(SOLID, with15, { now: NOW }))).toEqual([]);
    const with19 = standing({ ...valuesOf(ready), nozzleBore: '19' });
    expect(idsOf(jobChangeover(SOLID, with19, { now: NOW }))).toContain('nozzle-on');
  });

  it('goes from any way to any and back, and every need is met', () => {
    const aluminium = (way: 'aluminium-gun' | 'aluminium-spool-gun') =>
      planOf({ metal: 'aluminium', thicknessMm: 3 }, { way, wireDiameterMm: 1.0, gas: 'argon' });
    const plans = [SOLID, CORED, aluminium('aluminium-gun'), aluminium('aluminium-spool-gun'), SOLID];
    let machine = rigged(SOLID, TOM);
    for (const plan of plans) {
      const steps = jobChangeover(plan, machine, { now: NOW });
      expect(lookIds(steps).filter((id) => id !== 'look-spool-gun')).toEqual([]);
      const end = endOf(steps);
      expect(Object.entries(steps.need).filter(([name, value]) => end[name] !== value)).toEqual([]);
      machine = standing(end);
    }
    expect(jobChangeover(SOLID, machine, { now: NOW }).steps).toEqual([]);
  });

  it('asks of a machine only what decides a step', () => {
    const { gasStand: _stand, purgeButton: _button, polarityChange: _change, ...bare } = rigged(SOLID, TOM);
    expect(jobChangeover(SOLID, bare, { now: NOW }).assumed).toEqual([]);
    expect(jobChangeover(CORED, bare, { now: NOW }).assumed).toContain('polarityChange');
  });

  it('keeps the pressure of a wire by its mark, and sets it again where none was kept', () => {
    const ready = rigged(SOLID, TOM);
    const marked: Machine = {
      ...ready,
      rollPressures: [{ wireClass: 'ER70S-6', diameterMm: 0.8, mark: '3½' }],
    };
    const steps = jobChangeover(SOLID, marked, { now: NOW });
    expect(steps.need['rollPressure']).toBe('3½');
    expect(idsOf(steps)).toContain('pressure-block');
    expect(idsOf(jobChangeover(SOLID, marked, { now: NOW, schools: { rollPressure: 'glove' } }))).toContain(
      'pressure-glove',
    );
  });
});

const PLANS = [
  SOLID,
  CORED,
  planOf({ metal: 'aluminium' }, { way: 'aluminium-gun', wireDiameterMm: 1.0, gas: 'argon' }),
  planOf({ metal: 'aluminium' }, { way: 'aluminium-spool-gun', wireDiameterMm: 1.0, gas: 'argon' }),
] as const;

describe('a machine of which only some is known', () => {
  const NAMES = RIG_ATTRIBUTE_NAMES.filter((name) => rigField(name) === undefined || name === 'polarity');

  /** What somebody sees of an attribute: what truly stands, or nothing that is the worse for it. */
  const seenOf = (truth: Attributes, name: string): string | undefined =>
    truth[name] ?? (name === 'hot' ? 'no' : undefined);

  it('is looked at and changed step by step until it stands as needed, whatever is not known', () => {
    fc.assert(
      fc.property(
        fc.nat(PLANS.length - 1),
        fc.nat(PLANS.length - 1),
        fc.subarray([...NAMES]),
        fc.constantFrom('on', 'off'),
        (fromNo, toNo, forgotten, power) => {
          const [from, to] = [PLANS[fromNo], PLANS[toNo]] as [PlannedSetup, PlannedSetup];
          const done: string[] = [];
          const truth: Record<string, string> = { ...valuesOf(rigged(from, TOM)), power, hot: 'no' };
          const gone: ReadonlySet<string> = new Set(forgotten);
          const known = Object.fromEntries(Object.entries(truth).filter(([name]) => !gone.has(name)));
          const looked = new Set<string>();
          for (let presses = 0; presses < 150; presses += 1) {
            const steps = jobChangeover(to, unknownLeads(standing(known), known), { now: NOW });
            const step = steps.steps.find(({ ready }) => ready);
            if (!step) {
              expect(steps.steps).toEqual([]);
              return;
            }
            const { row } = step;
            done.push(row.id);
            if (!row.id.startsWith('look-')) {
              Object.assign(truth, stepEffect(row.id, steps.need));
              Object.assign(known, stepEffect(row.id, steps.need));
              continue;
            }
            // a look is asked for once, and settles what it was asked for
            expect([row.id, looked.has(row.id)]).toEqual([row.id, false]);
            looked.add(row.id);
            for (const name of RIG_LOOKS.find(({ id }) => id === row.id)?.answers ?? []) {
              known[name] = seenOf(truth, name) ?? 'other';
            }
          }
          throw new Error(`it does not come to an end: ${done.slice(0, 60).join(' ')}`);
        },
      ),
      { numRuns: cases(40, 150) },
    );
  });
});

describe('a machine that stands as nobody would leave it', () => {
  const CONTROLS = fc.record({
    polarityChange: fc.constantFrom('links', 'sockets', 'switch', undefined),
    spoolGunPort: fc.constantFrom('own', 'shared', undefined),
    gasStand: fc.constantFrom('one', 'two', undefined),
    purgeButton: fc.constantFrom(true, false, undefined),
    standingPolarity: fc.constantFrom('DCEP', 'DCEN', undefined),
    loadedGas: fc.constantFrom('argon', 'co2', 'ar-co2-18', 'none'),
  } as const);
  const valueOf = (name: RigAttribute): fc.Arbitrary<string | undefined> =>
    fc.constantFrom(undefined, ...(rigAttributeRow(name).choices ?? ['x', 'y']));
  const ANY_RIG = fc.record(
    Object.fromEntries(RIG_ATTRIBUTE_NAMES.map((name) => [name, valueOf(name)] as const)),
  );

  it('is still brought to what the job needs, step by step, and never stops the page', () => {
    fc.assert(
      fc.property(fc.nat(PLANS.length - 1), CONTROLS, ANY_RIG, (planNo, controls, codes) => {
        const plan = PLANS[planNo] as PlannedSetup;
        const values = Object.fromEntries(
          Object.entries(codes).filter((entry): entry is [string, string] => entry[1] !== undefined),
        );
        let machine: Machine = { ...TOM, ...controls, rig: knownAs(values) };
        for (let presses = 0; presses < 160; presses += 1) {
          const { steps, need, unsure } = jobChangeover(plan, machine, { now: NOW });
          if (steps.length === 0 || steps.some(({ row }) => row.id === 'stop-cannot')) return;
          const step = steps.find(({ ready }) => ready);
          if (!step) throw new Error(`nothing can be done: ${steps[0]?.row.id ?? ''}`);
          const answers = RIG_LOOKS.find(({ id }) => id === step.row.id)?.answers ?? [];
          const asked = answers.filter((name) => name === 'hot' || unsure.includes(name));
          const looked = asked.map((name) => [name, need[name] ?? 'no'] as const);
          const state = { ...Object.fromEntries(looked), ...stepEffect(step.row.id, need) };
          for (const [name, value] of Object.entries(state)) {
            machine = withRigValue(machine, name as RigAttribute, value, NOW);
          }
        }
        throw new Error('it does not come to an end');
      }),
      { numRuns: cases(30, 80) },
    );
  });
});

/** The same machine, its leads not known unless they are among what is. */
function unknownLeads(machine: Machine, known: Attributes): Machine {
  const { standingPolarity: _leads, ...rest } = machine;
  return known['polarity'] === undefined ? rest : machine;
}

describe('at the end of the day', () => {
  it('closes, bleeds, switches off and coils, and leaves the regulator as the shop does', () => {
    const steps = closeDown(rigged(SOLID, TOM), { now: NOW });
    expect(idsOf(steps)).toEqual(
      expect.arrayContaining(['cyl-close', 'bleed', 'power-off', 'reg-rest', 'stock-note']),
    );
    expect(idsOf(steps).indexOf('bleed')).toBeLessThan(idsOf(steps).indexOf('power-off'));
    const set = closeDown(rigged(SOLID, TOM), { now: NOW, schools: { regulatorRest: 'set' } });
    expect(idsOf(set)).not.toContain('reg-rest');
  });

  it('a check of the machine asks everything that is never guessed, once', () => {
    const asks = machineCheck(TOM).flatMap((look) => look.asks);
    expect(new Set(asks).size).toBe(asks.length);
    expect(asks).toEqual(
      expect.arrayContaining(['polarity', 'rollsForm', 'linerBore', 'tipBore', 'gas', 'brake']),
    );
    expect(asks).not.toContain('power');
    expect(machineCheck({ ...TOM, spoolGunPort: 'none' }).flatMap((look) => look.asks)).not.toContain(
      'sgTipBore',
    );
    const minutes = machineCheck(TOM).reduce((sum, { row }) => sum + row.minutes, 0);
    expect(minutes).toBeLessThan(8);
  });

  it('a step that nothing comes before can be done now, whatever stands above it', () => {
    const ready = jobChangeover(CORED, rigged(SOLID, TOM), { now: NOW }).steps.filter((step) => step.ready);
    expect(ready.map(({ row }) => row.id)).toEqual(expect.arrayContaining(['clamp-off', 'cyl-close']));
    expect(ready.map(({ row }) => row.id)).not.toContain('rolls-off');
    expect(stepEffect('rolls-on', { rollsForm: 'u', rollsGroove: '1.0' })).toEqual({
      rollsFitted: 'yes',
      rollsForm: 'u',
      rollsGroove: '1.0',
      rollPressure: 'unset',
      testPressure: 'open',
    });
    expect(stepEffect('no-such-step', {})).toEqual({});
  });
});

describe('the table of looks', () => {
  it('answers each attribute once', () => {
    const answers = RIG_LOOKS.flatMap(({ answers: names }) => names);
    expect(new Set(answers).size).toBe(answers.length);
    expect(RIG_LOOKS).toHaveLength(11);
  });
});

function valuesOf({ rig }: Machine): Attributes {
  return Object.fromEntries(Object.entries(rig ?? {}).map(([name, fact]) => [name, fact?.value ?? '']));
}
