import type { TableReport } from '@hot-bead/contract/files';
import { asking, itemsAt, type RunningServer, runningServer } from '../../../test/running-server.ts';

let server: RunningServer;
beforeAll(async () => {
  server = await runningServer();
});
afterAll(() => server.stop());

const send = async (name: string, body: string | Buffer): Promise<TableReport> =>
  (await asking(server).post(`/api/tables/${name}`).set('content-type', 'text/csv').send(body).expect(200))
    .body as TableReport;
const read = async (name: string, query = ''): Promise<string> =>
  (await asking(server).get(`/api/tables/${name}${query}`).buffer(true).expect(200)).text;
const HEAD = 'at,kind,title,thickness_mm,verdict,volts';
const line = (i: number) =>
  `2026-03-01T09:${String(i % 60).padStart(2, '0')}:00Z,run,"Weld ${i}, lap",3,ok,18.5`;

describe('Stores as a table', () => {
  const CSV =
    'kind,wire,diameter_mm,full_kg,tare_kg,left_kg,kept_dry,name,gas,water_l,full_bar\nspool,ER70S-6,0.8,5,0.2,3.25,yes,,,,\ncylinder,,,,,,,7,argon,10,200\n';

  it('is taken whole, and goes out as it came in', async () => {
    expect(await send('stores', CSV)).toMatchObject({ taken: true, lines: 2, refused: [], delimiter: ',' });
    const out = await read('stores');
    expect(out).toContain('spool,ER70S-6,0.8,,,,,yes,,,,,,,5,0.2,3.25');
    const again = await send('stores', out);
    expect(again).toMatchObject({ taken: true, lines: 2 });
    const stock = await itemsAt<{ item: object }>(server, '/api/stock');
    const items = stock.map(({ item }) => JSON.stringify(item)).toSorted();
    expect(items).toHaveLength(4);
    expect(items[0]).toBe(items[1]);
    expect(items[2]).toBe(items[3]);
  });

  it('with one line that cannot be is refused whole, and the line is named', async () => {
    const before = await itemsAt(server, '/api/stock');
    const report = await send('stores', `${CSV}spool,ER70S-6,0.8,5,0.2,9,,,,,\n`);
    expect(report).toMatchObject({ taken: false, lines: 3, refusedLines: 1, refused: [{ line: 4 }] });
    expect(await itemsAt(server, '/api/stock')).toHaveLength(before.length);
  });

  it.each([
    [
      'semicolons and decimal commas',
      Buffer.from('kind;wire;diameter_mm;full_kg\r\nspool;ER308LSi;0,8;5,5\r\n'),
      'UTF-8',
      ';',
    ],
    [
      'UTF-16 with its mark',
      Buffer.from('\uFEFFkind\twire\tdiameter_mm\nspool\tER308LSi\t0,8\n', 'utf16le'),
      'UTF-16',
      '\t',
    ],
    [
      'Latin-1',
      Buffer.from('kind,part,name,count\npart,other,D\u00fcse,3\n', 'latin1'),
      'Latin-1: look whether letters with accents are right',
      ',',
    ],
    [
      'a mark, quotes and a line break in a cell',
      Buffer.from('\uFEFFkind,part,name,count\n"part","tip","0.8 ""long"", E-Cu",4\n'),
      'UTF-8',
      ',',
    ],
  ])('is read with %s, and that is said', async (_how, csv, encoding, delimiter) => {
    expect(await send('stores', csv)).toMatchObject({ taken: true, encoding, delimiter });
  });

  it.each([
    ['', 400, /Send the table itself/],
    ['colour,wire\nred,ER70S-6\n', 200, /No column is called colour/],
    ['kind,kind\nspool,spool\n', 200, /stands there twice/],
    ['kind,part,name,count\npart,tip,"open,4\n', 200, /Quoted field unterminated/],
    ['kind,part,name,count\npart,tip,a,4,5,6\n', 200, /6 cells, and 4 columns/],
    ['kind,part,name,count\npart,tip,a,four\n', 200, /“four” is no number/],
    ['kind,part,name,count\n', 200, /no line under it/],
  ])('%j is refused with the reason', async (csv, status, why) => {
    const { body } = await asking(server)
      .post('/api/tables/stores')
      .set('content-type', 'text/csv')
      .send(csv)
      .expect(status);
    const { message, refused, taken } = body as TableReport & { message?: string };
    expect(message ?? refused[0]?.message).toMatch(why);
    expect(taken).not.toBe(true);
  });

  it('that is sent twice by one command is taken once', async () => {
    const command = '00000000-0000-4000-8000-0000000000f1';
    const count = async () => (await itemsAt(server, '/api/stock')).length;
    const before = await count();
    for (const _time of [1, 2])
      await asking(server)
        .post('/api/tables/stores')
        .set({ 'content-type': 'text/csv', 'command-id': command })
        .send('kind,part,name,count\npart,tip,once,3\n')
        .expect(200);
    expect(await count()).toBe(before + 1);
  });
});

