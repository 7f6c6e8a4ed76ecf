import type { Work } from '../material/work.ts';
import { planSetup } from '../setup/plan-setup.ts';
import type { Resources } from '../resources/resources.ts';
import type { PlannedSetup } from '../setup/setup.ts';
import { type BeadLadder, firstRungVolts, ladderFor, SHORT_CIRCUIT_LADDER } from './bead-ladder.ts';
import type { ArcSound, BeadFace, TestBead } from './bead-report.ts';
import { nextBead } from './next-bead.ts';

const STEEL: Work = {
  metal: 'carbon-steel',
  thicknessMm: 2,
  joint: 'lap',
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

// Source: handbook on dialling in: steps and where to begin, common practice.
describe('the ladder for a plan', () => {
  it.each([
    ['short-circuit', plan(), { begins: 'under', stepV: 0.5 }],
    ['thin sheet', plan({ thicknessMm: 0.8 }), { begins: 'under', stepV: 0.25 }],
    ['self-shielded', plan({ thicknessMm: 4 }, { way: 'self-shielded' }), { begins: 'under', stepV: 0.5 }],
    ['aluminium', plan({ metal: 'aluminium', alloy: '6061', thicknessMm: 5 }), { begins: 'over', stepV: 1 }],
    ['spray', plan({ thicknessMm: 10 }, { way: 'solid-gas', mode: 'spray' }), { begins: 'middle', stepV: 1 }],
    [
      'gas-shielded flux core',
      plan({ thicknessMm: 8 }, { way: 'gas-shielded-flux-core' }),
      { begins: 'middle', stepV: 1 },
    ],
  ] as const)('of %s', (_name, setup, ladder) => {
    expect(ladderFor(setup)).toEqual(ladder);
  });

  it('begins a volt under, in the middle, or a volt over', () => {
    expect(firstRungVolts(18.4, SHORT_CIRCUIT_LADDER)).toBe(17.5);
    expect(firstRungVolts(15.9, { begins: 'under', stepV: 0.25 })).toBe(15);
    expect(firstRungVolts(26.2, { begins: 'middle', stepV: 1 })).toBe(26);
    expect(firstRungVolts(22.2, { begins: 'over', stepV: 1 })).toBe(23);
  });
});

describe('a ladder from above', () => {
  const ALUMINIUM: BeadLadder = { begins: 'over', stepV: 1 };
  const PLAN = {
    volts: { start: 22, low: 21, high: 23 },
    wireFeedSpeedMPerMin: { start: 9, low: 8, high: 10 },
  };
  const bead = (volts: number, face: BeadFace, sound: ArcSound): TestBead => ({
    volts,
    face,
    sound,
    wireFeedSpeedMPerMin: 9,
  });
  const next = (...beads: TestBead[]) => nextBead(PLAN, beads, ALUMINIUM);

  it('begins a volt over, and says why', () => {
    expect(next()).toMatchObject({ kind: 'weld', setting: { volts: 23 } });
    expect(next().why).toContain('burns back into the tip');
  });

  it('comes down while it is hot, and on while it is good, until it is cold', () => {
    const hot = bead(23, 'concave', 'hiss');
    expect(next(hot)).toMatchObject({ setting: { volts: 22 }, why: 'Still hot: a volt down.' });
    const good = bead(22, 'crowned', 'sizzle');
    expect(next(hot, good)).toMatchObject({ setting: { volts: 21 } });
    const cold = bead(21, 'tall', 'popping');
    expect(next(hot, good, cold)).toMatchObject({ kind: 'take', setting: { volts: 22 } });
  });

  it('goes up only where nothing was hot once the cold end is known', () => {
    const good = bead(23, 'crowned', 'sizzle');
    const cold = bead(22, 'tall', 'popping');
    expect(next(good)).toMatchObject({ setting: { volts: 22 } });
    expect(next(good, cold)).toMatchObject({ kind: 'weld', setting: { volts: 24 } });
  });
});
