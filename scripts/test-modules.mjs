import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import ts from 'typescript';
import { CORE_DIST } from './built-core.mjs';
import { ROOT } from './workspace.mjs';

const compilerOptions = { target: 'es2023', module: 'esnext', verbatimModuleSyntax: true };

/**
 * Modules beside the core's tests, run on the built core: a bench measures with what the tests hold.
 *
 * @param names of files in packages/core/test, those that are imported by others among them
 * @returns what each exports, in the same order
 */
export async function testModules(names) {
  const cache = join(ROOT, '.cache');
  mkdirSync(cache, { recursive: true });
  for (const name of names) {
    const source = readFileSync(join(ROOT, `packages/core/test/${name}.ts`), 'utf8');
    const { outputText } = ts.transpileModule(source, { compilerOptions });
    const moved = outputText
      .replace(/'\.\.\/src\/([^']+)\.ts'/g, `'${CORE_DIST}/$1.js'`)
      .replace(/'\.\/([^']+)\.ts'/g, "'./$1.mjs'");
    writeFileSync(join(cache, `${name}.mjs`), moved);
  }
  return Promise.all(names.map((name) => import(join(cache, `${name}.mjs`))));
}
