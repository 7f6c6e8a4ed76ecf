import { type Page, test as plain } from '@playwright/test';
import { demoServer } from './demo-server.ts';
import { expect, test, toQuickLine, typeJob } from './fixtures.ts';

/** Reports a bead in two taps. */
async function tap(page: Page, verdict: 'Too cold' | 'Right' | 'Too hot', cool = true): Promise<void> {
  const report = page.getByRole('region', { name: /^Report bead/ });
  await report.getByRole('button', { name: verdict }).click();
  await report.getByRole('button', { name: cool ? 'Yes, cool' : 'No, still hot' }).click();
}

async function sayMore(page: Page): Promise<void> {
  await page.getByText('Say more: sound, face').click();
}

/** Reports a bead by what was heard and seen. */
async function report(page: Page, sound: string, face: string): Promise<void> {
  await sayMore(page);
  await page.getByRole('group', { name: 'Sound' }).getByRole('button', { name: sound }).click();
  await page.getByRole('group', { name: 'Bead face' }).getByRole('button', { name: face }).click();
  await page.getByRole('button', { name: /^Log bead/ }).click();
  await page.getByRole('button', { name: 'Yes, cool' }).click();
}

const nextBead = (page: Page) => page.getByRole('region', { name: 'Next bead' });
const ladderOf = (page: Page) => page.getByRole('region', { name: 'The ladder so far' });

test('from a line typed to a logged bead', async ({ page, open }) => {
  await open('/jobs');
  await toQuickLine(page);
  await page.keyboard.type('3.2 mm steel butt flat 0.8 solid Ar+18');
  const roles = page.getByRole('list', { name: 'What each figure was taken for' });
  await expect(roles.getByRole('button', { name: /^3.2 mm.*: thickness/ })).toBeVisible();
  await expect(roles.getByRole('button', { name: /^0.8.*: wire/ })).toBeVisible();
  await page.keyboard.press('Enter');

  await expect(page.getByRole('heading', { level: 1 })).toHaveText('3.2 mm carbon steel closed butt, flat');
  await expect(page.getByRole('textbox', { name: 'Wire speed' })).toHaveValue('7.6');
  await expect(page.getByRole('textbox', { name: 'Volts' })).toHaveValue('18.4');
  const figures = page.getByRole('region', { name: 'Set these' });
  await expect(figures.getByRole('textbox', { name: 'Gas' })).toHaveValue('12');
  await expect(figures.getByRole('textbox', { name: 'Tip to work' })).toHaveValue('10');
  await expect(page.getByRole('img', { name: /Start at 7.6 m\/min, 18.4 V/ })).toBeVisible();

  await page.getByRole('link', { name: 'Dial-in' }).click();
  const next = nextBead(page);
  await expect(next).toContainText('17.9 V');
  await report(page, 'stubs, pushes', 'ropy, lies on top');
  await expect(next).toContainText('Bead 2');
  await expect(next).toContainText('Hotter than the beads so far');
  await report(page, 'steady sizzle', 'slight crown');
  await expect(next).toContainText('Bead 3');
  await tap(page, 'Too hot');
  await expect(next).toContainText(/Take|Bead 4/);
  while (!(await next.getByRole('heading', { name: /^Take/ }).isVisible())) {
    const before = await next.getByRole('heading').textContent();
    await tap(page, 'Right');
    await expect(next.getByRole('heading')).not.toHaveText(before ?? '');
  }
  await expect(next).toContainText('The middle of the window is probably');
  await expect(page.getByRole('img', { name: /bead 1 at 7.6 m\/min, 17.9 V: cold/ })).toBeVisible();

  // the heat is a question of its own
  await next.getByRole('button', { name: 'Right', exact: true }).click();
  await expect(next).not.toContainText('Was the heat of bead');
  await next.getByRole('button', { name: /Set the plan/ }).click();
  await expect(next).toContainText('The plan is set to these numbers');
  const volts = /([\d.]+) V/.exec((await next.textContent()) ?? '')?.[1] ?? '';
  await page.getByRole('link', { name: 'Plan', exact: true }).click();
  await expect(page.getByRole('textbox', { name: 'Volts' })).toHaveValue(volts);
});

