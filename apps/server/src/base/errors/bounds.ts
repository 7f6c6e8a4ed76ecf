import type Joi from 'joi';
import type { Problem } from '@hot-bead/contract/base';

/** Most items of a list whose own contract says nothing of it. */
export const LIST_MOST = 2500;
/** Most keys that are not known here and are told of one by one. */
const STRANGE_MOST = 20;

/** How much of each part of a value a schema lets through, without what it says of the parts. */
interface Bounds {
  readonly most: number;
  /** What its schema says where there are more; undefined: nothing of its own. */
  readonly message: string | undefined;
  readonly items: readonly Bounds[];
  /** Undefined: its keys are of a pattern, or of any name. */
  readonly keys: ReadonlyMap<string, Bounds> | undefined;
  readonly others: readonly Bounds[];
  /** Bounds of what it may be instead. */
  readonly either: readonly Bounds[];
}

interface Described {
  readonly preferences?: {
    readonly messages?: Readonly<Record<string, string | { readonly template: string }>>;
  };
  readonly type?: string;
  readonly flags?: { readonly unknown?: boolean };
  readonly rules?: readonly { readonly name: string; readonly args?: { readonly limit?: unknown } }[];
  readonly keys?: Readonly<Record<string, Described>>;
  readonly items?: readonly Described[];
  readonly patterns?: readonly { readonly rule: Described }[];
  readonly matches?: readonly Readonly<Record<string, unknown>>[];
  readonly whens?: readonly Readonly<Record<string, unknown>>[];
}

function limitOf({ rules = [] }: Described): number {
  const limits = rules
    .filter(({ name }) => name === 'max' || name === 'length')
    .map(({ args }) => args?.limit)
    .filter((limit) => typeof limit === 'number');
  return Math.min(LIST_MOST, ...limits);
}

/** The schema's own words for too many, where they need no figures filled in. */
function ownMessage({ preferences }: Described): string | undefined {
  const { 'array.max': told, '*': any } = preferences?.messages ?? {};
  const message = told ?? any;
  const text = typeof message === 'object' ? message.template : message;
  return text === undefined || text.includes('{') ? undefined : text;
}

function boundsOf(described: Described): Bounds {
  const { keys, items = [], patterns = [], matches = [], whens = [], flags } = described;
  const parts = [...matches, ...whens].flatMap((choice) => Object.values(choice));
  const isOpen = flags?.unknown === true || patterns.length > 0 || keys === undefined;
  return {
    most: limitOf(described),
    message: ownMessage(described),
    items: items.map(boundsOf),
    keys: isOpen
      ? undefined
      : new Map(Object.entries(keys).map(([name, one]) => [name, boundsOf(one)] as const)),
    others: [...patterns.map(({ rule }) => rule), ...(isOpen ? Object.values(keys ?? {}) : [])].map(boundsOf),
    either: parts
      .filter((part): part is Described => typeof part === 'object' && part !== null && 'type' in part)
      .map(boundsOf),
  };
}

const KNOWN = new WeakMap<Joi.Schema, Bounds>();

function boundsFor(schema: Joi.Schema): Bounds {
  const known = KNOWN.get(schema);
  if (known) return known;
  const bounds = boundsOf(schema.describe() as Described);
  KNOWN.set(schema, bounds);
  return bounds;
}

/** Everything that a value may be in one place: any of several. */
function all(bounds: readonly Bounds[]): readonly Bounds[] {
  return bounds.flatMap((one) => [one, ...all(one.either)]);
}

function problem(path: readonly (string | number)[], code: string, message: string): Problem {
  return { field: path.join('.'), code, message };
}

function overList(
  value: readonly unknown[],
  bounds: readonly Bounds[],
  path: readonly (string | number)[],
): Problem | undefined {
  const lists = bounds.filter(({ items }) => items.length > 0);
  const most = Math.max(...(lists.length > 0 ? lists : bounds).map((one) => one.most));
  if (value.length > most) {
    const own = lists.find((one) => one.most === most)?.message;
    return problem(path, 'out-of-range', own ?? `That is ${value.length} of them: ${most} are the most.`);
  }
  const items = bounds.flatMap((one) => one.items);
  for (const [i, item] of value.entries()) {
    const excess = over(item, items, [...path, i]);
    if (excess) return excess;
  }
  return undefined;
}

function overObject(
  value: object,
  bounds: readonly Bounds[],
  path: readonly (string | number)[],
): Problem | undefined {
  const entries = Object.entries(value);
  const named = bounds.filter(({ keys }) => keys !== undefined);
  const isNamed =
    named.length > 0 && bounds.every(({ keys, others }) => keys !== undefined || others.length === 0);
  if (isNamed) {
    const strange = entries.filter(([name]) => !named.some(({ keys }) => keys?.has(name))).length;
    if (strange > STRANGE_MOST)
      return problem(path, 'unknown-field', `${strange} fields of it are not known here.`);
  } else {
    const most = Math.max(...bounds.map((one) => one.most));
    if (entries.length > most)
      return problem(path, 'out-of-range', `That is ${entries.length} of them: ${most} are the most.`);
  }
  for (const [name, one] of entries) {
    const inner = bounds.flatMap(({ keys, others }) => [keys?.get(name) ?? [], others].flat());
    const excess = over(one, inner, [...path, name]);
    if (excess) return excess;
  }
  return undefined;
}

function over(
  value: unknown,
  bounds: readonly Bounds[],
  path: readonly (string | number)[],
): Problem | undefined {
  if (typeof value !== 'object' || value === null || bounds.length === 0) return undefined;
  const every = all(bounds);
  return Array.isArray(value) ? overList(value, every, path) : overObject(value, every, path);
}

/**
 * What is too much of a value for its schema to be asked: a list longer than it takes, more fields than it knows. It is
 * found by counting alone, before any rule looks at what is there.
 */
export function overBounds(schema: Joi.Schema, value: unknown): Problem | undefined {
  if (typeof value !== 'object' || value === null) return undefined;
  return over(value, [boundsFor(schema)], []);
}
