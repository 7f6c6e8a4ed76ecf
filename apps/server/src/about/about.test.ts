import { asking, runningServer } from '../testing/running-server.ts';

describe('the server about itself', () => {
  it.each([true, false])('says whether its shop is the demo: %s', async (demo) => {
    const server = await runningServer(demo);
    try {
      const { status, body } = await asking(server).get('/api/about');
      expect([status, body]).toEqual([200, { demo, demoBeside: false }]);
    } finally {
      await server.stop();
    }
  });

  it('opens no demo beside a server that may not', async () => {
    const server = await runningServer();
    try {
      const { status, body } = await asking(server).post('/api/demo-shop').send({});
      expect([status, (body as { code: string }).code]).toEqual([409, 'no-demo-here']);
    } finally {
      await server.stop();
    }
  });
});
