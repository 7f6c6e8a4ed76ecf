import { chromium } from '@playwright/test';
import { mkdirSync } from 'node:fs';
import { CHROMIUM_LAUNCH, withDemoServer } from './demo-server.mjs';
mkdirSync('/tmp/us', { recursive: true });
const US = { wireFeedSpeed: 'in/min', thickness: 'fraction', wireSize: 'in', gasFlow: 'ft³/h', distance: 'in', travel: 'in/min', temperature: '°F', weight: 'lb', pressure: 'psi' };
const RX = /\bmm\b|mm²|\bcm\b|\bm\/min\b|\bL\/min\b|\bkJ\/mm\b|\bkg\b|\d bar\b|\bkm\/h\b|°C|\d m\b|\d L\b|\b(?:millimet|centimet)(?:re|er)s?\b|\b(?:litre|metre)s?\b|(?<![\d.])0\.\d+ in\b(?!²)/;
await withDemoServer(async (url) => {
  const browser = await chromium.launch(CHROMIUM_LAUNCH);
  const { items: jobs } = await (await fetch(`${url}/api/jobs`)).json();
  const pieces = await (await fetch(`${url}/api/pieces`)).json();
  const faults = await (await fetch(`${url}/api/faults`)).json();
  const j = (w) => jobs.find(({ line }) => line.includes(w))?.id;
  const plan = ['', 'settings', 'ways', 'cautions', 'why', 'technique', 'runs', 'weld', 'finish'];
  const paths = ['/', '/jobs', '/stores?part=spools', '/stores?part=cylinders', '/stores?part=parts', '/log', '/log?part=charts', '/machines', '/machines/demo-old-tom', '/machines/demo-old-tom?part=dials', '/machines/demo-old-tom?part=now', '/machines/demo-old-tom?part=programs', '/machines/demo-old-tom/lid-chart?joint=lap&position=flat', '/faults', '/lab', '/lab/ear/Wren%20Halloway', '/settings', '/history', '/practice', '/booth', '/files', '/machines/new', ...pieces.map(({ id }) => `/pieces/${id}`), ...faults.items.slice(0, 3).map(({ id }) => `/faults/${id}`),
    ...jobs.slice(0, 10).flatMap(({ id }) => [...plan.map((p) => `/jobs/${id}${p && `?part=${p}`}`), `/jobs/${id}/rig`, `/jobs/${id}/dial-in`, `/jobs/${id}/record`, `/jobs/${id}/record/sheet`, `/jobs/${id}/record/inspect`, `/jobs/${id}/compare`, `/jobs/${id}/every-machine`, `/jobs/${id}/quote`])];
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 }, reducedMotion: 'reduce' });
  await context.addInitScript((u) => localStorage.setItem('hot-bead.units-by-quantity', JSON.stringify(u)), US);
  const page = await context.newPage();
  const seen = new Map();
  for (const path of paths) {
    await page.goto(url + path); await page.waitForLoadState('networkidle'); await page.waitForTimeout(80);
    await page.evaluate(() => document.querySelectorAll('details').forEach((d) => (d.open = true)));
    const texts = await page.evaluate(() => [...document.body.innerText.split('\n'), ...[...document.querySelectorAll('[aria-label],[placeholder],[title]')].flatMap((e) => [e.getAttribute('aria-label'), e.getAttribute('placeholder'), e.getAttribute('title')].filter(Boolean)), ...[...document.querySelectorAll('option')].map((o) => o.textContent), ...[...document.querySelectorAll('input')].map((o) => o.value)]);
    for (const t of texts) if (RX.test(t) && !seen.has(t)) { seen.set(t, path); }
    if (process.argv.includes(path)) await page.screenshot({ path: `/tmp/us/${path.replace(/\W+/g, '_')}.png` });
  }
  for (const [t, p] of seen) console.log(p.replace(/[0-9a-f-]{30,}/, 'ID'), '|', t.slice(0, 140));
  const shots = { plan: `/jobs/${j('40x40x3')}`, rig: `/jobs/${j('5083')}/rig`, sheet: `/jobs/${j('12mm S355')}/record/sheet`, stores: '/stores?part=spools', settings: '/settings', bench: '/', technique: `/jobs/${j('12mm S355')}?part=technique` };
  for (const [n, p] of Object.entries(shots)) { await page.goto(url + p); await page.waitForLoadState('networkidle'); await page.screenshot({ path: `/tmp/us/${n}.png` }); }
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto(url + shots.plan); await page.waitForLoadState('networkidle'); await page.screenshot({ path: '/tmp/us/plan-390.png' });
  await browser.close();
});
