import { type Page, validated } from '@hot-bead/contract/base';
import { planResponseSchema, type PlanResponse } from '@hot-bead/contract/line';
import type { JobSummary } from '@hot-bead/contract/plan';
import Database from 'better-sqlite3';
import { asking, itemsAt, type RunningServer, runningServer } from '../../test/running-server.ts';

let server: RunningServer;
beforeAll(async () => {
  server = await runningServer(true);
});
afterAll(() => server.stop());

function plan(body: object) {
  return asking(server).post('/api/plan').send(body);
}

describe('POST /api/plan', () => {
  it('plans a line', async () => {
    const response = await plan({ line: '3.2 mm butt 0.8 Ar+18' });
    expect(response.status).toBe(200);
    const { status, report, setup } = response.body as PlanResponse;
    expect(status).toBe('planned');
    expect('wireFeedSpeed' in report && report.wireFeedSpeed).toMatchObject({ unit: 'm/min' });
    expect(setup?.status === 'planned' && setup.wireFeedSpeedMPerMin.start).toBeCloseTo(7.59, 1);
  });

  it('plans work the same as the line that says it', async () => {
    const line = (await plan({ line: '3.175 mm lap .030 75/25' })).body as PlanResponse;
    const work = (
      await plan({
        work: { thickness: '1/8', joint: 'lap', way: 'solid-gas', wireDiameterMm: 0.8, gas: 'ar-co2-25' },
      })
    ).body as PlanResponse;
    expect(work.setup).toEqual(line.setup);
  });

  it('takes a machine of the shop by name, with what is on it', async () => {
    const { setup, terms } = (await plan({ line: '3mm lap old tom' })).body as PlanResponse;
    expect(setup?.status === 'planned' && setup.wire).toMatchObject({ diameterMm: 1, origin: 'loaded' });
    expect(terms?.wire).toMatchObject({ status: 'knob' });
    expect(terms?.volts).toMatchObject({ status: 'position' });
  });

  it('gives entry and trim, and what to show, where the machine has them; nothing without a machine', async () => {
    const { terms } = (await plan({ line: '2mm lap Marigold' })).body as PlanResponse;
    expect(terms).toMatchObject({ volts: { status: 'shown-offset' }, entry: { status: 'set' } });
    expect((await plan({ line: '2mm lap' })).body).toMatchObject({ terms: null });
  });

  it('does not plan for a machine that is not there, or was retired', async () => {
    const onSuitcase = { work: { thicknessMm: 2, machineName: 'Suitcase' } };
    expect((await plan(onSuitcase)).status).toBe(200);
    await asking(server).delete('/api/machines/demo-suitcase').expect(204);
    const retired = await plan(onSuitcase);
    expect([retired.status, retired.body]).toMatchObject([
      400,
      { code: 'machine-unknown', field: 'work.machineName' },
    ]);
    await asking(server).post('/api/machines/demo-suitcase/restore').expect(200);
    expect((await plan(onSuitcase)).status).toBe(200);
  });

  it('notices what another program writes to the file', async () => {
    const line = '3 mm lap Marigold';
    const before = (await plan({ line })).body as PlanResponse;
    const other = new Database(server.databasePath);
    other.exec(`UPDATE machine SET loadedWireDiameterMm = 1.0 WHERE name = 'Marigold'`);
    const after = (await plan({ line })).body as PlanResponse;
    other.exec(`UPDATE machine SET loadedWireDiameterMm = 0.8 WHERE name = 'Marigold'`);
    other.close();
    const sizes = [before, after].map(({ setup }) => setup?.status === 'planned' && setup.wire.diameterMm);
    expect(sizes).toEqual([0.8, 1]);
  });

  it('keeps your own number', async () => {
    const { setup } = (await plan({ line: '3mm lap', own: { volts: 17.5 } })).body as PlanResponse;
    expect(setup?.status === 'planned' && setup.volts.start).toBe(17.5);
  });

  it('answers a refusal as a result, with its code and what to do instead', async () => {
    const response = await plan({ line: '3mm steel argon' });
    expect(response.status).toBe(200);
    expect(response.body).toMatchObject({
      status: 'refused',
      report: { refused: { code: 'gas-wrong-for-metal' } },
    });
  });

  it.each([
    ['14 steel', 'thickness-ambiguous'],
    ['steel lap', 'thickness-missing'],
    ['500 mm lap', 'thickness-out-of-range'],
  ])('%s is an input error %s', async (line, code) => {
    const response = await plan({ line });
    expect(response.status).toBe(400);
    expect(response.body).toMatchObject({ code, field: 'line' });
  });
});

describe('the demo shop', () => {
  it('has its machines and jobs, and is loaded once', async () => {
    const machines = await itemsAt<{ name: string }>(server, '/api/machines');
    expect(machines.map((machine) => machine.name)).toEqual(['Marigold', 'Old Tom', 'Suitcase']);
    const jobs = ((await asking(server).get('/api/jobs')).body as Page<JobSummary>).items;
    server = await server.restart();
    const again = ((await asking(server).get('/api/jobs')).body as Page<JobSummary>).items;
    expect(jobs.length).toBeGreaterThan(5);
    expect(again).toEqual(jobs);
  });

  it.each([
    '3 mm steel tee flat 0.8 solid Ar+18',
    '2mm lap Old Tom',
    '2mm lap Marigold',
    '12mm S355 plate open root butt Ar+18 600 long',
    '5mm 5083 tee Marigold',
    'galvanised 3mm lap gasless outdoors windy Suitcase',
    '3mm steel argon',
  ])('answers “%s” as its contract says', async (line) => {
    const { body } = await plan({ line });
    expect(() => validated(planResponseSchema, body)).not.toThrow();
  });

  it('documents what every operation answers, and what it is sent', async () => {
    const { body } = await asking(server).get('/api/docs-json');
    const { paths } = body as {
      paths: Record<
        string,
        Record<string, { responses: Record<string, { content?: object }>; requestBody?: object }>
      >;
    };
    const silent = Object.entries(paths).flatMap(([path, methods]) =>
      Object.entries(methods).flatMap(([method, { responses }]) => {
        const isDocumented = Object.entries(responses).some(
          ([status, { content }]) => status === '204' || (/^20[01]$/.test(status) && content !== undefined),
        );
        return isDocumented ? [] : [`${method} ${path}`];
      }),
    );
    expect(silent.toSorted()).toEqual([
      'get /api/backup/database',
      'get /api/backup/json',
      'get /api/backup/zip',
      'get /api/machines/{id}/file.csv',
      'get /api/photos/{id}',
      'get /api/tables/{name}',
    ]); // they are files
  });

  it('documents the API', async () => {
    const response = await asking(server).get('/api/docs-json');
    expect(response.status).toBe(200);
    const paths = Object.keys((response.body as { paths: object }).paths);
    expect(paths).toEqual(expect.arrayContaining(['/api/jobs', '/api/plan', '/api/jobs/{jobId}/test-beads']));
  });
});
