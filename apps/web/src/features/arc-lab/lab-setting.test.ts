import { planSetup, type PlannedSetup } from '@hot-bead/core/plan';
import { gasOf, type Work } from '@hot-bead/core/trade';
import { FIRST_SETTING, labFrom, labOfPlan, labSearch } from './lab-setting.ts';

const WORK: Work = {
  metal: 'carbon-steel',
  thicknessMm: 3,
  joint: 'lap',
  position: 'flat',
  surface: 'clean',
  place: 'indoors',
  windy: false,
};
function planOf(work: Partial<Work>): PlannedSetup {
  const plan = planSetup({ ...WORK, ...work }, {});
  if (plan.status !== 'planned') throw new Error(plan.code);
  return plan;
}

describe('the knobs in the address', () => {
  it('come back as they went', () => {
    const turned = {
      ...FIRST_SETTING,
      volts: 20.3,
      wireFeedSpeedMPerMin: 5.08,
      wireMm: 1.2,
      gas: 'co2',
      inductanceH: 150e-6,
      slopeVPerA: 0.035,
      source: 'pulse',
    } as const;
    expect(labFrom(new URLSearchParams(labSearch(turned)))).toEqual(turned);
    expect(labSearch(FIRST_SETTING)).toBe('');
  });

  it.each(['v=99', 'v=abc', 'v=', 'f=-3', 'd=1e9', 'w=3.2', 'g=helium', 'l=NaN', 's=-1'])(
    '%s is no place of a knob: it stands as at first',
    (search) => {
      expect(labFrom(new URLSearchParams(search))).toEqual(FIRST_SETTING);
    },
  );
});

describe('a plan in the lab', () => {
  it('of short arc on steel stands at its own numbers', () => {
    const plan = planOf({});
    const lab = labOfPlan(plan);
    if (!('path' in lab)) throw new Error('not modelled');
    const { volts, wireFeedSpeedMPerMin, wireMm } = labFrom(new URLSearchParams(lab.path.split('?')[1]));
    expect(volts).toBeCloseTo(plan.volts.start, 1);
    expect(wireFeedSpeedMPerMin).toBeCloseTo(plan.wireFeedSpeedMPerMin.start, 1);
    expect(wireMm).toBe(plan.wire.diameterMm);
  });

  it('keeps its own gas, also a mix that the lab does not list', () => {
    const lab = labOfPlan({ ...planOf({}), gas: { ...planOf({}).gas, gas: gasOf('ar-co2-20') } });
    if (!('path' in lab)) throw new Error('not modelled');
    expect(labFrom(new URLSearchParams(lab.path.split('?')[1])).gas).toBe('ar-co2-20');
  });

  it('of aluminium tells why it cannot', () => {
    expect(labOfPlan(planOf({ metal: 'aluminium', alloy: '6061' }))).toMatchObject({
      why: expect.stringMatching(/aluminium is not modelled/) as string,
    });
  });
});
