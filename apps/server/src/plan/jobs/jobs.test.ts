import type { Page } from '@hot-bead/contract/base';
import type { Job, JobSummary } from '@hot-bead/contract/plan';
import { asking, type RunningServer, runningServer } from '../../../test/running-server.ts';

let server: RunningServer;
beforeAll(async () => {
  server = await runningServer();
});
afterAll(() => server.stop());

async function jobCount(): Promise<number> {
  const { body } = await asking(server).get('/api/jobs?limit=200');
  return (body as Page<JobSummary>).items.length;
}

async function saved(line: string): Promise<Job> {
  const response = await asking(server).post('/api/jobs').send({ line });
  expect(response.status).toBe(201);
  return response.body as Job;
}

describe('jobs', () => {
  it('saves a job from a line and finds it again', async () => {
    const job = await saved('3 mm steel tee flat 0.8 solid Ar+18');
    expect(job.title).toBe('3 mm carbon steel tee, flat');
    expect(job.work).toEqual({
      metal: 'carbon-steel',
      joint: 'tee',
      position: 'flat',
      way: 'solid-gas',
      gas: 'ar-co2-18',
      wireDiameterMm: 0.8,
      thicknessMm: 3,
    });
    const again = await asking(server).get(`/api/jobs/${job.id}`);
    expect(again.status).toBe(200);
    expect(again.body).toEqual(job);
  });

  it('saves a job from work with a written thickness', async () => {
    const response = await asking(server)
      .post('/api/jobs')
      .send({ work: { thickness: '14ga', product: 'tube', joint: 'tee' } });
    expect(response.status).toBe(201);
    const job = response.body as Job;
    expect(job.work.thicknessMm).toBeCloseTo(2.108, 3);
    expect(job.line).toContain('tee');
  });

  it('keeps a draft that still has a question', async () => {
    const job = await saved('14 steel');
    expect(job.work).toEqual({ metal: 'carbon-steel' });
    expect(job.title).toBe('14 steel');
  });

  it('lists the last changed first', async () => {
    const first = await saved('1 mm lap');
    await saved('2 mm lap');
    await asking(server)
      .patch(`/api/jobs/${first.id}`)
      .send({ own: { volts: 16.5 } });
    const { items } = (await asking(server).get('/api/jobs')).body as Page<JobSummary>;
    expect(items[0]).toMatchObject({ id: first.id, version: 2, title: '1 mm carbon steel lap, flat' });
  });

  it('changes one field of the work and keeps the rest; the line says the same', async () => {
    const job = await saved('2 mm steel lap');
    const changed = async (work: object) => {
      const response = await asking(server).patch(`/api/jobs/${job.id}`).send({ work });
      expect(response.status).toBe(200);
      return response.body as Job;
    };
    const tee = await changed({ joint: 'tee', thickness: '1/8' });
    expect(tee.work).toEqual({ metal: 'carbon-steel', thicknessMm: 3.175, joint: 'tee' });
    expect(tee.line).toBe('3.175 mm thick, mild steel, tee');
    expect((await changed({ metal: null })).work).toEqual({ thicknessMm: 3.175, joint: 'tee' });
    const { body } = await asking(server).patch(`/api/jobs/${job.id}`).send({ line: '4 mm lap' });
    expect(body).toMatchObject({ line: '4 mm lap', work: { thicknessMm: 4, joint: 'lap' } });
  });

  it('refuses a line and work that do not say the same', async () => {
    const send = (body: object) => asking(server).post('/api/jobs').send(body);
    const work = { thicknessMm: 3, joint: 'tee' };
    expect((await send({ line: '3 mm tee', work })).status).toBe(201);
    expect((await send({ line: '1/8 tee', unit: 'in', work: { ...work, thicknessMm: 3.175 } })).status).toBe(
      201,
    );
    const { status, body } = await send({ line: '4 mm tee', work });
    expect([status, body]).toMatchObject([400, { code: 'line-and-work-disagree', field: 'line' }]);
    const both = await asking(server).patch('/api/jobs/any').send({ line: '3 mm tee', work });
    expect(both.status).toBe(400);
  });

  it('lists a page at a time, nothing twice and nothing left out, and finds by words', async () => {
    for (const mm of [1, 2, 3, 4, 5]) await saved(`${mm} mm 5083 tee overhead`);
    const page = async (query: string) =>
      (await asking(server).get(`/api/jobs?${query}`)).body as Page<JobSummary>;
    const all = (await page('limit=200')).items.map(({ id }) => id);
    const walked: string[] = [];
    for (let next: string | null = ''; next !== null;) {
      const { items, next: then }: Page<JobSummary> = await page(`limit=3${next && `&after=${next}`}`);
      walked.push(...items.map(({ id }) => id));
      next = then;
    }
    expect(walked).toEqual(all);
    expect((await page('find=5083+OVERHEAD+tee')).items).toHaveLength(5);
    expect((await page('find=5083+overhead+lap')).items).toEqual([]);
    for (const odd of ['%25', '_%25_', '%5C']) expect((await page(`find=${odd}`)).items).toEqual([]);
    expect((await asking(server).get('/api/jobs?after=nonsense')).body).toMatchObject({ field: 'after' });
    expect((await asking(server).get('/api/jobs?limit=0')).status).toBe(400);
  });

  it('puts a job away and brings it back', async () => {
    const job = await saved('4 mm butt');
    expect((await asking(server).delete(`/api/jobs/${job.id}`)).status).toBe(204);
    expect((await asking(server).get(`/api/jobs/${job.id}`)).status).toBe(404);
    const back = await asking(server).post(`/api/jobs/${job.id}/restore`);
    expect(back.status).toBe(200);
    expect(back.body).toMatchObject({ id: job.id, line: '4 mm butt' });
  });
});

