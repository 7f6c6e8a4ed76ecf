import { asking, itemsAt, type RunningServer, runningServer } from '../../../test/running-server.ts';

let server: RunningServer;
let jobId: string;
beforeAll(async () => {
  server = await runningServer();
  const { body } = await asking(server).post('/api/jobs').send({ line: '3 mm S235 tee' }).expect(201);
  jobId = (body as { id: string }).id;
});
afterAll(() => server.stop());

const SHEET = {
  modelVersion: '4',
  title: '3 mm tee',
  numbers: [['Volts', '18.4 V (17.4–19.4)']],
  parts: [{ title: 'Joint', lines: [['Gap', '0–1 mm']] }],
  runs: [['1 one run', '135 D']],
  essentials: {
    process: '135',
    mode: 'short-circuit',
    metal: 'carbon-steel S235',
    thicknessMm: 3,
    gas: 'M21',
    co2Percent: 18,
    filler: 'ER70S-6',
    polarity: 'DCEP',
    runs: 1,
    backing: false,
    heatInputKJPerMm: 0.4,
    position: 'PA / 1F',
  },
};
const DRAWING = { viewBox: '0 0 300 170', parts: ['M0 0L1.5 -2Z'], beads: [] };
interface ListedSheet {
  readonly id: string;
  readonly revision: number;
}
const keep = (body: object = {}, status = 201) =>
  asking(server)
    .post(`/api/jobs/${jobId}/sheets`)
    .send({ sheet: SHEET, drawing: DRAWING, ...body })
    .expect(status);
const list = () => itemsAt<ListedSheet>(server, `/api/jobs/${jobId}/sheets`);

it('revisions are numbered as they are kept, and the number of one that was put away is not given again', async () => {
  const first = (await keep()).body as ListedSheet;
  const second = (await keep({ by: 'ea' })).body as ListedSheet;
  expect([first.revision, second.revision]).toEqual([1, 2]);
  await asking(server).delete(`/api/jobs/${jobId}/sheets/${second.id}`).expect(204);
  expect(((await keep()).body as ListedSheet).revision).toBe(3);
  expect((await list()).map(({ revision }) => revision)).toEqual([3, 1]);
  await asking(server).delete(`/api/jobs/nowhere/sheets/${first.id}`).expect(404);
  await asking(server).post(`/api/jobs/nowhere/sheets/${second.id}/restore`).expect(404);
  await asking(server).post(`/api/jobs/${jobId}/sheets/${second.id}/restore`).expect(200);
  expect((await list()).map(({ revision }) => revision)).toEqual([3, 2, 1]);
  await asking(server).delete(`/api/jobs/${jobId}/sheets/${second.id}`).expect(204);
  expect((await list())[1]).toMatchObject({ sheet: SHEET, drawing: DRAWING });
});

it('one that is sent twice is kept once', async () => {
  const id = '00000000-0000-4000-8000-0000000000e1';
  const before = (await list()).length;
  await keep({ id });
  await keep({ id }, 200);
  expect(await list()).toHaveLength(before + 1);
});

it.each([
  ['a drawing that is more than lines', { drawing: { ...DRAWING, beads: ['M0 0<script>'] } }],
  ['a drawing that fetches', { drawing: { ...DRAWING, viewBox: 'url(x)' } }],
  ['no essentials', { sheet: { ...SHEET, essentials: {} } }],
  ['a name too long', { by: 'x'.repeat(41) }],
])('with %s it is refused', async (_what, body) => {
  const before = (await list()).length;
  await keep(body, 400);
  expect(await list()).toHaveLength(before);
});
