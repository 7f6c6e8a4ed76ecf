import { demoServer } from './demo-server.ts';
import { expect, test, typeJob } from './fixtures.ts';

test('a machine is added, its knob is measured, and a plan stands in that knob’s numbers', async ({
  page,
}) => {
  const server = await demoServer({ empty: true });
  try {
    await page.goto(`${server.url}/machines`);
    await expect(page.getByRole('heading', { name: 'No machines yet' })).toBeVisible();
    await page.getByRole('link', { name: 'Add a machine' }).click();
    await page.getByRole('button', { name: 'Add the machine' }).click();
    await expect(page.getByText('Give the machine a name.')).toBeVisible();
    await page.getByLabel('Name').fill('Nightingale');
    await page.getByLabel('Lowest current (A)').fill('200');
    await page.getByLabel('Highest current (A)').fill('30');
    await page.getByLabel('Wire speed is').selectOption('a knob with a scale');
    await page.getByRole('button', { name: 'Add the machine' }).click();
    await expect(page.getByText('Current: the lowest must lie under the highest.')).toBeVisible();
    await expect(page.getByLabel('Name')).toHaveValue('Nightingale');
    await page.getByLabel('Lowest current (A)').fill('30');
    await page.getByLabel('Highest current (A)').fill('200');
    await page.getByRole('button', { name: 'Add the machine' }).click();
    await expect(page.getByRole('heading', { level: 1, name: 'Nightingale' })).toBeVisible();

    const form = page.getByRole('form', { name: 'Read the dial' });
    for (const [knob, length] of [
      ['0', '200'],
      ['10', '1600'],
      ['5', '500'],
    ] as const) {
      await expect(form.getByLabel(/^1\. Set the knob/)).toHaveValue(knob);
      await form.getByLabel(/^3\. Wire that came out/).fill(length);
      await form.getByRole('button', { name: 'Keep this reading' }).click();
      await expect(page.getByRole('button', { name: `Take the reading at ${knob} out` })).toBeVisible();
    }
    await expect(
      page.getByText(/This knob is not straight: at 5 a straight line would say 9.0 m\/min, 80 % off/),
    ).toBeVisible();
    await page.getByLabel('Want (m/min)').fill('5');
    await expect(page.getByText(/Turn the knob to/)).toContainText('5');
    await page.getByLabel('Want (m/min)').fill('30');
    await expect(page.getByText(/Out of reach: the fastest reading is 16.0 m\/min at 10/)).toBeVisible();

    await page.goto(`${server.url}/jobs`);
    await typeJob(page, '2 mm lap Nightingale');
    await expect(page.getByRole('region', { name: 'Set these' })).toContainText(/knob (between )?\d½?.*± \d/);
  } finally {
    await server.kill();
  }
});

test('a reading that cannot be is refused at once and nothing is lost; one taken out comes back', async ({
  page,
  open,
}) => {
  await open('/machines/demo-old-tom');
  const form = page.getByRole('form', { name: 'Read the dial' });
  await form.getByLabel(/^3\. Wire that came out/).fill('-20');
  await form.getByRole('button', { name: 'Keep this reading' }).click();
  await expect(form.getByRole('alert')).toContainText('The length is 20 mm to 60 m.');
  await form.getByLabel(/^3\. Wire that came out/).fill('50000');
  await form.getByRole('button', { name: 'Keep this reading' }).click();
  await expect(form.getByRole('alert')).toContainText('no feeder has');
  await expect(form.getByLabel(/^3\. Wire that came out/)).toHaveValue('50000');
  await page.getByRole('button', { name: 'Take the reading at 2.5 out' }).click();
  await expect(page.getByRole('button', { name: 'Take the reading at 2.5 out' })).toBeHidden();
  await page.getByRole('button', { name: 'Undo' }).last().click();
  await expect(page.getByRole('button', { name: 'Take the reading at 2.5 out' })).toBeVisible();
});

test('the lid chart stands in the machine’s own terms, prints and is taken away as CSV', async ({
  page,
  open,
}) => {
  await open('/machines/demo-old-tom');
  await page.getByRole('link', { name: 'Lid chart' }).click();
  const chart = page.getByRole('region', { name: 'Old Tom: lap, flat, clean' });
  await expect(chart.getByRole('row', { name: /^3 knob .*tap \d short-circuit/ })).toBeVisible();
  await expect(chart.getByText('× out of reach').first()).toBeVisible();
  await page.getByRole('combobox', { name: 'Joint' }).selectOption('tee');
  await expect(page.getByRole('region', { name: 'Old Tom: tee, flat, clean' })).toBeVisible();
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'CSV' }).click();
  expect((await download).suggestedFilename()).toBe('Old Tom-tee-flat.csv');
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('navigation', { name: 'Places' })).toBeHidden();
  await expect(page.getByText('Old Tom: tee, flat, clean')).toBeVisible();
});

test('the countdown runs and can be stopped', async ({ page, open }) => {
  await open('/machines/demo-old-tom');
  await page.getByRole('button', { name: 'Start', exact: true }).click();
  await expect(page.getByText('Hold the trigger until the second beep.')).toBeVisible();
  await page.getByRole('button', { name: 'Stop', exact: true }).click();
  await expect(page.getByRole('timer')).toHaveText('6');
});

test('taps show what they give at the arc, and a loaded reading makes it surer', async ({ page }) => {
  const server = await demoServer();
  try {
    await page.goto(`${server.url}/machines/demo-old-tom`);
    const taps = page.getByRole('region', { name: 'What the taps give' });
    await expect(taps.getByRole('row', { name: /^1 17.5 V 14.5 V/ })).toBeVisible();
    await taps.getByLabel('Arc volts').fill('16.2');
    await taps.getByLabel('at amps').fill('60');
    await taps.getByRole('button', { name: 'Keep it' }).click();
    await expect(taps.getByRole('row', { name: /^1 17.5 V 15.0 V.*one loaded reading/ })).toBeVisible();
    await page.goto(`${server.url}/jobs`);
    await typeJob(page, '3 mm lap Old Tom');
    await expect(page.getByRole('region', { name: 'Set these' })).toContainText(/tap \d: about/);
    await expect(page.getByRole('region', { name: 'Set these' })).toContainText('min of arc in ten');
  } finally {
    await server.kill();
  }
});

test('a machine that is retired comes back with undo', async ({ page }) => {
  const server = await demoServer();
  try {
    await page.goto(`${server.url}/machines/demo-suitcase`);
    await page.getByRole('button', { name: 'Retire it' }).click();
    await expect(page.getByRole('heading', { level: 1, name: 'Machines' })).toBeVisible();
    await expect(page.getByRole('link', { name: /Suitcase/ })).toBeHidden();
    await page.getByRole('button', { name: 'Undo' }).last().click();
    await expect(page.getByRole('link', { name: /Suitcase/ })).toBeVisible();
  } finally {
    await server.kill();
  }
});