it('pieces go out and come back, a text that looks like a formula among them', async () => {
  expect(await send('pieces', 'name,number_off,note\n"Cart, frame",2,"\'=SUM(A1)"\n')).toMatchObject({
    taken: true,
  });
  const out = await read('pieces');
  expect(out).toContain(`"Cart, frame",2,,,'=SUM(A1),`);
  await send('pieces', out);
  const pieces = await itemsAt<{ name: string; note: string }>(server, '/api/pieces');
  expect(pieces.map(({ name, note }) => [name, note])).toEqual([
    ['Cart, frame', '=SUM(A1)'],
    ['Cart, frame', '=SUM(A1)'],
  ]);
});

it('what comes back from a table stands in the order in which it went out', async () => {
  const names = ['Rail', 'Gate', 'Hinge', 'Stand', 'Bracket', 'Cart'];
  await send('pieces', `name\n${names.join('\n')}\n`);
  const out = (await read('pieces')).split('\r\n').slice(1, 1 + names.length);
  expect(out.map((line) => line.split(',')[0])).toEqual(names);
  const parts = names.map((name, i) => `part,tip,${name},${i}`);
  await send('stores', `kind,part,name,count\n${parts.join('\n')}\n`);
  const stores = await read('stores');
  const at = names.map((name) => stores.indexOf(`,${name},`));
  expect(at).toEqual(at.toSorted((a, b) => a - b));
  expect(at[0]).toBeGreaterThan(0);
});

it.each([
  ['more lines than are ever taken', `kind,part,name,count\n${'\n'.repeat(3_000_000)}`, /3000001 lines/],
  [
    'more headings than there are',
    Array.from({ length: 60_000 }, (_, i) => `c${i}`).join(),
    /longer than any/,
  ],
  ['some hundred headings', Array.from({ length: 600 }, (_, i) => `c${i}`).join(), /600 columns: 500/],
])('a table with %s is refused by counting', async (_what, csv, why) => {
  const { taken, refused } = await send('stores', csv);
  expect([taken, refused[0]?.message]).toEqual([false, expect.stringMatching(why)]);
});

describe('the log as a table', () => {
  it('is taken as it was told elsewhere, found, and taken out again as one', async () => {
    const report = await send('log', `${HEAD}\n${line(1)}\n${line(2)}\n`);
    expect(report).toMatchObject({ taken: true, lines: 2, decimal: '.' });
    const logLines = async () =>
      ((await asking(server).get('/api/log?text=weld%20lap')).body as { items: object[] }).items.length;
    expect(await logLines()).toBe(2);
    const out = await read('log', '?text=weld');
    expect(out.split('\r\n')[1]).toContain('2026-03-01T09:01:00.000Z,run,"Weld 1, lap"');
    await asking(server).delete(`/api/tables/log/${report.batch}`).expect(204);
    expect(await logLines()).toBe(0);
    await asking(server).delete(`/api/tables/log/${report.batch}`).expect(404);
    await asking(server).delete('/api/tables/log/event').expect(404);
  });

  it('of 50 000 lines with a broken one at 49 999 is refused whole, while others are answered', async () => {
    const lines = Array.from({ length: 50_000 }, (_, i) => line(i));
    lines[49_997] = lines[49_997]?.replace(',ok,', ',perhaps,') ?? '';
    const csv = [HEAD, ...lines].join('\n');
    let answered = 0;
    let done = false;
    const asked = send('log', csv).finally(() => {
      done = true;
    });
    while (!done) {
      await asking(server).get('/api/shop').expect(200);
      if (!done) answered += 1;
    }
    // the heading is line 1, so the 49 998th line of them is line 49 999
    expect(await asked).toMatchObject({
      taken: false,
      lines: 50_000,
      refusedLines: 1,
      refused: [{ line: 49_999, message: expect.stringMatching(/^verdict is one of/) as string }],
    });
    expect(answered).toBeGreaterThan(3);
    expect(((await asking(server).get('/api/log?kind=run')).body as { items: object[] }).items).toEqual([]);
  });

  it('there is no table of anything else', async () => {
    await asking(server).get('/api/tables/users').expect(400);
    await asking(server).post('/api/tables/users').set('content-type', 'text/csv').send('a\n1\n').expect(400);
  });
});
