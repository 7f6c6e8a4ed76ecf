import { mkdirSync } from 'node:fs';
import { join } from 'node:path';
import { parseArgs } from 'node:util';
import { chromium } from '@playwright/test';
import { CHROMIUM_LAUNCH } from './chromium.mjs';
import { withDemoServer } from './demo-server.mjs';
import { ensureBuilt, ensureChromium, ensureInstalled, ROOT } from './workspace.mjs';

/**
 * Pictures of the main views, from the demo shop. Without arguments it refreshes docs/screenshots/.
 * `-- plan --width 390 --theme dark --out shots` takes some views another way; `--full` takes the whole page.
 */
const { values, positionals } = parseArgs({
  allowPositionals: true,
  options: {
    out: { type: 'string', default: 'docs/screenshots' },
    width: { type: 'string' },
    theme: { type: 'string' },
    full: { type: 'boolean', default: false },
    path: { type: 'string' },
    job: { type: 'string' },
    tab: { type: 'string', default: '' },
  },
});

/** A view: its path, the words of the demo job it is a tab of, the name of a demo piece, or a symptom of a demo fault; and what is waited for. */
const VIEWS = [
  { name: 'bench', path: '/', shows: 'Every order was weighed' },
  { name: 'jobs', path: '/jobs' },
  { name: 'piece', piece: 'Tea cart', shows: 'settings serve all' },
  { name: 'plan', job: '40x40x3', tab: '' },
  { name: 'plan-phone', job: '40x40x3', tab: '', width: 390 },
  { name: 'rig', job: '5083', tab: '/rig' },
  { name: 'stores', path: '/stores?part=spools' },
  { name: 'dial-in', job: '40x40x3', tab: '/dial-in' },
  { name: 'record', job: '6mm plate', tab: '/record', shows: 'Welded so far' },
  { name: 'inspection', job: '6mm plate', tab: '/record/inspect', theme: 'dark', shows: 'Looked for' },
  { name: 'sheet', job: '12mm S355', tab: '/record/sheet', shows: 'not qualified' },
  { name: 'log', path: '/log?part=charts', shows: 'Right at once' },
  { name: 'machines', path: '/machines' },
  { name: 'machine', path: '/machines/demo-old-tom?part=dials' },
  { name: 'lid-chart', path: '/machines/demo-old-tom/lid-chart?joint=lap&position=flat' },
  { name: 'faults', path: '/faults', shows: 'Tip bore is worn' },
  { name: 'fault', fault: 'feed-fades', shows: 'Look next' },
  { name: 'arc-lab', path: '/lab', shows: 'shorts a second' },
  { name: 'learner', path: '/lab/ear/Wren%20Halloway', shows: 'test by test' },
];

ensureInstalled();
ensureChromium();
ensureBuilt({ web: true });
const folder = join(ROOT, values.out);
mkdirSync(folder, { recursive: true });
const asked = values.path ?? values.job;
const chosen =
  asked === undefined
    ? VIEWS.filter(({ name }) => positionals.length === 0 || positionals.includes(name))
    : [{ name: positionals[0] ?? 'view', path: values.path, job: values.job, tab: values.tab }];

await withDemoServer(async (url) => {
  const browser = await chromium.launch(CHROMIUM_LAUNCH);
  const { items: jobs } = await (await fetch(`${url}/api/jobs`)).json();
  const { items: pieces } = await (await fetch(`${url}/api/pieces`)).json();
  const faults = await (await fetch(`${url}/api/faults`)).json();
  for (const view of chosen) {
    const width = Number(values.width ?? view.width ?? 1280);
    const page = await browser.newPage({
      viewport: { width, height: width < 900 ? 844 : 800 },
      colorScheme: (values.theme ?? view.theme) === 'dark' ? 'dark' : 'light',
      reducedMotion: 'reduce',
    });
    const job = view.job && jobs.find(({ line }) => line.includes(view.job));
    const fault = view.fault && faults.items.find(({ present }) => present.includes(view.fault));
    const piece = view.piece && pieces.find(({ name }) => name === view.piece);
    await page.goto(
      url +
        (view.path ??
          (fault ? `/faults/${fault.id}` : piece ? `/pieces/${piece.id}` : `/jobs/${job.id}${view.tab}`)),
    );
    await page.waitForLoadState('networkidle');
    if (view.shows) await page.getByText(view.shows).first().waitFor();
    await page.evaluate(() => document.fonts.ready);
    if (view.from) await page.locator(view.from).evaluate((part) => part.scrollIntoView({ block: 'start' }));
    await page.screenshot({ path: join(folder, `${view.name}.png`), fullPage: values.full });
    await page.close();
  }
  await browser.close();
});
