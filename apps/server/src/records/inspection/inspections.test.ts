import sharp from 'sharp';
import { asking, itemsAt, type RunningServer, runningServer } from '../../../test/running-server.ts';

let server: RunningServer;
let jobId: string;
beforeAll(async () => {
  server = await runningServer();
  const { body } = await asking(server).post('/api/jobs').send({ line: '6 mm steel tee' }).expect(201);
  jobId = (body as { id: string }).id;
});
afterAll(() => server.stop());

const WELD = { joint: 'fillet', thicknessMm: 6, at: '2026-03-02T10:00:00.000Z' } as const;
const keep = (inspection: object) =>
  asking(server)
    .post(`/api/jobs/${jobId}/inspections`)
    .send({ ...WELD, ...inspection });
interface ListedInspection {
  readonly id: string;
  readonly verdict: string | null;
}

// limits of ISO 5817, recalled: undercut on 6 mm at C is 0.5 mm (handbook on inspection, V01)
it('an inspection is kept with the verdict of its level, and none without one', async () => {
  const items = { undercut: { value: 0.9, gauge: 'pin' } };
  expect(((await keep({ items }).expect(201)).body as ListedInspection).verdict).toBeNull();
  const failed = (await keep({ items, standard: '5817', level: 'C' }).expect(201)).body as ListedInspection;
  expect(failed.verdict).toBe('fail');
  const path = `/api/jobs/${jobId}/inspections/${failed.id}`;
  const change = { items: { undercut: { value: 0.4, gauge: 'pin' } } };
  expect(((await asking(server).patch(path).send(change).expect(200)).body as ListedInspection).verdict).toBe(
    'not-decided',
  );
  const none = { items: { undercut: null, crack: { value: 0 } } };
  expect((await asking(server).patch(path).send(none).expect(200)).body).toMatchObject({
    verdict: 'pass',
    items: { crack: { value: 0 } },
  });
  await asking(server).delete(path).expect(204);
  const listed = await itemsAt<ListedInspection>(server, `/api/jobs/${jobId}/inspections`);
  expect(listed.map(({ verdict }) => verdict)).toEqual([null]);
  await asking(server).post(`${path}/restore`).expect(200);
});

it.each([
  ['a level of another standard', { standard: 'D1.1', level: 'B' }, 'level'],
  ['a level without a standard', { level: 'B' }, 'level'],
  ['an item that there is not', { items: { rust: { value: 1 } } }, 'items.rust'],
  ['a leg of half a metre', { firstLeg: { value: 500, gauge: 'rule' } }, 'firstLeg.value'],
  ['a throat that is none', { nominalMm: 90, nominalIs: 'throat' }, 'nominalMm'],
  ['a leg below nothing', { firstLeg: { value: -2, gauge: 'rule' } }, 'firstLeg.value'],
  ['a photo that was not kept', { photos: [{ photoId: 'none', marks: [] }] }, 'photos'],
])('with %s it is refused at its field', async (_what, inspection, field) => {
  const { body } = await keep(inspection).expect(400);
  expect((body as { field: string }).field).toBe(field);
});

it('a photo is kept with its scale and its marks', async () => {
  const png = await sharp({ create: { width: 600, height: 400, channels: 3, background: '#888' } })
    .png()
    .toBuffer();
  const photo = await asking(server)
    .post('/api/photos')
    .set('content-type', 'image/png')
    .send(png)
    .expect(201);
  const { id: photoId } = photo.body as ListedInspection;
  const scale = {
    from: [10, 10],
    to: [510, 10],
    mm: 50,
    heightMm: 5,
    cameraMm: 300,
    tiltDeg: 5,
    surface: 'usual',
  };
  const marks = [{ kind: 'line', from: [100, 100], to: [160, 100], label: 'leg' }];
  const { body } = await keep({ photos: [{ photoId, scale, marks }] }).expect(201);
  expect((body as { photos: object[] }).photos).toEqual([{ photoId, scale, marks }]);
});
