import { execFileSync } from 'node:child_process';
import { mkdtempSync, rmSync, unlinkSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

/** A disk of a few megabytes, where this machine lets one be made. */
export interface SmallDisk {
  readonly folder: string;
  /** Fills it to the last byte with a file of something else. */
  fill(): void;
  /** Takes that file away again. */
  free(): void;
  end(): void;
}

/** @returns undefined where no disk may be made here */
export function smallDisk(megabytes: number): SmallDisk | undefined {
  const folder = mkdtempSync(join(tmpdir(), 'hot-bead-disk-'));
  try {
    execFileSync('mount', ['-t', 'tmpfs', '-o', `size=${megabytes}m`, 'tmpfs', folder], { stdio: 'ignore' });
  } catch {
    rmSync(folder, { recursive: true });
    return undefined;
  }
  const ballast = join(folder, 'ballast');
  return {
    folder,
    fill() {
      const piece = Buffer.alloc(4096);
      try {
        for (;;) writeFileSync(ballast, piece, { flag: 'a' });
      } catch {
        // there is no room for another
      }
    },
    free: () => unlinkSync(ballast),
    end() {
      execFileSync('umount', ['-l', folder]);
      rmSync(folder, { recursive: true });
    },
  };
}
