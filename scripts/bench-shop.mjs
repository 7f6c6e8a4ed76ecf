import { spawn } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { mkdtempSync, rmSync } from 'node:fs';
import { createRequire } from 'node:module';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { freePort } from './demo-server.mjs';
import { ensureBuilt, ROOT } from './workspace.mjs';

/** What a large shop costs: 20 000 jobs with two beads each, half of them proven. Figures are of this machine. */
ensureBuilt({ web: false });
const require = createRequire(join(ROOT, 'apps/server/package.json'));
const Database = require('better-sqlite3');

const JOBS = 20_000;
const folder = mkdtempSync(join(tmpdir(), 'hot-bead-bench-'));
const path = join(folder, 'shop.sqlite');

async function served(use) {
  const port = await freePort();
  const env = { ...process.env, HOT_BEAD_PORT: String(port), HOT_BEAD_DEMO_DB: path };
  const began = performance.now();
  const child = spawn(process.execPath, [join(ROOT, 'apps/server/dist/main.js'), '--demo'], {
    env,
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  await new Promise((resolve, reject) => {
    child.stdout.on('data', (data) => data.toString().includes('http://') && resolve());
    child.on('exit', (code) => reject(new Error(`the server left with ${code}`)));
  });
  child.removeAllListeners('exit');
  try {
    return await use(`http://127.0.0.1:${port}`, performance.now() - began);
  } finally {
    const gone = new Promise((resolve) => child.on('exit', resolve));
    child.kill();
    await gone;
  }
}

/** Copies of the demo shop's jobs and beads, straight into the file: the API would take its time. */
function fill() {
  const database = new Database(path);
  const jobs = database.prepare('SELECT * FROM job').all();
  const bead = database.prepare('SELECT * FROM test_bead WHERE weldedWith IS NOT NULL LIMIT 1').get();
  const proven = database.prepare('SELECT * FROM proven_setting').all();
  const insert = (table, row) =>
    database
      .prepare(
        `INSERT INTO ${table} (${Object.keys(row).map((name) => `"${name}"`)}) VALUES (${Object.keys(row).map(() => '?')})`,
      )
      .run(...Object.values(row));
  database.transaction(() => {
    for (let i = 0; i < JOBS; i += 1) {
      const id = randomUUID();
      const at = new Date(Date.UTC(2025, 0, 1) + i * 600_000).toISOString();
      insert('job', { ...jobs[i % jobs.length], id, createdAt: at, updatedAt: at });
      for (const number of [1, 2])
        insert('test_bead', { ...bead, id: randomUUID(), jobId: id, number, createdAt: at });
      const setting = proven[i % proven.length];
      if (i % 2 === 0) {
        const thicknessMm = 1 + (i % 500) / 100;
        insert('proven_setting', { ...setting, id: randomUUID(), jobId: id, at, thicknessMm });
      }
      insert('event', {
        id: randomUUID(),
        at,
        kind: 'created',
        subjectKind: 'job',
        subjectId: id,
        subjectOf: id,
        version: 1,
        before: null,
        after: '{}',
      });
    }
  })();
  database.close();
}

const report = (what, value) => process.stdout.write(`${what.padEnd(52)} ${value}\n`);
const show = (samples) => {
  const sorted = samples.toSorted((a, b) => a - b);
  const at = (share) => sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))].toFixed(1);
  return `p50 ${at(0.5)} ms, p95 ${at(0.95)} ms, worst ${sorted.at(-1).toFixed(1)} ms`;
};

async function timed(count, send) {
  const samples = [];
  for (let i = 0; i < count; i += 1) {
    const from = performance.now();
    const response = await send(i);
    await response.arrayBuffer();
    if (!response.ok) throw new Error(`${response.url}: ${response.status}`);
    samples.push(performance.now() - from);
  }
  return samples;
}

const post = (url, body) =>
  fetch(url, { method: 'POST', headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) });

try {
  await served(() => undefined);
  fill();
  await served(async (url, startMs) => {
    report('start with the whole shop', `${startMs.toFixed(0)} ms`);
    const lines = ['3 mm tee Old Tom', '2 mm lap Marigold', '5 mm 5083 tee', '12 mm S355 plate butt Ar+18'];
    report('plan', show(await timed(200, (i) => post(`${url}/api/plan`, { line: lines[i % lines.length] }))));
    const { id } = await (await post(`${url}/api/jobs`, { line: '2 mm lap Old Tom' })).json();
    const bead = { wireFeedSpeedMPerMin: 3.8, face: 'flat', sound: 'sizzle' };
    const beads = await timed(60, (i) =>
      post(`${url}/api/jobs/${id}/test-beads`, { ...bead, volts: 15 + (i % 8) / 2 }),
    );
    report('bead', show(beads));
    report(
      'plan after a bead',
      show(
        await timed(40, async (i) => {
          await post(`${url}/api/jobs/${id}/test-beads`, { ...bead, volts: 15 + (i % 8) / 2 });
          return post(`${url}/api/plan`, { line: lines[0] });
        }),
      ),
    );
    const ladder = await (await post(`${url}/api/jobs`, { line: '2 mm lap Old Tom' })).json();
    const faces = [
      [16.5, 'ropy', 'stubbing'],
      [17, 'crowned', 'sizzle'],
      [17.5, 'flat', 'sizzle'],
      [18.5, 'concave', 'crackle'],
    ];
    let last;
    for (const [volts, face, sound] of faces) {
      const sent = { wireFeedSpeedMPerMin: 3.8, volts, face, sound };
      last = await (await post(`${url}/api/jobs/${ladder.id}/test-beads`, sent)).json();
    }
    const corrected = (i) =>
      fetch(`${url}/api/jobs/${ladder.id}/test-beads/${last.id}`, {
        method: 'PATCH',
        headers: { 'content-type': 'application/json', 'if-match': '*' },
        body: JSON.stringify({ volts: 18.5 + (i % 2) / 2 }),
      });
    report('bead that proves another setting', show(await timed(20, corrected)));
    const plansAfter = await timed(20, async (i) => {
      await corrected(i);
      return post(`${url}/api/plan`, { line: lines[0] });
    });
    report('the same, and the first plan after it', show(plansAfter));
    report('first page of the jobs', show(await timed(100, () => fetch(`${url}/api/jobs`))));
    const plain = await (
      await fetch(`${url}/api/jobs`, { headers: { 'accept-encoding': 'identity' } })
    ).arrayBuffer();
    report('first page of the jobs, unpacked', `${(plain.byteLength / 1000).toFixed(1)} kB`);
    report('jobs found by words', show(await timed(40, () => fetch(`${url}/api/jobs?find=lap+Tom`))));
    report('what happened, first page', show(await timed(40, () => fetch(`${url}/api/events`))));
    const learning = await (
      await fetch(`${url}/api/learning`, { headers: { 'accept-encoding': 'identity' } })
    ).arrayBuffer();
    report('what all machines taught, unpacked', `${(learning.byteLength / 1000).toFixed(1)} kB`);
    report('what all machines taught', show(await timed(20, () => fetch(`${url}/api/learning`))));
  });
} finally {
  rmSync(folder, { recursive: true, force: true });
}
