import { demoServer } from './demo-server.ts';
import { expect, openAssumed, openPart, test, toQuickLine, typeJob } from './fixtures.ts';

test('a chip change repaints numbers, path and chart together, and is kept', async ({ page, open }) => {
  await open('/jobs');
  await typeJob(page, '3.2 mm butt 0.8 Ar+18');
  const speed = page.getByRole('textbox', { name: 'Wire speed' });
  await expect(speed).toHaveValue('7.6');
  await openAssumed(page);
  await page.getByRole('button', { name: /^Position: flat, assumed/ }).click();
  await page.getByRole('radio', { name: 'vertical up' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('vertical up');
  await expect(speed).toHaveValue('5.8');
  await openPart(page, 'Why');
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
    ((await (await fetch(`${demo.url}/api/jobs?limit=200`)).json()) as { items: unknown[] }).items.length;
  await toQuickLine(page);
  await page.keyboard.type('500mm lap quite thick');
  const before = await jobs();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('alert')).toContainText('500 mm is outside 0.5 to 25.4 mm');
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

test('switching to self-shielded swaps the drawn leads, knurls the rolls and takes the gas away', async ({
  page,
  open,
}) => {
  await open('/jobs');
  await typeJob(page, '3 mm lap 0.9');
  const path = page.getByRole('region', { name: 'Wire path' });
  await expect(path.getByRole('img')).toHaveAccessibleName(
    'Gun lead on +, work lead on −; smooth V-groove rolls; steel liner; gas to the nozzle',
  );
  await openAssumed(page);
  await page.getByRole('button', { name: /^Way: / }).click();
  await page.getByRole('radio', { name: 'self-shielded flux core' }).click();
  await expect(path.getByRole('img')).toHaveAccessibleName(
    'Gun lead on −, work lead on +; knurled rolls; steel liner; no gas',
  );
  await expect(page.getByRole('tab', { name: /^Leads gun − work \+/ })).toBeVisible();
  await expect(page.getByRole('tab', { name: /^Rolls knurled 0.9 mm/ })).toBeVisible();
  await expect(page.getByRole('region', { name: 'Set these' })).toContainText('no gas: self-shielded');
});

test('aluminium shows U rolls, the plastic liner with its neck liner, and argon', async ({ page, open }) => {
  await open('/jobs');
  await typeJob(page, '3mm 6063 tube butt Old Tom');
  const path = page.getByRole('region', { name: 'Wire path' });
  await expect(path.getByRole('img')).toHaveAccessibleName(
    'Gun lead on +, work lead on −; U-groove rolls; plastic liner with a bronze neck liner; gas to the nozzle',
  );
  await expect(page.getByRole('tab', { name: /^Rolls U 1.0 mm/ })).toBeVisible();
  await expect(page.getByRole('tab', { name: /^Gas argon/ })).toBeVisible();
  await expect(page.getByRole('img', { name: /^Gun from the side: push/ })).toBeVisible();
  await expect(
    page.getByRole('img', { name: /^Seam from above, 400 mm: a tack of 10 mm every 100 mm/ }),
  ).toBeVisible();
});

test('another way is taken from the list of ways, and the closed ones say why', async ({ page, open }) => {
  await open('/jobs');
  await typeJob(page, '8 mm tee vertical up Marigold');
  await openPart(page, 'Other ways');
  const ways = page.getByRole('region', { name: 'Other ways for this work' });
  await expect(ways).toContainText('solid wire with gas, pulsed spray');
  await expect(ways).toContainText('too large and fluid to stay up');
  await ways.getByRole('button', { name: 'Take self-shielded flux core' }).click();
  await expect(page.getByRole('button', { name: 'Way: self-shielded' })).toBeVisible();
  await openPart(page, 'Hold the gun');
  await expect(page.getByRole('img', { name: /Section of a tee to scale: 8.0 mm to 8.0 mm/ })).toBeVisible();
});

test('a school chosen on the plan changes the plan and is kept for the shop', async ({ page }) => {
  const server = await demoServer();
  try {
    await page.goto(`${server.url}/jobs`);
    await typeJob(page, '3.2 mm butt 0.9 Ar+18');
    const speed = page.getByRole('textbox', { name: 'Wire speed' });
    await expect(speed).toHaveValue('5.5');
    await openPart(page, 'Other ways');
    await page.getByRole('radio', { name: /^Amps by thickness: 5.2/ }).click();
    await expect(speed).toHaveValue('5.2');
    await openPart(page, 'Why');
    await expect(page.getByRole('row', { name: /amps by thickness.*school/ })).toBeVisible();
    await page.goto(`${server.url}/settings`);
    await expect(page.getByRole('radio', { name: /^Amps by thickness/ })).toBeChecked();
  } finally {
    await server.kill();
  }
});

test('gas flow and tip to work can be made your own', async ({ page, open }) => {
  await open('/jobs');
  await typeJob(page, '3.2 mm butt 0.8 Ar+18');
  await page.getByRole('button', { name: 'Gas up' }).click();
  await expect(page.getByRole('textbox', { name: 'Gas' })).toHaveValue('13');
  await page.getByRole('textbox', { name: 'Tip to work' }).fill('14');
  await page.getByRole('textbox', { name: 'Tip to work' }).press('Enter');
  await expect(page.getByRole('textbox', { name: 'Wire speed' })).not.toHaveValue('7.6');
  await expect(page.getByRole('button', { name: /yours.*Tip to work/ })).toBeVisible();
});

test('a job is shown large at the machine, duplicated, and compared with another way', async ({
  page,
  open,
}) => {
  await open('/jobs');
  await typeJob(page, '8 mm tee Ar+10 solid spray');
  await page.getByRole('button', { name: 'At the machine' }).click();
  await expect(page.getByRole('dialog')).toContainText('m/min');
  await page.keyboard.press('Escape');
  const first = page.url();
  await page.getByRole('button', { name: 'Duplicate this job' }).click();
  await expect(page.getByText('Duplicated: this is the copy').first()).toBeVisible();
  await expect(page).not.toHaveURL(first);
  await page.getByRole('button', { name: 'Compare with another way' }).click();
  await page.getByRole('combobox', { name: 'Way' }).selectOption('gas-shielded flux core');
  await expect(
    page.getByRole('row', { name: /way ≠ differs solid wire with gas gas-shielded flux core/ }),
  ).toBeVisible();
  await expect(page.getByRole('row', { name: /polarity gun \+, work − gun \+, work −/ })).toBeVisible();
  await page.getByRole('combobox', { name: 'Way' }).selectOption('solid wire with gas, pulsed spray');
  await page.reload();
  await expect(page.getByRole('combobox', { name: 'Way' })).toHaveValue('solid-gas/pulse');
});

test('the setup card alone is printed', async ({ page, open }) => {
  await open('/jobs');
  await typeJob(page, '3.2 mm butt 0.8 Ar+18');
  await expect(page.getByRole('textbox', { name: 'Wire speed' })).toBeVisible();
  await page.evaluate(() => (window.print = () => undefined));
  await page.getByRole('button', { name: 'Print a setup card' }).click();
  await page.emulateMedia({ media: 'print' });
  await expect(page.locator('#root')).toBeHidden();
  await expect(page.locator('.paper-alone')).toContainText('7.6 m/min');
  await expect(page.locator('.paper-alone')).toContainText('Burnback');
  expect((await page.pdf({ format: 'A4' })).length).toBeGreaterThan(5000);
});

test('a stop caution is read before dialling in, and that is logged', async ({ page, open }) => {
  await open('/jobs');
  await typeJob(page, '3mm galv lap 0.8');
  const stops = page.getByRole('list', { name: 'Stop and read' });
  await expect(stops).toContainText('Zinc fume');
  await page.getByRole('link', { name: 'Dial-in' }).click();
  await expect(page.getByRole('heading', { name: 'Read the stop cautions first' })).toBeVisible();
  await page.getByRole('link', { name: 'Open the plan' }).click();
  await stops.getByRole('button', { name: 'I have read this' }).click();
  await expect(stops).toContainText(/read \d/);
  await page.reload();
  await expect(stops).toContainText(/read \d/);
  await page.getByRole('link', { name: 'Dial-in' }).click();
  await expect(page.getByRole('region', { name: 'Next bead' })).toBeVisible();
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
  await expect(page.locator('#station-detail')).toContainText('V groove, smooth, 0.8 mm');
});

test('units and theme switch everywhere and are remembered', async ({ page, open }) => {
  await open('/jobs');
  await typeJob(page, '3.2 mm butt 0.8 Ar+18');
  await page.getByRole('radio', { name: 'US' }).click();
  await expect(page.getByRole('textbox', { name: 'Wire speed' })).toHaveValue('299');
  await expect(page.getByRole('textbox', { name: 'Gas' })).toHaveValue('25');
  await page.getByRole('radio', { name: 'Hood' }).click();
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'dark');
  await page.reload();
  await expect(page.getByRole('textbox', { name: 'Wire speed' })).toHaveValue('299');
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'dark');
});

test('on a phone what is assumed waits behind one button, and every machine stands in a card', async ({
  page,
  open,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await open('/jobs');
  await typeJob(page, '3 mm lap Old Tom');
  await expect(page.getByRole('button', { name: 'Thickness: 3 mm' })).toBeVisible();
  const place = page.getByRole('button', { name: /^Place: indoors, assumed/ });
  await expect(place).toBeHidden();
  const speed = await page.getByLabel('Wire speed', { exact: true }).boundingBox();
  expect(speed?.y).toBeLessThan(844 / 2);
  await openAssumed(page);
  await expect(place).toBeVisible();
  await page.getByRole('button', { name: 'More', exact: true }).click();
  await page.getByRole('menuitem', { name: /^Every machine/ }).click();
  const row = page.getByRole('row', { name: /Marigold/ });
  await expect(row.getByRole('cell', { name: /\d\d\.\d V/ })).toBeInViewport();
});

test('a line with a drawing’s figures opens a plan in runs, each with its own numbers', async ({
  page,
  open,
}) => {
  await open('/jobs');
  await toQuickLine(page);
  await page.keyboard.type('12mm open root butt Ar+18 brake stianless?');
  await expect(page.getByText('brake: noted')).toBeVisible();
  await expect(page.getByText('(read as stainless)')).toBeVisible();
  await page.keyboard.press('Control+A');
  await typeJob(page, '12mm open root butt Ar+18 600 long');
  await expect(page.getByRole('button', { name: 'Weld: weld: 600 mm' })).toBeVisible();
  const runs = page.getByRole('region', { name: /^\d+ runs$/ });
  await expect(runs.getByRole('listitem').first()).toContainText(/root.*Set short-circuit/s);
  await expect(runs.getByRole('listitem').nth(1)).toContainText('Change to spray');
  await expect(runs.getByRole('img', { name: /runs laid in/ })).toBeVisible();
  await expect(page.getByText('Back-step: lengths of 100 mm', { exact: false })).toBeVisible();
});

test('the weld’s size is given on its chip, refused at its field, and kept', async ({ page, open }) => {
  await open('/jobs');
  await typeJob(page, '10 mm tee 71T-1M C25 1.2');
  await openAssumed(page);
  await page.getByRole('button', { name: 'Weld: weld: our size, assumed' }).click();
  await page.getByLabel('Leg', { exact: true }).fill('60');
  await page.getByRole('button', { name: 'Set the weld' }).click();
  await expect(page.getByRole('alert')).toContainText('A leg is 1 to 30 mm.');
  await page.getByLabel('Leg', { exact: true }).fill('9');
  await page.getByLabel('Length of a seam').fill('1 m');
  await page.getByRole('radio', { name: 'both' }).click();
  await page.getByRole('button', { name: 'Set the weld' }).click();
  await expect(page.getByRole('button', { name: 'Weld: weld: z9, both sides, 1 m' })).toBeVisible();
  await expect(page.getByText('9.0 mm, as you gave it, both sides')).toBeVisible();
  await page.reload();
  await expect(page.getByRole('button', { name: 'Weld: weld: z9, both sides, 1 m' })).toBeVisible();
});

test('a job without a machine shows which stands nearest, and is set on it after one press', async ({
  page,
  open,
}) => {
  await open('/jobs');
  await typeJob(page, '3 mm steel tee flat');
  const which = page.getByRole('region', { name: 'Which machine' });
  await expect(which).toContainText(/Marigold.*min to rig/);
  await which.getByRole('button', { name: 'The other machines' }).click();
  await expect(which).toContainText(/Old Tom.*knob \S+, tap \d/);
  await which.getByRole('button', { name: 'Take Old Tom' }).click();
  await expect(which).toBeHidden();
  await expect(page.getByRole('button', { name: 'Machine: Old Tom' })).toBeVisible();
  const set = page.getByRole('region', { name: 'Set these' });
  await expect(set.getByRole('textbox', { name: 'Volts' })).toHaveValue(/^[1-7]$/);
  // a step is the next tap, and the plan follows it
  const tap = await set.getByRole('textbox', { name: 'Volts' }).inputValue();
  await set.getByRole('button', { name: 'Volts up' }).click();
  await expect(set.getByRole('textbox', { name: 'Volts' })).toHaveValue(String(Number(tap) + 1));

  await page.getByRole('button', { name: 'Compare with another way' }).click();
  await expect(page.getByRole('columnheader', { name: /● the plan as it stands/ })).toBeVisible();
  await expect(page.getByRole('row', { name: /^volts ≠ differs tap \d/ })).toBeVisible();
  await page.getByRole('button', { name: 'Take this' }).click();
  await expect(page.getByRole('region', { name: 'Set these' })).toBeVisible();
  await expect(page.getByRole('button', { name: /^Way: .*assumed/ })).toBeHidden();
});
