import { copyFileSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { INestApplication } from '@nestjs/common';
import type { Server } from 'node:http';
import { type AddressInfo, connect } from 'node:net';
import type { Page } from '@hot-bead/contract/base';
import { VERSION_HEADER } from '@hot-bead/contract/history';
import { getDataSourceToken } from '@nestjs/typeorm';
import request from 'supertest';
import { DataSource } from 'typeorm';
import { WRITING } from '../src/base/disk/writes.ts';
import { createApp } from '../src/create-app.ts';

/** A real application on a database file of its own, for one test file. */
export interface RunningServer {
  readonly http: Server;
  readonly app: INestApplication;
  readonly databasePath: string;
  /** The connection that writes, and the one that reads. */
  readonly writing: DataSource;
  readonly reading: DataSource;
  /** What it wrote to its log. */
  readonly errors: readonly string[];
  /** Stops the application and starts another on the same file. */
  restart(): Promise<RunningServer>;
  stop(): Promise<void>;
}

async function startOn(folder: string, demo: boolean): Promise<RunningServer> {
  const errors: string[] = [];
  const databasePath = join(folder, 'test.sqlite');
  const app: INestApplication = await createApp(
    { port: 0, databasePath, demo, webRoot: folder },
    { logger: [], errorLog: { write: (line) => void errors.push(line) } },
  );
  await app.init();
  return {
    http: app.getHttpServer() as Server,
    app,
    databasePath,
    writing: app.get<DataSource>(getDataSourceToken(WRITING)),
    reading: app.get(DataSource),
    errors,
    async restart() {
      await app.close();
      return startOn(folder, demo);
    },
    async stop() {
      await app.close();
      rmSync(folder, { recursive: true, force: true });
    },
  };
}

/** Starts the application on a temporary file, a copy of another where one is given. */
export function runningServer(
  demo = false,
  copyOf?: string,
  folder = mkdtempSync(join(tmpdir(), 'hot-bead-')),
): Promise<RunningServer> {
  if (copyOf !== undefined) copyFileSync(copyOf, join(folder, 'test.sqlite'));
  return startOn(folder, demo);
}

/** Several requests in one packet, over one connection: the answers, each with its status and body. */
export async function inOnePacket(
  server: RunningServer,
  requests: readonly (readonly [method: string, path: string, body?: object])[],
): Promise<readonly { readonly status: number; readonly body: string }[]> {
  if (!server.http.listening) await new Promise<void>((done) => server.http.listen(0, '127.0.0.1', done));
  const { port } = server.http.address() as AddressInfo;
  const text = requests.map(([method, path, body], i) => {
    const content = JSON.stringify(body ?? {});
    const close = i === requests.length - 1 ? 'close' : 'keep-alive';
    return `${method} ${path} HTTP/1.1\r\nHost: 127.0.0.1:${port}\r\nConnection: ${close}\r\nIf-Match: *\r\nContent-Type: application/json\r\nContent-Length: ${Buffer.byteLength(content)}\r\n\r\n${content}`;
  });
  const answer = await new Promise<string>((resolve, reject) => {
    let output = '';
    const socket = connect(port, '127.0.0.1', () => socket.write(text.join('')));
    socket.on('data', (part: Buffer) => (output += part.toString()));
    socket.on('end', () => resolve(output));
    socket.on('error', reject);
  });
  return answer
    .split(/HTTP\/1\.1 (?=\d{3} )/)
    .slice(1)
    .map((one) => ({ status: Number(one.slice(0, 3)), body: one.slice(one.indexOf('\r\n\r\n') + 4) }));
}

/** Requests of someone who takes every record for what it is, whatever its version. */
export function asking(server: RunningServer) {
  return request.agent(server.http).set(VERSION_HEADER, '*');
}

/** What a list has on its first page. */
export async function itemsAt<T>(server: RunningServer, path: string): Promise<readonly T[]> {
  const { body } = await asking(server).get(path).expect(200);
  return (body as Page<T>).items;
}
