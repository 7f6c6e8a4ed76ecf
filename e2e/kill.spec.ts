import { randomUUID } from 'node:crypto';
import { cases } from '../packages/core/test/cases.ts';
import { expect, test } from '@playwright/test';
import { type DemoServer, demoServer } from './demo-server.ts';

const KILLS = cases(12, 100);
/** As many as fit: the machine may be slow. */
const MOST_MS = 60_000;
const WRITERS = 4;
/** Longest that one tick is waited for. */
const MOST_TICK_MS = 5_000;
const LIFE_MS = [40, 400] as const;

/** What one writer was told is kept, and what it sent without being told. */
interface Written {
  readonly id: string;
  acknowledged: number | undefined;
  sent: number;
}

const json = (method: string, body: object, headers: Record<string, string> = {}): RequestInit => ({
  method,
  headers: { 'content-type': 'application/json', ...headers },
  body: JSON.stringify(body),
});

/** Creates jobs and counts up their own volts until the server is gone. */
async function write(url: string, log: Written[]): Promise<void> {
  try {
    for (;;) {
      const job: Written = { id: randomUUID(), acknowledged: undefined, sent: 10 };
      log.push(job);
      const made = await fetch(
        `${url}/api/jobs`,
        json('POST', { id: job.id, line: '3 mm tee', own: { volts: 10 } }),
      );
      if (made.status !== 201) throw new Error(`${made.status}`);
      job.acknowledged = 10;
      for (let version = 1; version <= 5; version += 1) {
        job.sent = 10 + version;
        const headers = { 'if-match': `"${version}"` };
        const changed = await fetch(
          `${url}/api/jobs/${job.id}`,
          json('PATCH', { own: { volts: job.sent } }, headers),
        );
        if (changed.status !== 200) throw new Error(`${changed.status}`);
        await changed.text();
        job.acknowledged = job.sent;
      }
    }
  } catch (error) {
    // the server is gone; an answer that is no success is a failure of the test
    if (error instanceof Error && /^\d+$/.test(error.message)) throw error;
  }
}

/** What was told of a rig, and what was sent without being told. */
interface Ticked {
  readonly machineId: string;
  acknowledged: string | null;
  sent: string | null;
}

/** Ticks at one machine, each tick saying what it saw before, until the server is gone. */
async function tick(url: string, log: Ticked): Promise<void> {
  try {
    for (let number = Number(log.acknowledged ?? '0') + 1; ; number += 1) {
      log.sent = String(number);
      const changes = { setPoint: { from: log.acknowledged, to: log.sent } };
      const body = { why: 'step', step: 'program', changes };
      const response = await fetch(`${url}/api/machines/${log.machineId}/rig`, json('POST', body));
      if (response.status !== 200) throw new Error(`${response.status}`);
      await response.text();
      log.acknowledged = log.sent;
    }
  } catch (error) {
    if (error instanceof Error && /^\d+$/.test(error.message)) throw error;
  }
}

const passed = (ms: number): Promise<void> => new Promise((resolve) => setTimeout(resolve, ms));

/** Until one more tick is acknowledged. */
async function oneMoreTick(log: Ticked): Promise<void> {
  const before = log.acknowledged;
  const end = Date.now() + MOST_TICK_MS;
  while (log.acknowledged === before && Date.now() < end) await passed(5);
}

/** How the machine stands after a kill: as it was told last, or as was sent last; then that is what was told. */
async function standsAsTold({ url }: DemoServer, log: Ticked): Promise<void> {
  const response = await fetch(`${url}/api/machines/${log.machineId}`);
  const { rig } = (await response.json()) as { rig?: { setPoint?: { value: string } } };
  const value = rig?.setPoint?.value ?? null;
  expect([log.acknowledged, log.sent]).toContain(value);
  log.acknowledged = value;
}

/** What of the written is not as it was told to be. */
async function lost({ url }: DemoServer, log: readonly Written[]): Promise<readonly string[]> {
  const wrong: string[] = [];
  for (const { id, acknowledged, sent } of log) {
    const response = await fetch(`${url}/api/jobs/${id}`);
    if (response.status === 404 && acknowledged === undefined) continue;
    const { own } = (await response.json()) as { own?: { volts?: number } };
    const volts = own?.volts;
    if (volts !== sent && volts !== acknowledged)
      wrong.push(`${id}: ${volts}, not ${acknowledged} or ${sent}`);
  }
  return wrong;
}

test('what was acknowledged outlives the server being killed at any moment', async () => {
  test.setTimeout(240_000);
  const server = await demoServer({ empty: true });
  const began = Date.now();
  let [kills, checked] = [0, 0];
  const machine = { name: 'Tom', loadedWireClass: 'ER70S-6', loadedWireDiameterMm: 0.8, loadedGas: 'co2' };
  const made = await fetch(`${server.url}/api/machines`, json('POST', machine));
  const { id: machineId } = (await made.json()) as { id: string };
  const ticked: Ticked = { machineId, acknowledged: null, sent: null };
  try {
    while (kills < KILLS && Date.now() - began < MOST_MS) {
      const log: Written[] = [];
      const writers = Array.from({ length: WRITERS }, () => write(server.url, log));
      writers.push(tick(server.url, ticked));
      // every other life begins to count once a tick is kept: on a slow machine a short one may see none
      if (kills % 2 === 1) await oneMoreTick(ticked);
      const life = LIFE_MS[0] + ((kills * 37) % (LIFE_MS[1] - LIFE_MS[0]));
      await passed(life);
      await server.kill();
      await Promise.all(writers);
      await server.startAgain();
      expect(await lost(server, log)).toEqual([]);
      await standsAsTold(server, ticked);
      kills += 1;
      checked += log.length;
    }
  } finally {
    await server.kill();
  }
  test.info().annotations.push({ type: 'kills', description: `${kills} kills, ${checked} jobs` });
  // how many fit is the machine's speed: a few are enough to tell
  expect(kills).toBeGreaterThan(5);
  expect(checked).toBeGreaterThan(kills);
  expect(Number(ticked.acknowledged)).toBeGreaterThanOrEqual(Math.floor(kills / 2));
});
