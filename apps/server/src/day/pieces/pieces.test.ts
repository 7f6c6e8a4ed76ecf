import { randomUUID } from 'node:crypto';
import type { Page } from '@hot-bead/contract/base';
import type { KeptPiece } from '@hot-bead/contract/day';
import type { Job, JobSummary } from '@hot-bead/contract/plan';
import { asking, itemsAt, type RunningServer, runningServer } from '../../../test/running-server.ts';

let server: RunningServer;
beforeAll(async () => {
  server = await runningServer();
});
afterAll(() => server.stop());

async function begun(over: object = {}): Promise<KeptPiece> {
  const { body } = await asking(server)
    .post('/api/pieces')
    .send({ name: 'Cart', numberOff: 4, ...over })
    .expect(201);
  return body as KeptPiece;
}
const lines = (...of: readonly string[]) => of.map((line) => ({ id: randomUUID(), line }));
const add = (piece: KeptPiece, welds: readonly object[]) =>
  asking(server).post(`/api/pieces/${piece.id}/welds`).send({ welds });
const read = async (id: string): Promise<{ readonly piece: KeptPiece; readonly welds: readonly Job[] }> => {
  const { body: piece } = await asking(server).get(`/api/pieces/${id}`).expect(200);
  const { body: welds } = await asking(server).get(`/api/pieces/${id}/welds`).expect(200);
  return { piece: piece as KeptPiece, welds: welds as Job[] };
};

describe('pieces', () => {
  it('are begun, changed field by field, listed last changed first, put away and brought back', async () => {
    const cart = await begun({ due: '2026-03-05T12:00', note: 'For the yard.' });
    expect(cart).toMatchObject({ name: 'Cart', numberOff: 4, welds: 0, welded: 0, away: false });
    const gate = await begun({ name: 'Gate' });
    await asking(server).patch(`/api/pieces/${cart.id}`).send({ weight: 3, due: null }).expect(200);
    const list = await itemsAt<KeptPiece>(server, '/api/pieces');
    expect(list.map(({ name }) => name)).toEqual(['Cart', 'Gate']);
    expect(list[0]).toMatchObject({ weight: 3, note: 'For the yard.' });
    expect(list[0]).not.toHaveProperty('due');
    await asking(server).delete(`/api/pieces/${gate.id}`).expect(204);
    expect(await itemsAt(server, '/api/pieces')).toHaveLength(1);
    await asking(server).post(`/api/pieces/${gate.id}/restore`).expect(200);
    const [event] = ((await asking(server).get(`/api/events?of=${cart.id}`)).body as { items: object[] })
      .items;
    expect(event).toMatchObject({ kind: 'changed', subject: { kind: 'piece', title: 'Cart' } });
  });

  it('take many welds at once in their order; sent again they are not added again', async () => {
    const piece = await begun();
    const welds = lines('3 mm tee 500 mm seam', '2 mm lap 12 off', '2 mm butt');
    const first = (await add(piece, welds).expect(201)).body as Job[];
    expect(first.map(({ task }) => task)).toEqual([1, 2, 3].map((place) => ({ pieceId: piece.id, place })));
    const again = (await add(piece, welds).expect(201)).body as Job[];
    expect(again.map(({ id }) => id)).toEqual(first.map(({ id }) => id));
    const [, second] = first;
    await asking(server)
      .patch(`/api/jobs/${second?.id}`)
      .send({ task: { place: 0.5 } })
      .expect(200);
    const { piece: told, welds: sorted } = await read(piece.id);
    expect([told.welds, sorted.map(({ line }) => line)]).toEqual([
      3,
      ['2 mm lap 12 off', '3 mm tee 500 mm seam', '2 mm butt'],
    ]);
    const copy = (await asking(server).post(`/api/jobs/${second?.id}/duplicate`).send({}).expect(201))
      .body as Job;
    expect(copy.task).toEqual({ pieceId: piece.id, place: 0.5 });
  });

  it('take all lines or none, and every line that is no job is said at its place', async () => {
    const piece = await begun();
    const { status, body } = await add(piece, lines('3 mm tee', 'hello there', '500mm lap', '2 mm butt'));
    expect(status).toBe(400);
    expect(body).toMatchObject({ field: 'welds.1.line', code: 'line-not-understood' });
    expect((body as { problems: { field: string }[] }).problems.map(({ field }) => field)).toEqual([
      'welds.1.line',
      'welds.2.line',
    ]);
    expect((await read(piece.id)).welds).toEqual([]);
    await add(piece, []).expect(400);
    const [twice] = lines('3 mm tee');
    await add(piece, [{ ...twice }, { ...twice, line: '2 mm lap' }]).expect(400);
    expect((await add(piece, lines('  '))).body).toMatchObject({ message: 'The line is empty.' });
    await add(piece, lines(...Array.from({ length: 301 }, () => '3 mm tee'))).expect(400);
    await add({ ...piece, id: randomUUID() }, lines('3 mm tee')).expect(404);
  });

  it.each<[object, string]>([
    [{ name: '' }, 'name'],
    [{ name: 'x', numberOff: 0 }, 'numberOff'],
    [{ name: 'x', numberOff: 2.5 }, 'numberOff'],
    [{ name: 'x', due: 'Thursday' }, 'due'],
    [{ name: 'x', due: '2026-13-01T10:00' }, 'due'],
    [{ name: 'x', due: '2026-02-31T10:00' }, 'due'],
    [{ name: 'x', due: '0226-02-03T10:00' }, 'due'],
    [{ name: 'x', weight: 4 }, 'weight'],
    [{ name: 'x', colour: 'red' }, 'colour'],
  ])('%j is refused at its field', async (body, field) => {
    const response = await asking(server).post('/api/pieces').send(body);
    expect([response.status, (response.body as { field: string }).field]).toEqual([400, field]);
  });
});

