import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { expect, type Page, test as base } from '@playwright/test';
import type axe from 'axe-core';
import { type DemoServer, demoServer } from './demo-server.ts';

declare global {
  interface Window {
    readonly axe: typeof axe;
  }
}

interface Fixtures {
  /** Opens a page of the app. */
  open: (path: string) => Promise<void>;
}

interface WorkerFixtures {
  demo: DemoServer;
}

/** Tests that share one demo shop a worker; each makes the jobs it changes. */
export const test = base.extend<Fixtures, WorkerFixtures>({
  demo: [
    // eslint-disable-next-line no-empty-pattern -- the runner reads the fixture's first parameter as a pattern
    async ({}, use) => {
      const server = await demoServer();
      await use(server);
      await server.kill();
    },
    { scope: 'worker' },
  ],
  open: async ({ page, demo }, use) => {
    await use(async (path) => {
      await page.goto(`${demo.url}${path}`);
    });
  },
});

const AXE = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8');

/** The page has no violations that axe knows of. It holds no frames; axe is brought to it once a start. */
export async function expectNoViolations(page: Page, where?: string): Promise<void> {
  if (!(await page.evaluate(() => 'axe' in window))) await page.evaluate(AXE);
  const broken = await page.evaluate(async () => {
    const { violations } = await window.axe.run({ resultTypes: ['violations'] });
    return violations.map(({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html).join(' | ')}`);
  });
  expect(broken, where).toEqual([]);
}

/** Goes to the quick line by its key, once the app listens. */
export async function toQuickLine(page: Page): Promise<void> {
  const line = page.locator('[data-quick-line]');
  await line.waitFor();
  if (!(await line.evaluate((element) => element === document.activeElement))) await page.keyboard.press('/');
  await expect(line).toBeFocused();
}

/** Opens a named part of a page. */
export async function openPart(page: Page, name: string): Promise<void> {
  await page.getByRole('tab', { name: new RegExp(`^${name}`) }).click();
}

/** Opens the chips of what a plan assumes. */
export async function openAssumed(page: Page): Promise<void> {
  await page.getByRole('button', { name: /^\d+ assumed$/ }).click();
}

/** Types a job into the quick line and opens its plan. */
export async function typeJob(page: Page, line: string): Promise<void> {
  await toQuickLine(page);
  await page.keyboard.type(line);
  await page.keyboard.press('Enter');
  await page.waitForURL(/\/jobs\/[0-9a-f-]+$/);
}

export { expect } from '@playwright/test';
