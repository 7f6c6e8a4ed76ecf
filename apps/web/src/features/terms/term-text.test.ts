import { METRIC, US } from '@hot-bead/core/base';
import type { KeptMachine } from '@hot-bead/contract/machine';
import { planOf } from '../../../test/plans.ts';
import { fitToPosition, voltsBeneath, wireBeneath } from './term-text.ts';

const TOM: KeptMachine = {
  id: 'tom',
  version: 1,
  away: false,
  name: 'Tom',
  kind: 'transformer',
  loadedWireClass: 'ER70S-6',
  loadedWireDiameterMm: 0.8,
  loadedGas: 'ar-co2-18',
  wireControl: { kind: 'knob', min: 0, max: 10 },
  voltsControl: { kind: 'positions', positions: [{ name: '4', openV: 23 }] },
  dialReadings: [],
  voltsReadAt: null,
  entryReadAt: null,
};
const reading = (
  knob: number,
  lengthMm: number,
  over: Partial<KeptMachine['dialReadings'][number]> = {},
): KeptMachine['dialReadings'][number] => ({
  id: `${knob} ${lengthMm}`,
  knob,
  run: { lengthMm, timeS: 10 },
  at: '2026-01-01T00:00:00.000Z',
  counts: true,
  ...over,
});
const MEASURED = [reading(0, 300), reading(5, 1000), reading(10, 2500)];

describe('the plan’s wire speed in the machine’s words', () => {
  it('says that a knob was not measured, then where to turn it', () => {
    expect(wireBeneath(planOf(), undefined, METRIC)).toBeUndefined();
    expect(wireBeneath(planOf(), TOM, METRIC)).toBe('Tom: knob not measured');
    const measured = { ...TOM, dialReadings: MEASURED };
    expect(wireBeneath(planOf(), measured, METRIC)).toMatch(/^knob (\d?½|\d(\.\d)?) ± \d\.\d$/);
    expect(wireBeneath(planOf(), { ...TOM, wireControl: { kind: 'units' } }, METRIC)).toContain('display');
  });

  it('is as fine as the knob’s scale deserves', () => {
    const hundred: KeptMachine = {
      ...TOM,
      wireControl: { kind: 'knob', min: 0, max: 100 },
      dialReadings: MEASURED.map((read) => ({ ...read, knob: read.knob * 10 })),
    };
    expect(wireBeneath(planOf(), hundred, METRIC)).toMatch(/^knob \d\d ± \d$/);
  });

  it('says what is out of reach, in the user’s units, with the way out', () => {
    const slow = { ...TOM, dialReadings: [reading(0, 300), reading(10, 600)] };
    expect(wireBeneath(planOf(), slow, METRIC)).toBe(
      'out of reach: the fastest reading is 3.6 m/min at 10; take a thicker wire or less current, or measure further',
    );
    expect(wireBeneath(planOf(), slow, US)).toContain('142 in/min');
    const fast = { ...TOM, dialReadings: [reading(0, 2500), reading(10, 4000)] };
    expect(wireBeneath(planOf(), fast, METRIC)).toContain(
      'the slowest reading is 15.0 m/min at 0; take a thinner wire',
    );
  });

  it('says that a tap’s dial is borrowed or guessed, where the feeder follows the tap', () => {
    const positions = [
      { name: '3', openV: 19 },
      { name: '4', openV: 23 },
    ];
    const following: KeptMachine = {
      ...TOM,
      feedFollowsPosition: true,
      voltsControl: { kind: 'positions', positions },
      dialReadings: MEASURED.map((r) => ({ ...r, position: '3' })),
    };
    expect(wireBeneath(planOf(), following, METRIC)).toContain('tap not read: guessed');
    const one = {
      ...following,
      dialReadings: [...following.dialReadings, reading(5, 1150, { position: '4' })],
    };
    expect(wireBeneath(planOf(), one, METRIC)).toContain('scaled to this tap');
  });

  it('names the nearest letter with what it gives', () => {
    const lettered: KeptMachine = {
      ...TOM,
      wireControl: { kind: 'letters', names: ['L', 'H'] },
      dialReadings: [reading(0, 500), reading(1, 900)],
    };
    expect(wireBeneath(planOf(), lettered, METRIC)).toMatch(
      /^letter [LH]: \d\.\d to \d\.\d m\/min, \d+ % too (fast|slow)$/,
    );
  });
});

