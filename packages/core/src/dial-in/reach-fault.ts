import { machineTerms, planReach } from '../terms/machine-terms.ts';
import type { BeadSetting } from '../window/bead-setting.ts';
import { type DialledPlan, voltsReach } from './settable.ts';

/** How far past what was read of the machine a bead is still taken for welded on it: V, and as a share. Source: our model. */
const PAST_V = 2;
const PAST_SHARE = 0.15;

/** What of a bead's setting the machine cannot have been put to. */
export interface ReachFault {
  readonly field: keyof BeadSetting;
  /** What the machine reaches: V, or m/min. */
  readonly low: number;
  readonly high: number;
}

/**
 * Whether a bead's setting lies past what the machine gives, as far as that was measured or is on its plate; undefined
 * where it does not.
 *
 * @source the machine's own readings; how far past them is let pass is our model
 */
export function reachFault(dialled: DialledPlan, at: BeadSetting): ReachFault | undefined {
  const { plan, machine, dials } = dialled;
  if (!machine || !dials) return undefined;
  const volts = voltsReach(dialled, at.wireFeedSpeedMPerMin);
  if (volts && (at.volts < volts[0] - PAST_V || at.volts > volts[1] + PAST_V)) {
    return { field: 'volts', low: volts[0], high: volts[1] };
  }
  const speed = planReach(machine, dials, machineTerms(machine, dials, plan, at));
  const wire = at.wireFeedSpeedMPerMin;
  if (speed && (wire < speed[0] * (1 - PAST_SHARE) || wire > speed[1] * (1 + PAST_SHARE))) {
    return { field: 'wireFeedSpeedMPerMin', low: speed[0], high: speed[1] };
  }
  return undefined;
}
