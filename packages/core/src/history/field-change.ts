/** A value as JSON writes it. */
export type Json = string | number | boolean | null | readonly Json[] | { readonly [key: string]: Json };

/** A record taken apart into its fields, by path: `name`, `work.joint`. What is absent does not stand there. */
export type Fields = Readonly<Record<string, Json>>;

/** What changes of a record, by path; null takes a field away. */
export type FieldChange = Readonly<Record<string, Json | null>>;

function sorted(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(sorted);
  if (typeof value !== 'object' || value === null) return value;
  const entries = Object.entries(value).filter(([, one]) => one !== undefined);
  return Object.fromEntries(
    entries.toSorted(([a], [b]) => (a < b ? -1 : 1)).map(([key, one]) => [key, sorted(one)]),
  );
}

/** A value written out so that equal values are equal texts, whatever the order of their keys. */
export function canonicalJson(value: unknown): string {
  return JSON.stringify(sorted(value)) ?? 'null';
}

/** Whether two values are the same but for the order of their keys; what is undefined is as good as absent. */
export function isSameValue(a: unknown, b: unknown): boolean {
  return a === b || canonicalJson(a) === canonicalJson(b);
}

/**
 * The fields of a record.
 *
 * @param branches keys whose own keys are fields for themselves, so that two people may change two of them at once
 */
export function fieldsOf(record: object, branches: readonly string[]): Fields {
  const fields: Record<string, Json> = {};
  for (const [key, value] of Object.entries(record)) {
    if (value === undefined || value === null) continue;
    if (!branches.includes(key)) fields[key] = value as Json;
    else {
      for (const [inner, one] of Object.entries(value as object)) {
        if (one !== undefined && one !== null) fields[`${key}.${inner}`] = one as Json;
      }
    }
  }
  return fields;
}

/** The record that fields make; a branch without fields is an empty object. */
export function recordOf(fields: Fields, branches: readonly string[]): Record<string, unknown> {
  const record: Record<string, unknown> = Object.fromEntries(branches.map((branch) => [branch, {}]));
  for (const [path, value] of Object.entries(fields)) {
    const branch = branches.find((one) => path.startsWith(`${one}.`));
    if (branch === undefined) record[path] = value;
    else (record[branch] as Record<string, unknown>)[path.slice(branch.length + 1)] = value;
  }
  return record;
}

/** What must be changed to come from one record to another. */
export function changeBetween(before: Fields, after: Fields): FieldChange {
  const paths = [...new Set([...Object.keys(before), ...Object.keys(after)])].toSorted();
  return Object.fromEntries(
    paths
      .filter((path) => !isSameValue(before[path], after[path]))
      .map((path) => [path, after[path] ?? null]),
  );
}

/** What of a change is not so already: null of what is not there changes nothing. */
export function differing(fields: Fields, change: FieldChange): FieldChange {
  return Object.fromEntries(
    Object.entries(change).filter(([path, value]) => !isSameValue(fields[path] ?? null, value)),
  );
}

/** A record's fields after a change. */
export function fieldsAfter(fields: Fields, change: FieldChange): Fields {
  const kept = Object.entries(fields).filter(([path]) => !(path in change));
  const set = Object.entries(change).filter((entry): entry is [string, Json] => entry[1] !== null);
  return Object.fromEntries([...kept, ...set]);
}

/** What stands, of the fields that a change touches: the change that takes it back. */
export function changeBack(fields: Fields, change: FieldChange): FieldChange {
  return Object.fromEntries(Object.keys(change).map((path) => [path, fields[path] ?? null]));
}

/** A partial record in which null takes a field away, as a change by path. */
export function changeOf(patch: object, branches: readonly string[]): FieldChange {
  const change: Record<string, Json | null> = {};
  for (const [key, value] of Object.entries(patch)) {
    if (value === undefined) continue;
    if (!branches.includes(key)) change[key] = value as Json | null;
    else {
      for (const [inner, one] of Object.entries((value ?? {}) as object)) {
        if (one !== undefined) change[`${key}.${inner}`] = one as Json | null;
      }
    }
  }
  return change;
}

/** The same as a partial record, to be sent. */
export function patchOf(change: FieldChange, branches: readonly string[]): Record<string, unknown> {
  const patch: Record<string, unknown> = {};
  for (const [path, value] of Object.entries(change)) {
    const branch = branches.find((one) => path.startsWith(`${one}.`));
    if (branch === undefined) patch[path] = value;
    else {
      patch[branch] = { ...(patch[branch] as object), [path.slice(branch.length + 1)]: value };
    }
  }
  return patch;
}
