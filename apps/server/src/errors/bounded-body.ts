import type { NextFunction, Request, Response } from 'express';
import { DomainError } from './domain-error.ts';

/** How deep a body may go, and how many values it may hold: a machine's file with two thousand readings holds a third. */
export const DEPTH_MOST = 24;
export const VALUES_MOST = 60_000;

/** Names by which a value would pass itself off as text or number: nothing here is called so. */
const NO_NAMES: ReadonlySet<string> = new Set(['toString', 'valueOf', 'toJSON', '__proto__']);

/** What is too much of a body, before anything looks at what it says; undefined: nothing. */
export function tooMuchIn(body: unknown): string | undefined {
  let level: unknown[] = [body];
  let values = 0;
  for (let depth = 0; level.length > 0; depth += 1) {
    if (depth > DEPTH_MOST) return `It goes deeper than ${DEPTH_MOST} levels.`;
    const next: unknown[] = [];
    for (const value of level) {
      if (typeof value !== 'object' || value === null) continue;
      for (const [name, one] of Object.entries(value)) {
        if (NO_NAMES.has(name)) return `No field may be called ${name}.`;
        next.push(one);
      }
    }
    values += next.length;
    if (values > VALUES_MOST) return `It holds more than ${VALUES_MOST} values.`;
    level = next;
  }
  return undefined;
}

/** Turns away a body that is too deep or too full to be looked at. */
export function boundedBody({ body }: Request, _response: Response, next: NextFunction): void {
  const message = tooMuchIn(body);
  next(message === undefined ? undefined : new DomainError('body-too-much', 400, message, ''));
}
