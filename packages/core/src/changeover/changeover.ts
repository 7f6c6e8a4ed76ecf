import { type Condition, conditionOf, type Facts, type Listed } from './condition.ts';
import type { Attributes } from '../machine/rig-state/rig-fact.ts';
import type { RigStepRow } from './rig-step-row.ts';
import { type RigLookRow, RIG_LOOKS } from './rig-looks.ts';
import { RIG_STEPS } from './rig-steps.ts';

/** What a step asks to have been done or to hold before it. */
interface Requirement {
  readonly after: readonly string[];
  readonly afterGates: readonly string[];
  readonly holds: readonly Condition[];
}

/** A row as it is worked with. */
interface ReadStep {
  readonly row: RigStepRow;
  readonly when: Condition;
  readonly effect: readonly (readonly [attribute: string, value: string])[];
  readonly requires: Requirement;
}

const EACH = /^each\(gate=([a-z-]+)\)$/;

function parts(text: string): readonly string[] {
  return text
    .split(';')
    .map((part) => part.trim())
    .filter((part) => part !== '');
}

function requirementOf(text: string): Requirement {
  const all = parts(text);
  const gates = all.flatMap((part) => EACH.exec(part)?.[1] ?? []);
  const rest = all.filter((part) => !EACH.test(part));
  return {
    after: rest.filter((part) => /^[a-z0-9-]+$/.test(part)),
    afterGates: gates,
    holds: rest.filter((part) => part.includes('=')).map(conditionOf),
  };
}

function readStep(row: RigStepRow): ReadStep {
  const effect = parts(row.effect).map((part) => part.split('=') as [string, string]);
  return { row, when: conditionOf(row.when), effect, requires: requirementOf(row.requires) };
}

const STEPS: readonly ReadStep[] = RIG_STEPS.map(readStep);
const LOOKS: ReadonlyMap<string, ReadStep> = new Map(
  RIG_LOOKS.map((row) => [row.id, readStep({ ...row, when: 'plan(none)' })] as const),
);

/** What a step or a look is called; undefined: there is none of that id. */
export function rigVerb(id: string): string | undefined {
  return [...RIG_STEPS, ...RIG_LOOKS].find((row) => row.id === id)?.verb;
}

/** One step of a changeover, in its place. */
export interface ChangeoverStep {
  readonly row: RigStepRow;
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
  private readonly ids = new Set<string>();
  private readonly gates = new Set<string>();
  private readonly opened = new Set<string>();

  add({ row, effect }: ReadStep): void {
    this.ids.add(row.id);
    this.gates.add(row.gate);
    for (const [name, value] of effect) if (value === 'open') this.opened.add(name);
  }

  readonly plan = (id: string): boolean => this.ids.has(id);
  readonly gate = (gate: string): boolean => this.gates.has(gate);
  readonly reopened = (test: string): boolean => this.opened.has(test);
}

/** The steps that the difference needs, in the table's order: one may call for another, so until nothing is added. */
function stepsFor(
  facts: Facts,
  looks: readonly ReadStep[],
): { readonly steps: readonly ReadStep[]; readonly listed: Listed } {
  const listed = new ListedSteps();
  for (const look of looks) listed.add(look);
  for (let grows = true; grows;) {
    grows = false;
    for (const step of STEPS) {
      if (listed.plan(step.row.id) || !step.when(facts, listed)) continue;
      listed.add(step);
      grows = true;
    }
  }
  return { steps: [...looks, ...STEPS.filter(({ row }) => listed.plan(row.id))], listed };
}

/** What a step makes of a rig; what the need leaves out stays as it is. */
function effectOf({ effect }: ReadStep, need: Attributes): Attributes {
  const made: Record<string, string> = {};
  for (const [name, value] of effect) {
    const to = value === 'need' ? need[name] : value;
    if (to !== undefined) made[name] = to;
  }
  return made;
}

/** What a step makes of a rig: its attributes and their values; what stands so already too. */
export function stepEffect(id: string, need: Attributes): Attributes {
  const step = STEPS.find(({ row }) => row.id === id);
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
  const asLooks = looks.flatMap(({ id }) => LOOKS.get(id) ?? []);
  const { steps: asked, listed } = stepsFor(facts, asLooks);
  const open = [...asked];
  const steps: ChangeoverStep[] = [];
  let { state } = facts;
  const waiting = new Set(open.map(({ row }) => row.id));
  const isReady = ({ requires }: ReadStep, now: Facts): boolean =>
    !requires.after.some((id) => waiting.has(id)) &&
    requires.holds.every((holds) => holds(now, listed)) &&
    requires.afterGates.every((gate) => !open.some(({ row }) => row.gate === gate));
  const ready = new Set(open.filter((one) => isReady(one, facts)).map(({ row }) => row.id));
  while (open.length > 0) {
    const now = { ...facts, state };
    const step = open.find((one) => isReady(one, now));
    if (!step) throw new Error(`no order for ${open.map(({ row }) => row.id).join(', ')}`);
    open.splice(open.indexOf(step), 1);
    waiting.delete(step.row.id);
    state = { ...state, ...effectOf(step, facts.need) };
    steps.push({ row: step.row, ready: ready.has(step.row.id), after: state });
  }
  const minutes = steps.reduce((sum, { row }) => sum + row.minutes, 0);
  return { steps, minutes: Math.round(minutes * 10) / 10, end: state };
}
