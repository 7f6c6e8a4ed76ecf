import type { RIG_ATTRIBUTES, RigAttribute } from '../machine/rig-state/rig-attribute.ts';
import type { Attributes } from '../machine/rig-state/rig-fact.ts';
import type { GasStand, PolarityChange, SpoolGunPort } from '../machine/machine.ts';
import type { Gate, StepId } from './rig-step-id.ts';

/** What a machine is, to the table of steps. */
export interface MachineFacts {
  readonly polarityForm: PolarityChange;
  readonly spoolGunPort: SpoolGunPort;
  readonly gasStand: GasStand;
  readonly purgeButton: 'yes' | 'no';
}

/** The shop's habits that steps hang on. */
export interface RigHabits {
  readonly pressureMethod: 'block' | 'metal' | 'glove';
}

/** What a condition is held against. */
export interface Facts {
  /** As the machine stands. */
  readonly state: Attributes;
  /** What the job needs; what it leaves out does not matter. */
  readonly need: Attributes;
  readonly machine: MachineFacts;
  readonly habits: RigHabits;
}

/** The steps that are listed so far, as a condition may ask of them. */
export interface Listed {
  /** Whether a step is listed. */
  readonly lists: (id: StepId) => boolean;
  /** Whether some listed step has a gate. */
  readonly hasGate: (gate: Gate) => boolean;
  /** Whether some listed step sets a test to open. */
  readonly reopens: (test: RigAttribute) => boolean;
}

export type Condition = (facts: Facts, listed: Listed) => boolean;

/** Values that an attribute can have; of those that are measured or named, any. */
export type ValueOf<A extends RigAttribute> = (typeof RIG_ATTRIBUTES)[A] extends {
  readonly choices: readonly (infer Value extends string)[];
}
  ? Value
  : string;

/** In an effect: what the job needs it to be. */
export const NEED = Symbol('as the job needs it');

/** What a step makes of the state. */
export type Effect = { readonly [A in RigAttribute]?: ValueOf<A> | typeof NEED };

/** It stands so. */
export function is<A extends RigAttribute>(name: A, value: ValueOf<A>): Condition {
  return ({ state }) => state[name] === value;
}

/** It stands otherwise, or nothing is taken of it. */
export function isNot<A extends RigAttribute>(name: A, value: ValueOf<A>): Condition {
  return ({ state }) => state[name] !== value;
}

/** The job needs it otherwise than it stands; what it does not need never differs. */
export function differs(name: RigAttribute): Condition {
  return ({ state, need }) => need[name] !== undefined && state[name] !== need[name];
}

/** The job needs it so. */
export function needs<A extends RigAttribute>(name: A, value: ValueOf<A>): Condition {
  return ({ need }) => need[name] === value;
}

/** The job needs it, and otherwise. */
export function needsOther<A extends RigAttribute>(name: A, value: ValueOf<A>): Condition {
  return ({ need }) => need[name] !== undefined && need[name] !== value;
}

/** The machine is so. */
export function machineIs<F extends keyof MachineFacts>(fact: F, value: MachineFacts[F]): Condition {
  return ({ machine }) => machine[fact] === value;
}

/** The machine is otherwise. */
export function machineIsNot<F extends keyof MachineFacts>(fact: F, value: MachineFacts[F]): Condition {
  return ({ machine }) => machine[fact] !== value;
}

/** The shop goes about it so. */
export function prefers<H extends keyof RigHabits>(habit: H, value: RigHabits[H]): Condition {
  return ({ habits }) => habits[habit] === value;
}

/** A step is listed. */
export function lists(id: StepId): Condition {
  return (_facts, listed) => listed.lists(id);
}

/** Some listed step has a gate. */
export function hasGate(gate: Gate): Condition {
  return (_facts, listed) => listed.hasGate(gate);
}

/** Some listed step opens a test anew. */
export function reopens(test: RigAttribute): Condition {
  return (_facts, listed) => listed.reopens(test);
}

/** All of them hold. */
export function all(...conditions: readonly Condition[]): Condition {
  return (facts, listed) => conditions.every((condition) => condition(facts, listed));
}

/** One of them holds. */
export function any(...conditions: readonly Condition[]): Condition {
  return (facts, listed) => conditions.some((condition) => condition(facts, listed));
}
