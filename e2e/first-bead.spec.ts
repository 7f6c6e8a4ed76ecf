import { type Page, test as plain } from '@playwright/test';
import { demoServer } from './demo-server.ts';
import { expect, test, toQuickLine, typeJob } from './fixtures.ts';

async function report(page: Page, sound: string, face: string): Promise<void> {
  await page.getByRole('group', { name: 'Sound' }).getByText(sound, { exact: true }).click();
  await page.getByRole('group', { name: 'Bead face' }).getByText(face, { exact: true }).click();
  await page.getByRole('button', { name: /^Log bead/ }).click();
}

test('from a line typed to a logged bead', async ({ page, open }) => {
  await open('/jobs');
  await toQuickLine(page);
  await page.keyboard.type('3.2 mm steel butt flat 0.8 solid Ar+18');
  const read = page.getByRole('list', { name: 'What was read' });
  await expect(read.getByText('3.2 mm', { exact: true })).toBeVisible();
  await expect(read.getByText('0.8 mm wire')).toBeVisible();
  await page.keyboard.press('Enter');

  await expect(page.getByRole('heading', { level: 1 })).toHaveText('3.2 mm carbon steel closed butt, flat');
  await expect(page.getByRole('textbox', { name: 'Wire speed' })).toHaveValue('7.6');
  await expect(page.getByRole('textbox', { name: 'Volts' })).toHaveValue('18.4');
  const figures = page.getByRole('region', { name: 'Set these' });
  await expect(figures.getByRole('textbox', { name: 'Gas' })).toHaveValue('12');
  await expect(figures.getByRole('textbox', { name: 'Tip to work' })).toHaveValue('10');
  await expect(page.getByRole('img', { name: /Start at 7.6 m\/min, 18.4 V/ })).toBeVisible();

  await page.getByRole('link', { name: 'Dial-in' }).click();
  const next = page.getByRole('region', { name: 'Next bead' });
  await expect(next).toContainText('17.5 V');
  await report(page, 'stubs, pushes', 'ropy, lies on top');
  await expect(next).toContainText('18.0 V');
  await report(page, 'steady sizzle', 'slight crown');
  await expect(next).toContainText('18.5 V');
  await report(page, 'steady sizzle', 'flat, wide');
  await expect(next).toContainText('19.0 V');
  await report(page, 'hiss and pop', 'undercut');
  await expect(next).toContainText('Take');
  await expect(next).toContainText('18.2 V');
  await expect(page.getByRole('img', { name: /bead 4 at 7.6 m\/min, 19.0 V: hot/ })).toBeVisible();

  await next.getByRole('button', { name: /Set the plan/ }).click();
  await expect(next).toContainText('The plan is set to these numbers');
  await page.getByRole('link', { name: 'Plan', exact: true }).click();
  await expect(page.getByRole('textbox', { name: 'Volts' })).toHaveValue('18.2');
});

test('a bead taken away comes back with undo', async ({ page, open }) => {
  await open('/jobs');
  await typeJob(page, '2 mm lap 0.8');
  await page.getByRole('link', { name: 'Dial-in' }).click();
  await expect(page.getByText('No bead yet')).toBeVisible();
  await report(page, 'steady sizzle', 'slight crown');
  const ladder = page.getByRole('region', { name: 'The ladder so far' });
  await expect(ladder).toContainText('Bead 1');
  await page.getByRole('button', { name: 'Take bead 1 away' }).click();
  await expect(ladder).toContainText('No bead yet');
  await page.getByRole('button', { name: 'Undo' }).last().click();
  await expect(ladder).toContainText('Bead 1');
});

test('a bead report that cannot be taken says so at the field and keeps what was typed', async ({
  page,
  open,
}) => {
  await open('/jobs');
  await typeJob(page, '2 mm lap 0.8');
  await page.getByRole('link', { name: 'Dial-in' }).click();
  await page.getByLabel('Welded at (V)').fill('loud');
  await page.getByLabel('Note').fill('keep me');
  await page.getByRole('button', { name: 'Log bead 1' }).click();
  await expect(page.getByText('Volts is a number.')).toBeVisible();
  await expect(page.getByText('Pick how the bead looks.')).toBeVisible();
  await expect(page.getByText('Pick how the arc sounded.')).toBeVisible();
  await expect(page.getByLabel('Welded at (V)')).toHaveValue('loud');
  await expect(page.getByLabel('Note')).toHaveValue('keep me');
  await page.getByLabel('Welded at (V)').fill('99');
  await page.getByRole('button', { name: 'Log bead 1' }).click();
  await expect(page.getByText('Volts is 8 to 45 V.')).toBeVisible();
});

plain('a bead outlives a killed server', async ({ page }) => {
  const server = await demoServer({ empty: true });
  try {
    await page.goto(`${server.url}/jobs`);
    await typeJob(page, '3 mm tee 0.8');
    await page.getByRole('link', { name: 'Dial-in' }).click();
    await page.getByLabel('Note').fill('before the lights went out');
    const created = page.waitForResponse(
      (response) => response.request().method() === 'POST' && response.status() === 201,
    );
    await report(page, 'steady sizzle', 'slight crown');
    await created;
    await server.kill();
    await server.startAgain();
    await page.reload();
    await expect(page.getByRole('region', { name: 'The ladder so far' })).toContainText(
      'before the lights went out',
    );
  } finally {
    await server.kill();
  }
});