test('a setting is taken as proven on its machine, and a bead corrected later speaks against it', async ({
  page,
  open,
}) => {
  await open('/jobs');
  await typeJob(page, '2 mm tee flat Marigold');
  await page.getByRole('link', { name: 'Dial-in' }).click();
  const next = nextBead(page);
  await expect(next).toContainText('Bead 1');
  // a slow server: a bead is shown at once, and nothing can be made of it before it is kept
  await page.route(/\/test-beads$/, async (route) => {
    if (route.request().method() === 'POST') await new Promise((resolve) => setTimeout(resolve, 700));
    await route.continue();
  });
  // too cold once, then right: until it is sure enough
  await tap(page, 'Too cold');
  await expect(next).toContainText('Bead 2');
  while (!(await next.getByRole('heading', { name: 'Take', exact: true }).isVisible())) {
    const before = await next.getByRole('heading').textContent();
    await tap(page, 'Right');
    await expect(next.getByRole('heading')).not.toHaveText(before ?? '');
  }
  await next.getByRole('button', { name: /save as proven/ }).click();
  await expect(next).toContainText('Kept as proven on Marigold');
  await expect(next).toContainText('The plan is set to these numbers');

  await page.getByRole('button', { name: 'Correct bead 2' }).click();
  const dialog = page.getByRole('dialog', { name: 'Correct bead 2' });
  await dialog.getByRole('group', { name: 'In one word' }).getByRole('button', { name: 'Too cold' }).click();
  await dialog.getByRole('button', { name: 'Correct it' }).click();
  await expect(dialog).toBeHidden();
  await expect(ladderOf(page).getByRole('listitem').filter({ hasText: 'cold' })).toHaveCount(2);
  await expect(next.getByRole('heading')).not.toHaveText('Take');
  await page.getByRole('button', { name: 'Undo' }).last().click();
  await expect(next.getByRole('heading')).toHaveText('Take');
});

test('the way, the start and the heat: one thing at a time, and said where two move', async ({
  page,
  open,
}) => {
  await open('/jobs');
  await typeJob(page, '3 mm lap flat 0.8 solid Ar+18');
  await page.getByRole('link', { name: 'Dial-in' }).click();
  const next = nextBead(page);
  await expect(next).toContainText('Only the volts move.');
  await page.getByRole('button', { name: /^Way to dial in: Wire first/ }).click();
  await expect(page.getByText('Chart columns: not here.')).toBeVisible();
  await page.getByRole('radio', { name: /^Volts first/ }).click();
  await expect(next).toContainText('Only the wire speed moves.');
  await page.getByRole('button', { name: /^Where it begins/ }).click();
  await page.getByRole('radio', { name: /^A full volt under/ }).click();
  await expect(next).toContainText('Begin 1.0 V colder than the middle.');
  await page.getByRole('button', { name: /^Way to dial in: Volts first/ }).click();
  await page.getByRole('radio', { name: /^Wire first/ }).click();
  await expect(next).toContainText('Begin 1.0 V under the middle');
  await page.reload();
  await expect(next).toContainText('Begin 1.0 V under the middle');
});

test('a report that does not fit is asked about, and left out if it was the hand', async ({ page, open }) => {
  await open('/jobs');
  await typeJob(page, '3 mm lap flat 0.8 solid Ar+18');
  const beads = [
    [17, 'hot'],
    [17.6, 'cold'],
    [18.2, 'cold'],
    [18.6, 'right'],
  ] as const;
  const { origin, pathname } = new URL(page.url());
  for (const [volts, said] of beads) {
    const logged = await page.request.post(`${origin}/api${pathname}/test-beads`, {
      data: { wireFeedSpeedMPerMin: 7.3, volts, said, cooled: true },
    });
    expect(await logged.text()).toContain('verdict');
  }
  await page.reload();
  await page.getByRole('link', { name: 'Dial-in' }).click();
  const doubt = page.getByRole('region', { name: 'Bead 1 does not fit the others' });
  await expect(doubt).toContainText('Was the stick-out steady and the coupon cool?');
  await doubt.getByRole('button', { name: 'No: leave it out' }).click();
  await expect(doubt).toBeHidden();
  await expect(ladderOf(page).getByRole('listitem').last()).toContainText('left out');
});

test('the next bead over the whole screen, reported there', async ({ page, open }) => {
  await open('/jobs');
  await typeJob(page, '2 mm lap 0.8');
  await page.getByRole('link', { name: 'Dial-in' }).click();
  await expect(nextBead(page)).toBeVisible();
  await page.getByRole('button', { name: 'At the machine' }).click();
  const screen = page.getByRole('dialog', { name: 'Bead 1' });
  await screen.getByRole('button', { name: 'Too cold' }).click();
  await screen.getByRole('button', { name: 'No, still hot' }).click();
  await expect(page.getByRole('dialog', { name: 'Bead 2' })).toBeVisible();
  await page.getByRole('button', { name: 'Close' }).click();
  await expect(ladderOf(page)).toContainText('hot coupon: counts for less');
});

