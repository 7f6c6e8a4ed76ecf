import { fileURLToPath } from 'node:url';

/** Something that takes long, or much room, and is done beside the server: by the module that does it, and its name there. */
export interface HeavyTask<Input, Result> {
  /** The module as it was built. */
  readonly module: string;
  readonly name: string;
  /** Of its types nothing is left at work. */
  readonly does?: (input: Input) => Result;
}

/** A module as it was built: it runs beside the sources too. */
export function builtModule(from: string, module: string): string {
  return fileURLToPath(new URL(`${module}.js`, from)).replace(
    /([\\/])src([\\/])(?!.*[\\/]src[\\/])/,
    '$1dist$2',
  );
}

/**
 * A task that a module does: what it is given and what it answers must be plain values.
 *
 * @param from the module that asks for it, as its own address
 * @param module the one that does it, seen from there, without its ending
 */
export function heavyTask<Run extends (input: never) => unknown>(
  from: string,
  module: string,
  name: string,
): HeavyTask<Parameters<Run>[0], Awaited<ReturnType<Run>>> {
  return { module: builtModule(from, module), name };
}
