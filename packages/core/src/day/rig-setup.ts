import { hardwareNeed, rigMove, unknownOf } from '../changeover/job-changeover.ts';
import { rigState } from '../changeover/machine-rig.ts';
import { rigNeed } from '../changeover/rig-need.ts';
import type { SetupTable } from './order/day-problem.ts';
import type { Machine } from '../machine/machine.ts';
import type { Attributes } from '../machine/rig-state/rig-fact.ts';
import type { Schools } from '../base/school.ts';
import type { PlannedSetup } from '../plan/setup/setup.ts';

/** Flows within so much of each other are one, L/min. Source: our model: a float meter is read no finer. */
const FLOW_STEP_L_PER_MIN = 2;

interface Move {
  readonly minutes: number;
  readonly next: number;
}

function keyOf(attributes: Attributes): string {
  return Object.entries(attributes)
    .toSorted(([a], [b]) => (a < b ? -1 : 1))
    .map(([name, value]) => `${name}=${value}`)
    .join(';');
}

/** A plan whose flow is rounded to what a meter shows. */
function withMeterFlow(plan: PlannedSetup): PlannedSetup {
  const { gasFlowLPerMin } = plan;
  const start = Math.round(gasFlowLPerMin.start / FLOW_STEP_L_PER_MIN) * FLOW_STEP_L_PER_MIN;
  return { ...plan, gasFlowLPerMin: { ...gasFlowLPerMin, start } };
}

/**
 * Set-ups of one machine, each worked out from the rig as it would then stand when it is first asked for. Knobs,
 * programs and the clamp are set for every job and are no changeover.
 *
 * @source the steps of the changeover; whole minutes
 */
export class RigSetup implements SetupTable {
  private readonly states: Attributes[] = [];
  private readonly stateNumbers = new Map<string, number>();
  private readonly plans: PlannedSetup[] = [];
  private readonly needNumbers = new Map<string, number>();
  private readonly moves = new Map<number, Move>();
  /** The rig as the machine stands. */
  readonly rig: number;

  constructor(
    private readonly machine: Machine,
    private readonly about: { readonly now: string; readonly schools?: Partial<Schools> | undefined },
  ) {
    this.rig = this.stateNumber(rigState(machine, about.now).state);
  }

  /** The number of what a plan needs; plans that need the same have the same. */
  need(plan: PlannedSetup): number {
    const metered = withMeterFlow(plan);
    const key = keyOf(hardwareNeed(rigNeed(metered, this.machine, {})));
    const known = this.needNumbers.get(key);
    if (known !== undefined) return known;
    this.needNumbers.set(key, this.plans.length);
    return this.plans.push(metered) - 1;
  }

  /** How many things that a need asks of the machine as it stands nobody knows: each is counted as not as needed. */
  unknowns(need: number): number {
    const state = this.states[this.rig] as Attributes;
    return unknownOf(rigNeed(this.plans[need] as PlannedSetup, this.machine, state), state).length;
  }

  minutes(rig: number, need: number): number {
    return this.move(rig, need).minutes;
  }

  next(rig: number, need: number): number {
    return this.move(rig, need).next;
  }

  private stateNumber(state: Attributes): number {
    const key = keyOf(state);
    const known = this.stateNumbers.get(key);
    if (known !== undefined) return known;
    this.stateNumbers.set(key, this.states.length);
    return this.states.push(state) - 1;
  }

  private move(rig: number, need: number): Move {
    const key = rig * 4096 + need;
    const known = this.moves.get(key);
    if (known) return known;
    const state = this.states[rig] as Attributes;
    const wanted = hardwareNeed(rigNeed(this.plans[need] as PlannedSetup, this.machine, state));
    const { minutes, after } = rigMove(wanted, this.machine, state, this.about.schools);
    const move = { minutes: Math.round(minutes), next: this.stateNumber(after) };
    this.moves.set(key, move);
    return move;
  }
}
