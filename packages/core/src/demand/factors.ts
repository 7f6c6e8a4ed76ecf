import type { Joint, Position, Surface } from '../material/work.ts';
import { type Source, MODEL, PRACTICE } from '../provenance/source.ts';

export interface CurrentFactor {
  /** Multiplies the current wanted. */
  readonly factor: number;
  /** How far the factor itself may be off, as a share. */
  readonly tolerance: number;
  readonly why: string;
  readonly source: Source;
}

const NONE: CurrentFactor = { factor: 1, tolerance: 0, why: 'the reference', source: MODEL };

/** Joint, relative to a closed butt, short-circuit. Order sure [practice]; figures our model. */
export const SHORT_CIRCUIT_JOINT_FACTOR: Readonly<Record<Joint, CurrentFactor>> = {
  'open-butt': { factor: 0.8, tolerance: 0.07, why: 'The gap lets heat through: less.', source: MODEL },
  'outside-corner': {
    factor: 0.9,
    tolerance: 0.07,
    why: 'Two bare edges hold the heat: less.',
    source: MODEL,
  },
  butt: NONE,
  edge: { factor: 0.85, tolerance: 0.07, why: 'Thin edges melt first: less.', source: MODEL },
  lap: { factor: 1.15, tolerance: 0.07, why: 'The lower sheet draws heat away: more.', source: MODEL },
  tee: { factor: 1.3, tolerance: 0.07, why: 'Heat leaves three ways from a tee: more.', source: MODEL },
};

/** Position, short-circuit. */
export const SHORT_CIRCUIT_POSITION_FACTOR: Readonly<Record<Position, CurrentFactor>> = {
  flat: NONE,
  horizontal: {
    factor: 0.95,
    tolerance: 0.03,
    why: 'The puddle sags to one side: a little less.',
    source: PRACTICE,
  },
  'vertical-up': {
    factor: 0.8,
    tolerance: 0.06,
    why: 'The puddle stands on its own shelf: less (0.75 to 0.85).',
    source: PRACTICE,
  },
  'vertical-down': {
    factor: 0.95,
    tolerance: 0.03,
    why: 'Keep ahead of the puddle: a little less.',
    source: PRACTICE,
  },
  overhead: { factor: 0.9, tolerance: 0.05, why: 'A smaller puddle stays up: less.', source: PRACTICE },
};

/** Surface, any steel mode. */
export const SURFACE_FACTOR: Readonly<Record<Surface, CurrentFactor>> = {
  clean: NONE,
  'mill-scale': {
    factor: 1.05,
    tolerance: 0.02,
    why: 'Scale takes heat to melt through: more.',
    source: MODEL,
  },
  warm: {
    factor: 0.93,
    tolerance: 0.03,
    why: 'A part warm from earlier beads needs 5 to 10 % less.',
    source: MODEL,
  },
};
