import { seededRandom } from '@hot-bead/core/base';
import { dialOf, type TimedReading } from '@hot-bead/core/machine';
import { practiceFeeder, practiceSpeed } from '@hot-bead/core/practice';
import { practiceVerdict } from './verdict.ts';

const FEEDER = practiceFeeder(seededRandom(7));
const exact = (knob: number, offMPerMin = 0): TimedReading => ({
  knob,
  run: { lengthMm: ((practiceSpeed(FEEDER, knob) + offMPerMin) / 0.06) * 10, timeS: 10 },
});

describe('practice', () => {
  it('finds a well read dial in its band at nearly every place', () => {
    const dial = dialOf([0, 2, 4, 5, 6, 8, 10].map((knob) => exact(knob)));
    const verdict = dial && practiceVerdict(dial, FEEDER);
    expect(verdict?.inBand).toBeGreaterThanOrEqual(19);
    expect(Math.abs(verdict?.worstOffMPerMin ?? 9)).toBeLessThan(0.3);
  });

  it('says where a misread dial is off, and by how much', () => {
    const dial = dialOf([exact(0), exact(4), exact(5, 2), exact(6, 2), exact(10)]);
    const verdict = dial && practiceVerdict(dial, FEEDER);
    expect(verdict?.inBand).toBeLessThan(18);
    expect(verdict?.worstOffMPerMin).toBeGreaterThan(1.5);
    expect(verdict?.worstKnob).toBeGreaterThan(4);
    expect(verdict?.worstKnob).toBeLessThan(7.5);
  });
});
