import { closeSync, fsyncSync, openSync, renameSync, rmSync } from 'node:fs';
import Database from 'better-sqlite3';

/** Keeps a database as it stands as a file of its own, which has its name once it is whole. */
export function copyDatabase(path: string, copy: string): void {
  const part = `${copy}.part`;
  rmSync(part, { force: true });
  const database = new Database(path, { readonly: true, timeout: 5000 });
  try {
    database.prepare('VACUUM INTO ?').run(part);
  } catch (error) {
    rmSync(part, { force: true });
    throw error;
  } finally {
    database.close();
  }
  const whole = new Database(part, { readonly: true });
  try {
    const verdict = whole.pragma('quick_check(1)', { simple: true });
    if (verdict !== 'ok') throw new Error(`The copy is not whole: ${String(verdict)}`);
  } finally {
    whole.close();
  }
  const file = openSync(part, 'r+');
  fsyncSync(file);
  closeSync(file);
  renameSync(part, copy);
}
