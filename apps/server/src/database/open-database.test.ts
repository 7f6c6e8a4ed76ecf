import {
  copyFileSync,
  mkdtempSync,
  readdirSync,
  rmSync,
  truncateSync,
  utimesSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import Database from 'better-sqlite3';
import { MIGRATION_NAMES } from './data-source-options.ts';
import { copiesOf, makeSureOf } from './open-database.ts';
import { DatabaseError } from '../base/disk/database-error.ts';

const OLD = join(__dirname, '../../test/before-foundations.sqlite');
let folder: string;
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'hot-bead-open-'));
});
afterEach(() => rmSync(folder, { recursive: true, force: true }));

function whyNot(path: string, known: readonly string[] = MIGRATION_NAMES): string {
  try {
    makeSureOf(path, known);
    return 'opened';
  } catch (error) {
    if (!(error instanceof DatabaseError)) throw error;
    expect(error.message).not.toContain('\n');
    return error.message;
  }
}

describe('a database’s file', () => {
  it('is made where there is none, folders and all, and not copied', () => {
    const path = join(folder, 'a/b/shop.sqlite');
    expect(whyNot(path)).toBe('opened');
    expect(readdirSync(join(folder, 'a/b'))).toEqual(['shop.sqlite']);
  });

  it('is kept as a copy beside itself before migrations, the last three', () => {
    const path = join(folder, 'shop.sqlite');
    copyFileSync(OLD, path);
    for (const [i, name] of ['A', 'B', 'C'].entries()) {
      writeFileSync(join(folder, `shop.before-${name}.sqlite`), name);
      utimesSync(join(folder, `shop.before-${name}.sqlite`), i + 1, i + 1);
    }
    expect(whyNot(path)).toBe('opened');
    const copy = join(folder, 'shop.before-Foundations1764500000000.sqlite');
    expect(copiesOf(path)).toEqual([
      copy,
      ...['C', 'B'].map((name) => join(folder, `shop.before-${name}.sqlite`)),
    ]);
    const kept = new Database(copy, { readonly: true });
    expect(kept.prepare('SELECT COUNT(*) AS beads FROM test_bead').get()).toEqual({ beads: 213 });
    kept.close();
  });

  it('is refused where a newer version wrote it, and is left as it is', () => {
    const path = join(folder, 'shop.sqlite');
    copyFileSync(OLD, path);
    const newer = new Database(path);
    newer.exec(`INSERT INTO migrations ("timestamp", "name") VALUES (9, 'Later9')`);
    newer.close();
    expect(whyNot(path)).toMatch(
      /newer Hot Bead \(Later9\): start that version, or name another file with HOT_BEAD_DB\.$/,
    );
    expect(copiesOf(path)).toEqual([]);
  });

  it('is refused where it is damaged, and says which copy to put back', () => {
    const path = join(folder, 'shop.sqlite');
    copyFileSync(OLD, path);
    truncateSync(path, 60_000);
    expect(whyNot(path)).toMatch(/is damaged \(.+\): put back a copy of yours, or name another file/);
    writeFileSync(join(folder, 'shop.before-X.sqlite'), '');
    expect(whyNot(path)).toContain(`put back a copy (${join(folder, 'shop.before-X.sqlite')} is the newest`);
    writeFileSync(path, 'this is a letter to the editor, not a database at all, and long enough to tell');
    expect(whyNot(path)).toContain('this is no database');
  });
});
