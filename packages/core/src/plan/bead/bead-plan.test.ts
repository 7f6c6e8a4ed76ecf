import fc from 'fast-check';
import { JOINTS, POSITIONS, type Work } from '../../trade/material/work.ts';
import { type BeadInput, beadPlan, runLimits } from './bead-plan.ts';
import { handTravel } from './hand-travel.ts';
import { filletSectionMm2 } from './weld-size.ts';

const WORK: Work = {
  metal: 'carbon-steel',
  thicknessMm: 3,
  joint: 'tee',
  position: 'flat',
  surface: 'clean',
  place: 'indoors',
  windy: false,
};
/** 0.8 mm wire in short-circuit at 8 m/min, as on a 3 mm tee. */
const THIN: BeadInput = {
  work: WORK,
  governingMm: 3,
  thinnerMm: 3,
  hand: 'dip',
  wireFeedSpeedMPerMin: 8,
  trueDiameterMm: 0.762,
  depositShare: 0.93,
  passesForCurrent: 1,
  sides: 1,
};

function bead(over: Partial<BeadInput>, work: Partial<Work> = {}) {
  return beadPlan({ ...THIN, ...over, work: { ...WORK, ...work } });
}

// Source: common practice: 3 mm tee, 8 m/min of 0.8 mm wire, z = 4: about 400 mm/min.
describe('a 3 mm tee', () => {
  it('comes out near z = 4 at about 400 mm/min', () => {
    const plan = bead({});
    expect(plan.legMm).toBeGreaterThan(3.6);
    expect(plan.legMm).toBeLessThan(4.3);
    expect(plan.travelMmPerMin).toBeGreaterThanOrEqual(380);
    expect(plan.travelMmPerMin).toBeLessThanOrEqual(450);
    expect(plan).toMatchObject({ passes: 1, solvedBy: 'comfortable', oversize: 1 });
  });

  it('goes slower up, and still where the hand is at ease', () => {
    const plan = bead({ wireFeedSpeedMPerMin: 6 }, { position: 'vertical-up' });
    expect(plan.travelMmPerMin).toBeGreaterThanOrEqual(80);
    expect(plan.travelMmPerMin).toBeLessThanOrEqual(200);
  });
});

describe('the size of a weld', () => {
  it('is the drawing’s where it gives one, by leg or by throat', () => {
    const drawn = bead({ governingMm: 10, thinnerMm: 10 }, { thicknessMm: 10, legMm: 6 });
    expect(drawn.finishedLegMm).toBeCloseTo(6, 2);
    const throat = bead({ governingMm: 10, thinnerMm: 10 }, { thicknessMm: 10, throatMm: 5 });
    expect(throat.finishedLegMm).toBeCloseTo(7.07, 2);
  });

  it('is 0.7 of the thinner part from 10 mm up without a drawing', () => {
    for (const t of [10, 14, 20]) {
      const plan = bead(
        { governingMm: t, thinnerMm: t, hand: 'spray', wireFeedSpeedMPerMin: 9, trueDiameterMm: 1.143 },
        { thicknessMm: t },
      );
      expect(plan.finishedLegMm).toBeCloseTo(0.7 * t, 1);
    }
  });

  it('says by how much it is too large where even the fastest hand lays more', () => {
    const plan = bead({ governingMm: 0.8, thinnerMm: 0.8 }, { thicknessMm: 0.8 });
    expect(plan.solvedBy).toBe('oversize');
    expect(plan.travelMmPerMin).toBe(plan.hand.hardMmPerMin[1]);
    const most = filletSectionMm2(2.5 * 0.8);
    expect(plan.oversize).toBeCloseTo(plan.sectionMm2 / most, 6);
    expect(plan.oversize).toBeGreaterThan(1.5);
  });
});

// Source: common practice: fillets to 8 mm in one run (flat 10 with spray or flux core), 8–10 mm in 3, 12 mm in 4 to 6.
describe('runs of a fillet', () => {
  const plate = { governingMm: 18, thinnerMm: 18 };

  it.each([
    [9, 'dip', 7.3, 0.889, 0.93, 3, 3],
    [12, 'flux-core', 13, 1.143, 0.7055, 4, 6],
    [8, 'dip', 7.3, 0.889, 0.93, 2, 3],
  ] as const)(
    'a leg of %s mm in %s takes between %#',
    (legMm, hand, wireFeedSpeedMPerMin, trueDiameterMm, depositShare, least, most) => {
      const plan = bead({ ...plate, hand, wireFeedSpeedMPerMin, trueDiameterMm, depositShare }, { legMm });
      expect(plan.passes).toBeGreaterThanOrEqual(least);
      expect(plan.passes).toBeLessThanOrEqual(most);
      expect(plan.finishedLegMm).toBeCloseTo(legMm, 1);
    },
  );

  it('lays fuller stringers, no fuller than an easy hand needs, before the hand is hurried', () => {
    const spray = {
      hand: 'spray',
      wireFeedSpeedMPerMin: 14.3,
      trueDiameterMm: 1.143,
      depositShare: 0.98,
    } as const;
    const plan = bead({ ...plate, ...spray }, { legMm: 14 });
    expect(plan).toMatchObject({ passes: 4, solvedBy: 'comfortable' });
    expect(plan.sectionMm2).toBeGreaterThan(runLimits('spray', 'flat').stringerMm2);
    expect(plan.travelMmPerMin).toBeGreaterThan(500);
    expect(plan.travelMmPerMin).toBeLessThanOrEqual(600);
  });

  it('takes as many as were asked for at the least', () => {
    expect(bead({ ...plate, passesForCurrent: 1 }, { legMm: 9, passes: 4 }).passes).toBeGreaterThanOrEqual(4);
  });

  it('carries no more in one run than practice does', () => {
    expect(runLimits('spray', 'flat').singleMm2).toBeCloseTo(filletSectionMm2(10), 9);
    expect(runLimits('dip', 'flat').singleMm2).toBeCloseTo(filletSectionMm2(8), 9);
    expect(runLimits('spray', 'flat').mostMm2).toBe(60);
    expect(runLimits('flux-core', 'vertical-up')).toMatchObject({ singleMm2: 25, mostMm2: 40 });
  });
});

