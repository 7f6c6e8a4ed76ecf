import { readdirSync, readFileSync } from 'node:fs';
import { join, resolve } from 'node:path';

const ROOT = resolve(__dirname, '..');

/** What a package offers at its entry. */
function offered(entry: string): readonly string[] {
  const text = readFileSync(join(ROOT, entry), 'utf8');
  return [...text.matchAll(/export (?:type )?\{([^}]*)\}/g)].flatMap(([, list]) =>
    (list ?? '')
      .split(',')
      .map((name) => name.replace('type ', '').trim())
      .filter(Boolean),
  );
}

/** Everything outside a package that may use it, without its tests. */
function textOf(folders: readonly string[]): string {
  return folders
    .flatMap((folder) =>
      readdirSync(join(ROOT, folder), { withFileTypes: true, recursive: true })
        .filter(
          ({ name, parentPath }) =>
            /\.(tsx?|mjs)$/.test(name) &&
            !/\.test\.|[\\/](dist|node_modules)[\\/]/.test(join(parentPath, name)),
        )
        .map((entry) => readFileSync(join(entry.parentPath, entry.name), 'utf8')),
    )
    .join('\n');
}

it.each([
  [
    'packages/core/src/index.ts',
    ['packages/contract/src', 'apps/server/src', 'apps/web/src', 'e2e', 'scripts'],
  ],
  ['packages/contract/src/index.ts', ['apps/server/src', 'apps/web/src', 'e2e', 'scripts']],
])('%s offers nothing that nobody uses', (entry, folders) => {
  const text = textOf(folders);
  const unused = offered(entry).filter((name) => !new RegExp(`\\b${name}\\b`).test(text));
  expect(unused).toEqual([]);
});
