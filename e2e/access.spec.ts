import { expect, expectNoViolations, test, toQuickLine, typeJob } from './fixtures.ts';

/** Both widths and both themes, each once: the desk by day, the phone under the hood. */
const VIEWS = [
  { name: 'desk by day', width: 1280, height: 800, colorScheme: 'light' },
  { name: 'phone under the hood', width: 390, height: 844, colorScheme: 'dark' },
] as const;

const SCREENS: readonly (readonly [name: string, words: string | undefined, path: string])[] = [
  ['bench', undefined, '/'],
  ['jobs', undefined, '/jobs'],
  ['plan', '40x40x3', ''],
  ['plan of aluminium', '5083', ''],
  ['dial-in', '40x40x3', '/dial-in'],
  ['compare', '40x40x3', '/compare?way=gas-shielded-flux-core%2Fown'],
  ['on every machine', '40x40x3', '/machines'],
  ['machines', undefined, '/machines'],
  ['a machine', undefined, '/machines/demo-old-tom'],
  ['a machine with one entry', undefined, '/machines/demo-marigold'],
  ['a new machine', undefined, '/machines/new'],
  ['a machine from a file', undefined, '/machines/from-file'],
  ['the practice feeder', undefined, '/machines/practice?feeder=7'],
  ['a lid chart', undefined, '/machines/demo-old-tom/lid-chart'],
  ['what happened', undefined, '/history'],
  ['settings', undefined, '/settings'],
  ['truth', undefined, '/truth'],
  ['nowhere', undefined, '/nowhere'],
];

/** The demo shop's jobs. */
async function jobsOf(url: string): Promise<readonly { readonly id: string; readonly line: string }[]> {
  const { items } = (await (await fetch(`${url}/api/jobs`)).json()) as {
    items: { id: string; line: string }[];
  };
  return items;
}

for (const { name: view, width, height, colorScheme } of VIEWS) {
  test.describe(view, () => {
    test.use({ viewport: { width, height }, colorScheme });
    for (const [name, words, path] of SCREENS) {
      test(`${name} is free of axe violations and fits its width`, async ({ page, open, demo }) => {
        const jobs = await jobsOf(demo.url);
        const job = words === undefined ? '' : `/jobs/${jobs.find(({ line }) => line.includes(words))?.id}`;
        await open(`${job}${path}`);
        await expect(page.getByRole('heading', { level: 1 })).toBeAttached();
        await page.waitForLoadState('networkidle');
        await expectNoViolations(page);
        const overflow = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
        expect(overflow).toBeLessThanOrEqual(0);
      });
    }
  });
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
