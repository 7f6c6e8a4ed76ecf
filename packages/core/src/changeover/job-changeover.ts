import type { Machine, SpoolGunPort } from '../machine/machine.ts';
import type { Attributes } from '../machine/rig-state/rig-fact.ts';
import { type Schools, settledSchools } from '../base/school.ts';
import type { PlannedSetup } from '../plan/setup/setup.ts';
import { changeover, type ChangeoverStep } from './changeover.ts';
import { type RigState, rigState } from './machine-rig.ts';
import { isRigAttribute, type RigAttribute, rigAttributeRow } from '../machine/rig-state/rig-attribute.ts';
import type { MachineFacts } from './rig-condition.ts';
import { RIG_LOOKS } from './rig-looks.ts';
import type { RigLookRow } from './rig-step-row.ts';
import { rigNeed } from './rig-need.ts';

/** Facts of a machine that decide which steps there are; asked once. */
export const RIG_QUESTIONS = ['polarityChange', 'spoolGunPort', 'gasStand', 'purgeButton'] as const;
export type RigQuestion = (typeof RIG_QUESTIONS)[number];

/** What is to be done at a machine so that it stands as a plan needs it. */
export interface JobChangeover {
  readonly steps: readonly ChangeoverStep[];
  /** Minutes if all that is not known is as it is needed. */
  readonly leastMin: number;
  /** Minutes if none of it is. */
  readonly mostMin: number;
  readonly need: Attributes;
  readonly state: Attributes;
  /** What the plan needs and nobody knows. */
  readonly unsure: readonly string[];
  /** What was taken of the machine because nobody said. */
  readonly assumed: readonly RigQuestion[];
}

/** "24.8", or "6 to 31" while something is not known. */
export function changeoverMinutesText({
  leastMin,
  mostMin,
}: Pick<JobChangeover, 'leastMin' | 'mostMin'>): string {
  if (leastMin === mostMin) return String(leastMin);
  return `${leastMin.toFixed(0)} to ${mostMin.toFixed(0)}`;
}

/** "3 min to rig", or what is sure apart from what the looks may find: "3 min to rig, up to 17 by what the looks find". */
export function sureMinutesText({ leastMin, mostMin }: Pick<JobChangeover, 'leastMin' | 'mostMin'>): string {
  if (mostMin === 0) return 'ready';
  const sure = `${Number(leastMin.toFixed(leastMin === mostMin ? 1 : 0))} min to rig`;
  return leastMin === mostMin ? sure : `${sure}, up to ${mostMin.toFixed(0)} by what the looks find`;
}

/** How a changeover is asked for. */
export interface ChangeoverAsked {
  /** The time, as an ISO date. */
  readonly now: string;
  /** How the shop goes about it; undefined: as most do. */
  readonly schools?: Partial<Schools> | undefined;
}

function spoolGunPort({ spoolGunPort: said, features }: Machine): SpoolGunPort | undefined {
  if (said !== undefined) return said;
  if (features === undefined) return undefined;
  return features.includes('spool-gun-socket') ? 'own' : undefined;
}

/** What a machine is, to the table of steps, and what of it was only taken so. */
function machineFacts(machine: Machine): {
  readonly is: MachineFacts;
  readonly assumed: readonly RigQuestion[];
} {
  const { polarityChange, gasStand, purgeButton } = machine;
  const known = {
    polarityChange,
    spoolGunPort: spoolGunPort(machine),
    gasStand,
    purgeButton: purgeButton === undefined ? undefined : purgeButton ? ('yes' as const) : ('no' as const),
  } satisfies Record<RigQuestion, unknown>;
  const is: MachineFacts = {
    polarityForm: known.polarityChange ?? 'links',
    spoolGunPort: known.spoolGunPort ?? 'shared',
    gasStand: known.gasStand ?? 'one',
    purgeButton: known.purgeButton ?? 'no',
  };
  return { is, assumed: RIG_QUESTIONS.filter((question) => known[question] === undefined) };
}

/** Which assumptions matter to a list of steps. */
const ASKED_BY: Readonly<Record<RigQuestion, (ids: ReadonlySet<string>, need: Attributes) => boolean>> = {
  polarityChange: (ids) => ids.has('leads-links'),
  spoolGunPort: (_ids, need) => need['gun'] === 'spool-gun',
  gasStand: (ids) => ids.has('reg-off') || ids.has('hose-swap'),
  purgeButton: (ids) => ids.has('bleed') || ids.has('purge'),
};

/** Settings are set in any case: nobody looks how they stand. */
const SET_ANYWAY: ReadonlySet<string> = new Set(['program', 'setPoint', 'secondary', 'workClampPlace']);

function looksFor(names: readonly string[]): readonly RigLookRow[] {
  return RIG_LOOKS.filter(({ answers }) => answers.some((name) => names.includes(name)));
}

