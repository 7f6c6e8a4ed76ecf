import { cases } from '../../../packages/core/test/cases.ts';
import { Agent, type OutgoingHttpHeaders, request } from 'node:http';
import type { AddressInfo } from 'node:net';
import { seededRandom } from '@hot-bead/core/base';
import Database from 'better-sqlite3';
import { type RunningServer, runningServer } from './running-server.ts';
import { type JsonSchema, ODD_VALUES, pickOf, type Random, valueOf } from './schema-values.ts';

const REQUESTS = cases(2500, 10_000);
/** Another one may be tried by hand. */
const SEED = Number(process.env['FUZZ_SEED'] ?? 20_261_126);
const SLOWEST_MS = 2000;

interface Operation {
  readonly method: string;
  readonly path: string;
  readonly body: JsonSchema | undefined;
}

interface ApiDocs {
  readonly paths: Readonly<
    Record<
      string,
      Readonly<
        Record<
          string,
          {
            readonly requestBody?: {
              readonly content: { readonly 'application/json': { readonly schema: JsonSchema } };
            };
          }
        >
      >
    >
  >;
}

let server: RunningServer;
let url: string;
beforeAll(async () => {
  server = await runningServer(true);
  await new Promise<void>((resolve) => server.http.listen(0, '127.0.0.1', () => resolve()));
  url = `http://127.0.0.1:${(server.http.address() as AddressInfo).port}`;
});
afterAll(() => {
  agent.destroy();
  return server.stop();
});

/** Every operation of the API, as its own documentation tells them: a new one is tried without a word here. */
async function operations(): Promise<readonly Operation[]> {
  const docs = (await (await fetch(`${url}/api/docs-json`)).json()) as ApiDocs;
  return Object.entries(docs.paths).flatMap(([path, methods]) =>
    Object.entries(methods).map(([method, { requestBody }]) => ({
      method: method.toUpperCase(),
      path,
      body: requestBody?.content['application/json'].schema,
    })),
  );
}

const ODD_IDS = [
  'none',
  '%zz',
  '..',
  "'",
  '\u0000',
  'x'.repeat(300),
  '00000000-0000-4000-8000-000000000000',
  '%F0%9F',
];

/** Ids that answers have named so far. */
class Ids {
  private readonly known: string[] = ['demo-old-tom', 'demo-marigold', 'demo-suitcase'];

  learn(text: string): void {
    for (const [, id] of text.slice(0, 4000).matchAll(/"id":"([^"]{1,60})"/g)) {
      if (id !== undefined && this.known.length < 400) this.known.push(id);
    }
  }

  pick(random: Random): string {
    const odd = pickOf(random, ODD_IDS);
    if (random() < 0.1) return odd.startsWith('%') ? odd : encodeURIComponent(odd);
    return encodeURIComponent(pickOf(random, this.known));
  }
}

function headersOf(random: Random, hasBody: boolean): Record<string, string> {
  const version = pickOf(random, ['*', '*', '"1"', '2', '"99"', 'x', '0', undefined]);
  return {
    ...(hasBody
      ? { 'content-type': pickOf(random, ['application/json', 'application/json', 'text/plain']) }
      : {}),
    ...(version === undefined ? {} : { 'if-match': version }),
    ...(random() < 0.05
      ? { 'command-id': pickOf(random, ['x', '00000000-0000-4000-8000-000000000000']) }
      : {}),
    ...(random() < 0.05 ? { actor: 'x'.repeat(200) } : {}),
  };
}

function textOf(body: unknown, random: Random): string {
  if (random() < 0.02) return pickOf(random, ['{', '[1,', 'null', '"a"', '1', '{"a":1}}', '\ufeff{}']);
  return JSON.stringify(random() < 0.03 ? pickOf(random, ODD_VALUES) : body);
}

const agent = new Agent({ keepAlive: true });

/** One request over a connection that stays: ten thousand of them are to be asked in a minute. */
function asked(
  method: string,
  path: string,
  headers: OutgoingHttpHeaders,
  body: string | undefined,
): Promise<{ readonly status: number; readonly answer: string }> {
  const { port } = server.http.address() as AddressInfo;
  return new Promise((resolve, reject) => {
    const sent = request({ agent, host: '127.0.0.1', port, method, path, headers }, (response) => {
      const parts: Buffer[] = [];
      response.on('data', (part: Buffer) => parts.push(part));
      response.on('end', () =>
        resolve({ status: response.statusCode ?? 0, answer: Buffer.concat(parts).toString() }),
      );
    });
    sent.on('error', reject);
    sent.end(body);
  });
}

/** The same, with how long it took, ms. */
async function timed(
  ...request: Parameters<typeof asked>
): Promise<Awaited<ReturnType<typeof asked>> & { took: number }> {
  const began = performance.now();
  const answer = await asked(...request);
  return { ...answer, took: performance.now() - began };
}

it(`${REQUESTS} requests made from the contract: none is an error of ours, stores what it refuses, or is slow`, async () => {
  const random = seededRandom(SEED);
  const all = await operations();
  const ids = new Ids();
  const watch = new Database(server.databasePath, { readonly: true });
  const version = watch.prepare('PRAGMA data_version').pluck();
  const wrong: string[] = [];
  const statuses = new Map<number, number>();
  let before = version.get();
  for (let i = 0; i < REQUESTS; i += 1) {
    const { method, path, body } = pickOf(random, all);
    const address = path.replace(/\{[^}]+\}/g, () => ids.pick(random));
    const query =
      method === 'GET' && random() < 0.3
        ? `?${pickOf(random, ['limit=3', 'limit=-1', 'after=x', 'find=%25_', 'find=a&find=b', 'of=x', 'version=2'])}`
        : '';
    const text = body ? textOf(valueOf(body, random), random) : undefined;
    const headers = headersOf(random, text !== undefined);
    const { status, answer, took } = await timed(method, `${address}${query}`, headers, text);
    statuses.set(status, (statuses.get(status) ?? 0) + 1);
    const request = `${i}: ${method} ${address}${query} ${text?.slice(0, 300) ?? ''} → ${status} ${answer.slice(0, 300)}`;
    const after = version.get();
    if (status >= 500) wrong.push(request);
    if (status >= 400 && after !== before) wrong.push(`stored: ${request}`);
    // a machine that stood still does so once; what is slow is slow again
    const isSlow =
      took > SLOWEST_MS && (await timed(method, `${address}${query}`, headers, text)).took > SLOWEST_MS;
    if (isSlow) wrong.push(`${took.toFixed(0)} ms: ${request}`);
    if (status < 300) ids.learn(answer);
    before = version.get();
  }
  watch.close();
  expect({ wrong: wrong.slice(0, 5), log: server.errors.slice(0, 2) }).toEqual({ wrong: [], log: [] });
  // the fuzz is worth something only while much of it is taken, and much refused
  const taken = [200, 201, 204].reduce((sum, status) => sum + (statuses.get(status) ?? 0), 0);
  expect(taken).toBeGreaterThan(REQUESTS / 5);
  expect(statuses.get(400) ?? 0).toBeGreaterThan(REQUESTS / 10);
  expect((await fetch(`${url}/api/machines`)).status).toBe(200);
}, 300_000);
