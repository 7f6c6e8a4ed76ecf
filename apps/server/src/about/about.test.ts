import { asking, runningServer } from '../../test/running-server.ts';

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

  it('names in its description what can be queried, and what every command may carry', async () => {
    const server = await runningServer();
    try {
      interface DocumentedPath {
        readonly parameters?: readonly { readonly name: string; readonly in: string }[];
      }
      const { paths } = (await asking(server).get('/api/docs-json')).body as {
        paths: Readonly<Record<string, Readonly<Record<string, DocumentedPath>>>>;
      };
      const named = (path: string, method: string): readonly string[] =>
        (paths[path]?.[method]?.parameters ?? []).map((one) => `${one.in} ${one.name}`);
      expect(named('/api/log', 'get')).toEqual(
        expect.arrayContaining(['query machine', 'query text', 'query limit', 'query sort']),
      );
      expect(named('/api/ear-tests', 'get').toSorted()).toEqual([
        'query after',
        'query learner',
        'query limit',
      ]);
      expect(named('/api/jobs/{jobId}/runs/{id}', 'patch')).toEqual(
        expect.arrayContaining(['path jobId', 'path id']),
      );
      const carried = ['header command-id', 'header if-match', 'header actor', 'header device-id'];
      for (const [path, methods] of Object.entries(paths))
        for (const method of Object.keys(methods))
          if (method !== 'get') expect(named(path, method)).toEqual(expect.arrayContaining(carried));
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