describe('travel', () => {
  // Source: table of speeds a hand uses, common practice, from memory.
  it.each([
    ['dip', 'flat', 3, 250, 500, 200, 700],
    ['flux-core', 'horizontal', 6, 250, 500, 200, 700],
    ['spray', 'flat', 8, 300, 600, 250, 750],
    ['pulse', 'horizontal', 3, 300, 600, 250, 750],
    ['dip', 'flat', 1, 350, 700, 250, 800],
    ['aluminium', 'flat', 1, 450, 800, 300, 1000],
    ['dip', 'vertical-up', 3, 80, 200, 60, 280],
    ['aluminium', 'vertical-up', 5, 150, 350, 120, 450],
    ['pulse', 'vertical-down', 2, 300, 600, 250, 800],
    ['spray', 'overhead', 8, 200, 400, 150, 550],
  ] as const)('%s %s on %s mm: %s to %s, hard %s to %s mm/min', (hand, position, mm, ...limits) => {
    const { comfortableMmPerMin, hardMmPerMin, aimMmPerMin } = handTravel(hand, position, mm);
    expect([...comfortableMmPerMin, ...hardMmPerMin]).toEqual(limits);
    expect(aimMmPerMin).toBeGreaterThan(comfortableMmPerMin[0]);
    expect(aimMmPerMin).toBeLessThan(comfortableMmPerMin[1]);
  });

  it('has no step from sheet to plate', () => {
    const at = (mm: number): number => handTravel('dip', 'flat', mm).comfortableMmPerMin[1];
    expect(at(1.75)).toBeCloseTo(600, 6);
    expect(at(1.5)).toBe(700);
    expect(at(2)).toBe(500);
  });

  it('stays within a hand’s hard limits, is wire melted over section, and lays the least that is wanted', () => {
    const input = fc.record({
      joint: fc.constantFrom(...JOINTS),
      position: fc.constantFrom(...POSITIONS),
      mm: fc.double({ min: 0.5, max: 25.4, noNaN: true }),
      hand: fc.constantFrom('dip', 'flux-core', 'spray', 'pulse', 'aluminium'),
      wireFeedSpeedMPerMin: fc.double({ min: 1.5, max: 18, noNaN: true }),
      trueDiameterMm: fc.double({ min: 0.6, max: 2.4, noNaN: true }),
      depositShare: fc.double({ min: 0.6, max: 1, noNaN: true }),
      passesForCurrent: fc.integer({ min: 1, max: 3 }),
    });
    fc.assert(
      fc.property(input, ({ joint, position, mm, ...rest }) => {
        const work = { thicknessMm: mm, joint, position };
        const plan = bead({ ...rest, governingMm: mm, thinnerMm: mm }, work);
        const [slowest, fastest] = plan.hand.hardMmPerMin;
        expect(plan.travelMmPerMin).toBeGreaterThanOrEqual(slowest);
        expect(plan.travelMmPerMin).toBeLessThanOrEqual(fastest);
        expect(plan.passes).toBeGreaterThanOrEqual(rest.passesForCurrent);
        const deposit =
          rest.depositShare * rest.wireFeedSpeedMPerMin * 1000 * (Math.PI / 4) * rest.trueDiameterMm ** 2;
        if (plan.travelMmPerMin > slowest && plan.travelMmPerMin < fastest) {
          expect(plan.travelMmPerMin * plan.sectionMm2).toBeCloseTo(deposit, 4);
        }
        if (plan.solvedBy === 'comfortable') {
          const [low, high] = plan.hand.comfortableMmPerMin;
          expect(plan.travelMmPerMin).toBeGreaterThanOrEqual(low - 1e-6);
          expect(plan.travelMmPerMin).toBeLessThanOrEqual(high + 1e-6);
        }
        if (joint === 'tee') {
          expect(plan.finishedLegMm).toBeGreaterThanOrEqual(0.7 * mm - 1e-6);
        }
      }),
      { numRuns: 400 },
    );
  });
});
