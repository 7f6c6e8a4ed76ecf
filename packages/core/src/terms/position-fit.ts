import type { BeadSetting } from '../window/bead-setting.ts';
import type { PlannedSetup } from '../plan/setup/setup.ts';
import { evenSteps, startSetting, windowAt, type WindowPoint } from '../plan/setup/window-curve.ts';
import { positionVolts, type VoltsPosition } from '../machine/volts/position-volts.ts';
import { NEAR_POSITION_V, type VoltsTerm } from './knob-terms.ts';
import type { Machine } from '../machine/machine.ts';

/** A wire speed moved so that a tap or letter suits it, where none suits the plan's own start. */
export interface PositionFit extends BeadSetting {
  /** The tap or letter. */
  readonly position: string;
}

/** Wire speeds between the ends of a plan's range that its window is worked out at. Source: our tuning. */
const STEPS = 9;

interface Sample {
  readonly wireFeedSpeedMPerMin: number;
  /** Volts wanted there. */
  readonly volts: number;
  /** Volts wanted less what the position gives: rising with the wire speed. */
  readonly lacksV: number;
}

/** The setting whose wire speed lies nearest to another's. */
function nearestTo<T extends BeadSetting>(at: BeadSetting, settings: readonly T[]): T | undefined {
  const apart = ({ wireFeedSpeedMPerMin }: BeadSetting): number =>
    Math.abs(wireFeedSpeedMPerMin - at.wireFeedSpeedMPerMin);
  return settings.toSorted((a, b) => apart(a) - apart(b))[0];
}

/** The setting between two samples at which the position lacks so many volts. */
function settingBetween(a: Sample, b: Sample, lacksV: number): BeadSetting {
  const share = (lacksV - a.lacksV) / (b.lacksV - a.lacksV);
  return {
    wireFeedSpeedMPerMin: a.wireFeedSpeedMPerMin + share * (b.wireFeedSpeedMPerMin - a.wireFeedSpeedMPerMin),
    volts: a.volts + share * (b.volts - a.volts),
  };
}

function samplesOf(
  position: VoltsPosition,
  machine: Machine,
  window: readonly WindowPoint[],
  offsetV: number,
): readonly Sample[] {
  return window.flatMap(({ wireFeedSpeedMPerMin, currentA, volts }) => {
    const gives = positionVolts(position, machine.kind ?? 'transformer', currentA);
    const wanted = volts.start + offsetV;
    return gives ? [{ wireFeedSpeedMPerMin, volts: wanted, lacksV: wanted - gives.volts.start }] : [];
  });
}

/** The setting nearest to the start at which a position is off by no more than allowed. */
function fitOf(samples: readonly Sample[], at: BeadSetting, withinV: number): BeadSetting | undefined {
  const crossings = [withinV, -withinV].flatMap((lacksV) =>
    samples.slice(1).flatMap((b, i) => {
      const a = samples[i] as Sample;
      return a.lacksV <= lacksV && lacksV < b.lacksV ? [settingBetween(a, b, lacksV)] : [];
    }),
  );
  return nearestTo(at, crossings);
}

/**
 * The least move of the wire speed, inside the plan's own range, that makes a tap or letter suit it: the volts wanted
 * rise with the wire speed, those of a tap fall.
 *
 * @param at wire speed, m/min, and volts wanted there; what they lie off the plan's middle is kept
 * @param withinV how far the position may then be off, V; 0: not at all
 * @returns undefined where no position is known, or none suits inside the range
 * @source our model
 */
export function positionFit(
  machine: Machine,
  plan: PlannedSetup,
  at: BeadSetting,
  withinV: number,
): PositionFit | undefined {
  const control = machine.voltsControl;
  if (control?.kind !== 'positions' || plan.voltsKind !== 'arc') return undefined;
  const { low, high } = plan.wireFeedSpeedMPerMin;
  const [own] = windowAt(plan, [at.wireFeedSpeedMPerMin]);
  const window = windowAt(plan, evenSteps([low, high], STEPS));
  const offsetV = at.volts - (own?.volts.start ?? at.volts);
  const fits = control.positions.flatMap((position): PositionFit[] => {
    const fit = fitOf(samplesOf(position, machine, window, offsetV), at, withinV);
    return fit ? [{ ...fit, position: position.name }] : [];
  });
  return nearestTo(at, fits);
}

/** Whether the nearest tap or letter is off by more than may be called near: what a fit is for. */
export function isFarPosition(volts: VoltsTerm): boolean {
  return volts.status === 'position' && !volts.near;
}

/**
 * The wire speed to offer for a plan whose nearest tap is far: one that a tap suits wholly, else one that brings a tap
 * near. Undefined where a tap is near, none could be, or the welder set the wire speed or the volts.
 *
 * @param volts the plan's volts in the machine's terms
 * @source our model
 */
export function planFit(machine: Machine, plan: PlannedSetup, volts: VoltsTerm): PositionFit | undefined {
  const isSet = plan.own.wireFeedSpeedMPerMin !== undefined || plan.own.volts !== undefined;
  if (isSet || !isFarPosition(volts)) return undefined;
  const at = startSetting(plan);
  return positionFit(machine, plan, at, 0) ?? positionFit(machine, plan, at, NEAR_POSITION_V);
}
