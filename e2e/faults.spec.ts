import type { Page } from '@playwright/test';
import { expect, test, typeJob } from './fixtures.ts';

const nextLook = (page: Page) => page.getByRole('region', { name: /^Look next/ });
const causes = (page: Page) => page.getByRole('region', { name: 'What it may be' });

test('a fault is found look by look, mended, kept and counted', async ({ page, open }) => {
  await open('/faults');
  const here = page.getByRole('region', { name: 'What goes wrong here' });
  await expect(here.getByRole('listitem').first()).toBeVisible();
  await page.getByRole('link', { name: 'Find a fault' }).click();
  await expect(page.getByRole('heading', { name: 'Find a fault' })).toBeVisible();
  await page.getByLabel('Machine').selectOption('Marigold');
  await page.getByRole('searchbox', { name: 'Search by any word' }).fill('birdnest');
  await page.getByRole('button', { name: /^Wire balls up/ }).click();
  await expect(page).toHaveURL(/\/faults\/[0-9a-f-]{36}$/);
  await expect(nextLook(page)).toBeVisible();
  const before = await causes(page).getByRole('listitem').first().innerText();
  await page.getByRole('searchbox', { name: 'Search by any word' }).fill('curl');
  await page.getByRole('button', { name: /^Wire leaves the tip in a strong curl/ }).click();
  // the causes move as one ticks
  await expect(causes(page).getByRole('listitem').first()).not.toHaveText(before);
  // looks until one finds it
  await nextLook(page)
    .getByRole('button', { name: 'It was not' })
    .or(nextLook(page).getByRole('button', { name: 'None of these' }))
    .click();
  const looked = page.getByRole('region', { name: 'Looked at so far' });
  await expect(looked.getByRole('listitem')).toHaveCount(1);
  await page.reload();
  await expect(looked.getByRole('listitem')).toHaveCount(1);
  await nextLook(page)
    .getByRole('button', { name: /^It was(?! not)/ })
    .first()
    .click();
  const region = page.getByRole('region', { name: /^Found:/ });
  const what = (await region.getByRole('heading').innerText()).replace('Found: ', '');
  await region.getByRole('button', { name: 'It is gone' }).click();
  await expect(page.getByRole('region', { name: 'Mended' })).toBeVisible();
  await page.getByLabel('Minutes it took').fill('9');
  await page.getByLabel('What mended it, in your own words').fill('Straightened at the inlet.');
  await page.getByLabel('What mended it, in your own words').blur();
  await page.getByRole('link', { name: 'Faults' }).first().click();
  await expect(page.getByRole('region', { name: 'Ended' }).getByText(what, { exact: true })).toBeVisible();
  await here.getByLabel('Machine').selectOption('Marigold');
  await expect(here.getByText(what)).toBeVisible();
});

test('a bead reported wrong leads to the fault finder with what was seen filled in', async ({
  page,
  open,
}) => {
  await open('/jobs');
  await typeJob(page, '3 mm steel tee flat Marigold 0.8 Ar+18');
  await page.getByRole('link', { name: 'Dial-in' }).first().click();
  const { origin, pathname } = new URL(page.url());
  await expect(page.getByRole('region', { name: 'Next bead' })).toBeVisible();
  const bead = { volts: 18, wireFeedSpeedMPerMin: 7, face: 'ropy', sound: 'stubbing', cooled: false };
  const logged = await page.request.post(`${origin}/api${pathname.replace('/dial-in', '')}/test-beads`, {
    data: bead,
  });
  expect(logged.status()).toBe(201);
  await page.reload();
  await page.getByRole('link', { name: 'Something is wrong: find the fault' }).click();
  await expect(page.getByRole('heading', { name: 'Find a fault' })).toBeVisible();
  await expect(page.getByRole('button', { name: /^Take back: Narrow, tall bead/ })).toBeVisible();
  await expect(page.getByRole('button', { name: /^Take back: Wire rams into the plate/ })).toBeVisible();
  const known = page.getByRole('region', { name: 'What is known already' });
  await expect(known.getByText('The last coupon was not let cool').first()).toBeVisible();
  await expect(known.getByText(/known from the last bead/).first()).toBeVisible();
  await expect(nextLook(page)).toBeVisible();
  // what is not so is left out of this case
  await known.getByRole('button', { name: /^No, that is wrong ?: The last coupon/ }).click();
  await expect(known.getByText('The last coupon was not let cool').first()).toBeHidden();
});

test('what the rig says wrong stands first, and saying no corrects the rig', async ({ page, open, demo }) => {
  const { items } = (await (await fetch(`${demo.url}/api/jobs`)).json()) as {
    items: { id: string; line: string }[];
  };
  const job = items.find(({ line }) => line.includes('40x40x3'));
  const full = (await (await fetch(`${demo.url}/api/jobs/${job?.id}`)).json()) as { machine: { id: string } };
  const machine = async () =>
    (await (await fetch(`${demo.url}/api/machines/${full.machine.id}`)).json()) as {
      standingPolarity?: string;
    };
  const from = (await machine()).standingPolarity ?? null;
  const response = await page.request.post(`${demo.url}/api/machines/${full.machine.id}/rig`, {
    data: { why: 'said', changes: { polarity: { from, to: 'DCEN' } } },
  });
  expect(response.status()).toBe(200);
  await open(`/jobs/${job?.id}/rig`);
  await page.getByRole('link', { name: /Something is wrong here/ }).click();
  const known = page.getByRole('region', { name: 'What is known already' });
  await expect(known.getByText('Leads: on the wrong poles for this wire').first()).toBeVisible();
  await page.getByRole('button', { name: /^Beads of spatter/ }).click();
  await expect(causes(page).getByRole('listitem').first()).toContainText('on the wrong poles');
  await expect(causes(page).getByRole('listitem').first()).toContainText('known from how the machine stands');
  await known.getByRole('button', { name: /^No, that is wrong ?: Leads/ }).click();
  await expect(known.getByText('Leads: on the wrong poles for this wire').first()).toBeHidden();
  await expect.poll(async () => (await machine()).standingPolarity).toBe('DCEP');
});

test('the plan and the machine lead there, and a danger is pinned apart on a phone', async ({
  page,
  open,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await open('/machines/demo-old-tom');
  await page.getByRole('link', { name: 'Find a fault' }).click();
  await expect(page.getByText('solid wire with gas · Old Tom · no job named')).toBeVisible();
  await page.getByRole('searchbox', { name: 'Search by any word' }).fill('galv');
  await page.getByRole('button', { name: /^Thick white/ }).click();
  await expect(page).toHaveURL(/\/faults\/[0-9a-f-]{36}$/);
  await expect(page.getByRole('region', { name: /Not to be ruled out/ })).toContainText('Zinc coating');
  const button = nextLook(page).getByRole('button').first();
  await expect.poll(async () => (await button.boundingBox())?.height ?? 0).toBeGreaterThanOrEqual(56);
  await page.getByRole('button', { name: 'More', exact: true }).click();
  await page.getByRole('menuitem', { name: 'Put the case away' }).click();
  await expect(page.getByText('Case put away').first()).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('link', { name: /Thick white/ })).toBeVisible();
});
