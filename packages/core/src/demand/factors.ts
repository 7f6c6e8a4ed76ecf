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

/** Joints or positions a family has no factor for are not welded in it. */
export type JointFactors = Readonly<Partial<Record<Joint, CurrentFactor>>>;
export type PositionFactors = Readonly<Partial<Record<Position, CurrentFactor>>>;
export type SurfaceFactors = Readonly<Partial<Record<Surface, CurrentFactor>>>;

const NONE: CurrentFactor = { factor: 1, tolerance: 0, why: 'the reference', source: MODEL };

const JOINT_WHY: Readonly<Record<Joint, string>> = {
  'open-butt': 'The gap lets heat through: less.',
  'outside-corner': 'Two bare edges hold the heat: less.',
  butt: 'Heat leaves two ways: less than a tee.',
  edge: 'Thin edges melt first: less.',
  lap: 'The lower sheet draws heat away: more than a butt.',
  tee: 'Heat leaves three ways from a tee: more.',
};

function joint(name: Joint, factor: number): CurrentFactor {
  return factor === 1 ? NONE : { factor, tolerance: 0.07, why: JOINT_WHY[name], source: MODEL };
}

/** Short-circuit, self-shielded and brazing; reference a closed butt. Order sure [practice]; figures our model. */
export const DIP_JOINTS: JointFactors = {
  'open-butt': joint('open-butt', 0.8),
  'outside-corner': joint('outside-corner', 0.9),
  butt: NONE,
  edge: joint('edge', 0.85),
  lap: joint('lap', 1.15),
  tee: joint('tee', 1.3),
};

/** Pulsed spray in steel; reference a tee. An open root falls through. */
export const PULSE_JOINTS: JointFactors = {
  'outside-corner': joint('outside-corner', 0.82),
  butt: joint('butt', 0.88),
  edge: joint('edge', 0.8),
  lap: { ...joint('lap', 0.94), why: 'A lap loses less heat than a tee: less.' },
  tee: NONE,
};

/** Spray in steel, gas-shielded flux core, metal-cored; reference a fillet. */
export const SPRAY_JOINTS: JointFactors = {
  'outside-corner': joint('outside-corner', 0.9),
  butt: NONE,
  lap: NONE,
  tee: NONE,
};

/** Aluminium, spray and pulse; reference a butt. */
export const ALUMINIUM_JOINTS: JointFactors = {
  'open-butt': joint('open-butt', 0.8),
  'outside-corner': joint('outside-corner', 0.85),
  butt: NONE,
  edge: joint('edge', 0.8),
  lap: joint('lap', 1.05),
  tee: joint('tee', 1.1),
};

function position(factor: number, tolerance: number, why: string, source = PRACTICE): CurrentFactor {
  return { factor, tolerance, why, source };
}

const HORIZONTAL = position(0.95, 0.03, 'The puddle sags to one side: a little less.');

/** Short-circuit, self-shielded and brazing. */
export const DIP_POSITIONS: PositionFactors = {
  flat: NONE,
  horizontal: HORIZONTAL,
  'vertical-up': position(0.8, 0.06, 'The puddle stands on its own shelf: less (0.75 to 0.85).'),
  'vertical-down': position(0.95, 0.03, 'Keep ahead of the puddle: a little less.'),
  overhead: position(0.9, 0.05, 'A smaller puddle stays up: less.'),
};

/** Spray in steel and metal-cored: the puddle is too fluid for anything but flat and horizontal. */
export const SPRAY_POSITIONS: PositionFactors = { flat: NONE, horizontal: HORIZONTAL };

/** Gas-shielded flux core: the slag shelf holds the puddle, but runs ahead of it downwards. */
export const SLAG_POSITIONS: PositionFactors = {
  flat: NONE,
  horizontal: HORIZONTAL,
  'vertical-up': position(0.85, 0.06, 'The slag holds the puddle on its shelf: less.', MODEL),
  overhead: position(0.9, 0.05, 'A smaller puddle stays up: less.', MODEL),
};

/** Pulsed spray. Source: common practice for a 6 mm tee (435, 280 and 240 in/min), turned into current. */
export const PULSE_POSITIONS: PositionFactors = {
  flat: NONE,
  horizontal: HORIZONTAL,
  'vertical-up': position(0.645, 0.05, 'Upwards the puddle must freeze behind the arc: much less.'),
  'vertical-down': position(0.85, 0.05, 'Keep ahead of the puddle: less.', MODEL),
  overhead: position(0.72, 0.06, 'Overhead a small puddle stays up: less.'),
};

/** The other school for pulsed spray overhead: a little cooler than flat. */
export const PULSE_OVERHEAD_NEAR_FLAT = position(0.9, 0.06, 'Overhead a little cooler than flat.');

/** Aluminium, spray and pulse, 0.8 to 1.2 mm wire. */
export const ALUMINIUM_POSITIONS: PositionFactors = {
  flat: NONE,
  horizontal: position(0.97, 0.03, 'The puddle sags to one side: a little less.', MODEL),
  'vertical-up': position(0.9, 0.05, 'Push upwards; a smaller puddle holds: less.', MODEL),
  'vertical-down': position(0.95, 0.05, 'Keep ahead of the puddle: a little less.', MODEL),
  overhead: position(0.9, 0.05, 'A smaller puddle stays up: less.', MODEL),
};

const WARM = position(0.93, 0.03, 'A part warm from earlier beads needs 5 to 10 % less.', MODEL);

export const STEEL_SURFACES: SurfaceFactors = {
  clean: NONE,
  'mill-scale': position(1.05, 0.02, 'Scale takes heat to melt through: more.', MODEL),
  warm: WARM,
};

/** Stainless and aluminium carry no mill scale worth a factor. */
export const BRIGHT_SURFACES: SurfaceFactors = { clean: NONE, 'mill-scale': NONE, warm: WARM };
