import request from 'supertest';
import type { AddressInfo } from 'node:net';
import { type RunningServer, runningServer } from '../../../test/running-server.ts';
import { foreignReason, OWN_HOSTS } from './access.ts';

let server: RunningServer;
let port: number;
beforeAll(async () => {
  server = await runningServer(true);
  await new Promise<void>((resolve) => server.http.listen(0, '127.0.0.1', () => resolve()));
  port = (server.http.address() as AddressInfo).port;
});
afterAll(() => server.stop());

const here = (): string => `127.0.0.1:${port}`;
const ask = (headers: Record<string, string>, method = 'GET', path = '/api/jobs') =>
  request(`http://${here()}`)[method.toLowerCase() as 'get'](path).set(headers);

describe('a page from elsewhere', () => {
  it.each([
    'evil.example',
    'evil.example:80',
    'localhost.evil.example',
    '127.0.0.1.evil.example',
    '',
    '127.0.0.1:1',
  ])('that calls this machine %p reads nothing', async (host) => {
    const response = await ask({
      host: host === '127.0.0.1:1' ? host : host && `${host}:${port}`.replace(/:80:/, ':'),
    });
    expect(response.status).toBeGreaterThanOrEqual(400);
    expect(response.text).not.toContain('Marigold');
  });

  it.each<[string, string, Record<string, string>]>([
    ['POST', '/api/jobs', { origin: 'http://evil.example' }],
    ['POST', '/api/jobs', { origin: 'null' }],
    ['POST', '/api/jobs', { origin: 'https://localhost' }],
    ['POST', '/api/jobs', { 'sec-fetch-site': 'cross-site' }],
    ['POST', '/api/jobs', { 'sec-fetch-site': 'same-site' }],
    ['POST', '/api/machines/demo-old-tom/dial-readings/supersede', { origin: 'http://localhost:1' }],
    ['DELETE', '/api/machines/demo-old-tom', { 'sec-fetch-site': 'cross-site' }],
    ['PUT', '/api/shop', { origin: 'http://evil.example', 'content-type': 'text/plain' }],
    ['PATCH', '/api/machines/demo-old-tom', { origin: 'http://evil.example' }],
  ])('%s %s with %o is turned away', async (method, path, headers) => {
    const response = await ask(headers, method, path);
    expect(response.status).toBe(403);
    expect(response.body).toMatchObject({ code: 'foreign-page' });
  });

  it('does not take the whole shop away, whatever it is asked as', async () => {
    for (const form of ['database', 'json', 'zip']) {
      const path = `/api/backup/${form}`;
      const { status, body } = await ask({ 'sec-fetch-site': 'cross-site' }, 'GET', path);
      expect([status, body]).toMatchObject([403, { code: 'foreign-page' }]);
    }
    expect((await ask({ 'sec-fetch-site': 'same-origin' }, 'GET', '/api/backup/json')).status).toBe(200);
  });

  it('is turned away with the headers of every answer, and without our maker’s name', async () => {
    const { headers, body } = await ask({ origin: 'http://evil.example' }, 'POST');
    expect(headers).toMatchObject({ 'x-content-type-options': 'nosniff', 'cache-control': 'no-store' });
    expect(headers).toHaveProperty('content-security-policy');
    expect(headers).not.toHaveProperty('x-powered-by');
    expect(headers['x-request-id']).toBe((body as { requestId: string }).requestId);
  });

  it('changed nothing', async () => {
    const machines = (await ask({})).status;
    expect(machines).toBe(200);
    const { body } = await ask({}, 'GET', '/api/machines/demo-old-tom');
    expect((body as { dialReadings: unknown[] }).dialReadings).toHaveLength(8);
    expect(body).toMatchObject({ away: false });
  });
});

describe('our own page, or a program here', () => {
  it.each(OWN_HOSTS)('speaks to %s', (name) => {
    const host = `${name}:4180`;
    const rules = { hosts: OWN_HOSTS };
    const from = (headers: Record<string, string>) => ({ method: 'POST', headers: { host, ...headers } });
    expect(foreignReason(from({}), 4180, rules)).toBeUndefined();
    expect(
      foreignReason(from({ origin: `http://${host}`, 'sec-fetch-site': 'same-origin' }), 4180, rules),
    ).toBeUndefined();
    expect(foreignReason(from({ 'sec-fetch-site': 'none' }), 4180, rules)).toBeUndefined();
    expect(foreignReason(from({}), 4181, rules)).toBeDefined();
  });

  it('speaks to a host that was allowed', () => {
    const named = { method: 'GET', headers: { host: 'Shop.local:80' } };
    expect(foreignReason(named, 80, { hosts: OWN_HOSTS })).toBeDefined();
    expect(foreignReason(named, 80, { hosts: ['shop.local'] })).toBeUndefined();
  });

  it('creates over HTTP', async () => {
    const response = await ask({ origin: `http://${here()}` }, 'POST').send({ line: '3 mm tee' });
    expect(response.status).toBe(201);
  });
});
