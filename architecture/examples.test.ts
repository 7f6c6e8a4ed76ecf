import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT, sourcesIn } from './imports.ts';

const CORE = 'packages/core/src';

interface Example {
  readonly of: string;
  readonly call: string;
  readonly result: string;
  readonly file: string;
}

/** Lines `call // result` under `@example` in the comment of a public function. */
function examplesIn(file: string): readonly Example[] {
  const text = readFileSync(join(ROOT, file), 'utf8');
  const comments = text.matchAll(/\/\*\*((?:[^*]|\*(?!\/))*)\*\/\nexport function\*? (\w+)/g);
  return [...comments].flatMap(([, comment = '', of = '']) => {
    const [, lines = ''] = /@example\n([\s\S]*?)(?=\n \* @|$)/.exec(comment) ?? [];
    return lines
      .split('\n')
      .map((line) => line.replace(/^ \* ?/, '').trim())
      .filter((line) => line !== '')
      .map((line) => {
        const at = line.lastIndexOf(' // ');
        return { of, call: line.slice(0, at), result: line.slice(at + 4), file };
      });
  });
}

/** Everything that core offers, and what the example's own file does. */
function scopeOf(file: string): Readonly<Record<string, unknown>> {
  const entries = readdirSync(join(ROOT, CORE))
    .map((wing) => join(ROOT, CORE, wing, 'index.ts'))
    .filter((entry) => existsSync(entry));
  // eslint-disable-next-line @typescript-eslint/no-require-imports -- the modules are named by the files they stand in
  const loaded = [...entries, join(ROOT, file)].map((path) => require(path) as object);
  return Object.assign({}, ...loaded) as Readonly<Record<string, unknown>>;
}

function evaluated(code: string, scope: Readonly<Record<string, unknown>>): unknown {
  const names = Object.keys(scope);
  const run = new Function(...names, `return (${code});`) as (...values: readonly unknown[]) => unknown;
  return run(...names.map((name) => scope[name]));
}

const EXAMPLES = sourcesIn(CORE)
  .filter((file) => !file.endsWith('.test.ts'))
  .flatMap(examplesIn);

/** What somebody new to the code calls first. */
const FIRST_CALLED = [
  'parseThickness',
  'measuredLength',
  'gasNamed',
  'heatInputKJPerMm',
  'dutyPercent',
  'parseLine',
  'effectiveWork',
  'completeWork',
  'workTitle',
  'planSetup',
  'jobInShop',
  'spoolLeft',
  'symptomsIn',
  'clockMinutes',
];

describe('examples in comments', () => {
  it('stand with each function that is called first', () => {
    const shown = new Set(EXAMPLES.map(({ of }) => of));
    expect(FIRST_CALLED.filter((name) => !shown.has(name))).toEqual([]);
  });

  it.each(EXAMPLES.map((one) => [one.call, one.result, one] as const))(
    '%s is %s',
    (call, result, { file }) => {
      const scope = scopeOf(file);
      const [is, said] = [evaluated(call, scope), evaluated(result, scope)];
      const decimals = /^-?\d+\.(\d+)$/.exec(result)?.[1]?.length ?? 0;
      expect(typeof is === 'number' ? Number(is.toFixed(decimals)) : is).toEqual(said);
    },
  );
});
