import { type ChildProcess, spawn } from 'node:child_process';
import { createServer } from 'node:net';
import { Injectable, type OnApplicationShutdown } from '@nestjs/common';

/** Longest wait for the demo shop to stand, ms. */
const START_MOST_MS = 20_000;
/** Tells a server that it belongs to another one: it ends when that one does. */
const BESIDE = '--beside';

function freePort(): Promise<number> {
  return new Promise((resolve, reject) => {
    const probe = createServer();
    probe.on('error', reject);
    probe.listen(0, '127.0.0.1', () => {
      const address = probe.address();
      const port = typeof address === 'object' && address ? address.port : undefined;
      probe.close(() => (port === undefined ? reject(new Error('no port')) : resolve(port)));
    });
  });
}

/** The demo shop beside the user's own: a server of its own, on a database of its own, as long as this one runs. */
@Injectable()
export class DemoBeside implements OnApplicationShutdown {
  private child: ChildProcess | undefined;
  private url: Promise<string> | undefined;

  /** Where the demo shop stands; it is started once. */
  open(): Promise<string> {
    this.url ??= this.start().catch((error: unknown) => {
      this.url = undefined;
      throw error;
    });
    return this.url;
  }

  onApplicationShutdown(): void {
    this.child?.kill();
  }

  private async start(): Promise<string> {
    const port = await freePort();
    // the program that this server is, once more
    const [, program = ''] = process.argv;
    const child = spawn(process.execPath, [program, '--demo', BESIDE], {
      env: { ...process.env, HOT_BEAD_PORT: String(port) },
      stdio: ['pipe', 'pipe', 'pipe'],
    });
    this.child = child;
    let output = '';
    child.stderr.on('data', (data: Buffer) => (output += data.toString()));
    return new Promise((resolve, reject) => {
      const late = setTimeout(() => {
        child.kill();
        reject(new Error('it did not start in time'));
      }, START_MOST_MS);
      child.stdout.on('data', (data: Buffer) => {
        if (!data.toString().includes('http://')) return;
        clearTimeout(late);
        resolve(`http://127.0.0.1:${port}`);
      });
      child.on('exit', () => {
        clearTimeout(late);
        this.url = undefined;
        reject(new Error(output.split('\n')[0] || 'it left at once'));
      });
    });
  }
}
