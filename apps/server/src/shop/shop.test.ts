import type { PlanResponse } from '@hot-bead/contract/line';
import type { Job } from '@hot-bead/contract/plan';
import type { ShopSettings } from '@hot-bead/contract/shop';
import { asking, type RunningServer, runningServer } from '../../test/running-server.ts';

let server: RunningServer;
beforeAll(async () => {
  server = await runningServer();
});
afterAll(() => server.stop());

const SETTINGS: ShopSettings = {
  schools: { leanMix: 'avoid' },
  day: {},
  rates: { perHour: 52, currency: 'cu' },
  words: { cleat: 'a thing' },
};

const SPOOL = { kind: 'spool', wireClass: 'ER5356', diameterMm: 1.0 };

describe('the shop', () => {
  it('has chosen nothing until it is saved, and keeps what was saved over a restart', async () => {
    expect((await asking(server).get('/api/shop')).body).toEqual({
      schools: {},
      words: {},
      day: {},
      rates: {},
      shelf: null,
      version: 1,
    });
    const saved = await asking(server).patch('/api/shop').send(SETTINGS);
    expect(saved.status).toBe(200);
    server = await server.restart();
    expect((await asking(server).get('/api/shop')).body).toEqual({ ...SETTINGS, version: 2, shelf: null });
  });

  it('knows its own words in every line: in a plan, in a job, and no longer once they are forgotten', async () => {
    const line = '12 blivet 5mm tee 1.0';
    const noted = async (): Promise<readonly string[]> => {
      const { report } = (await asking(server).post('/api/plan').send({ line })).body as PlanResponse;
      return report.notUnderstood;
    };
    expect(await noted()).toContain('blivet');
    const words = { blivet: 'outside corner', grommit: 'lap' };
    await asking(server).patch('/api/shop').send({ words }).expect(200);
    const answer = await asking(server).post('/api/jobs').send({ line: '3 mm grommit' });
    expect((answer.body as Job).work).toEqual({ thicknessMm: 3, joint: 'lap' });
    expect(await noted()).not.toContain('blivet');
    await asking(server)
      .patch('/api/shop')
      .send({ words: { blivet: null, grommit: null } })
      .expect(200);
    expect(await noted()).toContain('blivet');
    const bad = await asking(server)
      .patch('/api/shop')
      .send({ words: { 'A B': 'x' } });
    expect([bad.status, (bad.body as { code: string }).code]).toEqual([400, 'unknown-field']);
    await asking(server).patch('/api/shop').send(SETTINGS).expect(200);
  });

  it('settles plans by its schools and by what lies in Stores', async () => {
    const before = (await asking(server).post('/api/plan').send({ line: '3mm 6063 butt' }))
      .body as PlanResponse;
    expect(before.setup?.status === 'planned' && before.setup.wire.origin).toBe('assumed');
    await asking(server).post('/api/stock').send(SPOOL).expect(201);
    const lean = (await asking(server).post('/api/plan').send({ line: '3mm lap solid dip Ar+8' }))
      .body as PlanResponse;
    expect(lean.report).toMatchObject({ refused: { code: 'gas-too-little-co2' } });
    const awning = (await asking(server).post('/api/plan').send({ line: '3mm 6063 butt' }))
      .body as PlanResponse;
    expect(awning.setup?.status === 'planned' && awning.setup.wire).toMatchObject({
      wireClass: 'ER5356',
      origin: 'shelf',
    });
  });

  it.each([
    [{ schools: { leanMix: 'sometimes' } }, 'not-one-of', 'schools.leanMix'],
    [{ schools: {}, shelf: null }, 'unknown-field', 'shelf'],
  ])('%o is an input error %s at %s, and nothing is stored', async (body, code, field) => {
    const response = await asking(server).patch('/api/shop').send(body);
    expect(response.status).toBe(400);
    expect(response.body).toMatchObject({ code, field });
    expect((await asking(server).get('/api/shop')).body).toMatchObject({ ...SETTINGS, version: 4 });
  });
});

it('a field of the settings is changed by itself', async () => {
  const change = async (body: object): Promise<unknown> =>
    (await asking(server).patch('/api/shop').send(body).expect(200)).body;
  expect(await change({ schools: { learning: 'keep-to-book' } })).toMatchObject({
    schools: { leanMix: 'avoid', learning: 'keep-to-book' },
  });
  expect(await change({ schools: { leanMix: null } })).toMatchObject({
    schools: { learning: 'keep-to-book' },
  });
});

describe('a job of the shop', () => {
  it('logs the stop cautions that were read, and is duplicated without its beads', async () => {
    const job = (
      await asking(server)
        .post('/api/jobs')
        .send({ line: '2mm galv lap', own: { ctwdMm: 11 } })
    ).body as Job;
    expect(job.acknowledged).toEqual([]);
    const read = await asking(server)
      .post(`/api/jobs/${job.id}/acknowledgements`)
      .send({ code: 'zinc-coating', text: 'Zinc fume makes you ill.' });
    expect(read.status).toBe(201);
    expect((read.body as Job).acknowledged).toMatchObject([{ code: 'zinc-coating' }]);
    const copy = (await asking(server).post(`/api/jobs/${job.id}/duplicate`)).body as Job;
    expect(copy.id).not.toBe(job.id);
    expect(copy).toMatchObject({ work: job.work, own: { ctwdMm: 11 }, acknowledged: [], beadCount: 0 });
  });

  it('answers an acknowledgement without text, or of no job, with its code', async () => {
    const job = (await asking(server).post('/api/jobs').send({ line: '2mm lap' })).body as Job;
    const empty = await asking(server).post(`/api/jobs/${job.id}/acknowledgements`).send({ code: 'x' });
    expect([empty.status, (empty.body as { field: string }).field]).toEqual([400, 'text']);
    const nowhere = await asking(server)
      .post('/api/jobs/none/acknowledgements')
      .send({ code: 'x', text: 'y' });
    expect(nowhere.status).toBe(404);
    expect((await asking(server).post('/api/jobs/none/duplicate')).status).toBe(404);
  });
});
