import type { Joint, Position, Work } from '../material/work.ts';
import type { GunAngle, Span } from './setup.ts';

/** Contact-tip-to-work distance for short-circuit steel, mm. Source: handbook figure, from memory. */
export const SHORT_CIRCUIT_CTWD_MM: Span = { start: 10, low: 8, high: 12 };
/** Arc length in short-circuit, mm (1–2). Source: handbook figure, from memory. */
export const SHORT_CIRCUIT_ARC_MM = 1.5;

/** Electrode extension: the tip-to-work distance less the arc, mm. */
export const SHORT_CIRCUIT_EXTENSION_MM: Span = {
  start: SHORT_CIRCUIT_CTWD_MM.start - SHORT_CIRCUIT_ARC_MM,
  low: SHORT_CIRCUIT_CTWD_MM.low - SHORT_CIRCUIT_ARC_MM,
  high: SHORT_CIRCUIT_CTWD_MM.high - SHORT_CIRCUIT_ARC_MM,
};

const WORK_DEGREES: Readonly<Record<Joint, number>> = {
  butt: 90,
  'open-butt': 90,
  lap: 60,
  tee: 45,
  'outside-corner': 45,
  edge: 90,
};

function direction(position: Position): 'push' | 'drag' {
  return position === 'vertical-down' ? 'drag' : 'push';
}

/** Gun angle for short-circuit steel, degrees. Source: common practice, 10–15°. */
export function gunAngle(work: Work): GunAngle {
  return {
    travelDegrees: { start: 12, low: 10, high: 15 },
    direction: direction(work.position),
    workDegrees: WORK_DEGREES[work.joint],
  };
}
