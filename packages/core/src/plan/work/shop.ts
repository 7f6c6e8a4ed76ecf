import type { Schools } from '../../base/school.ts';
import type { Machine } from '../../machine/machine.ts';
import type { MachineLearning } from '../../window/learning/learned-offset.ts';
import { planSetup } from '../setup/plan-setup.ts';
import type { OwnNumbers, Setup } from '../setup/setup.ts';
import { type CompletedWork, completeWork } from './complete-work.ts';
import type { Resources, Shelf } from './resources.ts';
import type { StatedWork } from './stated-work.ts';

/** What the shop has and how it goes about it, beside what a job says: all that a plan is made of. */
export interface Shop {
  /** Its machines in use, each with how it stands. */
  readonly machines: readonly Machine[];
  readonly shelf?: Shelf | undefined;
  readonly schools?: Partial<Schools> | undefined;
  /** What test beads taught of its machines, by the machine's name. */
  readonly learning?: Readonly<Record<string, MachineLearning>> | undefined;
}

/** The shop as it is kept: rows of a database, or what the API answered. */
export interface KeptShopParts {
  /** Machines in use. */
  readonly machines: readonly (Machine & { readonly id: string })[];
  /** What Stores hold; null while they hold none: then nothing is held against a way for it. */
  readonly shelf?: Shelf | null | undefined;
  readonly schools?: Partial<Schools> | undefined;
  /** What test beads taught, by the machine's id; undefined where plans are to be by the book. */
  readonly learning?: Readonly<Record<string, MachineLearning>> | undefined;
}

/** The shop as plans need it, from what is kept of it: the one place where it is put together. */
export function shopOf({ machines, shelf, schools, learning }: KeptShopParts): Shop {
  const learned = machines.flatMap(({ id, name }) => {
    const taught = learning?.[id];
    return taught ? [[name, taught] as const] : [];
  });
  return {
    machines,
    schools,
    shelf: shelf ?? undefined,
    learning: learning && Object.fromEntries(learned),
  };
}

/** The resources a job names, with its machine found by name. */
export function resourcesOf(stated: StatedWork, { machines, shelf, schools, learning }: Shop): Resources {
  const machine = machines.find(({ name }) => name === stated.machineName);
  return {
    polarity: stated.polarity,
    withoutFiller: stated.withoutFiller,
    machines,
    shelf,
    schools,
    way: stated.way,
    mode: stated.mode,
    wireClass: stated.wireClass,
    wireDiameterMm: stated.wireDiameterMm,
    gas: stated.gas,
    machine,
    learning: machine && learning?.[machine.name],
  };
}

/** A job as plans are made for it. */
export interface JobOfShop {
  readonly work: StatedWork;
  readonly own: OwnNumbers;
  /** The machine that it is tied to; another of that name may have come since it was retired. */
  readonly machine?: { readonly name: string; readonly away: boolean } | null | undefined;
}

/** What a shop answers to a job. */
export type JobInShop =
  /** It has no thickness: there is nothing to plan yet. */
  | { readonly status: 'no-thickness' }
  /** It names a machine that is not in use: it is not planned as if nothing were known of one. */
  | { readonly status: 'machine-not-in-use'; readonly name: string; readonly complete: CompletedWork }
  /** It is planned or refused. */
  | { readonly status: 'answered'; readonly complete: CompletedWork; readonly setup: Setup };

/**
 * What a shop answers to a job: one rule for everyone who plans in it.
 *
 * @example
 * jobInShop({ work: { thicknessMm: 3, machineName: 'Tom' }, own: {} }, { machines: [] }).status // 'machine-not-in-use'
 */
export function jobInShop({ work, own, machine }: JobOfShop, shop: Shop): JobInShop {
  const complete = completeWork(work);
  if (!complete) return { status: 'no-thickness' };
  const name = work.machineName;
  const isRetired = machine?.away === true && machine.name === name;
  if (name !== undefined && (isRetired || !shop.machines.some((one) => one.name === name)))
    return { status: 'machine-not-in-use', name, complete };
  return { status: 'answered', complete, setup: planSetup(complete.work, resourcesOf(work, shop), own) };
}
