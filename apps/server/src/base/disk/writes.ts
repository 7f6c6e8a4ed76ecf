import { AsyncLocalStorage } from 'node:async_hooks';
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import type Database from 'better-sqlite3';
import { DataSource, type EntityManager } from 'typeorm';
import { DomainError } from '../errors/domain-error.ts';
import { DatabaseFile } from './database-file.ts';

/** The name of the connection that writes; the one without a name reads. */
export const WRITING = 'writing';

/** How long a write waits for those before it, ms. */
export const WAIT_MOST_MS = 15_000;

/** What is in hand: what is to be done once it is kept. */
interface InHand {
  readonly after: (() => void)[];
}

interface SqliteDriver {
  readonly databaseConnection: Database.Database;
  connect(): Promise<void>;
  disconnect(): Promise<void>;
}

function busy(): DomainError {
  return new DomainError(
    'busy',
    503,
    'The shop is being written to by something long. Nothing was changed: try again in a moment.',
  );
}

function notKept(): DomainError {
  return new DomainError(
    'not-kept',
    503,
    'The disk did not take it. Nothing was changed: see to the disk, then try again.',
  );
}

/**
 * The one way to the connection that writes: one transaction after another, each of them kept whole or taken back whole.
 * Reading is done on a connection of its own, which sees only what is kept.
 */
@Injectable()
export class Writes {
  private readonly hand = new AsyncLocalStorage<InHand>();
  private last: Promise<unknown> = Promise.resolve();

  constructor(
    @InjectDataSource(WRITING) private readonly writing: DataSource,
    @InjectDataSource() private readonly reading: DataSource,
    private readonly file: DatabaseFile,
  ) {}

  /**
   * Writes in one transaction, when those before it are done. It is answered only when another connection sees it kept.
   *
   * @param run must await nothing but the database, and must not ask for a transaction itself
   * @throws {DomainError} `busy` where its turn did not come, `database-gone`, `not-kept`; what `run` throws
   */
  transaction<T>(run: (manager: EntityManager) => Promise<T>): Promise<T> {
    return this.inTurn(() => this.kept(run));
  }

  /** Does something while nobody writes here: another connection may. */
  alone<T>(run: () => Promise<T>): Promise<T> {
    return this.inTurn(run);
  }

  /** Does something once the transaction in hand is kept; at once where there is none. */
  afterKept(done: () => void): void {
    const inHand = this.hand.getStore();
    if (inHand) inHand.after.push(done);
    else done();
  }

  /** The connection that writes, for a statement that the entity manager is too slow for: within a transaction only. */
  get connection(): Database.Database {
    return this.driver.databaseConnection;
  }

  private get driver(): SqliteDriver {
    return this.writing.driver as unknown as SqliteDriver;
  }

  private inTurn<T>(run: () => Promise<T>): Promise<T> {
    if (this.hand.getStore()) throw new Error('A transaction was asked for within another.');
    return new Promise<T>((resolve, reject) => {
      let gaveUp = false;
      const timer = setTimeout(() => {
        gaveUp = true;
        reject(busy());
      }, WAIT_MOST_MS);
      const begin = async (): Promise<void> => {
        clearTimeout(timer);
        if (gaveUp) return;
        const inHand: InHand = { after: [] };
        try {
          const result = await this.hand.run(inHand, run);
          inHand.after.forEach((done) => done());
          resolve(result);
        } catch (error) {
          reject(error as Error);
        }
      };
      this.last = this.last.then(begin);
    });
  }

  private async kept<T>(run: (manager: EntityManager) => Promise<T>): Promise<T> {
    await this.closeWhatIsOpen(); // a roll back that failed: the connection is made anew before anything else
    this.file.refuseOther();
    const seen = this.versionSeen();
    const before = this.changes();
    this.connection.exec('BEGIN IMMEDIATE');
    let result: T;
    try {
      result = await run(this.writing.createQueryRunner().manager);
      this.connection.exec('COMMIT');
    } catch (error) {
      await this.closeWhatIsOpen();
      throw error;
    }
    this.file.refuseOther();
    if (this.connection.inTransaction || (this.changes() !== before && this.versionSeen() === seen)) {
      await this.closeWhatIsOpen();
      throw notKept();
    }
    return result;
  }

  /** Rolls back what is open; where the connection will not, it is made anew, which does the same. */
  private async closeWhatIsOpen(): Promise<void> {
    if (!this.connection.open) return this.driver.connect();
    if (!this.connection.inTransaction) return;
    try {
      this.connection.exec('ROLLBACK');
    } catch {
      await this.driver.disconnect();
      await this.driver.connect();
    }
  }

  /** Rows that the connection has ever changed. */
  private changes(): unknown {
    return this.connection.prepare('SELECT total_changes()').pluck().get();
  }

  /** What the reading connection sees of the file: another figure once somebody else has written. */
  private versionSeen(): unknown {
    const { databaseConnection } = this.reading.driver as unknown as SqliteDriver;
    return databaseConnection.pragma('data_version', { simple: true });
  }
}
