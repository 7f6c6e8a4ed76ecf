import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { importsOf, ROOT, sourcesIn } from './imports.ts';

/** Where core and the contract are used, their own insides and all tests apart. */
const USERS = ['packages/contract/src', 'apps/server/src', 'apps/web/src', 'e2e'];

/** What is taken of each entry of a package by others, by the entry's name. */
function takenOf(name: string, folder: string): ReadonlyMap<string, ReadonlySet<string>> {
  const taken = new Map<string, Set<string>>();
  const files = USERS.filter((user) => user !== folder)
    .flatMap(sourcesIn)
    .filter((file) => !/\.test\.tsx?$/.test(file));
  for (const { module, names } of files.flatMap(importsOf)) {
    if (!module.startsWith(`${name}/`)) continue;
    const entry = module.slice(name.length + 1);
    taken.set(entry, new Set([...(taken.get(entry) ?? []), ...names]));
  }
  if (name === '@hot-bead/contract')
    for (const [wing, names] of takenByLoaders())
      taken.set(wing, new Set([...(taken.get(wing) ?? []), ...names]));
  return taken;
}

/** Where the pages load the contract's wings from, and what they take by it: `(await contract.wing()).name`. */
const LOADERS = 'apps/web/src/api/contract.ts';
function takenByLoaders(): ReadonlyMap<string, readonly string[]> {
  const wingOf = new Map(
    [
      ...readFileSync(join(ROOT, LOADERS), 'utf8').matchAll(
        /(\w+): .*=> import\('@hot-bead\/contract\/([a-z-]+)'\)/g,
      ),
    ].map(([, name = '', wing = '']) => [name, wing]),
  );
  const taken = new Map<string, string[]>();
  const note = (loader: string, names: string): void => {
    const wing = wingOf.get(loader);
    if (wing === undefined) throw new Error(`no loader ${loader}`);
    taken.set(wing, [...(taken.get(wing) ?? []), ...names.split(',').map((name) => name.trim())]);
  };
  for (const file of sourcesIn('apps/web/src')) {
    const text = readFileSync(join(ROOT, file), 'utf8');
    for (const [, loader = '', name = ''] of text.matchAll(/\(await contract\.(\w+)\(\)\)\s*\.(\w+)/g))
      note(loader, name);
    for (const [, names = '', loader = ''] of text.matchAll(/\{([^}]*)\} = await contract\.(\w+)\(\)/g))
      note(loader, names);
  }
  return taken;
}

/** What the scripts take of core, of which they have all wings at once: `core.name`, or by name of `builtCore()`. */
function takenByScripts(): ReadonlySet<string> {
  const texts = sourcesIn('scripts').map((file) => readFileSync(join(ROOT, file), 'utf8'));
  const whole = texts.flatMap((text) => [...text.matchAll(/\bcore\.(\w+)/g)].map(([, name = '']) => name));
  const named = texts.flatMap((text) =>
    [...text.matchAll(/\{([^}]*)\} = await builtCore\(\)/g)].flatMap(([, list = '']) => list.split(',')),
  );
  return new Set([...whole, ...named.map((name) => name.trim())]);
}
const BY_SCRIPTS = takenByScripts();

describe.each([
  ['@hot-bead/core', 'packages/core/src'],
  ['@hot-bead/contract', 'packages/contract/src'],
])('%s', (name, folder) => {
  const taken = takenOf(name, folder);
  const wings = readdirSync(join(ROOT, folder)).filter((wing) =>
    existsSync(join(ROOT, folder, wing, 'index.ts')),
  );

  it('is used by entries that there are', () => {
    expect([...taken.keys()].filter((entry) => !wings.includes(entry))).toEqual([]);
  });

  it.each(wings)('offers nothing by %s that nobody uses', (wing) => {
    const offered = importsOf(`${folder}/${wing}/index.ts`).flatMap(({ names }) => names);
    const unused = offered.filter((one) => !taken.get(wing)?.has(one) && !BY_SCRIPTS.has(one));
    expect(unused).toEqual([]);
  });
});
