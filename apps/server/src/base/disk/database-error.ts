import { closeSync, existsSync, mkdirSync, openSync } from 'node:fs';
import { dirname } from 'node:path';

/** Why a database cannot be opened, in one line for the person who started the server. */
export class DatabaseError extends Error {}

/** Makes a folder level by level: a recursive mkdir never returns where the system takes no new names. */
function makeFolder(folder: string): void {
  if (existsSync(folder)) return;
  makeFolder(dirname(folder));
  mkdirSync(folder);
}

/** Makes the file where there is none; an error of the system where the path cannot be used. */
export function touch(path: string): void {
  makeFolder(dirname(path));
  closeSync(openSync(path, 'a')); // says plainly what is wrong with the path
}
