import { createRequire } from 'node:module';
import { join } from 'node:path';
import { writeFileSync } from 'node:fs';
import { chromium } from '@playwright/test';
import { CHROMIUM_LAUNCH } from './chromium.mjs';
import { withDemoServer } from './demo-server.mjs';
import { ensureBuilt, ensureChromium, ensureInstalled, ROOT } from './workspace.mjs';

/**
 * What the records cost: a log of 100 000 lines, a table of 50 000 taken and refused, sheets as PDF, a year of a two-bay shop.
 * With `--write` the figures go to docs/records.md.
 */
ensureInstalled();
ensureChromium();
ensureBuilt({ web: true });
const sharp = createRequire(join(ROOT, 'apps/server/package.json'))('sharp');

const lines = [];
const say = (what, figure) => {
  lines.push([what, figure]);
  process.stdout.write(`${what}: ${figure}\n`);
};

const HEAD = 'at,kind,title,text,wire,gas,joint,thickness_mm,verdict,volts,wire_speed_m_per_min';
const [JOINTS, VERDICTS, WIRES, WHERE] = [
  ['tee', 'lap', 'butt'],
  ['ok', 'redo', 'scrap', 'ok', 'ok'],
  ['ER70S-6', 'ER308LSi', 'ER5356'],
  ['cart', 'gate', 'roof'],
];
function table(from, count) {
  const rows = Array.from({ length: count }, (_, i) => {
    const n = from + i;
    const at = new Date(1.6e12 + n * 3e6).toISOString();
    return `${at},run,"Weld ${n}, lap on the ${WHERE[n % 3]}","note ${(n * 7919) % 100003} by ea",${WIRES[n % 3]},argon,${JOINTS[n % 3]},${1 + (n % 9)},${VERDICTS[n % 5]},18.5,6.${n % 9}`;
  });
  return [HEAD, ...rows];
}

async function send(url, rows) {
  const began = performance.now();
  const response = await fetch(`${url}/api/tables/log`, {
    method: 'POST',
    headers: { 'content-type': 'text/csv' },
    body: rows.join('\n'),
  });
  const report = await response.json();
  return { seconds: (performance.now() - began) / 1000, report };
}

async function p95(url, path) {
  const times = [];
  for (let i = 0; i < 100; i += 1) {
    const began = performance.now();
    await (await fetch(`${url}${path}`)).text();
    times.push(performance.now() - began);
  }
  return times.toSorted((a, b) => a - b)[94];
}

await withDemoServer(async (url) => {
  const bad = table(0, 50_000);
  bad[49_998] = bad[49_998]
    .replace(',lap,', ',perhaps,')
    .replace(',tee,', ',perhaps,')
    .replace(',butt,', ',perhaps,');
  const refused = await send(url, bad);
  const [first] = refused.report.refused;
  say(
    '50 000 lines with a broken one at 49 999, refused whole',
    `${refused.seconds.toFixed(1)} s, names line ${first.line}`,
  );
  const taken = [await send(url, table(0, 50_000)), await send(url, table(50_000, 50_000))];
  const seconds = taken.reduce((sum, one) => sum + one.seconds, 0);
  say('lines of a log taken from CSV', `${(100_000 / seconds).toFixed(0)} a second`);
  const pages = {
    'a page of 100 000 lines, newest first': '/api/log',
    'a page in the middle': '/api/log?after=2022-01-01T00:00:00.000Z~1',
    'a page by joint and wire': '/api/log?joint=tee&wire=ER70S-6',
    'a page by joint and wire that never go together': '/api/log?joint=tee&wire=ER5356',
    'a page by thickness': '/api/log?thinnest=8.5&sort=thickest',
    'a page by dates': '/api/log?from=2021-01-01&to=2021-02-01',
    'words that stand in a third of the lines': '/api/log?text=weld%20gate',
    'a word that stands in one line': '/api/log?text=77777',
    'a beginning of a word': '/api/log?text=note%2099',
  };
  for (const [what, path] of Object.entries(pages)) say(what, `p95 ${(await p95(url, path)).toFixed(1)} ms`);
});