test('a ladder is compared, used on another job, and saved as a table', async ({ page, open }) => {
  await open('/jobs?find=outside+corner');
  await page
    .getByRole('link', { name: /2 mm carbon steel outside corner/ })
    .first()
    .click();
  await page.getByRole('link', { name: 'Dial-in' }).click();
  await expect(nextBead(page)).toContainText('Kept as proven on Marigold');
  await page.getByRole('button', { name: 'Compare ladders' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByRole('button', { name: /1 mm carbon steel lap/ }).click();
  await expect(
    dialog.getByRole('img', { name: /Volts over the book\. 2 mm carbon steel outside corner.*cold/ }),
  ).toBeVisible();
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Use on another job' }).click();
  await dialog.getByRole('button', { name: /40×40/ }).click();
  await expect(dialog).toContainText('is set to 16.8 V and 4.8 m/min');
  await dialog.getByRole('button', { name: 'Set it so' }).click();
  await expect(page.getByText('The plan takes these numbers', { exact: true })).toBeVisible();
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save as CSV' }).click();
  expect((await download).suggestedFilename()).toMatch(/^ladder .*\.csv$/);
});

test('the practice booth answers beads, and says at the end how close one came', async ({ page, open }) => {
  await open('/practice/dial-in?machine=7&work=dip');
  await expect(page.getByText('Simulated.')).toBeVisible();
  for (let bead = 1; bead <= 3; bead += 1) {
    await expect(page.getByRole('heading', { name: `Bead ${bead}` })).toBeVisible();
    await page.getByRole('button', { name: 'Weld it' }).click();
    const face = await page.locator('dl').textContent();
    const verdict = /ropy|tall/.test(face ?? '')
      ? 'Too cold'
      : /hollow|undercut/.test(face ?? '')
        ? 'Too hot'
        : 'Right';
    await page.getByRole('button', { name: verdict }).click();
  }
  await page.getByRole('button', { name: /lift the cover$/ }).click();
  const truth = page.getByRole('region', { name: /window$/i });
  await expect(truth).toContainText(/\d\.\d V (under|over) its middle/);
  await expect(truth).toContainText('The hidden window was');
});

test('a bead taken away comes back with undo', async ({ page, open }) => {
  await open('/jobs');
  await typeJob(page, '2 mm lap 0.8');
  await page.getByRole('link', { name: 'Dial-in' }).click();
  await expect(page.getByText('No bead yet')).toBeVisible();
  await tap(page, 'Right');
  const ladder = ladderOf(page);
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
  await sayMore(page);
  await page.getByLabel('Welded at (V)').fill('loud');
  await page.getByLabel('Note').fill('keep me');
  await page.getByRole('button', { name: /^Log bead 1/ }).click();
  await expect(page.getByText('Volts is a number.')).toBeVisible();
  await expect(
    page.getByText('Say cold, right or hot, or pick how it sounded or how it looks.'),
  ).toBeVisible();
  await expect(page.getByLabel('Welded at (V)')).toHaveValue('loud');
  await expect(page.getByLabel('Note')).toHaveValue('keep me');
  await page.getByLabel('Welded at (V)').fill('99');
  await page.getByRole('button', { name: 'Right', exact: true }).click();
  await expect(page.getByText('Volts is 8 to 45 V.')).toBeVisible();
  await page.getByLabel('Welded at (V)').fill('17');
  await page.getByLabel('When, if not now').fill('2998-01-01T10:00');
  await page.getByRole('button', { name: 'Right', exact: true }).click();
  await page.getByRole('button', { name: 'Yes, cool' }).click();
  await expect(page.getByText('This bead is not welded yet: the time lies ahead.')).toBeVisible();
  await expect(page.getByLabel('Note')).toHaveValue('keep me');
});

plain('a bead outlives a killed server', async ({ page }) => {
  const server = await demoServer({ empty: true });
  try {
    await page.goto(`${server.url}/jobs`);
    await typeJob(page, '3 mm tee 0.8');
    await page.getByRole('link', { name: 'Dial-in' }).click();
    await sayMore(page);
    await page.getByLabel('Note').fill('before the lights went out');
    const created = page.waitForResponse(
      (response) => response.request().method() === 'POST' && response.status() === 201,
    );
    await tap(page, 'Right');
    await created;
    await server.kill();
    await server.startAgain();
    await page.reload();
    await expect(ladderOf(page)).toContainText('before the lights went out');
  } finally {
    await server.kill();
  }
});
