import { PLAIN_MACHINE, PLAIN_WORK } from '../../test/context.ts';
import { rigNeed } from '../changeover/rig-need.ts';
import type { Machine } from '../machine/machine.ts';
import type { Work } from '../trade/material/work.ts';
import type { Resources } from '../plan/work/resources.ts';
import { planSetup } from '../plan/setup/plan-setup.ts';
import type { PlannedSetup } from '../plan/setup/setup.ts';
import type { Cylinder, Spool } from '../stores/stock-item.ts';
import { type EvidenceGiven, faultEvidence } from './fault-evidence.ts';
import { knownTogether } from './known-together.ts';
import { rankCauses } from './rank-causes.ts';

const NOW = '2026-11-02T10:00:00.000Z';
const YESTERDAY = '2026-11-01T10:00:00.000Z';

function planOf(over: Partial<Work> = {}, resources: Resources = {}): PlannedSetup {
  const setup = planSetup({ ...PLAIN_WORK, ...over }, { machine: PLAIN_MACHINE, ...resources });
  if (setup.status !== 'planned') throw new Error(setup.code);
  return setup;
}
const SOLID = planOf();
const NEED = rigNeed(SOLID, PLAIN_MACHINE, {});

/** A machine that stands as the plan needs it, but for what is said. */
function standing(over: Readonly<Record<string, string>> = {}, at = NOW): Machine {
  const values = { ...NEED, ...over };
  const rig = Object.fromEntries(Object.entries(values).map(([name, value]) => [name, { value, at }]));
  return { ...PLAIN_MACHINE, standingPolarity: (values['polarity'] as 'DCEP') ?? 'DCEP', rig };
}
function facts(given: Partial<EvidenceGiven>): Readonly<Record<string, string>> {
  return knownTogether(faultEvidence({ plan: SOLID, now: NOW, ...given }), NOW).known as Record<
    string,
    string
  >;
}
const signs = (given: Partial<EvidenceGiven>): readonly string[] =>
  knownTogether(faultEvidence({ plan: SOLID, now: NOW, ...given }), NOW).signs;

