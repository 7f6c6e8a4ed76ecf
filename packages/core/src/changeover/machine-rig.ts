import { gasOf } from '../trade/gas/gas.ts';
import type { Machine } from '../machine/machine.ts';
import { type RigAttribute, RIG_ATTRIBUTE_NAMES } from '../machine/rig-state/rig-attribute.ts';
import { type Attributes, reckonedValue, type RigFact, standingOf } from '../machine/rig-state/rig-fact.ts';

/** Attributes that a machine has a field of its own for: there the value is kept, and the rig keeps since when. */
const OWN_FIELDS: Readonly<Partial<Record<RigAttribute, keyof Machine>>> = {
  polarity: 'standingPolarity',
  program: 'standingProgram',
  gas: 'loadedGas',
  spoolAlloy: 'loadedWireClass',
  spoolDia: 'loadedWireDiameterMm',
};

/** The field of a machine that keeps an attribute; undefined: the rig does. */
export function rigField(name: RigAttribute): keyof Machine | undefined {
  return OWN_FIELDS[name];
}

/** A size as a rig says it: "0.8". */
export function rigSize(mm: number): string {
  return mm.toFixed(1);
}

/** Whether a span of sizes, "0.6-0.9", takes a wire of a size. */
export function takesSize(span: string | undefined, mm: number): boolean {
  const [least = Number.NaN, most = least] = (span ?? '').split('-').map(Number);
  return mm >= least && mm <= most;
}

/** The value of an attribute as its field keeps it. */
export function rigFieldValue(name: RigAttribute, value: string): string | number {
  return name === 'spoolDia' ? Number(value) : value;
}

/** What is known of one attribute; the field that keeps a value goes before what the rig remembers of it. */
export function rigFact(machine: Machine, name: RigAttribute): RigFact | undefined {
  const kept = machine.rig?.[name];
  const field = rigField(name);
  if (field === undefined) return kept;
  const held = machine[field] as string | number | undefined;
  if (held === undefined) return undefined;
  const value = typeof held === 'number' ? rigSize(held) : held;
  return kept?.value === value ? kept : { value };
}

/** Whether a gas is run through a regulator for CO₂, and through the hose that is kept dry for argon. */
export function gasHardware(gas: Machine['loadedGas']): Attributes {
  const { co2Percent, oxygenPercent } = gasOf(gas);
  return {
    regulatorScale: co2Percent[0] === 100 ? 'co2' : 'ar-mix',
    hose: co2Percent[1] === 0 && oxygenPercent === 0 ? 'argon' : 'mix',
  };
}

/** How a machine stands, to reckon with. */
export interface RigState {
  /** Known, or the worse where that is settled; what is absent is to be looked at. */
  readonly state: Attributes;
  /** Attributes that nobody knows, or that somebody doubts. */
  readonly unsure: ReadonlySet<string>;
}

/**
 * How a machine stands at a time.
 *
 * @param now the time, as an ISO date
 * @source handbook, from memory: what is not looked at is taken as the worse, the leads and the parts never
 */
export function rigState(machine: Machine, now: string): RigState {
  const state: Record<string, string> = {};
  const unsure = new Set<string>();
  for (const name of RIG_ATTRIBUTE_NAMES) {
    const fact = rigFact(machine, name);
    if (standingOf(name, fact, now) !== 'known') unsure.add(name);
    const value = reckonedValue(name, fact, now);
    if (value !== undefined) state[name] = value;
  }
  // what nobody said is what follows from what is known
  const follows: Attributes = {
    ...(state['gas'] === undefined ? {} : gasHardware(machine.loadedGas)),
    ...(state['gun'] === 'standard' ? { sgConnected: 'no', sgPlug: 'out' } : {}),
  };
  for (const [name, value] of Object.entries(follows)) {
    if (state[name] !== undefined) continue;
    state[name] = value;
    unsure.delete(name);
  }
  return { state, unsure };
}

/**
 * A machine with one value of its rig told anew, in the field that keeps it too.
 *
 * @param to the value; null: it is not known any more
 * @param at since when, as an ISO date
 */
export function withRigValue<M extends Machine>(
  machine: M,
  name: RigAttribute,
  to: string | null,
  at: string,
  doubted?: true,
): M {
  const { [name]: _was, ...others } = machine.rig ?? {};
  const fact = to === null ? {} : { [name]: { value: to, at, ...(doubted ? { doubted } : {}) } };
  const field = rigField(name);
  const own = field === undefined ? {} : { [field]: to === null ? undefined : rigFieldValue(name, to) };
  return { ...machine, ...own, rig: { ...others, ...fact } };
}
