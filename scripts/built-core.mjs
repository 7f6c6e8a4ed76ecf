import { existsSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT } from './workspace.mjs';

/** Where the built core lies. */
export const CORE_DIST = join(ROOT, 'packages/core/dist');

/** Everything that the built core offers, of all its wings together. */
export async function builtCore() {
  const entries = readdirSync(CORE_DIST)
    .map((wing) => join(CORE_DIST, wing, 'index.js'))
    .filter((entry) => existsSync(entry));
  return Object.assign({}, ...(await Promise.all(entries.map((entry) => import(entry)))));
}