describe('what is known before anyone looks', () => {
  it('a machine that stands as the plan needs it clears what its rig answers', () => {
    const known = facts({ machine: standing() });
    expect(known).toMatchObject({
      polarity: 'right',
      'wire-class': 'right',
      'wire-diameter': 'right',
      'roll-form': 'right',
      'roll-size': 'right',
      'tip-size': 'right',
      liner: 'right',
      gas: 'right',
      flow: 'right',
      'wfs-vs-plan': 'right',
      'volts-vs-plan': 'right',
    });
    expect(Object.values(known).filter((value) => value !== 'right')).toEqual([]);
  });

  it.each([
    ['polarity', 'DCEN', 'polarity', 'wrong'],
    ['rollsForm', 'knurled', 'roll-form', 'wrong'],
    ['rollsGroove', '1.0', 'roll-size', 'big'],
    ['rollsGroove', '0.6', 'roll-size', 'small'],
    ['tipBore', '1.2', 'tip-size', 'big'],
    ['tipBore', '0.6', 'tip-size', 'small'],
    ['linerMaterial', 'plastic', 'liner', 'wrong'],
    ['linerBore', '1.4-1.6', 'liner', 'wrong'],
    ['cylinderValve', 'closed', 'flow', 'zero'],
    ['flow', '4', 'flow', 'low'],
    ['flow', '30', 'flow', 'high'],
    ['setPoint', `3.0 m/min, ${SOLID.volts.start.toFixed(1)} V`, 'wfs-vs-plan', 'low'],
    ['setPoint', `${SOLID.wireFeedSpeedMPerMin.start.toFixed(1)} m/min, 25.0 V`, 'volts-vs-plan', 'high'],
  ])('%s as %s says that %s is %s, and it then stands first', (attribute, value, fact, said) => {
    const evidence = faultEvidence({ plan: SOLID, machine: standing({ [attribute]: value }), now: NOW });
    const together = knownTogether(evidence, NOW);
    expect(together.known[fact as 'flow']).toBe(said);
    const [first] = rankCauses({ process: 'solid-gas', present: ['spatter-heavy'], absent: [], ...together });
    expect(first?.fact).toBe('convicts');
    expect(first?.cause.fact?.of).toBe(fact);
    // "no, that is wrong" has a place in the rig to go to
    const match = evidence.find((one) => one.fact?.of === fact && one.fact.value === said);
    expect(match?.rig?.attribute).toBe(attribute);
  });

  it('what nobody knows, what is doubted and what has passed tells nothing', () => {
    expect(facts({ machine: { ...PLAIN_MACHINE } })).not.toHaveProperty('polarity');
    const doubted = standing();
    const rig = { ...doubted.rig, polarity: { value: 'DCEP', at: NOW, doubted: true as const } };
    expect(facts({ machine: { ...doubted, rig } })).not.toHaveProperty('polarity');
    // a flow that was set two days ago is not known any more
    expect(facts({ machine: standing({}, '2026-10-30T10:00:00.000Z') })).not.toHaveProperty('flow');
  });

  it('without a job only what hangs on the wire that is on it is told', () => {
    const known = facts({
      plan: undefined,
      machine: standing({ polarity: 'DCEN', flow: '2', tipBore: '1.0' }),
    });
    expect(known).toMatchObject({ polarity: 'wrong', 'tip-size': 'big', 'roll-form': 'right' });
    for (const fact of ['flow', 'gas', 'wfs-vs-plan', 'wire-class']) expect(known).not.toHaveProperty(fact);
    const cored = {
      ...standing({ rollsForm: 'v-smooth' }),
      loadedWireClass: 'E71T-11',
      loadedGas: 'none',
    } as const;
    expect(facts({ plan: undefined, machine: { ...cored, standingPolarity: 'DCEN' } })).toMatchObject({
      polarity: 'right',
      'roll-form': 'wrong',
    });
    expect(facts({ plan: undefined, machine: undefined })).toEqual({});
  });

  it('each says since when', () => {
    const together = knownTogether(
      faultEvidence({ plan: SOLID, machine: standing({}, YESTERDAY), now: NOW }),
      NOW,
    );
    expect(together.ageDays['roll-form']).toBeCloseTo(1, 6);
  });

  it('self-shielded wire needs no gas, and a spool gun no liner', () => {
    const cored = planOf({}, { way: 'self-shielded' });
    const known = facts({ plan: cored, machine: standing() });
    expect(known).not.toHaveProperty('flow');
    expect(known).not.toHaveProperty('gas');
    expect(known['polarity']).toBe('wrong');
    const gun = planOf({ metal: 'aluminium', alloy: '6061' }, { way: 'aluminium-spool-gun' });
    expect(facts({ plan: gun, machine: standing() })).not.toHaveProperty('liner');
  });

  it('Stores tell how much is left, and what stands open', () => {
    const spool: Spool = { kind: 'spool', wireClass: 'ER70S-6', diameterMm: 0.8, fullKg: 5, leftKg: 2 };
    const cylinder: Cylinder = {
      kind: 'cylinder',
      name: '7',
      gas: 'ar-co2-25',
      waterL: 20,
      fullBar: 200,
      leftBar: 120,
    };
    expect(facts({ spool, cylinder })).toMatchObject({ 'spool-level': 'ok', 'cylinder-level': 'ok' });
    expect(facts({ spool: { ...spool, leftKg: 0 } })).toMatchObject({ 'spool-level': 'empty' });
    expect(facts({ cylinder: { ...cylinder, leftBar: 0 } })).toMatchObject({ 'cylinder-level': 'empty' });
    expect(facts({ cylinder: { ...cylinder, leftBar: 10 } })).toMatchObject({ 'cylinder-level': 'low' });
    expect(signs({ cylinder: { ...cylinder, leftBar: 10 } })).toEqual(['cylinder-low']);
    // one that nobody weighed says nothing of its level
    expect(facts({ spool: { ...spool, leftKg: undefined } })).not.toHaveProperty('spool-level');
    expect(signs({ spool: { ...spool, openedOn: '2026-06-01', keptDry: false } })).toEqual([
      'spool-old',
      'spool-damp',
    ]);
    const cored = { ...spool, wireClass: 'E71T-11', openedOn: '2026-09-20' } as const;
    expect(signs({ spool: cored })).toEqual(['spool-old']);
    expect(signs({ spool: { ...spool, openedOn: '2026-09-20' } })).toEqual([]);
  });

  it('the job, the last bead and the machine hint', () => {
    const job = planOf({
      windy: true,
      surface: 'mill-scale',
      circumstances: ['flammables', 'painted', 'primed'],
    });
    expect(signs({ plan: job })).toEqual(['surface-scale', 'windy', 'flammables', 'surface-coated']);
    const lastBead = {
      volts: 18,
      wireFeedSpeedMPerMin: 7,
      said: 'hot',
      cooled: false,
      flags: ['stick-out', 'dirty'],
    } as const;
    expect(signs({ lastBead: { ...lastBead, at: NOW } })).toEqual([
      'bead-hot',
      'bead-stick-out',
      'coupon-hot',
      'coupon-dirty',
    ]);
    expect(signs({ lastBead: { ...lastBead, at: '2026-10-20T10:00:00.000Z' } })).toEqual([]);
    expect(signs({ dialAt: null, drifted: true })).toEqual(['dial-guessed', 'machine-drifted']);
    expect(signs({ dialAt: '2025-10-20T10:00:00.000Z' })).toEqual(['dial-old']);
    expect(signs({ dialAt: '2026-10-20T10:00:00.000Z' })).toEqual([]);
    const worn = { ...standing(), rig: { ...standing().rig, tipMinutes: { value: '300', at: NOW } } };
    expect(signs({ machine: worn })).toEqual(['tip-old']);
  });

  it('the duty plate tells what the planned current allows, and whether more was welded just now', () => {
    const amps = SOLID.currentA.start;
    const machine: Machine = { ...PLAIN_MACHINE, duty: [{ currentA: amps, percent: 40 }] };
    const asked = (recentArcMin: number, over: Partial<EvidenceGiven> = {}) =>
      faultEvidence({ plan: SOLID, machine, recentArcMin, now: NOW, ...over }).flatMap(({ fact, sign }) =>
        fact?.of === 'duty' ? `over ${fact.value}` : sign === 'duty-tight' ? sign : [],
      );
    expect(asked(3.9)).toEqual(['duty-tight']);
    expect(asked(4.1)).toEqual(['over over']);
    expect(asked(1, { machine: { ...machine, duty: [{ currentA: amps, percent: 100 }] } })).toEqual([]);
    expect(asked(9, { machine: PLAIN_MACHINE })).toEqual([]);
  });

  it('what somebody said goes before a record, and wrong before right', () => {
    const polarity = { from: 'said', fact: { of: 'polarity', value: 'right' }, at: NOW } as const;
    const evidence = [
      polarity,
      ...faultEvidence({ plan: SOLID, machine: standing({ polarity: 'DCEN' }), now: NOW }),
    ];
    expect(knownTogether(evidence, NOW).known.polarity).toBe('right');
    const both = knownTogether(
      [
        { from: 'rig', fact: { of: 'liner', value: 'wrong' } },
        { from: 'rig', fact: { of: 'liner', value: 'right' } },
      ],
      NOW,
    );
    expect(both.known.liner).toBe('wrong');
  });
});
