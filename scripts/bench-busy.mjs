import { spawn } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { createWriteStream, mkdtempSync, openAsBlob, readFileSync, rmSync, statSync } from 'node:fs';
import { createRequire } from 'node:module';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { freePort } from './demo-server.mjs';
import { ensureBuilt, ROOT } from './workspace.mjs';

/**
 * What a large shop costs, and what others wait for while something heavy is done: 20 000 jobs, 100 000 events and lines of
 * the log, 5 000 photos of 120 kB. Figures are of this machine.
 */
ensureBuilt({ web: false });
const require = createRequire(join(ROOT, 'apps/server/package.json'));
const Database = require('better-sqlite3');
const sharp = require('sharp');

const [JOBS, EVENTS, PHOTOS] = [20_000, 100_000, Number(process.env['PHOTOS'] ?? 5_000)];
const folder = mkdtempSync(join(process.env['BENCH_FOLDER'] ?? tmpdir(), 'hot-bead-busy-'));
const path = join(folder, 'shop.sqlite');

const report = (what, value) => process.stdout.write(`${what.padEnd(52)} ${value}\n`);
const show = (samples) => {
  const sorted = samples.toSorted((a, b) => a - b);
  const at = (share) => sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))].toFixed(1);
  return `p50 ${at(0.5)} ms, p95 ${at(0.95)} ms, worst ${sorted.at(-1).toFixed(1)} ms`;
};

