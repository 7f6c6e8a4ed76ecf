import { Worker } from 'node:worker_threads';
import { Injectable, type OnApplicationShutdown } from '@nestjs/common';
import { DomainError } from '../errors/domain-error.ts';
import { failureOf, type HeavyFailure } from './heavy-failure.ts';
import { builtModule, type HeavyTask } from './heavy-task.ts';

/** How many are worked on at once, long and short ones apart, and how many wait of each; more are told to come again. */
const AT_ONCE = { long: 2, short: 1 } as const;
const WAITING_MOST = 6;
/** Most memory for what a worker holds, MB. */
const MEMORY_MOST_MB = 512;

interface Answer<Told> {
  readonly result?: Told;
  readonly failure?: HeavyFailure;
}

/** Listens to a worker until it is over. */
function listen<Told>(worker: Worker, event: string, over: AbortSignal, on: (message: Told) => void): void {
  worker.on(event, on);
  over.addEventListener('abort', () => worker.off(event, on));
}

/** How long something may take, ms, and who waits for it. */
export interface HeavyLimits {
  readonly mostMs: number;
  /** What is over in less than a second does not stand in line behind what takes minutes. */
  readonly lane?: keyof typeof AT_ONCE;
  /** It is stopped when who asked for it goes. */
  readonly signal?: AbortSignal;
}

const WORKER = builtModule(import.meta.url, './heavy-worker');

const BUSY = (): DomainError =>
  new DomainError(
    'busy',
    503,
    'Much is being worked on just now. Nothing was changed: try again in a moment.',
  );
const TOO_LONG = (): DomainError =>
  new DomainError(
    'too-long',
    503,
    'This takes longer than it may. Nothing was changed: ask for less at once.',
  );
const TOO_MUCH = (): DomainError =>
  new DomainError(
    'too-much',
    413,
    'This takes more memory than it may. Nothing was changed: send less at once.',
  );
const GONE = (): DomainError => new DomainError('asker-gone', 503, 'Nobody waits for this any more.');

/** Those that take their turn, a few at a time. */
class Lane {
  private running = 0;
  private readonly waiting: (() => void)[] = [];

  constructor(private readonly atOnce: number) {}

  /** @throws {DomainError} `busy` where too many wait, `asker-gone` where nobody waits any more */
  async turn(signal: AbortSignal | undefined): Promise<void> {
    if (this.running >= this.atOnce) {
      if (this.waiting.length >= WAITING_MOST) throw BUSY();
      await this.inLine(signal);
    }
    if (signal?.aborted === true) {
      this.waiting.shift()?.();
      throw GONE();
    }
    this.running += 1;
  }

  done(): void {
    this.running -= 1;
    this.waiting.shift()?.();
  }

  private inLine(signal: AbortSignal | undefined): Promise<void> {
    return new Promise<void>((resolve, reject) => {
      this.waiting.push(resolve);
      signal?.addEventListener('abort', () => {
        const at = this.waiting.indexOf(resolve);
        if (at < 0) return;
        this.waiting.splice(at, 1);
        reject(GONE());
      });
    });
  }
}

/** What takes long is done in threads of its own, a few at a time and each within limits, so that everyone else is answered. */
@Injectable()
export class HeavyWork implements OnApplicationShutdown {
  private readonly lanes = { long: new Lane(AT_ONCE.long), short: new Lane(AT_ONCE.short) };
  private readonly idle: Worker[] = [];
  private readonly workers = new Set<Worker>();

  /**
   * Does a task in a thread of its own.
   *
   * @throws {DomainError} `busy`, `too-long`, `too-much`; what the task throws
   */
  async run<Input, Result>(
    task: HeavyTask<Input, Result>,
    input: Input,
    limits: HeavyLimits,
  ): Promise<Result> {
    const lane = this.lanes[limits.lane ?? 'long'];
    await lane.turn(limits.signal);
    try {
      return await this.worked(task, input, limits);
    } finally {
      lane.done();
    }
  }

  async onApplicationShutdown(): Promise<void> {
    await Promise.all([...this.workers].map((worker) => worker.terminate()));
  }

  /** A thread that has nothing to do, or a new one: what it has loaded stays loaded. */
  private worker(): Worker {
    const idle = this.idle.pop();
    if (idle) return idle;
    const limits = { maxOldGenerationSizeMb: MEMORY_MOST_MB };
    const worker = new Worker(WORKER, { execArgv: [], resourceLimits: limits });
    worker.unref(); // it keeps nobody from stopping
    this.workers.add(worker);
    worker.on('error', () => undefined); // told to who waits for it, where anybody does
    worker.once('exit', () => {
      this.workers.delete(worker);
      const at = this.idle.indexOf(worker);
      if (at >= 0) this.idle.splice(at, 1);
    });
    return worker;
  }

  private async worked<Input, Result>(
    { module, name }: HeavyTask<Input, Result>,
    input: Input,
    { mostMs, signal }: HeavyLimits,
  ): Promise<Result> {
    const worker = this.worker();
    const over = new AbortController();
    const ends = { signal: over.signal };
    try {
      return await new Promise<Result>((resolve, reject) => {
        const stop = (error: Error) => (): void => {
          reject(error);
          void worker.terminate();
        };
        const timer = setTimeout(stop(TOO_LONG()), mostMs);
        over.signal.addEventListener('abort', () => clearTimeout(timer));
        signal?.addEventListener('abort', stop(GONE()), ends);
        listen(worker, 'message', over.signal, ({ result, failure }: Answer<Result>) => {
          this.idle.push(worker);
          if (failure) reject(failureOf(failure));
          else resolve(result as Result);
        });
        listen(worker, 'error', over.signal, (error: NodeJS.ErrnoException) =>
          reject(error.code === 'ERR_WORKER_OUT_OF_MEMORY' ? TOO_MUCH() : error),
        );
        listen(worker, 'exit', over.signal, () => reject(GONE()));
        worker.postMessage({ module, name, input });
      });
    } finally {
      over.abort();
    }
  }
}
