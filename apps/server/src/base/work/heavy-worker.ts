import { pathToFileURL } from 'node:url';
import { parentPort } from 'node:worker_threads';
import { toldFailure } from './heavy-failure.ts';

interface Asked {
  readonly module: string;
  readonly name: string;
  readonly input: unknown;
}

async function answerTo({ module, name, input }: Asked): Promise<object> {
  try {
    const does = (await import(pathToFileURL(module).href)) as Record<string, (input: unknown) => unknown>;
    return { result: await does[name]?.(input) };
  } catch (error) {
    return { failure: toldFailure(error) };
  }
}

parentPort?.on('message', (asked: Asked) => {
  void answerTo(asked).then((answer) => parentPort?.postMessage(answer));
});
