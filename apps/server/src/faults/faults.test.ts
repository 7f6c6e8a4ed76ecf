import type { Page } from '@hot-bead/contract/base';
import type { FaultCount, FaultRanking, KeptFaultCase } from '@hot-bead/contract/faults';
import { asking, type RunningServer, runningServer } from '../../test/running-server.ts';

let server: RunningServer;
beforeAll(async () => {
  server = await runningServer();
});
afterAll(() => server.stop());

const AT = '2026-11-02T10:00:00.000Z';
const CASE = { process: 'solid-gas', present: ['porosity-heavy'], beganAt: AT };

async function begun(over: object = {}): Promise<KeptFaultCase> {
  const { body } = await asking(server)
    .post('/api/faults')
    .send({ ...CASE, ...over })
    .expect(201);
  return body as KeptFaultCase;
}
const change = (id: string, body: object) => asking(server).patch(`/api/faults/${id}`).send(body);
const answered = (cause: string, over: object = {}) => ({
  causes: [cause],
  answer: 'was',
  found: cause,
  at: AT,
  ...over,
});

describe('ranking', () => {
  const rank = (body: object) => asking(server).post('/api/faults/rank').send(body);

  it('tells causes likeliest first, what is shown, and the next look', async () => {
    const { body } = await rank({
      process: 'solid-gas',
      present: ['porosity-heavy'],
      known: { polarity: 'wrong' },
    }).expect(200);
    const { ranked, next, ignored } = body as FaultRanking;
    expect(ranked[0]).toMatchObject({ cause: 'polarity-wrong', shown: true });
    expect(ranked.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 5);
    expect(next?.causes).toContain('polarity-wrong');
    expect(ignored).toEqual([]);
  });

  it('says which symptoms the process cannot have, and that nothing is left to look at', async () => {
    const { body } = await rank({ process: 'solid-gas', present: ['worm-tracks'] }).expect(200);
    expect(body).toMatchObject({ next: null, ignored: ['worm-tracks'] });
  });

  it.each([
    [{ process: 'tig' }, 'process', 'There is no process “tig”.'],
    [{ present: [] }, 'process', 'Say which process it is.'],
    [{ process: 'solid-gas', present: ['nope'] }, 'present.0', 'There is no symptom “nope”.'],
    [{ process: 'solid-gas', known: { moon: 'full' } }, 'known.moon', 'There is no fact “moon”.'],
    [
      { process: 'solid-gas', known: { flow: 'blue' } },
      'known.flow',
      '“flow” is one of zero, low, right, high.',
    ],
    [{ process: 'solid-gas', lookedAt: ['gremlins'] }, 'lookedAt.0', 'There is no cause “gremlins”.'],
  ])('%j is refused at %s', async (body, field, message) => {
    const { body: answer } = await rank(body).expect(400);
    expect(answer).toMatchObject({ field, message });
  });
});

