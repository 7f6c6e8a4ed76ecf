import { US } from '../base/quantity/unit-choice.ts';
import { allInWords } from '../base/words/all-in-words.ts';
import type { Machine } from '../machine/machine.ts';
import type { Work } from '../trade/material/work.ts';
import type { Resources } from '../plan/work/resources.ts';
import { planSetup as planSetupInWords } from '../plan/setup/plan-setup.ts';
import type { PlannedSetup } from '../plan/setup/setup.ts';
import { STATION_IDS, stationsOf as stationsOfInWords } from './stations.ts';
import { toldInMetric } from '../../test/told-in-metric.ts';

const planSetup = toldInMetric(planSetupInWords);
const stationsOf = toldInMetric(stationsOfInWords);

const WORK: Work = {
  metal: 'carbon-steel',
  thicknessMm: 3,
  joint: 'tee',
  position: 'flat',
  surface: 'clean',
  place: 'indoors',
  windy: false,
};
const TOM: Machine = {
  name: 'Tom',
  loadedWireClass: 'ER70S-6',
  loadedWireDiameterMm: 0.8,
  loadedGas: 'ar-co2-18',
  standingPolarity: 'DCEP',
};

function planOf(over: Partial<Work> = {}, resources: Resources = {}): PlannedSetup {
  const setup = planSetup({ ...WORK, ...over }, resources);
  if (setup.status !== 'planned') throw new Error(setup.code);
  return setup;
}