describe('one entry', () => {
  const points = [
    { entry: 1, wireFeedSpeedMPerMin: 3, volts: 15 },
    { entry: 6, wireFeedSpeedMPerMin: 14, volts: 20 },
  ];
  const ONE: KeptMachine = {
    ...TOM,
    wireControl: { kind: 'entry' },
    voltsControl: { kind: 'entry' },
    oneEntry: { unit: 'mm', lines: [{ wireClass: 'ER70S-6', diameterMm: 0.8, gas: 'ar-co2-18', points }] },
  };
  const setup = planOf({}, { wireDiameterMm: 0.8, gas: 'ar-co2-18', wireClass: 'ER70S-6' });

  it('is entry and trim under the figures, with why', () => {
    expect(wireBeneath(setup, ONE, METRIC)).toMatch(
      /^enter \d\.\d mm, trim [+−]\d\.\d V: of itself it takes \d\d\.\d V$/,
    );
    expect(voltsBeneath(setup, ONE)).toMatch(/^trim [+−]\d\.\d V$/);
    const marked: KeptMachine = {
      ...ONE,
      oneEntry: { unit: 'mark', trimStepV: 0.5, lines: ONE.oneEntry?.lines ?? [] },
    };
    expect(wireBeneath(setup, marked, METRIC)).toMatch(/^enter mark \d\.\d, trim [+−]\d/);
  });

  it('stands beside the shown figures on a machine that has both', () => {
    const both: KeptMachine = { ...ONE, wireControl: { kind: 'units' }, voltsControl: { kind: 'displayed' } };
    expect(wireBeneath(setup, both, METRIC)).toMatch(/^or enter/);
  });

  it('says honestly where nothing was recorded, or where it ends', () => {
    expect(wireBeneath(planOf({}, { wireDiameterMm: 1.0 }), ONE, METRIC)).toContain('not recorded');
    const short: KeptMachine = {
      ...ONE,
      oneEntry: {
        unit: 'A',
        lines: [
          {
            ...(ONE.oneEntry?.lines[0] as NonNullable<KeptMachine['oneEntry']>['lines'][number]),
            points: points.map((p) => ({ ...p, wireFeedSpeedMPerMin: p.wireFeedSpeedMPerMin / 10 })),
          },
        ],
      },
    };
    expect(wireBeneath(setup, short, METRIC)).toBe('one entry: past what was recorded, 6 A gave 1.4 m/min');
  });
});

describe('the plan’s volts in the machine’s words', () => {
  it('names the tap with what it gives, and says how far off it is', () => {
    expect(voltsBeneath(planOf(), undefined)).toContain('at the arc');
    const thin = planOf({}, { wireDiameterMm: 0.8, gas: 'ar-co2-18' });
    expect(voltsBeneath(thin, TOM)).toMatch(/^tap 4: about 18\.\d ± \d\.\d V$/);
    const far: KeptMachine = {
      ...TOM,
      voltsControl: { kind: 'positions', positions: [{ name: '6', openV: 30 }] },
    };
    expect(voltsBeneath(planOf(), far)).toMatch(/V too high$/);
    const bare: KeptMachine = { ...TOM, voltsControl: { kind: 'positions', positions: [{ name: 'A' }] } };
    expect(voltsBeneath(planOf(), bare)).toBe('Tom: taps not measured');
    const pulsed = planOf({ thicknessMm: 4 }, { mode: 'pulse', gas: 'ar-co2-10' });
    expect(voltsBeneath(pulsed, TOM)).toContain('trim');
  });

  it('names the tap for a bead beside the plan as well', () => {
    const positions = [
      { name: 'low', openV: 19 },
      { name: 'high', openV: 25 },
    ];
    const two: KeptMachine = { ...TOM, voltsControl: { kind: 'positions', positions } };
    const setup = planOf({}, { wireDiameterMm: 0.8, gas: 'ar-co2-18' });
    const at = (volts: number) => voltsBeneath(setup, two, { volts, wireFeedSpeedMPerMin: 7 });
    expect(at(14)).toContain('tap low');
    expect(at(22)).toContain('tap high');
  });

  it('says what to show where a meter found the display off', () => {
    const meter = [{ shownV: 19, meterV: 18.4 }];
    const off: KeptMachine = { ...TOM, voltsControl: { kind: 'displayed', meter } };
    expect(voltsBeneath(planOf(), off)).toMatch(/^show \d\d\.\d ± 0\.\d V: the display reads 0\.6 V high$/);
    expect(voltsBeneath(planOf(), { ...TOM, voltsControl: { kind: 'displayed' } })).toContain('at the arc');
  });
});

describe('a wire speed fitted to a tap', () => {
  const { start, low, high } = planOf().wireFeedSpeedMPerMin;
  /** A tap that gives so many volts over those wanted at the plan's start. */
  const tapOff = (offV: number): KeptMachine => ({
    ...TOM,
    voltsControl: {
      kind: 'positions',
      positions: [{ name: '4', openV: planOf().volts.start + 0.03 * planOf().currentA.start + offV }],
    },
  });

  it('is offered where no tap is near, and lies in the plan’s range, faster for a tap that gives too much', () => {
    const fit = fitToPosition(planOf(), tapOff(1.2));
    expect(fit?.position).toBe('4');
    expect(fit?.wireFeedSpeedMPerMin).toBeGreaterThan(start);
    expect(fit?.wireFeedSpeedMPerMin).toBeLessThanOrEqual(high);
    expect(fitToPosition(planOf(), tapOff(-1.2))?.wireFeedSpeedMPerMin).toBeGreaterThanOrEqual(low);
  });

  it('is not offered where a tap is near, none could be, or the welder has set the number', () => {
    expect(fitToPosition(planOf(), tapOff(0.5))).toBeUndefined();
    expect(fitToPosition(planOf(), tapOff(9))).toBeUndefined();
    expect(fitToPosition({ ...planOf(), own: { volts: 18 } }, tapOff(1.2))).toBeUndefined();
  });
});
