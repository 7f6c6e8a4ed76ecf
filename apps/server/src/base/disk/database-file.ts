import { type BigIntStats, statSync } from 'node:fs';
import Database from 'better-sqlite3';
import { DomainError } from '../errors/domain-error.ts';
import { DatabaseError, touch } from './database-error.ts';

/** Which file stands at a path; undefined: none. */
function identityOf(path: string): string | undefined {
  const stat: BigIntStats | undefined = statSync(path, { bigint: true, throwIfNoEntry: false });
  return stat && `${stat.dev} ${stat.ino}`;
}

/** The database's file as it was opened: what is written into one that has lost its name is lost with it. */
export class DatabaseFile {
  private readonly opened: string | undefined;

  constructor(readonly path: string) {
    this.opened = identityOf(path);
  }

  /** @throws {DomainError} `database-gone` where another file, or none, stands in its place */
  refuseOther(): void {
    if (identityOf(this.path) === this.opened) return;
    throw new DomainError(
      'database-gone',
      503,
      `The database at ${this.path} was moved, replaced or deleted while Hot Bead had it open. Nothing was changed: stop Hot Bead, put the file in its place, and start it again.`,
    );
  }
}

/** What is held: a connection that nobody knows of any more would be closed, and let go. */
const held = new Set<Database.Database>();

/**
 * Holds a database for one server: by a lock on a file beside it, which the system lets go of when the program ends,
 * however it ends.
 *
 * @returns lets go of it
 * @throws {DatabaseError} where another server holds it
 */
export function holdDatabase(path: string): () => void {
  touch(path);
  const lock = new Database(`${path}.lock`, { timeout: 0 });
  try {
    lock.pragma('journal_mode = MEMORY'); // nothing is ever written to it
    lock.exec('BEGIN EXCLUSIVE');
  } catch (error) {
    lock.close();
    if ((error as { code?: unknown }).code !== 'SQLITE_BUSY') throw error;
    throw new DatabaseError(
      `The database at ${path} is open in another Hot Bead: use that one or stop it, or name another file with HOT_BEAD_DB.`,
    );
  }
  held.add(lock);
  return () => {
    held.delete(lock);
    lock.close();
  };
}
