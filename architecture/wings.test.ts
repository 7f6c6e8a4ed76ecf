import { readdirSync } from 'node:fs';
import { join } from 'node:path';
import { fileOf, importsIn, importsOf, ROOT, sourcesIn } from './imports.ts';
import { ROOFS, WINGS } from './wings.ts';

interface Use {
  readonly from: string;
  readonly to: string;
}

/** The wing of a part that a file stands in; its own name for one that stands in none. */
function wingOf(part: string, file: string): string {
  const [wing = ''] = file.slice(part.length + 1).split('/');
  return wing;
}

const usesOf = (file: string): readonly Use[] =>
  importsOf(file).flatMap(({ module }) => {
    const to = fileOf(file, module);
    return to === undefined ? [] : [{ from: file, to }];
  });

describe('a use of a module is seen in every form', () => {
  it.each([
    [`import { a } from './m.ts';`, ['a']],
    [`import type { a as b } from './m.ts';`, ['a']],
    [`import './m.ts';`, []],
    [`export { a } from './m.ts';`, ['a']],
    [`type A = import('./m.ts').A;`, ['A']],
    [`const a = await import('./m.ts');`, []],
    [`const { a } = await import('./m.ts');`, ['a']],
    [`const b = async () => (await import('./m.ts')).a;`, ['a']],
    [`new Worker(new URL('./m.ts', import.meta.url), { type: 'module' });`, []],
    [`const work = heavyTask(import.meta.url, './m.ts', 'run');`, []],
    [`jest.doMock('./m.ts', () => ({}));`, []],
    [`const table = jest.requireActual<typeof import('./m.ts')>('./m.ts');`, []],
  ])('%s', (source, names) => {
    const imports = importsIn(source);
    expect(new Set(imports.map(({ module }) => module))).toEqual(new Set(['./m.ts']));
    expect(imports.flatMap((one) => one.names)).toEqual(names);
  });
});

describe.each(Object.entries(WINGS))('the wings of %s', (part, wings: readonly string[]) => {
  const roofs = ROOFS[part as keyof typeof ROOFS];
  const uses = sourcesIn(part)
    .flatMap(usesOf)
    .filter(({ to }) => to.startsWith(`${part}/`));
  const useText = ({ from, to }: Use): string => `${from} uses ${to}`;

  it('are those in the list, with nothing beside them but the roof', () => {
    const entries = readdirSync(join(ROOT, part), { withFileTypes: true });
    const named = (isFolder: boolean): readonly string[] =>
      entries.filter((entry) => entry.isDirectory() === isFolder).map(({ name }) => name);
    expect(named(true).toSorted()).toEqual(wings.toSorted());
    expect(
      named(false)
        .filter((name) => !/\.test\.tsx?$/.test(name))
        .toSorted(),
    ).toEqual(roofs.toSorted());
  });

  it('use those above them, and none below', () => {
    const places = new Map([...wings, ...roofs].map((name, place) => [name, place]));
    const place = (file: string): number => places.get(wingOf(part, file)) ?? Infinity;
    expect(uses.filter(({ from, to }) => place(to) > place(from)).map(useText)).toEqual([]);
  });

  it('are used from outside by their entries alone', () => {
    const outside = Object.keys(WINGS)
      .concat('e2e', 'packages/core/test', 'apps/server/test', 'apps/web/test')
      .filter((other) => !other.startsWith(part) && !part.startsWith(other));
    const inside = outside
      .flatMap(sourcesIn)
      .flatMap(usesOf)
      .filter(({ from, to }) => to.startsWith(`${part}/`) && !isTestOfItsPackage(from, to));
    expect(inside.map(useText)).toEqual([]);
  });
});

/** What a package's tests share, and tests of the whole of it, stand beside its sources. */
function isTestOfItsPackage(from: string, to: string): boolean {
  const [parts, name] = from.split('/');
  return from.startsWith(`${parts}/${name}/test/`) && to.startsWith(`${parts}/${name}/src/`);
}

it('no file uses itself by way of others', () => {
  const parts = ['packages/core/src', 'packages/contract/src', 'apps/server/src', 'apps/web/src'];
  const graph = new Map(
    parts.flatMap(sourcesIn).map((file) => [file, [...new Set(usesOf(file).map(({ to }) => to))]]),
  );
  expect(circlesIn(graph)).toEqual([]);
});

/** Groups of files that all reach each other (Tarjan's method). */
function circlesIn(graph: ReadonlyMap<string, readonly string[]>): readonly (readonly string[])[] {
  const index = new Map<string, number>();
  const low = new Map<string, number>();
  const stack: string[] = [];
  const circles: string[][] = [];
  const visit = (node: string): void => {
    index.set(node, index.size);
    low.set(node, index.get(node) ?? 0);
    stack.push(node);
    for (const next of graph.get(node) ?? []) {
      if (!index.has(next)) visit(next);
      const reached = stack.includes(next) ? (low.get(next) ?? Infinity) : Infinity;
      low.set(node, Math.min(low.get(node) ?? Infinity, reached));
    }
    if (low.get(node) !== index.get(node)) return;
    const group = stack.splice(stack.indexOf(node));
    if (group.length > 1 || graph.get(node)?.includes(node)) circles.push(group.toSorted());
  };
  for (const node of graph.keys()) if (!index.has(node)) visit(node);
  return circles;
}
