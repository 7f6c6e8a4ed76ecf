import Database from 'better-sqlite3';
import { test as plain } from '@playwright/test';
import { demoServer } from './demo-server.ts';
import { expect, expectNoViolations, test, toQuickLine } from './fixtures.ts';

test('a figure shows what it was taken for, another role is one press away, and a word is told once', async ({
  page,
  open,
}) => {
  await open('/');
  await toQuickLine(page);
  await page.keyboard.type('3/4 ton truck frame 3/16 to 10mm gusset blivet lap .035');
  const figures = page.getByRole('list', { name: 'What each figure was taken for' });
  await expect(figures.getByRole('button')).toHaveText([
    /3\/4 ton.*no part/,
    /3\/16.*thickness/,
    /10mm.*thickness/,
    /.035.*wire/,
  ]);
  await expectNoViolations(page);
  // two presses: the figure, and what it is
  await figures.getByRole('button', { name: /^10mm/ }).click();
  await page.getByRole('menuitem', { name: 'leg' }).click();
  await expect(page.getByLabel('What are you welding?')).toHaveValue(/10mm leg/);
  await expect(figures.getByRole('button', { name: /^10mm leg/ })).toHaveText(/leg/);
  await page.getByRole('button', { name: 'a thing, no figure' }).click();
  await expect(page.getByText('“blivet” is not known here')).toBeHidden();
  await page.getByLabel('What are you welding?').press('Enter');
  await page.waitForURL(/\/jobs\/[0-9a-f-]+$/);
  await page.getByRole('link', { name: 'Settings' }).first().click();
  const ownWords = page.getByRole('list', { name: 'Own words' });
  await expect(ownWords.getByText('“blivet” is a thing')).toBeVisible();
  await expectNoViolations(page);
  await page.getByRole('button', { name: 'Forget blivet' }).click();
  await expect(ownWords.getByText('“blivet” is a thing')).toBeHidden();
  await page.getByRole('textbox', { name: 'Word' }).fill('grommit');
  await page.getByRole('textbox', { name: 'stands for' }).fill('zzz');
  await page.getByRole('button', { name: 'Keep it' }).click();
  await expect(page.getByRole('alert')).toContainText('no word that the line knows');
  await page.getByRole('textbox', { name: 'stands for' }).fill('lap');
  await page.getByRole('button', { name: 'Keep it' }).click();
  await expect(ownWords.getByText('“grommit” is lap')).toBeVisible();
  await page.getByRole('button', { name: 'Forget grommit' }).click();
});

test('two welds in a line become a piece, and one of them a job', async ({ page, open }) => {
  await open('/jobs');
  await toQuickLine(page);
  await page.keyboard.type('3mm lap flat; 6mm tee PB; 1.0 M21');
  await expect(page.getByRole('heading', { name: '2 welds' })).toBeVisible();
  await page.getByRole('button', { name: 'Save as one piece' }).click();
  await page.waitForURL(/\/pieces\/[0-9a-f-]+$/);
  await expect(page.getByText('6 mm carbon steel tee, horizontal').first()).toBeVisible();
  await expect(page.getByText('3 mm carbon steel lap, flat').first()).toBeVisible();
  await toQuickLine(page);
  await page.keyboard.type('3mm lap then 6mm tee');
  await page.getByRole('button', { name: 'Only this' }).nth(1).click();
  await expect(page.getByLabel('Type a job')).toHaveValue('6mm tee');
});

test('a pasted table is read by its columns and saved as jobs', async ({ page, open }) => {
  await open('/');
  await toQuickLine(page);
  await page.evaluate(() => {
    const data = new DataTransfer();
    data.setData('text/plain', 'Material\tThk (mm)\tJoint\tQty\nS355\t15\tfillet\t4\n304\t3\tlap\t1');
    document.activeElement?.dispatchEvent(
      new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }),
    );
  });
  await expect(page.getByText('Thk (mm) (thickness)')).toBeVisible();
  await expect(page.getByRole('list', { name: 'Welds that were read' }).getByRole('listitem')).toHaveCount(2);
  await expectNoViolations(page);
  await page.getByRole('button', { name: 'Save 2 jobs' }).click();
  await page.waitForURL(/\/jobs$/);
  await expect(page.getByRole('link', { name: /15 mm carbon steel S355 tee/ })).toBeVisible();
  await expect(page.getByRole('link', { name: /3 mm stainless steel 304 lap/ })).toBeVisible();
});

plain(
  'a job that cannot be read is looked at, saved as a file and deleted, and its shop goes on',
  async ({ page }) => {
    const server = await demoServer({ empty: true });
    const made = await page.request.post(`${server.url}/api/jobs`, { data: { line: '3 mm tee' } });
    const { id } = (await made.json()) as { id: string };
    const database = new Database(server.databasePath);
    database.prepare('UPDATE job SET work = ? WHERE id = ?').run('{"thicknessMm":3,"outsideMm":[3]}', id);
    database.close();
    await page.goto(`${server.url}/jobs/${id}`);
    await expect(page.getByText('cannot be read')).toBeVisible();
    await page.goto(`${server.url}/settings`);
    await page.getByRole('button', { name: 'Look at it' }).click();
    await expect(page.getByRole('dialog')).toContainText('"outsideMm":[3]');
    await expectNoViolations(page);
    const saved = page.waitForEvent('download');
    await page.getByRole('button', { name: 'Save as a file' }).click();
    expect((await saved).suggestedFilename()).toBe(`job-${id}.json`);
    await page.getByRole('button', { name: 'Delete it' }).click();
    await page.getByRole('button', { name: 'Yes, delete it for good' }).click();
    await expect(page.getByRole('button', { name: 'Look at it' })).toBeHidden();
    await server.kill();
  },
);