describe('fault cases', () => {
  it('are begun, changed field by field, put away and brought back, and stand in the history', async () => {
    const one = await begun({ said: { wind: 'still' } });
    expect(one).toMatchObject({ version: 1, absent: [], looks: [], said: { wind: 'still' }, away: false });
    const looks = [{ causes: ['gas-off', 'cylinder-empty'], answer: 'was-not', at: AT }];
    await change(one.id, { looks, said: { wind: null, flow: 'right' } }).expect(200);
    const { body } = await asking(server).get(`/api/faults/${one.id}`).expect(200);
    expect(body).toMatchObject({ looks, said: { flow: 'right' } });
    expect((body as KeptFaultCase).said).not.toHaveProperty('wind');
    await asking(server).delete(`/api/faults/${one.id}`).expect(204);
    const list = async () =>
      ((await asking(server).get('/api/faults').expect(200)).body as Page<KeptFaultCase>).items.map(
        ({ id }) => id,
      );
    expect(await list()).not.toContain(one.id);
    await asking(server).post(`/api/faults/${one.id}/restore`).expect(200);
    expect(await list()).toContain(one.id);
    const [event] = ((await asking(server).get(`/api/events?of=${one.id}`)).body as { items: object[] })
      .items;
    expect(event).toMatchObject({
      subject: { kind: 'fault-case', title: 'Bead full of holes, like a sponge' },
    });
  });

  it('two devices that change different facts keep both', async () => {
    const one = await begun();
    const at = (body: object) => change(one.id, body).set('If-Match', '"1"');
    await at({ said: { wind: 'still' } }).expect(200);
    await at({ said: { flow: 'right' } }).expect(200);
    const { body } = await asking(server).get(`/api/faults/${one.id}`);
    expect((body as KeptFaultCase).said).toEqual({ wind: 'still', flow: 'right' });
  });

  it('are told page by page, last touched first, none twice', async () => {
    const ids: string[] = [];
    for (let i = 0; i < 3; i += 1) ids.unshift((await begun()).id);
    const seen: string[] = [];
    let after: string | null = null;
    do {
      const path: string = `/api/faults?limit=2${after === null ? '' : `&after=${encodeURIComponent(after)}`}`;
      const { items, next } = (await asking(server).get(path).expect(200)).body as Page<KeptFaultCase>;
      seen.push(...items.map(({ id }) => id));
      after = next;
    } while (after !== null);
    expect(seen.slice(0, 3)).toEqual(ids);
    expect(new Set(seen).size).toBe(seen.length);
    await asking(server).get('/api/faults?after=nonsense').expect(400);
  });

  it.each([
    [{ looks: [{ causes: ['gas-off'], answer: 'was', at: AT }] }, 'looks.0.found', 'Say which it was.'],
    [{ end: 'mended' }, undefined, 'A case that has ended says how and when.'],
    [{ minutes: -1 }, 'minutes', 'Minutes are a number from 0 to 10080.'],
    [{ note: 'x'.repeat(601) }, 'note', 'A note has at most 600 letters.'],
    [{ present: ['nope'] }, 'present.0', 'There is no symptom “nope”.'],
    [{}, undefined, 'Nothing to change.'],
  ])('a change that cannot be is refused and nothing is lost: %j', async (body, field, message) => {
    const one = await begun();
    const { body: answer } = await change(one.id, body).expect(400);
    expect(answer).toMatchObject({ message, ...(field ? { field } : {}) });
    expect((await asking(server).get(`/api/faults/${one.id}`)).body).toEqual(one);
  });

  it('a look cannot have found what it does not answer', async () => {
    const one = await begun();
    const looks = [{ ...answered('gas-off'), causes: ['wind'] }];
    await change(one.id, { looks }).expect(400);
  });
});

describe('what goes wrong here', () => {
  it('counts what mended a case, by machine and month; open cases and those put away count nothing', async () => {
    const counts = async () =>
      (await asking(server).get('/api/faults/counts').expect(200)).body as FaultCount[];
    const before = await counts();
    expect(before).toEqual([]);
    const machineId = '0b1f6f0e-6b1c-4a53-9d0c-5d8f5b7a1c11';
    const mended = (over: object) => begun({ end: 'mended', endedAt: '2026-10-31T23:00:00.000Z', ...over });
    await mended({ looks: [answered('cylinder-empty')], machineId, minutes: 10 });
    await mended({ looks: [answered('cylinder-empty')], machineId, minutes: 4 });
    // what was found and mended nothing is not counted beside what did
    await mended({ looks: [answered('tip-worn', { mended: false }), answered('wind', { mended: true })] });
    await begun({ looks: [answered('gas-off')] });
    const gone = await mended({ looks: [answered('brake-tight')] });
    await asking(server).delete(`/api/faults/${gone.id}`).expect(204);
    expect(await counts()).toEqual([
      { process: 'solid-gas', cause: 'cylinder-empty', machineId, month: '2026-10', count: 2, minutes: 14 },
      { process: 'solid-gas', cause: 'wind', machineId: null, month: '2026-10', count: 1, minutes: 0 },
    ]);
  });
});