/** What a need asks of a machine and nobody knows, but for settings, which are set in any case. */
export function unknownOf(need: Attributes, state: Attributes): readonly string[] {
  return Object.keys(need).filter((name) => state[name] === undefined && !SET_ANYWAY.has(name));
}

/** What a machine takes to come to a need, and how it then stands. */
export interface RigMove {
  readonly minutes: number;
  readonly after: Attributes;
}

/**
 * Minutes from a state of a machine to a need, taking what nobody knows for the worse, and the state that it leaves.
 *
 * @param state how the machine would stand: what is absent is not known
 * @source handbook, from memory; minutes are common practice, not timed
 */
export function rigMove(
  need: Attributes,
  machine: Machine,
  state: Attributes,
  schools?: Partial<Schools>,
): RigMove {
  const { is } = machineFacts(machine);
  const habits = { pressureMethod: settledSchools(schools).rollPressure };
  const unknown = unknownOf(need, state);
  const looks = looksFor(unknown);
  const { minutes, end } = changeover({ need, machine: is, habits, state: { hot: 'yes', ...state } }, looks);
  return { minutes, after: { ...end, hot: 'yes' } };
}

/** A need without what every job sets anew: knobs, programs and the clamp are of the job, not of the machine. */
export function hardwareNeed(need: Attributes): Attributes {
  return Object.fromEntries(Object.entries(need).filter(([name]) => !SET_ANYWAY.has(name)));
}

/** A changeover to a need, looks first. */
function changeoverTo(
  need: Attributes,
  machine: Machine,
  { state, unsure }: RigState,
  asked: ChangeoverAsked,
): JobChangeover {
  const { is, assumed } = machineFacts(machine);
  const habits = { pressureMethod: settledSchools(asked.schools).rollPressure };
  const unknown = unknownOf(need, state);
  const asNeeded = Object.fromEntries(unknown.map((name) => [name, need[name] as string]));
  const facts = { need, machine: is, habits };
  const isHot = state['hot'] ?? 'yes';
  const front = changeover({ ...facts, state: { ...state, hot: isHot } });
  const asksHands = state['hot'] === undefined && front.steps.some(({ row }) => row.id === 'let-cool');
  const looks = looksFor(asksHands ? [...unknown, 'hot'] : unknown);
  // without a look nothing hangs on what is not known
  const worst = looks.length === 0 ? front : changeover({ ...facts, state: { ...state, hot: isHot } }, looks);
  const best =
    looks.length === 0 ? front : changeover({ ...facts, state: { hot: 'no', ...state, ...asNeeded } }, looks);
  const ids = new Set(worst.steps.map(({ row }) => row.id));
  return {
    steps: best.steps,
    leastMin: best.minutes,
    mostMin: worst.minutes,
    need,
    state,
    unsure: [...unsure].filter((name) => unknown.includes(name)),
    assumed: assumed.filter((question) => ASKED_BY[question](ids, need)),
  };
}

/**
 * From how a machine stands to what a plan needs: first what must be looked at, then what must be changed. As soon as a
 * look is answered the list is made again from what is known then.
 *
 * @source handbook, from memory; minutes are common practice, not timed
 */
export function jobChangeover(plan: PlannedSetup, machine: Machine, asked: ChangeoverAsked): JobChangeover {
  const standing = rigState(machine, asked.now);
  return changeoverTo(rigNeed(plan, machine, standing.state), machine, standing, asked);
}

/**
 * From how a machine stands to how it is left at the end of the day.
 *
 * @source handbook, from memory; two schools: the regulator stays set for tomorrow, or is backed off where the bottle is
 *   moved or stands more than a day
 */
export function closeDown(machine: Machine, asked: ChangeoverAsked): JobChangeover {
  const need = {
    power: 'off',
    cylinderValve: 'closed',
    gasLine: 'bled',
    workClamp: 'off',
    gunLead: 'coiled',
    regulatorKnob: settledSchools(asked.schools).regulatorRest,
    stockNoted: 'yes',
  };
  return changeoverTo(need, machine, rigState(machine, asked.now), asked);
}

/** What a look at the whole wire path asks: everything that is looked at and never guessed, look by look. */
export function machineCheck(machine: Machine): readonly CheckedLook[] {
  const hasSpoolGun = spoolGunPort(machine) !== 'none';
  return RIG_LOOKS.flatMap((row): readonly CheckedLook[] => {
    const asks = row.answers.filter(
      (name): name is RigAttribute =>
        isRigAttribute(name) && rigAttributeRow(name).unknown === undefined && name !== 'spoolClass',
    );
    if (asks.length === 0 || (row.id === 'look-spool-gun' && !hasSpoolGun)) return [];
    return [{ row, asks }];
  });
}

/** A look, and what it asks. */
export interface CheckedLook {
  readonly row: RigLookRow;
  readonly asks: readonly RigAttribute[];
}