async function serve() {
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
  return {
    url: `http://127.0.0.1:${port}`,
    startMs: performance.now() - began,
    memoryMb: () =>
      Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${child.pid}/status`, 'utf8'))[1]) / 1024,
    async stop() {
      const from = performance.now();
      const gone = new Promise((resolve) => child.on('exit', resolve));
      child.kill('SIGINT');
      await gone;
      return performance.now() - from;
    },
  };
}

async function fill() {
  const noise = Buffer.from(Array.from({ length: 300 * 300 * 3 }, () => Math.floor(Math.random() * 256)));
  const jpeg = await sharp(noise, { raw: { width: 300, height: 300, channels: 3 } })
    .jpeg({ quality: 90 })
    .toBuffer();
  const photo = Buffer.concat([jpeg, Buffer.alloc(Math.max(0, 120_000 - jpeg.length))]);
  const database = new Database(path);
  const insert = (table) => {
    const statements = new Map();
    return (row) => {
      const names = Object.keys(row);
      const key = names.join();
      if (!statements.has(key))
        statements.set(
          key,
          database.prepare(
            `INSERT INTO ${table} (${names.map((name) => `"${name}"`)}) VALUES (${names.map(() => '?')})`,
          ),
        );
      statements.get(key).run(...Object.values(row));
    };
  };
  const [job, event, line, picture] = ['job', 'event', 'log_entry', 'photo'].map(insert);
  const jobs = database.prepare('SELECT * FROM job').all();
  const { number: _number, ...told } = database.prepare('SELECT * FROM log_entry LIMIT 1').get();
  const ids = [];
  database.transaction(() => {
    for (let i = 0; i < JOBS; i += 1) {
      const id = randomUUID();
      ids.push(id);
      const at = new Date(Date.UTC(2020, 0, 1) + i * 600_000).toISOString();
      job({ ...jobs[i % jobs.length], id, createdAt: at, updatedAt: at });
    }
    for (let i = 0; i < EVENTS; i += 1) {
      const at = new Date(Date.UTC(2020, 0, 1) + i * 120_000).toISOString();
      const id = ids[i % ids.length];
      const rigged = i % 4 === 0;
      event({
        id: randomUUID(),
        at,
        kind: rigged ? 'rigged' : 'created',
        subjectKind: rigged ? 'machine' : 'job',
        subjectId: rigged ? 'demo-old-tom' : id,
        subjectOf: rigged ? 'demo-old-tom' : id,
        version: 1 + i,
        after: '{"rig.workClamp":{"value":"off"}}',
        about: rigged ? JSON.stringify({ why: 'step', jobId: id }) : null,
        toldForJobId: rigged && i % 8 === 0 ? id : null,
      });
      line({
        ...told,
        id: `bench:${i}`,
        at,
        jobId: id,
        kind: 'run',
        verdict: 'ok',
        wireKg: 0.1,
        title: `Run ${i}, tee`,
      });
    }
    for (let i = 0; i < PHOTOS; i += 1)
      picture({ id: randomUUID(), at: new Date().toISOString(), widthPx: 300, heightPx: 300, jpeg: photo });
  })();
  database.close();
  return ids;
}

async function ask(url, init) {
  const from = performance.now();
  const response = await fetch(url, init);
  await response.arrayBuffer();
  return { ms: performance.now() - from, status: response.status };
}

const json = (body) => ({
  method: 'POST',
  headers: { 'content-type': 'application/json', 'if-match': '*' },
  body: JSON.stringify(body),
});

/** What another client's plans wait for while something is done. */
async function beside(server, what, heavy) {
  let isOver = false;
  const from = performance.now();
  const done = heavy().finally(() => (isOver = true));
  const waits = [];
  let memory = 0;
  while (!isOver || waits.length < 5) {
    const { ms, status } = await ask(`${server.url}/api/plan`, json({ line: '3 mm tee Old Tom' }));
    if (status !== 200) throw new Error(`plan: ${status}`);
    waits.push(ms);
    memory = Math.max(memory, server.memoryMb());
    await new Promise((resolve) => setTimeout(resolve, 5));
  }
  const results = await done;
  const seconds = ((performance.now() - from) / 1000).toFixed(1);
  report(
    `${what} (${results ?? 'done'})`,
    `${seconds} s, ${memory.toFixed(0)} MB; plans beside it ${show(waits)}`,
  );
}

async function download(url, to) {
  const response = await fetch(url);
  await pipeline(Readable.fromWeb(response.body), createWriteStream(to));
  return `${(statSync(to).size / 1e6).toFixed(0)} MB`;
}

try {
  await (await serve()).stop();
  const ids = await fill();
  report('the database', `${(statSync(path).size / 1e6).toFixed(0)} MB`);
  const server = await serve();
  const { url } = server;
  report('start', `${server.startMs.toFixed(0)} ms, ${server.memoryMb().toFixed(0)} MB`);
  const some = ids[1234];
  for (const page of [
    '/api/jobs',
    '/api/jobs?state=planned',
    '/api/jobs?state=rigged',
    '/api/jobs?find=lap+Tom',
    `/api/jobs/${some}`,
    `/api/jobs/${some}/runs`,
    '/api/machines',
    '/api/day',
    '/api/stock',
    '/api/events',
    `/api/events?of=demo-old-tom`,
    '/api/log',
    '/api/log?text=tee',
    '/api/log/charts',
    '/api/learning',
    '/api/set-aside',
  ]) {
    const times = [];
    for (let i = 0; i < 40; i += 1) times.push((await ask(`${url}${page}`)).ms);
    report(page.replace(some, ':id'), show(times));
  }
  const writes = [];
  for (let i = 0; i < 100; i += 1) writes.push((await ask(`${url}/api/jobs`, json({ line: '3 mm tee' }))).ms);
  report('a job is kept', show(writes));
  const stale = [];
  for (let i = 0; i < 20; i += 1) {
    const change = { method: 'POST', headers: { 'content-type': 'application/json' } };
    const body = JSON.stringify({ why: 'said', changes: { workClamp: { from: 'on', to: 'nowhere' } } });
    stale.push((await ask(`${url}/api/machines/demo-old-tom/rig`, { ...change, body })).ms);
  }
  report('a change that was overtaken', show(stale));
  const at = (name) => join(folder, name);
  await beside(server, 'backup', () => download(`${url}/api/backup/database`, at('b.sqlite')));
  await beside(server, 'ZIP', () => download(`${url}/api/backup/zip`, at('b.zip')));
  await beside(server, 'JSON', () => download(`${url}/api/backup/json`, at('b.json')));
  await beside(server, 'log as CSV', () => download(`${url}/api/tables/log`, at('log.csv')));
  const day = { today: new Date().toISOString().slice(0, 10), nowMin: 480 };
  await beside(server, 'day in order, ten at once', async () => {
    const answers = await Promise.all(
      Array.from({ length: 10 }, () => ask(`${url}/api/day/order`, json(day))),
    );
    return answers.map(({ status }) => status).join();
  });
  const table = (rows) => ({
    method: 'POST',
    headers: { 'content-type': 'text/csv' },
    body: rows.join('\n'),
  });
  await beside(server, '5 000 pieces', async () => {
    const rows = ['name', ...Array.from({ length: 5000 }, (_, i) => `Gate ${i}`)];
    return (await ask(`${url}/api/tables/pieces`, table(rows))).status;
  });
  await beside(server, '10 million blank lines', async () => {
    const body = { ...table([]), body: `at,kind,title\n${'\n'.repeat(10_000_000)}` };
    return (await ask(`${url}/api/tables/log`, body)).status;
  });
  await beside(
    server,
    '60 000 headings',
    async () =>
      (await ask(`${url}/api/tables/log`, table([Array.from({ length: 60_000 }, (_, i) => `c${i}`).join()])))
        .status,
  );
  for (const name of ['b.sqlite', 'b.zip', 'b.json']) {
    await beside(server, `restore from ${name}`, async () => {
      const body = await openAsBlob(at(name), { type: 'application/octet-stream' });
      const response = await fetch(`${url}/api/backup/restore`, {
        method: 'POST',
        headers: { 'content-type': 'application/octet-stream' },
        body,
      });
      const answer = await response.json();
      return response.ok ? `${answer.records} records` : `${response.status} ${answer.message}`;
    });
  }
  report('stop', `${(await server.stop()).toFixed(0)} ms`);
} finally {
  rmSync(folder, { recursive: true, force: true });
}
