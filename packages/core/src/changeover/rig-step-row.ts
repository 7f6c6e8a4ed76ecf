import type { Words } from '../base/words/words.ts';
import type { RigAttribute } from '../machine/rig-state/rig-attribute.ts';
import type { Gate, LookId, StepId } from './rig-step-id.ts';
import type { Condition, Effect } from './rig-condition.ts';

/** What a step and a look have in common. */
interface RigRow {
  readonly id: StepId;
  /** Part of the machine that it is at. */
  readonly station: string;
  /** What to do, verb first. */
  readonly verb: string;
  /** Steps that come before it, where they are listed. */
  readonly after?: readonly StepId[];
  /** Gates whose steps all come before it. */
  readonly afterGates?: readonly Gate[];
  /** What must hold at that moment. */
  readonly holds?: readonly Condition[];
  readonly gate: Gate;
  readonly minutes: number;
  readonly parts?: Words;
  readonly how: Words;
  readonly check?: Words;
  readonly ifSkipped?: string;
}

/** One step of a changeover, as its table holds it. */
export interface RigStepRow extends RigRow {
  /** Whether it is called for: by the state at the start, the need, the machine and the other steps. */
  readonly when: Condition;
  readonly effect: Effect;
}

/** A look at what is not known: which attributes it answers. It is called for by what nobody knows, and changes nothing. */
export interface RigLookRow extends RigRow {
  readonly id: LookId;
  readonly answers: readonly RigAttribute[];
}
