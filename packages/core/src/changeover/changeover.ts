import type { RigAttribute } from '../machine/rig-state/rig-attribute.ts';
import type { Attributes } from '../machine/rig-state/rig-fact.ts';
import { type Effect, type Facts, type Listed, NEED } from './rig-condition.ts';
import { RIG_LOOKS } from './rig-looks.ts';
import type { Gate, StepId } from './rig-step-id.ts';
import type { RigLookRow, RigStepRow } from './rig-step-row.ts';
import { RIG_STEPS } from './rig-steps.ts';

/** A step or a look, as it is worked with: a look changes nothing. */
type Step = (RigStepRow | RigLookRow) & { readonly effect?: Effect };

/** What a step or a look is called; undefined: there is none of that id. */
export function rigVerb(id: string): string | undefined {
  return [...RIG_STEPS, ...RIG_LOOKS].find((row) => row.id === id)?.verb;
}

/** One step of a changeover, in its place. */
export interface ChangeoverStep {
  readonly row: RigStepRow | RigLookRow;
  /** Whether it can be done now: nothing that is listed comes before it, and all that must hold holds. */
  readonly ready: boolean;
  /** How the machine stands after it. */
  readonly after: Attributes;
}

/** Everything to be done so that a machine stands as a job needs it, in order. */
export interface Changeover {
  readonly steps: readonly ChangeoverStep[];
  readonly minutes: number;
  /** As it stands when all is done. */
  readonly end: Attributes;
}

/** What the listed steps are, have and do, as conditions ask for it. */
class ListedSteps implements Listed {
  private readonly ids = new Set<StepId>();
  private readonly gates = new Set<Gate>();
  private readonly opened = new Set<string>();

  add({ id, gate, effect = {} }: Step): void {
    this.ids.add(id);
    this.gates.add(gate);
    for (const [name, value] of Object.entries(effect)) if (value === 'open') this.opened.add(name);
  }

  readonly lists = (id: StepId): boolean => this.ids.has(id);
  readonly hasGate = (gate: Gate): boolean => this.gates.has(gate);
  readonly reopens = (test: RigAttribute): boolean => this.opened.has(test);
}

/** The steps that the difference needs, in the table's order: one may call for another, so until nothing is added. */
function stepsFor(
  facts: Facts,
  looks: readonly RigLookRow[],
): { readonly steps: readonly Step[]; readonly listed: Listed } {
  const listed = new ListedSteps();
  for (const look of looks) listed.add(look);
  for (let grows = true; grows;) {
    grows = false;
    for (const step of RIG_STEPS) {
      if (listed.lists(step.id) || !step.when(facts, listed)) continue;
      listed.add(step);
      grows = true;
    }
  }
  return { steps: [...looks, ...RIG_STEPS.filter(({ id }) => listed.lists(id))], listed };
}

/** What a step makes of a rig; what the need leaves out stays as it is. */
function effectOf({ effect = {} }: Step, need: Attributes): Attributes {
  const made: Record<string, string> = {};
  for (const [name, value] of Object.entries(effect)) {
    const to = value === NEED ? need[name] : value;
    if (to !== undefined) made[name] = to;
  }
  return made;
}

/** What a step makes of a rig: its attributes and their values; what stands so already too. */
export function stepEffect(id: string, need: Attributes): Attributes {
  const step = RIG_STEPS.find((row) => row.id === id);
  return step ? effectOf(step, need) : {};
}

/**
 * The ordered steps from how a machine stands to what a job needs. Steps that the difference does not need are absent.
 *
 * @param facts the state with every attribute that the table asks of known, or taken for something
 * @param looks what is to be looked at on the way: each stands as early as its gate lets it
 * @throws {Error} where the table leaves a step that can never be come to
 * @source handbook, from memory; the minutes common practice
 */
export function changeover(facts: Facts, looks: readonly RigLookRow[] = []): Changeover {
  const { steps: asked, listed } = stepsFor(facts, looks);
  const open = [...asked];
  const steps: ChangeoverStep[] = [];
  let { state } = facts;
  const waiting = new Set(open.map(({ id }) => id));
  const isReady = ({ after = [], afterGates = [], holds = [] }: Step, now: Facts): boolean =>
    !after.some((id) => waiting.has(id)) &&
    holds.every((condition) => condition(now, listed)) &&
    !afterGates.some((gate) => open.some((one) => one.gate === gate));
  const ready = new Set(open.filter((one) => isReady(one, facts)).map(({ id }) => id));
  while (open.length > 0) {
    const now = { ...facts, state };
    const step = open.find((one) => isReady(one, now));
    if (!step) throw new Error(`no order for ${open.map(({ id }) => id).join(', ')}`);
    open.splice(open.indexOf(step), 1);
    waiting.delete(step.id);
    state = { ...state, ...effectOf(step, facts.need) };
    steps.push({ row: step, ready: ready.has(step.id), after: state });
  }
  const minutes = steps.reduce((sum, { row }) => sum + row.minutes, 0);
  return { steps, minutes: Math.round(minutes * 10) / 10, end: state };
}