describe('the stations', () => {
  it('stand in the order a welder looks, each with what to fit, why, how to look and what goes wrong', () => {
    const stations = stationsOf(planOf(), undefined);
    expect(stations.map(({ id }) => id)).toEqual(STATION_IDS);
    for (const { fit, why, check, ifWrong, short } of stations) {
      for (const text of [fit, why, check, ifWrong, short]) expect(text.length).toBeGreaterThan(1);
    }
  });

  it('name the program first where the machine keeps some, and say whether it stands on it', () => {
    const dip = {
      name: '14',
      wireClass: 'ER70S-6',
      diameterMm: 0.8,
      gas: 'ar-co2-18',
      mode: 'short-circuit',
    } as const;
    const arcOn = (over: Partial<Machine>) => {
      const machine = { ...TOM, ...over };
      return stationsOf(planOf({}, { machine }), machine).find(({ id }) => id === 'arc');
    };
    const kept = { programs: [dip, { ...dip, name: '15', mode: 'pulse' as const }] };
    expect(arcOn(kept)).toMatchObject({ short: 'program 14', mark: 'unknown' });
    expect(arcOn(kept)?.fit).toMatch(/^program 14; short-circuit/);
    expect(arcOn({ ...kept, standingProgram: '14' })?.mark).toBe('fitted');
    expect(arcOn({ ...kept, standingProgram: '15' })?.mark).toBe('change');
    const none = arcOn({ programs: [{ ...dip, gas: 'argon' }], standingProgram: '14' });
    expect(none).toMatchObject({ short: 'short-circuit', mark: 'change' });
    expect(none?.fit).toMatch(/^no program for this; short-circuit/);
    expect(arcOn({})).toMatchObject({ short: 'short-circuit', mark: 'unknown' });
  });

  it('say whether the machine has the roll, and how its leads are swapped', () => {
    const setup = planOf({}, { wireDiameterMm: 0.8, gas: 'ar-co2-18' });
    const of = (machine: Machine) =>
      Object.fromEntries(stationsOf(setup, machine).map((station) => [station.id, station]));
    expect(of(TOM).rolls).toMatchObject({ mark: 'unknown' });
    const without = of({ ...TOM, rolls: [{ form: 'v-smooth', grooveMm: 1.0 }] });
    expect(without.rolls).toMatchObject({ mark: 'change' });
    expect(without.rolls?.check).toContain('Tom has no such roll');
    expect(of({ ...TOM, rolls: [{ form: 'v-smooth', grooveMm: 0.8 }] }).rolls?.check).toContain('Tom has it');
    const swaps = (['sockets', 'links', 'switch', 'fixed'] as const).map(
      (polarityChange) => of({ ...TOM, polarityChange }).leads?.check,
    );
    expect(new Set(swaps).size).toBe(4);
    expect(swaps[1]).toContain('links');
  });

  const marks = (setup: PlannedSetup, machine?: Machine): Record<string, string> =>
    Object.fromEntries(stationsOf(setup, machine).map(({ id, mark }) => [id, mark]));

  it('are marked by what stands on the machine', () => {
    const resources = { wireDiameterMm: 0.8, gas: 'ar-co2-18' } as const;
    expect(marks(planOf({}, resources), TOM)).toMatchObject({
      leads: 'fitted',
      spool: 'fitted',
      gas: 'fitted',
    });
    expect(marks(planOf({}, { way: 'self-shielded' }), TOM)).toMatchObject({
      leads: 'change',
      spool: 'change',
      gas: 'change',
    });
    expect(marks(planOf())).toMatchObject({ leads: 'unknown', spool: 'unknown', gas: 'unknown' });
  });

  it('follow what was looked at: a doubt is not known, another part is to be changed, a clamp is known for a shift', () => {
    const at = '2026-11-02T08:00:00.000Z';
    const setup = planOf({}, { wireDiameterMm: 0.8, gas: 'ar-co2-18' });
    const on = (rig: NonNullable<Machine['rig']>, now: string) =>
      Object.fromEntries(stationsOf(setup, { ...TOM, rig }, now).map(({ id, mark }) => [id, mark]));
    const rolls = { rollsForm: { value: 'v-smooth', at }, rollsGroove: { value: '0.8', at } };
    expect(on(rolls, at)).toMatchObject({ rolls: 'fitted', liner: 'unknown', tip: 'unknown' });
    expect(on({ ...rolls, rollsForm: { value: 'knurled', at } }, at)['rolls']).toBe('change');
    expect(on({ ...rolls, rollsForm: { value: 'v-smooth', at, doubted: true } }, at)['rolls']).toBe(
      'unknown',
    );
    const clamped = {
      workClamp: { value: 'on', at },
      workClampPlace: { value: '3 mm carbon steel tee, flat', at },
    };
    expect(on(clamped, '2026-11-02T12:00:00.000Z')['clamp']).toBe('fitted');
    expect(on(clamped, '2026-11-02T21:00:00.000Z')['clamp']).toBe('unknown');
  });

  it('say what to do with the gas when there is none', () => {
    const gas = stationsOf(planOf({}, { way: 'self-shielded' }), undefined).find(({ id }) => id === 'gas');
    expect(gas).toMatchObject({ short: 'none', fit: 'No gas: close the cylinder' });
  });

  it('say flow and sizes as the reader reads them', () => {
    const inUs = allInWords(
      stationsOfInWords(
        planSetupInWords(WORK, { gas: 'ar-co2-18', wireDiameterMm: 0.8 }) as PlannedSetup,
        undefined,
      ),
      { units: US },
    );
    expect(inUs.find(({ id }) => id === 'gas')?.fit).toBe('Ar + 18 % CO₂, 25 ft³/h');
    expect(inUs.find(({ id }) => id === 'tip')?.fit).toContain(
      '.030 tip, flush with the nozzle to 1/8 in out',
    );
  });

  it('say what to hear for in each transfer', () => {
    const arc = (setup: PlannedSetup) => stationsOf(setup, undefined).find(({ id }) => id === 'arc')?.check;
    expect(arc(planOf())).toContain('sizzle');
    expect(arc(planOf({ thicknessMm: 8 }, { mode: 'spray', wireDiameterMm: 1.2 }))).toContain('hiss');
    expect(arc(planOf({}, { way: 'self-shielded' }))).toContain('slag');
  });

  const byId = (over: Partial<Work> = {}, resources: Resources = {}) =>
    Object.fromEntries(stationsOf(planOf(over, resources), undefined).map((one) => [one.id, one]));

  it('say the gas, its flow and what too little does; without gas, that the cylinder is closed', () => {
    const { gas } = byId({}, { gas: 'ar-co2-18', wireDiameterMm: 0.8 });
    expect(gas).toMatchObject({ short: 'Ar + 18 % CO₂', fit: 'Ar + 18 % CO₂, 12 L/min' });
    expect(gas?.check).toContain('while gas really flows');
    expect(gas?.ifWrong).toContain('Too little lets air in');
    expect(gas?.why).toContain('A 12 mm nozzle takes about 12 L/min');
    const { gas: none } = byId({}, { way: 'self-shielded' });
    expect(none).toMatchObject({
      short: 'none',
      fit: 'No gas: close the cylinder',
      check: 'Cylinder closed, hose bled.',
      ifWrong: 'Gas does not help this wire: it is wasted.',
    });
    expect(none?.why).toBe('No gas: close the cylinder.');
  });

  it('say the leg of a fillet, the transfer, and how the joint is made ready', () => {
    const tee = byId();
    expect(tee['joint']?.fit).toMatch(/^45° to the work, leg \d\.\d mm$/);
    expect(tee['arc']?.short).toBe('short-circuit');
    expect(byId({ joint: 'butt', thicknessMm: 2 })['joint']?.fit).not.toContain('leg');
    expect(byId({}, { way: 'self-shielded' })['arc']?.short).toBe('flux core');
    const plan = planOf({ joint: 'butt', thicknessMm: 8, surface: 'mill-scale' });
    const joint = stationsOf(plan, undefined).find(({ id }) => id === 'joint');
    expect(joint?.check).toBe(plan.fitUp.preparation[0]);
  });

  it('ask a plan for its reasons, and do without none', () => {
    expect(() => stationsOf({ ...planOf(), reasons: [] }, undefined)).toThrow('the plan gives no reason for');
  });
});
