import { parentPort } from 'node:worker_threads';
import { toldFailure } from './heavy-failure.ts';
import { HEAVY_TASKS, type HeavyTask } from './heavy-tasks.ts';

interface Asked {
  readonly name: HeavyTask;
  readonly input: never;
}

async function answerTo({ name, input }: Asked): Promise<object> {
  try {
    return { result: await HEAVY_TASKS[name](input) };
  } catch (error) {
    return { failure: toldFailure(error) };
  }
}

parentPort?.on('message', (asked: Asked) => {
  void answerTo(asked).then((answer) => parentPort?.postMessage(answer));
});
