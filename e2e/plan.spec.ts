import { expect, test, toQuickLine, typeJob } from './fixtures.ts';

test('a chip change repaints numbers, path and chart together, and is kept', async ({ page, open }) => {
  await open('/jobs');
  await typeJob(page, '3.2 mm butt 0.8 Ar+18');
  const speed = page.getByRole('textbox', { name: 'Wire speed' });
  await expect(speed).toHaveValue('7.6');
  await page.getByRole('button', { name: /^Position: flat, assumed/ }).click();
  await page.getByRole('radio', { name: 'vertical up' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('vertical up');
  await expect(speed).toHaveValue('5.8');
  await expect(page.getByRole('row', { name: /vertical up.*× 0.80.*106 A/ })).toBeVisible();
  await expect(page.getByRole('img', { name: /Start at 5.8 m\/min/ })).toBeVisible();
  await page.getByRole('button', { name: /^Wire: 0.8 mm/ }).click();
  await page.getByRole('radio', { name: '1.0 mm' }).click();
  await expect(page.getByRole('tab', { name: /Rolls V 1.0 mm/ })).toBeVisible();
  await page.reload();
  await expect(page.getByRole('button', { name: 'Position: vertical up' })).toBeVisible();
  await expect(page.getByRole('tab', { name: /Rolls V 1.0 mm/ })).toBeVisible();
});

test('a bad thickness is refused at the field and nothing is lost', async ({ page, open, demo }) => {
  await open('/jobs');
  const jobs = async (): Promise<number> =>
    ((await (await fetch(`${demo.url}/api/jobs`)).json()) as unknown[]).length;
  await toQuickLine(page);
  await page.keyboard.type('500mm lap quite thick');
  const before = await jobs();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('alert')).toContainText('500 mm is outside 0.5 to 25 mm');
  await expect(page.getByLabel('Type a job')).toHaveValue('500mm lap quite thick');
  expect(await jobs()).toBe(before);

  await page.getByLabel('Type a job').fill('');
  await typeJob(page, '2 mm lap');
  await page.getByRole('button', { name: /^Thickness: 2 mm/ }).click();
  const field = page.getByLabel('Thickness', { exact: true }).last();
  await field.fill('abc');
  await page.getByRole('button', { name: 'Set thickness' }).click();
  await expect(page.getByRole('alert')).toContainText('“abc” is not a thickness');
  await expect(field).toHaveValue('abc');
  await field.fill('14');
  await page.getByRole('button', { name: 'Set thickness' }).click();
  await expect(page.getByRole('alert')).toContainText('14: gauge or mm?');
  await page.getByRole('button', { name: /14 gauge steel sheet/ }).click();
  await page.getByRole('button', { name: 'Set thickness' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('1.9 mm');
});

test('a draft with a question asks it on its plan and is planned once answered', async ({ page, open }) => {
  await open('/jobs');
  await typeJob(page, '14 steel lap');
  await expect(page.getByRole('heading', { name: '14: gauge or mm?' })).toBeVisible();
  await page.getByRole('button', { name: /14 gauge steel sheet/ }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('1.9 mm carbon steel lap');
  await expect(page.getByRole('textbox', { name: 'Wire speed' })).toBeVisible();
});

test('a refused job says why, what to do instead, and is planned when the chip is changed', async ({
  page,
  open,
}) => {
  await open('/jobs');
  await typeJob(page, '3mm steel argon fillet');
  await expect(page.getByRole('alert')).toContainText('Argon alone is wrong for steel');
  await expect(page.getByRole('alert')).toContainText('Get Ar + 18–25 % CO₂');
  await expect(page.getByRole('region', { name: 'Set these' })).toBeHidden();
  await page.getByRole('button', { name: 'Gas: argon' }).click();
  await page.getByRole('radio', { name: 'Ar + 18 % CO₂' }).click();
  await expect(page.getByRole('region', { name: 'Set these' })).toBeVisible();
});

test('work of another family is kept as understood, not planned', async ({ page, open }) => {
  await open('/jobs');
  await typeJob(page, '3mm 6063 spool gun');
  await expect(page.getByRole('heading', { name: 'Understood, not planned yet' })).toBeVisible();
  await page.getByRole('link', { name: 'Dial-in' }).click();
  await expect(page.getByRole('heading', { name: 'Nothing to dial in yet' })).toBeVisible();
});

test('a stop caution stands above the numbers', async ({ page, open }) => {
  await open('/jobs');
  await typeJob(page, '3mm galv lap 0.8');
  await expect(page.getByRole('list', { name: 'Stop and read' })).toContainText('Zinc fume');
});

test('a number can be made your own, by typing and by nudging, and given back', async ({ page, open }) => {
  await open('/jobs');
  await typeJob(page, '3.2 mm butt 0.8 Ar+18');
  const volts = page.getByRole('textbox', { name: 'Volts' });
  await volts.fill('17,5');
  await volts.press('Enter');
  await expect(page.getByRole('button', { name: /yours.*Volts/ })).toBeVisible();
  await page.getByRole('button', { name: 'Volts up' }).click();
  await expect(volts).toHaveValue('18.0');
  await page.reload();
  await expect(volts).toHaveValue('18.0');
  await page.getByRole('button', { name: /yours.*Volts/ }).click();
  await expect(volts).toHaveValue('18.4');
  await volts.fill('loud');
  await volts.press('Enter');
  await expect(page.getByText('A number, please.')).toBeVisible();
  await expect(volts).toHaveValue('loud');
});

test('the wire path is walked with the arrow keys', async ({ page, open }) => {
  await open('/jobs');
  await typeJob(page, '3.2 mm butt 0.8 Ar+18');
  await page.getByRole('tab', { name: /^Leads/ }).press('ArrowRight');
  await page.getByRole('tab', { name: /^Spool/ }).press('ArrowRight');
  await expect(page.getByRole('tab', { name: /^Rolls/ })).toBeFocused();
  await expect(page.getByRole('tabpanel')).toContainText('V groove, smooth, 0.8 mm');
});

test('units and theme switch everywhere and are remembered', async ({ page, open }) => {
  await open('/jobs');
  await typeJob(page, '3.2 mm butt 0.8 Ar+18');
  await page.getByRole('radio', { name: 'US' }).click();
  await expect(page.getByRole('textbox', { name: 'Wire speed' })).toHaveValue('299');
  await expect(page.getByRole('region', { name: 'Set these' })).toContainText('25ft³/h');
  await page.getByRole('radio', { name: 'Hood' }).click();
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'dark');
  await page.reload();
  await expect(page.getByRole('textbox', { name: 'Wire speed' })).toHaveValue('299');
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'dark');
});
