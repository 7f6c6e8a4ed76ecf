import { readdirSync, readFileSync } from 'node:fs';
import { dirname, join, relative, resolve, sep } from 'node:path';
import { ROOMS } from './rooms.ts';

const ROOT = resolve(__dirname, '..');

interface Use {
  readonly room: string;
  readonly of: string;
  readonly where: string;
}

function sourcesIn(folder: string): readonly string[] {
  return readdirSync(folder, { withFileTypes: true, recursive: true })
    .filter((entry) => entry.isFile() && /\.tsx?$/.test(entry.name) && !/\.test\.tsx?$/.test(entry.name))
    .map((entry) => join(entry.parentPath, entry.name));
}

/** The room that a file stands in; undefined for one that stands above all rooms. */
function roomOf(part: string, file: string): string | undefined {
  const [room, ...rest] = relative(part, file).split(sep);
  return rest.length === 0 || room === '..' ? undefined : room;
}

/** Every use of one room by another. */
function usesIn(part: string): readonly Use[] {
  return sourcesIn(part).flatMap((file) => {
    const room = roomOf(part, file);
    if (room === undefined) return [];
    return [...readFileSync(file, 'utf8').matchAll(/(?:from|import\() ?'(\.[^']+)'/g)].flatMap(([, path]) => {
      const of = roomOf(part, resolve(dirname(file), path ?? ''));
      return of === undefined || of === room ? [] : [{ room, of, where: relative(ROOT, file) }];
    });
  });
}

describe.each(Object.entries(ROOMS))('the rooms of %s', (folder, rooms: readonly string[]) => {
  const part = join(ROOT, folder);

  it('are those in the list', () => {
    const found = readdirSync(part, { withFileTypes: true })
      .filter((entry) => entry.isDirectory())
      .map(({ name }) => name);
    expect(found.toSorted()).toEqual(rooms.toSorted());
  });

  it('use those above them, and none below', () => {
    const upwards = usesIn(part).filter(({ room, of }) => rooms.indexOf(of) > rooms.indexOf(room));
    expect(upwards.map(({ room, of, where }) => `${room} uses ${of} in ${where}`)).toEqual([]);
  });
});
