import type { Page } from '@playwright/test';
import { demoServer } from './demo-server.ts';
import { expect, openPart, test, typeJob } from './fixtures.ts';

/** A picture of one point. */
const DOT = Buffer.from(
  'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==',
  'base64',
);

const step = (page: Page) => page.getByRole('region', { name: 'The step' });

async function openRig(page: Page, line: string): Promise<void> {
  await typeJob(page, line);
  await page.getByRole('link', { name: 'Rig', exact: true }).click();
  await expect(step(page)).toBeVisible();
}

/** Does the step in hand, whatever it is: confirms its gate, answers its look, or ticks it. */
async function doStep(page: Page): Promise<void> {
  const verb = await step(page).getByRole('heading').innerText();
  const gate = step(page).getByRole('group', { name: 'Gate' });
  if (await gate.isVisible()) await gate.getByRole('button').click();
  const asNeeded = step(page).getByRole('button', { name: 'All of it is as needed' });
  const done = step(page).getByRole('button', { name: 'Done' });
  const one = step(page).getByRole('button', { name: /as needed$|^no$/ });
  await expect(asNeeded.or(done).or(one).first()).toBeVisible();
  if (await asNeeded.isVisible()) await asNeeded.click();
  else if (await done.isVisible()) await done.click();
  else await one.first().click();
  await expect(
    page.getByText(`● ${verb}: kept`).or(page.getByText('stands as this job needs it')),
  ).toBeVisible();
}

test('a machine is rigged to the end, and then stands as the job needs it', async ({ page, open }) => {
  test.setTimeout(90_000);
  await open('/jobs');
  await openRig(page, '3 mm steel tee flat 0.8 wire Ar+18 Marigold');
  await expect(page.getByText(/min left on Marigold/)).toBeVisible();
  const ready = page.getByRole('heading', { name: 'Marigold stands as this job needs it' });
  for (let presses = 0; presses < 45 && !(await ready.isVisible()); presses += 1) await doStep(page);
  await expect(ready).toBeVisible();
  await page.getByRole('link', { name: 'Plan', exact: true }).click();
  const path = page.getByRole('tablist', { name: 'Stations along the wire' });
  for (const station of ['Leads', 'Spool', 'Rolls', 'Liner', 'Tip, nozzle', 'Arc', 'Work clamp', 'Gas']) {
    await expect(path.getByRole('tab', { name: new RegExp(`^${station}`) })).toContainText('fitted');
  }
});

test('a tick is kept at once, on every device, and can be taken back', async ({ page, context, open }) => {
  await open('/jobs');
  await openRig(page, '2 mm lap self shielded Old Tom');
  const other = await context.newPage();
  await other.goto(page.url());
  for (const one of [page, other]) {
    await one.getByRole('button', { name: 'Take the work clamp off and hang it' }).click();
    await expect(step(one).getByRole('heading')).toHaveText('Take the work clamp off and hang it');
  }
  await step(page).getByLabel('Note to this step').fill('hung on the vice');
  const photo = step(page).getByLabel('Photo to this step');
  await photo.setInputFiles({ name: 'x.png', mimeType: 'image/png', buffer: Buffer.from('no picture') });
  await expect(step(page).getByText(/This is no picture that can be read/)).toBeVisible();
  await photo.setInputFiles({ name: 'vice.png', mimeType: 'image/png', buffer: DOT });
  await expect(step(page).getByRole('img', { name: 'The photo to this step' })).toBeVisible();
  await step(page).getByRole('button', { name: 'Done' }).click();
  await expect(page.getByText('● Take the work clamp off and hang it: kept')).toBeVisible();
  // the other device did not know: it ticks the same, and both are right
  await step(other).getByRole('button', { name: 'Done' }).click();
  await expect(other.getByText('● Take the work clamp off and hang it: kept')).toBeVisible();
  await page.reload();
  const steps = page.getByRole('list', { name: 'Steps' });
  await expect(steps).toBeVisible();
  await expect(steps.getByText('Take the work clamp off and hang it')).toHaveCount(0);
  const done = page.getByRole('region', { name: 'Done at it' });
  await expect(done).toContainText('hung on the vice');
  await expect(done.getByRole('img', { name: /^Photo: Take the work clamp off/ })).toBeVisible();
  await done.getByRole('button', { name: 'Undo' }).first().click();
  await expect(steps.getByText('Take the work clamp off and hang it')).toBeVisible();
  await other.close();
});

