import { execFileSync } from 'node:child_process';
import { createRequire } from 'node:module';

/** The server's threads run what was built, beside the sources that the tests run: both are the same. */
export default function buildServer() {
  const tsc = createRequire(import.meta.url).resolve('typescript/bin/tsc');
  execFileSync(process.execPath, [tsc, '-b', 'apps/server'], {
    cwd: import.meta.dirname,
    stdio: ['ignore', 'inherit', 'inherit'],
  });
}
