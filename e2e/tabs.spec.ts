import { type Browser, expect, type Page, test } from '@playwright/test';
import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { type DemoServer, demoServer } from './demo-server.ts';
import { expectNoViolations, typeJob } from './fixtures.ts';

let server: DemoServer;
test.beforeAll(async () => {
  server = await demoServer();
});
test.afterAll(() => server.kill());

/** A second device: a browser that shares nothing with the first. */
async function otherDevice(browser: Browser, address: string): Promise<Page> {
  const page = await (await browser.newContext()).newPage();
  await page.goto(address);
  return page;
}

const chip = (page: Page, name: RegExp) => page.getByRole('button', { name }).first();
async function pick(page: Page, chipName: RegExp, option: string): Promise<void> {
  await chip(page, chipName).click();
  await page.getByRole('radio', { name: option }).first().click();
}

test('two devices that change different things of a job keep both', async ({ page, browser }) => {
  await page.goto(`${server.url}/jobs`);
  await typeJob(page, '3 mm steel tee flat');
  const other = await otherDevice(browser, page.url());
  await expect(chip(other, /^Joint/)).toContainText('tee');
  await pick(page, /^Joint/, 'lap');
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
  await pick(other, /^Position/, 'overhead');
  await expect(chip(other, /^Position/)).toContainText('overhead');
  await expect(chip(other, /^Joint/)).toContainText('lap');
  await expect(other.getByRole('dialog')).toHaveCount(0);
  await page.reload();
  await expect(chip(page, /^Joint/)).toContainText('lap');
  await expect(chip(page, /^Position/)).toContainText('overhead');
});

test('two devices that change the same thing are shown both, and neither is lost', async ({
  page,
  browser,
}) => {
  await page.goto(`${server.url}/jobs`);
  await typeJob(page, '3 mm steel tee flat');
  const other = await otherDevice(browser, page.url());
  await expect(chip(other, /^Joint/)).toContainText('tee');
  await pick(page, /^Joint/, 'lap');
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
  await pick(other, /^Joint/, 'outside corner');
  const dialog = other.getByRole('dialog', { name: 'This job was changed elsewhere meanwhile' });
  await expect(dialog.getByRole('group', { name: 'Joint' })).toContainText('lap');
  await expect(dialog.getByRole('group', { name: 'Joint' })).toContainText('outside corner');
  await expectNoViolations(other);
  await dialog.getByRole('button', { name: 'Take what stands now' }).click();
  await expect(chip(other, /^Joint/)).toContainText('lap');
  await pick(page, /^Joint/, 'edge');
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
  await pick(other, /^Joint/, 'outside corner');
  await dialog.getByRole('button', { name: 'Keep mine' }).click();
  await expect(chip(other, /^Joint/)).toContainText('outside corner');
  await page.reload();
  await expect(chip(page, /^Joint/)).toContainText('outside corner');
});

test('what was done is undone from the history, after a reload too', async ({ page }) => {
  await page.goto(`${server.url}/jobs`);
  await typeJob(page, '4 mm steel tee flat');
  await pick(page, /^Joint/, 'lap');
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
  const job = page.url();
  await page.goto(`${server.url}/history`);
  await expect(page.getByText('Joint: tee → lap').first()).toBeVisible();
  await page.getByRole('button', { name: 'Undo: 4 mm carbon steel lap, flat changed' }).click();
  await expect(page.getByText('Undone', { exact: true })).toBeVisible();
  await page.goto(job);
  await expect(chip(page, /^Joint/)).toContainText('tee');
});

test('a machine that was retired is said on its jobs, and one press brings it back', async ({ page }) => {
  await page.goto(`${server.url}/jobs`);
  await typeJob(page, '2 mm steel lap Suitcase');
  const job = page.url();
  await page.goto(`${server.url}/machines/demo-suitcase`);
  await page.getByRole('button', { name: 'Retire it' }).click();
  await expect(page).toHaveURL(/\/machines$/);
  await page.goto(job);
  await expect(page.getByRole('heading', { name: 'Suitcase is retired' })).toBeVisible();
  await expect(page.getByRole('region', { name: 'Set these' })).toHaveCount(0);
  await page.getByRole('button', { name: 'Bring Suitcase back' }).click();
  await expect(page.getByRole('region', { name: 'Set these' })).toBeVisible();
});

test.describe('a page from elsewhere', () => {
  let elsewhere: Server;
  let address: string;
  test.beforeAll(async () => {
    elsewhere = createServer((_request, response) => {
      response.setHeader('content-type', 'text/html');
      response.end('<title>elsewhere</title>');
    });
    await new Promise<void>((resolve) => elsewhere.listen(0, '127.0.0.1', resolve));
    address = `http://127.0.0.1:${(elsewhere.address() as AddressInfo).port}`;
  });
  test.afterAll(() => elsewhere.close());

  test('changes nothing and reads nothing', async ({ page }) => {
    await page.goto(address);
    const tried = await page.evaluate(async (url) => {
      const send = async (path: string, init: RequestInit): Promise<string> => {
        try {
          const response = await fetch(`${url}${path}`, init);
          return `${response.type} ${response.status}`;
        } catch {
          return 'blocked';
        }
      };
      const plain = { method: 'POST', mode: 'no-cors' } as const;
      await send('/api/machines/demo-old-tom/dial-readings/supersede', plain);
      await send('/api/jobs', {
        ...plain,
        body: '{"line":"3 mm tee"}',
        headers: { 'content-type': 'text/plain' },
      });
      const form = document.createElement('form');
      form.method = 'POST';
      form.target = 'hidden';
      form.action = `${url}/api/machines/demo-old-tom/dial-readings/supersede`;
      const frame = document.createElement('iframe');
      frame.name = 'hidden';
      document.body.append(frame, form);
      form.submit();
      await new Promise((resolve) => setTimeout(resolve, 500));
      return send('/api/machines', {});
    }, server.url);
    expect(tried).toBe('blocked');
    const tom = (await (await fetch(`${server.url}/api/machines/demo-old-tom`)).json()) as {
      dialReadings: unknown[];
    };
    expect(tom.dialReadings).toHaveLength(8);
  });
});
