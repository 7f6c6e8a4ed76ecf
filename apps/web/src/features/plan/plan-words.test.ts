import type { Job, KeptMachine } from '@hot-bead/contract';
import { type Caution, planSetup, type PlannedSetup, type Resources, type Work } from '@hot-bead/core';
import { METRIC } from '../../app/units.ts';
import { pathWords } from '../../drawing/station-symbol.tsx';
import { readAt, unreadStops } from './cautions.tsx';
import { dutyText, voltsBeneath, wireBeneath } from './machine-terms.ts';
import { stationsOf } from './stations.ts';

const STEEL: Work = {
  metal: 'carbon-steel',
  thicknessMm: 3,
  joint: 'tee',
  position: 'flat',
  surface: 'clean',
  place: 'indoors',
  windy: false,
};

function plan(over: Partial<Work> = {}, resources: Resources = {}): PlannedSetup {
  const setup = planSetup({ ...STEEL, ...over }, resources);
  if (setup.status !== 'planned') throw new Error(setup.code);
  return setup;
}

const TOM: KeptMachine = {
  id: 'tom',
  name: 'Tom',
  kind: 'transformer',
  loadedWireClass: 'ER70S-6',
  loadedWireDiameterMm: 0.8,
  loadedGas: 'ar-co2-18',
  standingPolarity: 'DCEP',
  wireControl: { kind: 'knob', min: 0, max: 10 },
  voltsControl: { kind: 'positions', positions: [{ name: '4', openV: 23 }] },
  duty: [{ currentA: 150, percent: 20 }],
  dialReadings: [],
};
const reading = (knob: number, lengthMm: number): KeptMachine['dialReadings'][number] => ({
  id: String(knob),
  knob,
  run: { lengthMm, timeS: 10 },
  at: '2026-01-01T00:00:00.000Z',
  supersededAt: null,
});

describe('the plan in the machine’s words', () => {
  it('says that a knob was not measured, then where to turn it', () => {
    const setup = plan();
    expect(wireBeneath(setup, undefined)).toBeUndefined();
    expect(wireBeneath(setup, TOM)).toBe('Tom: knob not measured');
    const measured = { ...TOM, dialReadings: [reading(0, 300), reading(5, 1000), reading(10, 2500)] };
    expect(wireBeneath(setup, measured)).toMatch(/^knob (between )?\d½?.* \(\d\.\d ± \d\.\d\)$/);
    expect(wireBeneath(setup, { ...TOM, wireControl: { kind: 'units' } })).toContain('display');
    const slow = { ...TOM, dialReadings: [reading(0, 300), reading(10, 600)] };
    expect(wireBeneath(setup, slow)).toContain('out of reach');
  });

  it('names the tap with what it gives, and says how far off it is', () => {
    expect(voltsBeneath(plan(), undefined)).toContain('at the arc');
    const thin = plan({}, { wireDiameterMm: 0.8, gas: 'ar-co2-18' });
    expect(voltsBeneath(thin, TOM)).toMatch(/^tap 4: about 18\.\d V$/);
    const far: KeptMachine = {
      ...TOM,
      voltsControl: { kind: 'positions', positions: [{ name: '6', openV: 30 }] },
    };
    expect(voltsBeneath(plan(), far)).toMatch(/V too high$/);
    const bare: KeptMachine = { ...TOM, voltsControl: { kind: 'positions', positions: [{ name: 'A' }] } };
    expect(voltsBeneath(plan(), bare)).toBe('Tom: taps not measured');
    expect(voltsBeneath(plan({ thicknessMm: 4 }, { mode: 'pulse', gas: 'ar-co2-10' }), TOM)).toContain(
      'trim',
    );
  });

  it('speaks of duty where it is under 60 %', () => {
    expect(dutyText(plan(), TOM)).toMatch(/min of arc in ten/);
    expect(dutyText(plan(), { ...TOM, duty: [{ currentA: 400, percent: 60 }] })).toBeUndefined();
    expect(dutyText(plan(), { ...TOM, duty: [] })).toBeUndefined();
  });
});

describe('the stations', () => {
  const marks = (setup: PlannedSetup, machine?: KeptMachine): Record<string, string> =>
    Object.fromEntries(stationsOf(setup, machine, METRIC).map(({ id, mark }) => [id, mark]));

  it('are marked by what stands on the machine', () => {
    const resources = { wireDiameterMm: 0.8, gas: 'ar-co2-18' } as const;
    expect(marks(plan({}, resources), TOM)).toMatchObject({
      leads: 'fitted',
      spool: 'fitted',
      gas: 'fitted',
    });
    expect(marks(plan({}, { way: 'self-shielded' }), TOM)).toMatchObject({
      leads: 'change',
      spool: 'change',
      gas: 'change',
    });
    expect(marks(plan())).toMatchObject({ leads: 'unknown', spool: 'unknown', gas: 'unknown' });
  });

  it('say what to do with the gas when there is none', () => {
    const gas = stationsOf(plan({}, { way: 'self-shielded' }), undefined, METRIC).find(
      ({ id }) => id === 'gas',
    );
    expect(gas).toMatchObject({ short: 'none', fit: 'No gas: close the cylinder' });
  });

  it('are put in words for those who do not see the drawing', () => {
    const form = {
      gunLead: '−',
      rolls: 'knurled',
      liner: 'steel',
      tipRecessed: false,
      spoolGun: false,
      gas: false,
    } as const;
    expect(pathWords(form)).toBe('Gun lead on −, work lead on +; knurled rolls; steel liner; no gas');
  });
});

describe('stop cautions', () => {
  const zinc: Caution = {
    code: 'zinc-coating',
    level: 'stop',
    text: 'Strip it.',
    source: { kind: 'handbook' },
  };
  const arc: Caution = { code: 'arc', level: 'note', text: 'Hood.', source: { kind: 'handbook' } };
  const job = (acknowledged: Job['acknowledged']): Job => ({
    id: 'j',
    title: '',
    line: '',
    work: {},
    own: {},
    beadCount: 0,
    acknowledged,
    createdAt: '',
    updatedAt: '',
  });

  it('count as read only in the words they have now', () => {
    const read = { code: 'zinc-coating', text: 'Strip it.', at: '2026-01-01T10:00:00.000Z' };
    expect(unreadStops([zinc, arc], job([]))).toEqual([zinc]);
    expect(unreadStops([zinc, arc], job([read]))).toEqual([]);
    expect(readAt(zinc, [read])).toBe(read.at);
    expect(unreadStops([{ ...zinc, text: 'Strip more of it.' }], job([read]))).toHaveLength(1);
  });
});