test('a gate is confirmed before the steps behind it, and asked once', async ({ page, open }) => {
  await open('/jobs');
  await openRig(page, '4 mm tee self shielded Suitcase');
  for (let presses = 0; presses < 12; presses += 1) {
    const off = step(page).getByRole('heading', { name: 'Switch off and isolate the mains' });
    const isOff = await off.isVisible();
    await doStep(page);
    if (isOff) break;
  }
  const gate = step(page).getByRole('group', { name: 'Gate' });
  await expect(gate).toContainText('Mains off');
  await expect(step(page).getByRole('button', { name: 'Done' })).toHaveCount(0);
  await gate.getByRole('button', { name: 'It is off' }).click();
  await expect(gate).toHaveCount(0);
});

test('everything is reached by keyboard, and the card is a PDF', async ({ page, open }) => {
  await open('/jobs');
  await typeJob(page, '2 mm outside corner Suitcase');
  await page.getByRole('heading', { level: 1, name: /outside corner/ }).click();
  await page.keyboard.press('2');
  await expect(step(page)).toBeVisible();
  await page.keyboard.press('g');
  await page.keyboard.press('s');
  await expect(page.getByRole('heading', { level: 1, name: 'Stores' })).toBeVisible();
  await page.goBack();
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: /^Card, A6/ }).press('Enter'),
  ]);
  expect(download.suggestedFilename()).toBe('changeover-A6.pdf');
});

test('a spool is put into Stores, weighed and put on a machine; then a plan says whether it lasts', async ({
  page,
}) => {
  const server = await demoServer({ empty: true });
  try {
    await page.goto(`${server.url}/stores`);
    await expect(page.getByText(/No spool is told yet/)).toBeVisible();
    await page.getByRole('button', { name: 'Put a spool into Stores' }).click();
    const form = page.getByRole('form', { name: 'Put a spool into Stores' });
    await form.getByLabel('Wire when new (kg)').fill('5');
    await form.getByLabel('Empty spool (kg)').fill('0,2');
    await form.getByLabel('Wire on it now (kg)').fill('9');
    await form.getByRole('button', { name: 'Keep it' }).click();
    await expect(form.getByText('That is more wire than a full spool holds (5 kg).')).toBeVisible();
    await form.getByLabel('Wire on it now (kg)').fill('');
    await form.getByRole('button', { name: 'Keep it' }).click();
    await expect(page.getByText('5.0 kg, 1397 m')).toBeVisible();

    await page.getByRole('button', { name: 'Weigh it' }).click();
    const scale = page.getByRole('textbox', { name: 'On the scale, all of it (kg)' });
    await scale.fill('7');
    await page.getByRole('button', { name: 'Keep it' }).click();
    await expect(page.getByText('A full one weighs 5.2 kg: this cannot be.')).toBeVisible();
    await expect(scale).toHaveValue('7');
    await scale.fill('0.5');
    await page.getByRole('button', { name: 'Keep it' }).click();
    await expect(page.getByText('0.30 kg, 84 m')).toBeVisible();
    await expect(page.getByRole('region', { name: 'To buy' })).toContainText('0.8 mm ER70S-6');

    await fetch(`${server.url}/api/machines`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({
        name: 'Nell',
        loadedWireClass: 'ER70S-6',
        loadedWireDiameterMm: 0.8,
        loadedGas: 'ar-co2-18',
      }),
    });
    await page.reload();
    await page.getByRole('button', { name: 'More', exact: true }).click();
    await page.getByRole('button', { name: 'Nell' }).click();
    await expect(page.getByText('On Nell', { exact: true })).toBeVisible();
    await page.goto(`${server.url}/jobs`);
    await typeJob(page, '3 mm steel tee 0.8 wire Ar+18 Nell 2000 mm seam 10 off');
    await expect(page.getByText(/The wire on it will not last for this job/)).toBeVisible();
    await openPart(page, 'Hold the gun');
    await expect(page.getByRole('region', { name: 'Will it finish the job?' })).toContainText(
      'does not last',
    );
  } finally {
    await server.kill();
  }
});
