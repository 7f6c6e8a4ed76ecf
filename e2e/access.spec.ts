import { expect, expectNoViolations, test, toQuickLine, typeJob } from './fixtures.ts';

const VIEWPORTS = [
  { name: 'desk', width: 1280, height: 800 },
  { name: 'phone', width: 390, height: 844 },
] as const;

for (const viewport of VIEWPORTS) {
  for (const colorScheme of ['light', 'dark'] as const) {
    test.describe(`${viewport.name}, ${colorScheme}`, () => {
      test.use({ viewport: { width: viewport.width, height: viewport.height }, colorScheme });

      test('every screen is free of axe violations and fits its width', async ({ page, open, demo }) => {
        const jobs = (await (await fetch(`${demo.url}/api/jobs`)).json()) as { id: string; line: string }[];
        const id = (words: string): string => jobs.find((job) => job.line.includes(words))?.id ?? '';
        const screens = [
          '/',
          '/jobs',
          `/jobs/${id('40x40x3')}`,
          `/jobs/${id('40x40x3')}/dial-in`,
          `/jobs/${id('6063')}`,
          '/nowhere',
        ];
        for (const screen of screens) {
          await open(screen);
          await expect(page.getByRole('heading').first()).toBeAttached();
          await page.waitForLoadState('networkidle');
          await expectNoViolations(page);
          const overflow = await page.evaluate(
            () => document.documentElement.scrollWidth - window.innerWidth,
          );
          expect(overflow).toBeLessThanOrEqual(0);
        }
      });
    });
  }
}

test('open editors, questions and stop cautions are free of axe violations', async ({ page, open }) => {
  await open('/jobs');
  await toQuickLine(page);
  await page.keyboard.type('14 galv bananas old tm');
  await expectNoViolations(page);
  await page.keyboard.press('Escape');
  await page.getByLabel('Type a job').fill('');
  await typeJob(page, '3mm galv lap 0.8');
  await expectNoViolations(page);
  await page.getByRole('button', { name: /^Joint: lap/ }).click();
  await expectNoViolations(page);
});

test('every target is large enough for a thumb', async ({ page, open }) => {
  await open('/jobs');
  await typeJob(page, '3.2 mm butt 0.8 Ar+18');
  const small = await page
    .getByRole('button')
    .evaluateAll((buttons) =>
      buttons
        .filter((b) => b.checkVisibility() && b.getBoundingClientRect().height < 43.5)
        .map((b) => b.textContent),
    );
  expect(small).toEqual([]);
});
