import { mkdirSync, mkdtempSync, readdirSync, rmSync, statfsSync } from 'node:fs';
import { basename, dirname, extname, join } from 'node:path';
import { Injectable } from '@nestjs/common';
import { DatabaseFile } from '../disk/database-file.ts';
import { DomainError } from '../errors/domain-error.ts';

/** Room that is left on the disk for the shop itself, bytes. */
const KEPT_FREE = 64 * 1024 * 1024;

const megabytes = (bytes: number): string => `${Math.max(0, Math.ceil(bytes / 1_000_000))} MB`;

/** Copies and imports that were begun by a program that was killed are no use to anybody. */
function sweepParts(path: string): void {
  const folder = dirname(path);
  const stem = `${basename(path, extname(path))}.`; // not those of another that begins alike
  readdirSync(folder)
    .filter((name) => name.startsWith(stem) && (name.endsWith('.part') || name.includes('.import-')))
    .forEach((name) => rmSync(join(folder, name), { recursive: true, force: true }));
}

/** Files of what is in work stand beside the database, on its disk; what a program that was killed left is swept at the start. */
@Injectable()
export class WorkFolder {
  private readonly path: string;

  constructor(file: DatabaseFile) {
    this.path = `${file.path}.work`;
    rmSync(this.path, { recursive: true, force: true });
    sweepParts(file.path);
  }

  /** A folder for one piece of work, and how it is swept. */
  begin(): { readonly path: string; readonly sweep: () => void } {
    mkdirSync(this.path, { recursive: true });
    const path = mkdtempSync(join(this.path, 'work-'));
    return { path, sweep: () => rmSync(path, { recursive: true, force: true }) };
  }

  /** A folder for as long as something is done in it. */
  async within<T>(run: (path: string) => Promise<T>): Promise<T> {
    const { path, sweep } = this.begin();
    try {
      return await run(path);
    } finally {
      sweep();
    }
  }

  /** @throws {DomainError} `disk-full` where so many bytes have no room beside the shop */
  refuseWithoutRoom(bytes: number): void {
    mkdirSync(this.path, { recursive: true });
    const { bavail, bsize } = statfsSync(this.path);
    const free = bavail * bsize - KEPT_FREE;
    if (bytes <= free) return;
    const message = `That takes ${megabytes(bytes)}, and the disk of the database has ${megabytes(free)} to spare. Nothing was changed: free some space and try again.`;
    throw new DomainError('disk-full', 507, message, 'file');
  }
}
