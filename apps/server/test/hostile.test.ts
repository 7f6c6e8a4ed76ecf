import type { AddressInfo } from 'node:net';
import { IS_ACCEPTANCE } from '../../../packages/core/test/cases.ts';
import { itemsAt, type RunningServer, runningServer } from './running-server.ts';
import type { JsonSchema } from './schema-values.ts';

/** Nothing that is refused may take longer, ms: others wait meanwhile. */
const REFUSED_MOST_MS = 1000;
const LONG_BYTES = 900_000;

interface Operation {
  readonly method: string;
  readonly path: string;
  readonly body: JsonSchema | undefined;
}

let server: RunningServer;
let url: string;
let operations: readonly Operation[];
beforeAll(async () => {
  server = await runningServer(true);
  await new Promise<void>((resolve) => server.http.listen(0, '127.0.0.1', () => resolve()));
  url = `http://127.0.0.1:${(server.http.address() as AddressInfo).port}`;
  const docs = (await (await fetch(`${url}/api/docs-json`)).json()) as {
    paths: Record<
      string,
      Record<string, { requestBody?: { content: Record<string, { schema: JsonSchema } | undefined> } }>
    >;
  };
  operations = Object.entries(docs.paths).flatMap(([path, methods]) =>
    Object.entries(methods).map(([method, { requestBody }]) => ({
      method: method.toUpperCase(),
      path: path.replaceAll(/\{[^}]+\}/g, 'none'),
      body: requestBody?.content['application/json']?.schema,
    })),
  );
});
afterAll(() => server.stop());

const written = (): readonly Operation[] => operations.filter(({ method }) => method !== 'GET');

/** How often what took too long is asked again: what is slow of itself is slow every time. */
const ASKED_AGAIN = 3;

async function refused(
  operation: Operation,
  type: string,
  body: string | Uint8Array<ArrayBuffer>,
  again = ASKED_AGAIN,
): Promise<string | undefined> {
  const { method, path } = operation;
  const began = performance.now();
  const response = await fetch(`${url}${path}`, {
    method,
    headers: { 'content-type': type, 'if-match': '*' },
    body,
  });
  const answer = await response.text();
  const took = performance.now() - began;
  const sent = `${method} ${path} as ${type} → ${response.status} in ${took.toFixed(0)} ms ${answer.slice(0, 200)}`;
  if (took > REFUSED_MOST_MS && again > 0) return refused(operation, type, body, again - 1);
  if (response.status >= 500 || took > REFUSED_MOST_MS) return sent;
  return response.status < 400 && method !== 'DELETE' ? `taken: ${sent}` : undefined;
}

/** Bodies with one of their lists, or one of the fields in an item of a list, made to be what it should not. */
function* spoilt(schema: JsonSchema, what: unknown): Generator<unknown> {
  for (const part of [...(schema.oneOf ?? []), ...(schema.anyOf ?? []), ...(schema.allOf ?? [])])
    yield* spoilt(part, what);
  if (schema.type === 'array') {
    yield what;
    for (const item of spoilt(schema.items ?? {}, what)) yield [item];
  }
  for (const [name, one] of Object.entries(schema.properties ?? {}))
    for (const inner of spoilt(one, what)) yield { [name]: inner };
}

const longList = (item: string): string =>
  `[${Array(Math.floor(LONG_BYTES / (item.length + 1)))
    .fill(item)
    .join()}]`;

describe('a hostile body', () => {
  it.each([
    'text/csv',
    'application/octet-stream',
    'image/png',
    'application/x-www-form-urlencoded',
    'text/plain',
  ])(
    'as %s is refused on every way, quickly, and read on none that does not take it',
    async (type) => {
      const bytes = new Uint8Array(2_000_000).fill(0x61);
      const wrong: string[] = [];
      for (const operation of written()) {
        const failure = await refused(operation, type, bytes);
        if (
          failure !== undefined &&
          !(failure.startsWith('taken') && /restore|supersede|retire/.test(failure))
        )
          wrong.push(failure);
      }
      expect(wrong).toEqual([]);
    },
    60_000,
  );

  it('with a list of 900 kB in any place is refused before its items are looked at', async () => {
    const wrong: string[] = [];
    let tried = 0;
    for (const item of IS_ACCEPTANCE ? ['1', '{}'] : ['{}']) {
      const list = longList(item);
      for (const operation of written()) {
        if (!operation.body) continue;
        for (const body of spoilt(operation.body, '@')) {
          tried += 1;
          const failure = await refused(
            operation,
            'application/json',
            JSON.stringify(body).replace('"@"', list),
          );
          if (failure !== undefined) wrong.push(failure);
        }
      }
    }
    expect(wrong).toEqual([]);
    expect(tried).toBeGreaterThan(50);
  }, 120_000);

  it('with what passes itself off as text in a list is refused in words', async () => {
    const wrong: string[] = [];
    for (const odd of IS_ACCEPTANCE
      ? [{ toString: 'x' }, { valueOf: 1 }, { toJSON: 'y' }]
      : [{ toString: 'x' }]) {
      for (const operation of written()) {
        if (!operation.body) continue;
        for (const body of spoilt(operation.body, [odd])) {
          const failure = await refused(operation, 'application/json', JSON.stringify(body));
          if (failure !== undefined) wrong.push(failure);
        }
      }
    }
    expect(wrong).toEqual([]);
  }, 60_000);

  it('that goes deep, or has more fields than anybody knows, is counted and refused', async () => {
    const deep = '['.repeat(400_000) + ']'.repeat(400_000);
    const many = JSON.stringify(Object.fromEntries(Array.from({ length: 50_000 }, (_, i) => [`k${i}`, 1])));
    const wrong: string[] = [];
    const some = written().filter(({ body }, i) => body && i % (IS_ACCEPTANCE ? 4 : 8) === 0); // it is read before any of them is asked
    for (const operation of some) {
      for (const body of [deep, `{"work":${deep}}`, many]) {
        const failure = await refused(operation, 'application/json', body);
        if (failure !== undefined) wrong.push(failure);
      }
    }
    expect(wrong).toEqual([]);
  }, 60_000);

  it('left no error of ours in the log, and the shop as it was', async () => {
    expect(server.errors).toEqual([]);
    expect(await itemsAt(server, '/api/machines')).toHaveLength(3);
  });
});
