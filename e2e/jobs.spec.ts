import { test as plain } from '@playwright/test';
import { demoServer } from './demo-server.ts';
import { expect, test, toQuickLine, typeJob } from './fixtures.ts';

test('the bench shows machines, the job in hand, and starts a new one', async ({ page, open }) => {
  await open('/');
  await expect(page.getByRole('heading', { name: 'Marigold', exact: true })).toBeVisible();
  await expect(page.getByRole('region', { name: 'Go on with' }).getByText('2 test beads')).toBeVisible();
  await page.getByLabel('What are you welding?').fill('18ga lap old tm');
  await page.getByRole('button', { name: 'Old Tom', exact: true }).click();
  await expect(page.getByLabel('What are you welding?')).toHaveValue('18ga lap Old Tom');
  await page.getByLabel('What are you welding?').press('Enter');
  await expect(page.getByRole('button', { name: 'Machine: Old Tom' })).toBeVisible();
});

test('a job put away comes back with undo', async ({ page, open }) => {
  await open('/jobs');
  await typeJob(page, '4 mm edge overhead');
  await page.getByRole('link', { name: 'Jobs', exact: true }).first().click();
  await page.getByRole('button', { name: 'Put away 4 mm carbon steel edge, overhead' }).click();
  await expect(page.getByRole('link', { name: /4 mm carbon steel edge, overhead/ })).toBeHidden();
  await page.getByRole('button', { name: 'Undo' }).last().click();
  await expect(page.getByRole('link', { name: /4 mm carbon steel edge, overhead/ })).toBeVisible();
});

test('a job is found by its words', async ({ page, open }) => {
  await open('/jobs');
  await page.getByLabel('Find a job').fill('6063 spool');
  await expect(page.getByRole('link', { name: /aluminium 6063 tube/ })).toBeVisible();
  await expect(page.getByRole('link', { name: /stainless/ })).toBeHidden();
  await page.getByLabel('Find a job').fill('zebra');
  await expect(page.getByRole('heading', { name: 'No job matches “zebra”' })).toBeVisible();
});

test('the history brings earlier lines back', async ({ page, open }) => {
  await open('/jobs');
  await typeJob(page, '2.5 mm lap');
  await toQuickLine(page);
  await page.keyboard.press('ArrowUp');
  await expect(page.getByLabel('Type a job')).toHaveValue('2.5 mm lap');
});

test('keys go places, but never while typing', async ({ page, open }) => {
  await open('/jobs');
  await page.getByRole('heading', { level: 1 }).waitFor();
  await page.keyboard.press('g');
  await page.keyboard.press('b');
  await expect(page).toHaveURL(/\/$/);
  await toQuickLine(page);
  await page.keyboard.type('gj?');
  await expect(page).toHaveURL(/\/$/);
  await page.keyboard.press('Escape');
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: 'Keys' })).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toBeHidden();
});

test('an unknown job and an unknown page say so', async ({ page, open }) => {
  await open('/jobs/no-such-job');
  await expect(page.getByRole('heading', { name: 'Not found' })).toBeVisible();
  await open('/nowhere');
  await expect(page.getByRole('heading', { name: 'Nothing at this address' })).toBeVisible();
});

plain(
  'an empty shop says what to do, and a server that is gone is reported with a way back',
  async ({ page }) => {
    const server = await demoServer({ empty: true });
    try {
      await page.goto(server.url);
      await plain.expect(page.getByRole('heading', { name: 'No jobs yet' })).toBeVisible();
      await page.goto(`${server.url}/jobs`);
      await plain.expect(page.getByRole('heading', { name: 'No jobs yet' })).toBeVisible();
      await server.kill();
      await page.getByLabel('Type a job').fill('3 mm lap');
      await page.getByLabel('Type a job').press('Enter');
      await plain.expect(page.getByRole('alert')).toContainText('does not answer');
      await plain.expect(page.getByLabel('Type a job')).toHaveValue('3 mm lap');
      await server.startAgain();
      await page.getByLabel('Type a job').press('Enter');
      await plain.expect(page.getByRole('heading', { level: 1 })).toContainText('3 mm carbon steel lap');
    } finally {
      await server.kill();
    }
  },
);

test('an empty shop leads to a machine, and opens the demo shop apart from one’s own', async ({
  page,
  context,
}) => {
  const server = await demoServer({ empty: true });
  try {
    await page.goto(server.url);
    await page.getByRole('button', { name: 'Look round the demo shop' }).click();
    const opened = context.waitForEvent('page');
    await page.getByRole('link', { name: 'The demo shop stands: go in' }).click();
    const demo = await opened;
    await expect(demo.getByText('demo shop, all invented')).toBeVisible();
    await expect(demo.getByRole('link', { name: /Marigold/ }).first()).toBeVisible();
    expect(new URL(demo.url()).origin).not.toBe(server.url);
    await demo.close();
    await page.reload();
    await expect(page.getByText('No jobs yet')).toBeVisible();
    await expect(page.getByText('demo shop, all invented')).toBeHidden();
    await page.getByRole('link', { name: 'Set up your machine (two minutes)' }).click();
    await expect(page.getByRole('heading', { level: 1, name: 'Add a machine' })).toBeVisible();
  } finally {
    await server.kill();
  }
});
