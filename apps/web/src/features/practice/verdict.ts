import { type Dial, dialEnds, dialSpeed } from '@hot-bead/core/machine';
import { type PracticeFeeder, practiceSpeed } from '@hot-bead/core/practice';

/** How what was found stands against what was hidden. */
export interface PracticeVerdict {
  /** Places looked at, and how many of them lay in the stated band. */
  readonly places: number;
  readonly inBand: number;
  /** Where the curve was furthest off, and by how much, m/min. */
  readonly worstKnob: number;
  readonly worstOffMPerMin: number;
}

const PLACES = 20;

/** Looks at twenty places between the ends that were read. */
export function practiceVerdict(dial: Dial, feeder: PracticeFeeder): PracticeVerdict {
  const [low, high] = dialEnds(dial);
  const looked = Array.from({ length: PLACES }, (_, i) => {
    const knob = low + ((high - low) * (i + 0.5)) / PLACES;
    const speed = dialSpeed(dial, knob);
    const truth = practiceSpeed(feeder, knob);
    return {
      knob,
      off: (speed?.start ?? 0) - truth,
      inBand: speed !== undefined && truth >= speed.low && truth <= speed.high,
    };
  });
  const worst = looked.reduce((a, b) => (Math.abs(b.off) > Math.abs(a.off) ? b : a));
  return {
    places: looked.length,
    inBand: looked.filter((place) => place.inBand).length,
    worstKnob: worst.knob,
    worstOffMPerMin: worst.off,
  };
}