describe('a job as a task', () => {
  it('is found by piece, machine and state: planned, rigged, dialled in, welded', async () => {
    const machine = {
      name: 'Ann',
      loadedWireClass: 'ER70S-6',
      loadedWireDiameterMm: 0.8,
      loadedGas: 'ar-co2-18',
    };
    const { id: machineId } = (await asking(server).post('/api/machines').send(machine).expect(201))
      .body as KeptPiece;
    const piece = await begun();
    const made = (
      await add(piece, lines(...Array.from({ length: 4 }, () => '2 mm lap 0.8 solid Ar+18 Ann'))).expect(201)
    ).body as Job[];
    const [planned, rigged, dialled, welded] = made.map(({ id }) => id);
    await asking(server)
      .post(`/api/machines/${machineId}/rig`)
      .send({ why: 'step', step: 'x', jobId: rigged, changes: { power: { from: null, to: 'off' } } })
      .expect(200);
    // cold, right, right, hot: a ladder that settles
    for (const [volts, face, sound] of [
      [15.5, 'ropy', 'stubbing'],
      [16, 'crowned', 'sizzle'],
      [16.5, 'flat', 'sizzle'],
      [17, 'concave', 'crackle'],
    ]) {
      const taken = volts === 17 ? { taken: { wireFeedSpeedMPerMin: 4, volts: 16.2 } } : {};
      const bead = { wireFeedSpeedMPerMin: 4, volts, face, sound, ...taken };
      await asking(server).post(`/api/jobs/${dialled}/test-beads`).send(bead).expect(201);
    }
    await asking(server)
      .patch(`/api/jobs/${welded}`)
      .send({ task: { weldedAt: '2026-03-01T10:00:00.000Z' } })
      .expect(200);
    const foundIds = async (query: string) =>
      (
        (await asking(server).get(`/api/jobs?piece=${piece.id}&${query}`).expect(200))
          .body as Page<JobSummary>
      ).items;
    const states = new Map((await foundIds('')).map(({ id, state }) => [id, state]));
    expect([planned, rigged, dialled, welded].map((id) => states.get(id ?? ''))).toEqual([
      'planned',
      'rigged',
      'dialled-in',
      'welded',
    ]);
    for (const [state, id] of [
      ['planned', planned],
      ['rigged', rigged],
      ['dialled-in', dialled],
      ['welded', welded],
    ]) {
      expect((await foundIds(`state=${state}`)).map((one) => one.id)).toEqual([id]);
    }
    expect(await foundIds(`machine=${machineId}`)).toHaveLength(4);
    expect(await foundIds('machine=other')).toEqual([]);
    expect((await asking(server).get('/api/jobs?state=lost')).status).toBe(400);
    expect((await read(piece.id)).piece).toMatchObject({ welds: 4, welded: 1 });
  });

  it('a time before its start, no minutes and odd pins are refused at their field, and nothing is stored', async () => {
    const [job] = (await add(await begun(), lines('2 mm lap')).expect(201)).body as Job[];
    const patch = (task: object) => asking(server).patch(`/api/jobs/${job?.id}`).send({ task });
    await patch({ due: '2026-03-01T10:00', notBefore: '2026-03-01T09:00' }).expect(200);
    expect((await patch({ due: '2026-03-01T08:00' })).status).toBe(400);
    for (const task of [
      { minutes: 0 },
      { minutes: -5 },
      { weight: 9 },
      { due: 'noon' },
      { queued: 'yes' },
      { odd: 1 },
    ]) {
      expect([task, (await patch(task)).status]).toEqual([task, 400]);
    }
    const { task } = (await asking(server).get(`/api/jobs/${job?.id}`)).body as Job;
    expect(task).toMatchObject({ due: '2026-03-01T10:00', notBefore: '2026-03-01T09:00' });
    expect(task).not.toHaveProperty('minutes');
  });
});
