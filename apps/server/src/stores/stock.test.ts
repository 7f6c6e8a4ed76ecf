import { asking, itemsAt, type RunningServer, runningServer } from '../../test/running-server.ts';

let server: RunningServer;
beforeAll(async () => {
  server = await runningServer();
});
afterAll(() => server.stop());

const SPOOL = {
  kind: 'spool',
  wireClass: 'ER70S-6',
  diameterMm: 0.8,
  size: 'D200',
  fullKg: 5,
  tareKg: 0.2,
} as const;
const ARGON = { kind: 'cylinder', name: '7', gas: 'argon', waterL: 10, fullBar: 200 } as const;
const CO2 = { kind: 'cylinder', name: '8', gas: 'co2', fullKg: 10, tareKg: 13 } as const;
const TIPS = { kind: 'part', part: 'tip', name: '0.8 tip', forMm: 0.8, count: 4, least: 5 } as const;

async function put(item: object): Promise<string> {
  const { body } = await asking(server).post('/api/stock').send(item).expect(201);
  return (body as { id: string }).id;
}
const tell = (id: string, entry: object) => asking(server).post(`/api/stock/${id}/entries`).send(entry);
interface ListedItem {
  readonly id: string;
  readonly item: object;
}
const listed = async (): Promise<readonly ListedItem[]> => await itemsAt<ListedItem>(server, '/api/stock');

describe('Stores', () => {
  it('are empty at first, and nothing is held against a way for it', async () => {
    expect(await listed()).toEqual([]);
    expect((await asking(server).get('/api/shop')).body).toMatchObject({ shelf: null });
  });

  it('keep what is weighed, gauged, bought and used up, and the ledger tells it as it was told', async () => {
    const spool = await put(SPOOL);
    expect((await tell(spool, { kind: 'weighed', weightKg: 3.4 }).expect(200)).body).toMatchObject({
      item: { leftKg: 3.2 },
    });
    const argon = await put(ARGON);
    await tell(argon, { kind: 'gauged', bar: 120, temperatureC: 5 }).expect(200);
    const tips = await put(TIPS);
    expect((await tell(tips, { kind: 'bought', count: 10 })).body).toMatchObject({ item: { count: 14 } });
    await tell(spool, { kind: 'adjusted', left: 3, reason: 'snipped a tangle' }).expect(200);
    expect((await asking(server).get('/api/shop')).body).toMatchObject({
      shelf: { wires: [{ wireClass: 'ER70S-6', diameterMm: 0.8 }], gases: ['argon'] },
    });
    await tell(spool, { kind: 'used-up' }).expect(200);
    expect((await asking(server).get('/api/shop')).body).toMatchObject({
      shelf: { wires: [], gases: ['argon'] },
    });
    const { body } = await asking(server).get(`/api/events?of=${spool}`).expect(200);
    const { items } = body as { items: readonly { kind: string; about: object | null; id: string }[] };
    expect(items.map(({ kind, about }) => [kind, about])).toEqual([
      ['stock-told', { kind: 'used-up' }],
      ['stock-told', { kind: 'adjusted', left: 3, reason: 'snipped a tangle' }],
      ['stock-told', { kind: 'weighed', weightKg: 3.4 }],
      ['created', null],
    ]);
    // taken back, there is wire again
    await asking(server).post(`/api/events/${items[0]?.id}/undo`).send({}).expect(200);
    expect((await listed()).find(({ id }) => id === spool)?.item).toMatchObject({ leftKg: 3 });
  });

  it.each<readonly [what: string, item: object, entry: object, field: string]>([
    ['a weight over the full spool’s', SPOOL, { kind: 'weighed', weightKg: 6 }, 'weightKg'],
    ['a tare over the weight', SPOOL, { kind: 'weighed', weightKg: 0.1 }, 'weightKg'],
    ['a pressure over the cylinder’s', ARGON, { kind: 'gauged', bar: 220 }, 'bar'],
    ['CO₂ by pressure', CO2, { kind: 'gauged', bar: 57 }, 'bar'],
    ['a negative count', TIPS, { kind: 'counted', count: -1 }, 'count'],
    ['no reason', SPOOL, { kind: 'adjusted', left: 1 }, 'reason'],
    ['no kind', SPOOL, { weightKg: 1 }, 'kind'],
  ])('refuse %s at its field, and keep nothing of it', async (_what, item, entry, field) => {
    const id = await put(item);
    const { status, body } = await tell(id, entry);
    expect([status, (body as { field: string }).field]).toEqual([400, field]);
    expect((await listed()).find((one) => one.id === id)?.item).toEqual(item);
  });

  it.each<readonly [what: string, item: object, field: string]>([
    ['CO₂ by pressure', { ...CO2, leftBar: 57 }, 'leftBar'],
    ['more wire than full', { ...SPOOL, leftKg: 9 }, 'leftKg'],
    ['no gas', { ...ARGON, gas: 'none' }, 'gas'],
    ['a spool with a gauge', { ...SPOOL, leftBar: 3 }, 'leftBar'],
    ['half a part', { ...TIPS, count: 0.5 }, 'count'],
    ['a day that is none', { ...SPOOL, openedOn: '2026-13-41' }, 'openedOn'],
    ['a wire that is none', { ...SPOOL, wireClass: 'ER99' }, 'wireClass'],
  ])('refuse %s when it is put in', async (_what, item, field) => {
    const before = await listed();
    const { status, body } = await asking(server).post('/api/stock').send(item);
    expect([status, (body as { field: string }).field]).toEqual([400, field]);
    expect(await listed()).toEqual(before);
  });

  it('take the same thing once, change it, put it away and bring it back', async () => {
    const id = '00000000-0000-4000-8000-0000000000aa';
    await asking(server)
      .post('/api/stock')
      .send({ ...ARGON, id })
      .expect(201);
    await asking(server)
      .post('/api/stock')
      .send({ ...ARGON, id })
      .expect(200);
    await asking(server)
      .post('/api/stock')
      .send({ ...CO2, id })
      .expect(409);
    const changed = await asking(server).patch(`/api/stock/${id}`).send({ name: '77' }).expect(200);
    expect(changed.body).toMatchObject({ item: { name: '77' }, version: 2 });
    const { body: wrong } = await asking(server)
      .patch(`/api/stock/${id}`)
      .send({ diameterMm: 0.8 })
      .expect(400);
    expect((wrong as { field: string }).field).toBe('diameterMm'); // a cylinder has none
    const opened = { ...SPOOL, openedOn: '2026-02-11' };
    const spool = await put(opened);
    expect((await listed()).find((one) => one.id === spool)?.item).toEqual(opened);
    await asking(server).delete(`/api/stock/${id}`).expect(204);
    expect((await listed()).some((one) => one.id === id)).toBe(false);
    await tell(id, { kind: 'used-up' }).expect(404);
    await asking(server).post(`/api/stock/${id}/restore`).send({}).expect(200);
    expect((await listed()).some((one) => one.id === id)).toBe(true);
  });
});
