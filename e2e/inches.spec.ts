import { expect, type Page, test } from '@playwright/test';
import { demoServer } from './demo-server.ts';
import { openAssumed, typeJob } from './fixtures.ts';

/** What nobody who works in inches has on a rule, a gauge or a regulator; what a machine itself shows may be anything. */
const METRIC =
  /\bmm\b|mm²|\bcm\b|\bm\/min\b|\bL\/min\b|\bkJ\/mm\b|\bkg\b|\d bar\b|\bkm\/h\b|°C|\d m\b|\d L\b(?! Si)|\b(?:litre|metre|millimetre|centimetre)s?\b/;
const NO_RULE = /(?<![\d.])0\.\d+ in\b(?!²)/;

/** Every text of the page, folded ones too, that such a reader cannot use. */
async function metricTexts(page: Page): Promise<readonly string[]> {
  await page.evaluate(() => {
    for (const part of document.querySelectorAll('details')) part.open = true;
  });
  const texts = await page.evaluate(() => {
    const named = [...document.querySelectorAll('[aria-label], [placeholder]')].flatMap((one) => [
      one.getAttribute('aria-label') ?? '',
      one.getAttribute('placeholder') ?? '',
    ]);
    const values = [...document.querySelectorAll('input')].map(({ value }) => value);
    return [...document.body.innerText.split('\n'), ...named, ...values];
  });
  return texts.filter((text) => METRIC.test(text) || NO_RULE.test(text));
}

test('a shop in inches: a job is typed, planned, rigged, dialled in, recorded, looked at and printed without a metric unit', async ({
  page,
}) => {
  const server = await demoServer({ empty: true });
  try {
    await page.goto(server.url);
    await page.getByRole('radio', { name: 'US' }).first().click();
    await expect(page.getByText('1/8 steel tee flat .030 wire 75/25').first()).toBeVisible();
    await fetch(`${server.url}/api/machines`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({
        name: 'Nell',
        loadedWireClass: 'ER70S-6',
        loadedWireDiameterMm: 0.8,
        loadedGas: 'ar-co2-25',
      }),
    });
    await page.reload();
    await typeJob(page, '1/8 on 3/16 steel tee flat 12 in seam Nell');
    await expect(page.getByRole('heading', { name: '1/8 on 3/16 in carbon steel tee, flat' })).toBeVisible();
    await expect(page.getByRole('textbox', { name: 'Wire speed' })).toHaveValue(/^\d{3}$/);
    const tip = page.getByRole('textbox', { name: 'Tip to work' });
    await expect(tip).toHaveValue('3/8');
    await page.getByRole('button', { name: 'Tip to work up' }).click();
    await expect(tip).toHaveValue('7/16');
    await tip.fill('1/2');
    await tip.press('Enter');
    await expect(tip).toHaveValue('1/2');
    await openAssumed(page);
    await expect(page.getByText('.030 ER70S-6').first()).toBeVisible();

    const job = new URL(page.url()).pathname;
    const parts = ['', '?part=settings', '?part=ways', '?part=cautions', '?part=why', '?part=joint'];
    const pages = [
      ...parts.map((part) => `${job}${part}`),
      ...['/rig', '/dial-in', '/record', '/record/sheet', '/record/inspect'].map((tab) => `${job}${tab}`),
      ...['/', '/jobs', '/stores', '/machines', '/log', '/faults'],
    ];
    for (const path of pages) {
      await page.goto(`${server.url}${path}`);
      await page.waitForLoadState('networkidle');
      expect(await metricTexts(page), path).toEqual([]);
    }

    // a size is typed by its fraction, a weight in pounds, and both come back as they were typed
    await page.goto(`${server.url}/stores`);
    await page.getByRole('button', { name: 'Put a spool into Stores' }).click();
    const form = page.getByRole('form', { name: 'Put a spool into Stores' });
    await form.getByLabel('Wire when new (lb)').fill('11');
    await form.getByLabel('Wire on it now (lb)').fill('20');
    await form.getByRole('button', { name: 'Keep it' }).click();
    await expect(form.getByText('That is more wire than a full spool holds (11.0 lb).')).toBeVisible();
    await form.getByLabel('Wire on it now (lb)').fill('');
    await form.getByRole('button', { name: 'Keep it' }).click();
    await expect(page.getByText(/^11\.0 lb, 45\d\d ft$/)).toBeVisible();

    // a run takes of it what its wire speed and its arc time come to, whatever the unit it is shown in
    await page.goto(`${server.url}${job}/record`);
    const run = page.getByRole('form', { name: 'Record a run' });
    await run.getByLabel(/^Wire speed/).fill('300');
    await run.getByLabel(/^Arc time \(/).fill('1:00');
    await run.getByText('Say more').click();
    await run.getByLabel('Wire from').selectOption({ index: 1 });
    await run.getByRole('button', { name: 'Keep this run' }).click();
    await expect(page.getByRole('region', { name: 'Welded so far' })).toContainText('1 run');
    const runs = await fetch(`${server.url}/api${job}/runs`);
    const [{ wireKg }] = ((await runs.json()) as { items: { wireKg: number }[] }).items as [
      { wireKg: number },
    ];
    // 300 in are 7.62 m of wire 0.762 mm thick, of steel at 7 850 kg/m³
    expect(wireKg).toBeCloseTo(7.62 * (Math.PI / 4) * 0.000762 ** 2 * 7850, 3);

    // the same shop on a device that is metric
    await page.getByRole('radio', { name: 'Metric' }).first().click();
    await page.goto(`${server.url}/stores`);
    await expect(page.getByText(/kg, 138\d m$/)).toBeVisible();
    await page.goto(`${server.url}${job}`);
    await expect(page.getByRole('heading', { name: '3.2 on 4.8 mm carbon steel tee, flat' })).toBeVisible();
    await expect(page.getByRole('textbox', { name: 'Tip to work' })).toHaveValue('13');
  } finally {
    await server.kill();
  }
});