await withDemoServer(async (url) => {
  const { items } = await (await fetch(`${url}/api/jobs?limit=100`)).json();
  const job = items.find(({ line }) => line.startsWith('12mm S355'));
  const browser = await chromium.launch(CHROMIUM_LAUNCH);
  const page = await browser.newPage();
  await page.goto(`${url}/jobs/${job.id}/record/sheet`);
  const times = [];
  for (let i = 0; i < 6; i += 1) {
    await page.getByRole('button', { name: 'This sheet, PDF' }).click();
    const item = page.getByRole('menuitem', { name: 'A4', exact: true });
    await item.waitFor();
    const began = performance.now();
    await Promise.all([page.waitForEvent('download'), item.click()]);
    times.push(performance.now() - began);
  }
  await browser.close();
  say(
    'a sheet of five runs as PDF, from press to file',
    `first ${times[0].toFixed(0)} ms, then ${Math.max(...times.slice(1)).toFixed(0)} ms at most`,
  );

  const size = async () => (await (await fetch(`${url}/api/backup/database`)).arrayBuffer()).byteLength;
  const post = (path, body) =>
    fetch(`${url}/api${path}`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(body),
    }).then((response) => response.json());
  const empty = await size();
  const noise = Buffer.alloc(1600 * 1200 * 3, 0).map((_, i) => 90 + ((i * 2654435761) >>> 27));
  const photo = await sharp(noise, { raw: { width: 1600, height: 1200, channels: 3 } })
    .blur(1)
    .jpeg({ quality: 85 })
    .toBuffer();
  let photos = 0;
  for (let week = 0; week < 52; week += 1) {
    for (let i = 0; i < 5; i += 1) {
      const made = await post('/jobs', { line: `${2 + (i % 5)} mm steel tee flat Marigold 500 mm seam` });
      for (let b = 0; b < 3; b += 1)
        await post(`/jobs/${made.id}/test-beads`, {
          wireFeedSpeedMPerMin: 6 + b / 5,
          volts: 17 + b / 2,
          said: b === 2 ? 'right' : 'cold',
          note: `bead ${week} ${i} ${b}`,
        });
      for (let r = 0; r < 8; r += 1)
        await post(`/jobs/${made.id}/runs`, {
          weldedAt: new Date(1.7e12 + week * 6e8 + r * 6e5).toISOString(),
          wireFeedSpeedMPerMin: 6.2,
          volts: 18.4,
          amps: 141,
          lengthMm: 500,
          arcSeconds: 75,
          result: 'ok',
          who: 'ea',
          wireKg: 0.03,
          gasL: 18,
        });
      if (i < 2) {
        const kept = await fetch(`${url}/api/photos`, {
          method: 'POST',
          headers: { 'content-type': 'image/jpeg' },
          body: photo,
        }).then((response) => response.json());
        photos += 1;
        await post(`/jobs/${made.id}/inspections`, {
          joint: 'fillet',
          standard: '5817',
          level: 'C',
          thicknessMm: 3,
          at: new Date(1.7e12 + week * 6e8).toISOString(),
          items: { crack: { value: 0 }, undercut: { value: 0.1, gauge: 'pin' } },
          photos: [{ photoId: kept.id, marks: [] }],
        });
      }
    }
  }
  const bytes = (await size()) - empty;
  const pictures = await Promise.all([
    fetch(`${url}/api/backup/zip`).then((response) => response.arrayBuffer()),
  ]);
  say(
    'a year: 260 jobs, 780 beads, 2 080 runs, 104 inspections with a photo each',
    `${(bytes / 1e6).toFixed(1)} MB, packed with its photos ${(pictures[0].byteLength / 1e6).toFixed(1)} MB (${photos} photos of 1600 × 1200 points)`,
  );
});

if (process.argv.includes('--write')) {
  const rows = lines.map(([what, figure]) => `| ${what} | ${figure} |`).join('\n');
  writeFileSync(
    join(ROOT, 'docs/records.md'),
    `# What the records cost\n\nMeasured by \`node scripts/bench-records.mjs --write\` on two cores; pages and searches are whole requests over HTTP, 100 of each.\n\n| what | figure |\n| --- | --- |\n${rows}\n`,
  );
}
