import type { Family } from '../../trade/family/family.ts';
import type { Joint, Work } from '../../trade/material/work.ts';
import { HANDBOOK, PRACTICE, type Source } from '../../base/source.ts';
import type { Span } from '../../base/numeric/span.ts';

export interface GunAngle {
  readonly travelDegrees: Span;
  readonly direction: 'push' | 'drag';
  /** Angle between the gun and the first part, degrees. */
  readonly workDegrees: number;
}

export interface Technique {
  readonly gunAngle: GunAngle;
  readonly whyDirection: string;
  /** Hold at the start, before moving, s. */
  readonly pauseAtStartS: Span;
  /** Hold at the end, to fill the crater, s. */
  readonly pauseAtEndS: Span;
  readonly hand: string;
  readonly source: Source;
}

const WORK_DEGREES: Readonly<Record<Joint, number>> = {
  butt: 90,
  'open-butt': 90,
  lap: 60,
  tee: 45,
  'outside-corner': 45,
  edge: 90,
};

/** Gas-shielded flux core going up: held square to a slight push. */
function isSlagUphill(family: Family, work: Work): boolean {
  return family.id === 'gas-shielded-flux-core' && work.position === 'vertical-up';
}

function direction(
  family: Family,
  work: Work,
): Pick<Technique, 'whyDirection'> & Pick<GunAngle, 'direction'> {
  if (family.id.startsWith('aluminium')) {
    return {
      direction: 'push',
      whyDirection: 'Aluminium is pushed only: the arc must clean ahead of the puddle.',
    };
  }
  if (isSlagUphill(family, work)) {
    return {
      direction: 'push',
      whyDirection:
        'Uphill gas-shielded flux core is held square or pushed slightly: the slag hangs on its shelf.',
    };
  }
  if (family.mode === 'own') {
    return {
      direction: 'drag',
      whyDirection: 'Flux core is dragged, so that the slag stays behind the puddle.',
    };
  }
  if (work.position === 'vertical-down') {
    return { direction: 'drag', whyDirection: 'Going down, drag: the arc holds the puddle up.' };
  }
  return {
    direction: 'push',
    whyDirection: 'Push: flatter, wider, easier to see. Drag goes deeper and narrower.',
  };
}

/** How the hand moves, in words. */
export function handWords(family: Family, work: Work): string {
  if (work.position === 'vertical-up')
    return 'Pause at the toes, move fast over the middle: a small shelf carries the next.';
  if (work.position === 'overhead')
    return 'Short arc, fast hand, small puddle; no weave wider than twice the wire’s cup.';
  if (family.id.startsWith('aluminium'))
    return 'Straight and fast, hotter at the start than feels right; cap the crater.';
  if (family.mode === 'short-circuit')
    return 'On the front edge of the puddle, straight or small circles, the same stick-out all the way.';
  return 'Straight, steady, the same stick-out all the way; let the puddle wet the toes.';
}

/** How to hold and move the gun. @source handbook and common practice: 10–15°, 45° in a tee */
export function techniqueOf(family: Family, work: Work): Technique {
  const { direction: way, whyDirection } = direction(family, work);
  const aluminium = family.id.startsWith('aluminium');
  return {
    gunAngle: {
      travelDegrees: isSlagUphill(family, work)
        ? { start: 5, low: 0, high: 10 }
        : { start: 12, low: 10, high: 15 },
      direction: way,
      workDegrees: WORK_DEGREES[work.joint],
    },
    whyDirection,
    pauseAtStartS: aluminium ? { start: 0.3, low: 0, high: 0.5 } : { start: 0.7, low: 0.5, high: 1 },
    pauseAtEndS: { start: 0.5, low: 0.5, high: aluminium ? 1.5 : 1 },
    hand: handWords(family, work),
    source: aluminium ? HANDBOOK : PRACTICE,
  };
}