describe('bad input', () => {
  it.each<[string, object, string, string]>([
    ['text for a thickness', { work: { thickness: 'abc' } }, 'thickness-unreadable', 'work.thickness'],
    ['a negative thickness', { work: { thickness: -3 } }, 'thickness-out-of-range', 'work.thickness'],
    ['no thickness at all', { work: { thickness: 0 } }, 'thickness-out-of-range', 'work.thickness'],
    ['half a metre', { work: { thickness: '500 mm' } }, 'thickness-out-of-range', 'work.thickness'],
    [
      'half a metre as a number',
      { work: { thicknessMm: 500 } },
      'thickness-out-of-range',
      'work.thicknessMm',
    ],
    ['a bare 14', { work: { thickness: '14' } }, 'thickness-ambiguous', 'work.thickness'],
    ['a bare 14 as a number', { work: { thickness: 14 } }, 'thickness-ambiguous', 'work.thickness'],
    ['half a metre in a line', { line: '500mm lap' }, 'thickness-out-of-range', 'line'],
    ['an unknown gas', { work: { thickness: '3', gas: 'beer' } }, 'gas-unknown', 'work.gas'],
    ['an unknown joint', { work: { thickness: '3', joint: 'knot' } }, 'not-one-of', 'work.joint'],
    ['an unknown field', { work: { thickness: '3', colour: 'red' } }, 'unknown-field', 'work.colour'],
    ['words that say nothing', { line: 'hello there' }, 'line-not-understood', 'line'],
    ['an empty line', { line: '' }, 'missing', 'line'],
    ['a line of what does not show', { line: '\u202e\u0000' }, 'missing', 'line'],
    [
      'a machine that is not there',
      { work: { machineName: 'Nobody' } },
      'machine-unknown',
      'work.machineName',
    ],
    ['nothing', {}, 'missing', ''],
    ['volts out of range', { line: '3mm lap', own: { volts: 99 } }, 'out-of-range', 'own.volts'],
    ['a line too long', { line: 'x'.repeat(401) }, 'out-of-range', 'line'],
  ])('%s is refused at its field and nothing is stored', async (_, body, code, field) => {
    const before = await jobCount();
    const response = await asking(server).post('/api/jobs').send(body);
    expect(response.status).toBe(400);
    expect(response.body).toMatchObject({ code, field });
    expect((response.body as { message: string }).message.length).toBeGreaterThan(5);
    expect(response.text).not.toMatch(/\.ts:|node_modules|at \w+ \(/);
    expect(await jobCount()).toBe(before);
  });

  it('refuses broken JSON', async () => {
    const response = await asking(server)
      .post('/api/jobs')
      .set('content-type', 'application/json')
      .send('{"line": ');
    expect(response.status).toBe(400);
    expect(response.body).toMatchObject({ code: 'json-broken' });
  });

  it('refuses a body that is too large', async () => {
    const response = await asking(server)
      .post('/api/jobs')
      .send({ line: 'a'.repeat(1_200_000) });
    expect(response.status).toBe(413);
    expect(response.body).toMatchObject({ code: 'body-too-large' });
  });

  it.each(['get', 'delete'] as const)('answers %s of an unknown id with 404', async (method) => {
    const response = await asking(server)[method]('/api/jobs/no-such-job');
    expect(response.status).toBe(404);
    expect(response.body).toMatchObject({ code: 'not-found', field: 'id' });
  });

  it('answers an unknown address with 404', async () => {
    const response = await asking(server).get('/api/nothing-here');
    expect(response.status).toBe(404);
    expect(response.body).toMatchObject({ code: 'not-found' });
  });
});
