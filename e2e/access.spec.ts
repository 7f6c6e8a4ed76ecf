import type { Page, Request } from '@playwright/test';
import { expect, expectNoViolations, test, toQuickLine, typeJob } from './fixtures.ts';

/** Both widths and both themes, each once: the desk by day, the phone under the hood. */
const VIEWS = [
  { name: 'desk by day', width: 1280, height: 800, colorScheme: 'light' },
  { name: 'phone under the hood', width: 390, height: 844, colorScheme: 'dark' },
] as const;

interface Screen {
  readonly name: string;
  /** Words of the demo job that it is a page of. */
  readonly job?: string;
  /** Name of the demo piece that it is the page of. */
  readonly piece?: string;
  /** A symptom of the demo fault that it is the page of. */
  readonly fault?: string;
  readonly path: string;
  /** Whether it stands in named parts: each is looked at. */
  readonly inParts?: true;
}

const SCREENS: readonly Screen[] = [
  { name: 'bench', path: '/' },
  { name: 'jobs', path: '/jobs' },
  { name: 'pieces', path: '/jobs?list=pieces' },
  { name: 'a piece', piece: 'Tea cart', path: '' },
  { name: 'plan', job: '40x40x3', path: '', inParts: true },
  { name: 'plan of aluminium', job: '5083', path: '' },
  { name: 'dial-in', job: '40x40x3', path: '/dial-in' },
  { name: 'dial-in at its end', job: '2mm outside corner', path: '/dial-in' },
  { name: 'record', job: '6mm plate', path: '/record' },
  { name: 'an inspection', job: '6mm plate', path: '/record/inspect', inParts: true },
  { name: 'cost', job: '6mm plate', path: '/record/cost' },
  { name: 'procedure sheet', job: '12mm S355', path: '/record/sheet' },
  { name: 'log', path: '/log', inParts: true },
  { name: 'files in and out', path: '/files' },
  { name: 'rig', job: '40x40x3', path: '/rig' },
  { name: 'rig of aluminium', job: '5083', path: '/rig' },
  { name: 'a machine looked over', path: '/machines/demo-marigold/check' },
  { name: 'a machine closed down', path: '/machines/demo-marigold/close' },
  { name: 'stores', path: '/stores', inParts: true },
  { name: 'faults', path: '/faults' },
  { name: 'a new fault', path: '/faults/new?machine=demo-old-tom' },
  { name: 'a fault looked into', fault: 'feed-fades', path: '' },
  { name: 'a fault that was mended', fault: 'gas-hiss-absent', path: '' },
  { name: 'the tables of faults', path: '/faults/tables', inParts: true },
  { name: 'compare', job: '40x40x3', path: '/compare?way=gas-shielded-flux-core%2Fown' },
  { name: 'on every machine', job: '40x40x3', path: '/machines' },
  { name: 'machines', path: '/machines' },
  { name: 'a machine', path: '/machines/demo-old-tom', inParts: true },
  { name: 'a machine with one entry', path: '/machines/demo-marigold', inParts: true },
  { name: 'a new machine', path: '/machines/new' },
  { name: 'a machine from a file', path: '/machines/from-file' },
  { name: 'the practice feeder', path: '/machines/practice?feeder=7' },
  { name: 'the practice booth', path: '/practice/dial-in?machine=7' },
  { name: 'a lid chart', path: '/machines/demo-old-tom/lid-chart' },
  { name: 'the arc lab', path: '/lab', inParts: true },
  { name: 'a recording', path: '/lab/recording' },
  { name: 'the ear', path: '/lab/ear' },
  { name: 'a learner', path: '/lab/ear/Wren%20Halloway' },
  { name: 'what happened', path: '/history' },
  { name: 'settings', path: '/settings' },
  { name: 'truth', path: '/truth' },
  { name: 'nowhere', path: '/nowhere/at/all' },
];

/** The demo shop's jobs. */
async function jobsOf(url: string): Promise<readonly { readonly id: string; readonly line: string }[]> {
  const { items } = (await (await fetch(`${url}/api/jobs`)).json()) as {
    items: { id: string; line: string }[];
  };
  return items;
}

/** Where a piece of the demo shop is. */
async function pieceAt(url: string, name: string): Promise<string> {
  const { items: pieces } = (await (await fetch(`${url}/api/pieces`)).json()) as {
    items: { id: string; name: string }[];
  };
  return `/pieces/${pieces.find((piece) => piece.name === name)?.id}`;
}

/** Where a fault of the demo shop is. */
async function faultAt(url: string, symptom: string): Promise<string> {
  const { items } = (await (await fetch(`${url}/api/faults`)).json()) as {
    items: { id: string; present: string[] }[];
  };
  return `/faults/${items.find(({ present }) => present.includes(symptom))?.id}`;
}

/** Where a screen stands in the demo shop. */
async function placeOf(url: string, { job, piece, fault, path }: Screen): Promise<string> {
  if (fault !== undefined) return faultAt(url, fault);
  if (piece !== undefined) return pieceAt(url, piece);
  if (job === undefined) return path;
  const jobs = await jobsOf(url);
  return `/jobs/${jobs.find(({ line }) => line.includes(job))?.id}${path}`;
}

/** Counts what a page has asked for and not been answered. */
function asked(page: Page): { settled: () => Promise<void> } {
  const open = new Set<Request>();
  page.on('request', (request) => open.add(request));
  page.on('requestfinished', (request) => open.delete(request));
  page.on('requestfailed', (request) => open.delete(request));
  return {
    settled: async () => {
      // an answer may ask for more: nothing is open, and a moment later still nothing
      for (let still = 0; still < 2;) {
        await page.waitForTimeout(60);
        still = open.size === 0 ? still + 1 : 0;
      }
    },
  };
}

/** Goes to a place within the app that stands open, as its own links do. */
async function goWithin(page: Page, place: string): Promise<void> {
  await page.evaluate((to) => {
    window.history.pushState(null, '', to);
    window.dispatchEvent(new PopStateEvent('popstate', { state: null }));
  }, place);
}

test.describe.configure({ mode: 'parallel' });

// one start for all pages: what is tried is each page, not how the app begins
for (const { name: view, width, height, colorScheme } of VIEWS) {
  test.describe(view, () => {
    test.use({ viewport: { width, height }, colorScheme });
    test('every page is free of axe violations and fits its width', async ({ page, open, demo }) => {
      test.setTimeout(600_000);
      const broken: string[] = [];
      page.on('pageerror', (error) => broken.push(error.message));
      const requests = asked(page);
      await open('/nowhere');
      for (const screen of SCREENS) {
        await test.step(screen.name, async () => {
          const place = await placeOf(demo.url, screen);
          await goWithin(page, place);
          await requests.settled();
          await expect(page.getByRole('heading', { level: 1 })).toBeAttached();
          await expect(page.locator('.animate-pulse')).toHaveCount(0);
          await requests.settled();
          const parts = screen.inParts ? await page.locator('[role=tab][id*=trigger]').all() : [undefined];
          expect(parts.length, screen.name).toBeGreaterThan(screen.inParts ? 1 : 0);
          for (const part of parts) {
            await part?.click();
            await expectNoViolations(page, screen.name);
            const overflow = await page.evaluate(
              () => document.documentElement.scrollWidth - window.innerWidth,
            );
            expect(overflow, `${screen.name} is wider than its window`).toBeLessThanOrEqual(0);
          }
        });
      }
      expect(broken).toEqual([]);
    });
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
