import { expect, test, typeJob } from './fixtures.ts';

const queue = (machine: string) => `Queue of ${machine}`;

test('the Bench shows the day in order, and a task is pinned by the keyboard and let go again', async ({
  page,
  open,
}) => {
  await open('/');
  const tom = page.getByRole('region', { name: queue('Old Tom') });
  const marigold = page.getByRole('region', { name: queue('Marigold') });
  await expect(marigold.getByRole('listitem').first()).toBeVisible();
  await expect(page.getByText('Every order was weighed: none is better.')).toBeVisible();
  await expect(tom.getByText('to change over').first()).toBeVisible();
  const titles = () => marigold.getByRole('listitem').getByRole('link').allInnerTexts();
  const [first = '', second = ''] = await titles();
  // the second is taken up by its handle and put before the first
  await marigold
    .getByRole('button', { name: /^Move / })
    .nth(1)
    .focus();
  await page.keyboard.press('Space');
  await expect(page.getByText(/is taken up: move it/)).toBeAttached();
  await page.keyboard.press('ArrowUp');
  await expect(page.getByText(/stands at/)).toBeAttached();
  await page.keyboard.press('Space');
  await expect(page.getByText('Pinned there; the rest is put in order about it').first()).toBeVisible();
  await expect(page.getByText(/Your pins cost/)).toBeVisible();
  await expect.poll(async () => (await titles())[0]?.split('\n')[0]).toBe(second.split('\n')[0]);
  await page.getByRole('button', { name: 'Take all pins off' }).click();
  await expect.poll(async () => (await titles())[0]?.split('\n')[0]).toBe(first.split('\n')[0]);
});

test('a job goes onto the Bench, its times are typed, and welded it leaves', async ({ page, open }) => {
  await open('/jobs');
  await typeJob(page, '7 mm steel tee flat Old Tom 200 mm seam');
  await expect(page.getByRole('heading', { level: 1, name: /7 mm/ })).toBeVisible();
  await page.getByRole('button', { name: '○ Bench' }).click();
  await page.getByRole('menuitem', { name: 'Put on the Bench' }).click();
  await expect(page.getByRole('button', { name: '● On the Bench' })).toBeVisible();
  await page.getByRole('link', { name: 'Bench', exact: true }).first().click();
  const tom = page.getByRole('region', { name: queue('Old Tom') });
  await tom.getByRole('button', { name: /^About 7 mm/ }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('Minutes at the machine').fill('0');
  await expect(dialog.getByText('Minutes are a number from 1')).toBeVisible();
  await expect(dialog.getByRole('button', { name: 'Keep' })).toBeDisabled();
  await dialog.getByLabel('Minutes at the machine').fill('45');
  await dialog.getByRole('button', { name: 'Keep' }).click();
  await expect(
    tom
      .getByRole('listitem')
      .filter({ hasText: '7 mm' })
      .getByText(/45 min/),
  ).toBeVisible();
  await tom.getByRole('button', { name: /^About 7 mm/ }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'It is welded' }).click();
  await expect(tom.getByRole('listitem').filter({ hasText: '7 mm' })).toBeHidden();
  await page.getByRole('link', { name: 'Jobs', exact: true }).first().click();
  await page.getByLabel('State').selectOption('welded');
  await expect(page.getByRole('link', { name: /7 mm carbon steel/ })).toBeVisible();
  // whatever else stands in the shop by now: none of it was welded
  await expect(page.getByRole('link', { name: /galvanised/ })).toHaveCount(0);
});

test('a piece: lines that are wrong are said at their line, then welds share a setting that can be moved', async ({
  page,
  open,
}) => {
  await open('/jobs?list=pieces');
  await page.getByRole('button', { name: 'Begin' }).click();
  await expect(page.getByText('Give the piece a name.')).toBeVisible();
  await page.getByLabel('Begin a piece').fill('Gate');
  await page.getByLabel('Begin a piece').press('Enter');
  await expect(page.getByRole('heading', { level: 1, name: 'Gate' })).toBeVisible();
  await expect(page.getByRole('heading', { name: 'No welds yet' })).toBeVisible();
  const lines = page.getByLabel('Welds, one a line');
  await lines.fill(
    '2 mm tee 0.8 solid Ar+18 200 mm seam\nhello there\n2 mm lap 0.8 solid Ar+18 200 mm seam 2 off',
  );
  await page.getByRole('button', { name: 'Add 3 welds' }).click();
  await expect(page.getByText(/Line 2, “hello there”/)).toBeVisible();
  await expect(lines).toHaveValue(/hello there/);
  await lines.fill((await lines.inputValue()).replace('hello there\n', ''));
  await page.getByRole('button', { name: 'Add 2 welds' }).click();
  await expect(page.getByText('One setting serves all of them')).toBeVisible();
  await page.getByLabel('A table of welds').setInputFiles({
    name: 'welds.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from('weld,length mm,qty\n1 mm outside corner 0.8 solid Ar+18,100,2\n'),
  });
  await expect(lines).toHaveValue('1 mm outside corner 0.8 solid Ar+18 100 mm seam 2 off');
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(page.getByText('2 settings serve all of them: fewer cannot.')).toBeVisible();
  await expect(page.getByText(/cannot share with/)).toBeVisible();
  const speed = page.getByLabel('Wire speed').first();
  await speed.focus();
  await page.keyboard.press('End');
  await expect(page.getByText('■ too much wire for it').first()).toBeVisible();
  await page.getByRole('button', { name: 'Back to the middle' }).click();
  await expect(page.getByText('■ too much wire for it')).toBeHidden();
  await page.getByRole('button', { name: /^Keep its own setting: 2 mm carbon steel lap/ }).click();
  await expect(page.getByText(/3 settings serve all of them/)).toBeVisible();
  await page.getByRole('button', { name: /^Copy 2 mm carbon steel tee/ }).click();
  await expect(page.getByRole('button', { name: /^Copy 2 mm carbon steel tee/ })).toHaveCount(2);
});

test('a piece is found by its name in the line at the top', async ({ page, open }) => {
  await open('/jobs');
  await page.getByLabel('Type a job').fill('tea ca');
  await page.getByRole('link', { name: 'Tea cart', exact: true }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Tea cart' })).toBeVisible();
});

test('the day is taken away as a calendar and as a sheet', async ({ page, open }) => {
  await open('/');
  await expect(page.getByText('Every order was weighed')).toBeVisible();
  for (const [name, ending] of [
    ['Calendar (iCalendar)', /\.ics$/],
    ['Sheet for the wall, A4 (PDF)', /\.pdf$/],
    ['Table (CSV)', /\.csv$/],
  ] as const) {
    await page.getByRole('button', { name: 'Take away' }).click();
    const download = page.waitForEvent('download');
    await page.getByRole('menuitem', { name }).click();
    expect((await download).suggestedFilename()).toMatch(ending);
  }
});
