import sharp from 'sharp';
import { PhotoSweep } from './photo-sweep.ts';
import { asking, type RunningServer, runningServer } from '../../test/running-server.ts';

let server: RunningServer;
beforeAll(async () => {
  server = await runningServer();
});
afterAll(() => server.stop());

const ID = '00000000-0000-4000-8000-0000000000cc';
const picture = (width: number, height: number) =>
  sharp({ create: { width, height, channels: 3, background: '#c04020' } });
const send = (body: Buffer, type = 'image/jpeg', id = ID) =>
  asking(server).post('/api/photos').set('content-type', type).set('command-id', id).send(body);
const read = (id: string) => asking(server).get(`/api/photos/${id}`).buffer(true);

it('a photo is written anew: bounded, upright, and without what the camera wrote of place and time', async () => {
  const sent = await picture(4000, 1000)
    .withExif({ IFD0: { Copyright: 'a name' }, IFD3: { GPSLatitude: '51/1 30/1 0/1' } })
    .jpeg()
    .withMetadata({ orientation: 6 })
    .toBuffer();
  const [{ body }, again] = await Promise.all([send(sent).expect(201), send(sent).expect(201)]);
  expect(again.body).toEqual(body);
  // it lay on its side: turned upright, then made small
  expect(body).toEqual({ id: ID, widthPx: 400, heightPx: 1600 });
  const { body: jpeg, headers } = await read(ID).expect(200);
  expect(headers['content-type']).toBe('image/jpeg');
  const metadata = await sharp(jpeg as Buffer).metadata();
  expect([metadata.format, metadata.width, metadata.height, metadata.exif]).toEqual([
    'jpeg',
    400,
    1600,
    undefined,
  ]);
});

it('another photo under the same command is refused, and the first stays', async () => {
  const { body } = await send(await picture(10, 10).png().toBuffer(), 'image/png').expect(409);
  expect(body).toMatchObject({ code: 'command-id-taken' });
  const { width } = await sharp((await read(ID).expect(200)).body as Buffer).metadata();
  expect(width).toBe(400);
});

it.each<readonly [what: string, body: Buffer, type: string, status: number]>([
  ['no picture', Buffer.from('a letter'), 'image/jpeg', 400],
  ['nothing', Buffer.alloc(0), 'image/png', 400],
  [
    'a drawing',
    Buffer.from('<svg xmlns="http://www.w3.org/2000/svg" width="9" height="9"/>'),
    'image/svg+xml',
    400,
  ],
  ['something else', Buffer.from('{}'), 'application/pdf', 400],
  ['more than is taken', Buffer.alloc(21_000_000), 'image/jpeg', 413],
])('%s is refused, and nothing is kept', async (_what, body, type, status) => {
  const id = '00000000-0000-4000-8000-0000000000dd';
  await send(body, type, id).expect(status);
  await read(id).expect(404);
});

it('a step is kept with a photo that is there, and with no other', async () => {
  const machine = { name: 'Tom', loadedWireClass: 'ER70S-6', loadedWireDiameterMm: 0.8, loadedGas: 'co2' };
  const { id } = (await asking(server).post('/api/machines').send(machine)).body as { id: string };
  const tell = (photoId: string) =>
    asking(server)
      .post(`/api/machines/${id}/rig`)
      .send({ why: 'step', step: 'clamp-off', photoId, changes: { workClamp: { from: null, to: 'off' } } });
  const { status, body } = await tell('00000000-0000-4000-8000-0000000000ee');
  expect([status, (body as { field: string }).field]).toEqual([400, 'photoId']);
  await tell(ID).expect(200);
  const { items } = (await asking(server).get(`/api/events?of=${id}`)).body as {
    items: readonly { about: object }[];
  };
  expect(items[0]?.about).toMatchObject({ photoId: ID });
});

it('what no record names is swept after a day, and what one names stays', async () => {
  const other = '00000000-0000-4000-8000-0000000000ff';
  await send(await picture(30, 30).jpeg().toBuffer(), 'image/jpeg', other).expect(201);
  const sweep = server.app.get(PhotoSweep);
  const hours = (h: number): number => Date.now() + h * 3_600_000;
  expect(await sweep.sweep(hours(23))).toBe(0);
  await read(other).expect(200);
  expect(await sweep.sweep(hours(25))).toBe(1);
  const gone = await read(other).expect(404);
  expect(gone.headers['cache-control']).toBe('no-store');
  await read(ID).expect(200); // a step of a rig names it
});
