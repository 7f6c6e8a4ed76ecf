import type { NextFunction, Request, Response } from 'express';
import { DomainError } from './domain-error.ts';

/** How deep a body may go, and how many values it may hold: a machine's file with two thousand readings holds a third. */
export const DEPTH_MOST = 24;
export const VALUES_MOST = 60_000;

/** Names by which a value would pass itself off as text or number: nothing here is called so. */
const NO_NAMES: ReadonlySet<string> = new Set(['toString', 'valueOf', 'toJSON', '__proto__']);

/** What stands in a value, or what is wrong with one of its names. */
function within(value: object): readonly unknown[] | string {
  if (Array.isArray(value)) return value;
  const wrong = Object.keys(value).find((name) => NO_NAMES.has(name));
  return wrong === undefined ? Object.values(value) : `No field may be called ${wrong}.`;
}

/** What is too much of a body, before anything looks at what it says; undefined: nothing. */
export function tooMuchIn(body: unknown): string | undefined {
  let level: readonly unknown[] = [body];
  let values = 0;
  for (let depth = 0; level.length > 0; depth += 1) {
    if (depth > DEPTH_MOST) return `It goes deeper than ${DEPTH_MOST} levels.`;
    const next: unknown[] = [];
    for (const value of level) {
      if (typeof value !== 'object' || value === null) continue;
      const inner = within(value);
      if (typeof inner === 'string') return inner;
      values += inner.length;
      if (values > VALUES_MOST) return `It holds more than ${VALUES_MOST} values.`;
      for (const one of inner) next.push(one);
    }
    level = next;
  }
  return undefined;
}

/** Turns away a body that is too deep or too full to be looked at. */
export function boundedBody({ body }: Request, _response: Response, next: NextFunction): void {
  const message = tooMuchIn(body);
  next(message === undefined ? undefined : new DomainError('body-too-much', 400, message, ''));
}
