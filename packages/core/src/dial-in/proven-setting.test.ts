import { planSetup } from '../setup/plan-setup.ts';
import type { PlannedSetup } from '../setup/setup.ts';
import type { ArcSound, BeadFace, TestBead } from './bead-report.ts';
import { provenSetting } from './proven-setting.ts';

const setup = planSetup(
  {
    metal: 'carbon-steel',
    thicknessMm: 2,
    joint: 'lap',
    position: 'flat',
    surface: 'clean',
    place: 'indoors',
    windy: false,
  },
  { wireClass: 'ER70S-6', wireDiameterMm: 0.8, gas: 'ar-co2-18' },
);
if (setup.status !== 'planned') throw new Error(setup.code);
const PLAN: PlannedSetup = setup;
const bead = (volts: number, face: BeadFace, sound: ArcSound): TestBead => ({
  volts,
  face,
  sound,
  wireFeedSpeedMPerMin: 5,
});
const LADDER = [
  bead(16, 'ropy', 'stubbing'),
  bead(16.5, 'crowned', 'sizzle'),
  bead(17, 'flat', 'sizzle'),
  bead(17.5, 'concave', 'crackle'),
];

describe('a proven setting', () => {
  it('is the middle of a good run with a colder and a hotter neighbour, and how far the plan was off', () => {
    const proven = provenSetting(PLAN, LADDER, () => 17.1);
    expect(proven).toMatchObject({
      wireFeedSpeedMPerMin: 5,
      wire: { wireClass: 'ER70S-6', diameterMm: 0.8 },
      gas: 'ar-co2-18',
      mode: 'short-circuit',
      thicknessMm: 2,
      joint: 'lap',
      position: 'flat',
    });
    expect(proven?.volts).toBeCloseTo(16.7, 1);
    expect(proven?.offsetV).toBeCloseTo((proven?.volts ?? 0) - 17.1, 9);
  });

  it('is none while beads do not prove one, or where nothing is planned at that speed', () => {
    expect(provenSetting(PLAN, [], () => 17)).toBeUndefined();
    expect(provenSetting(PLAN, LADDER.slice(0, 3), () => 17)).toBeUndefined();
    expect(provenSetting(PLAN, LADDER, () => undefined)).toBeUndefined();
  });
});
