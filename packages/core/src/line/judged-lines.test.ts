import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { judged, type JudgedLine } from '../../../../scripts/line/judge.mjs';
import { JUDGED_LINES } from '../../../../scripts/line/lines.mjs';
import type { Machine } from '../machine/machine.ts';
import { planReport } from './report/plan-report.ts';
import { resourcesOf } from '../plan/work/shop.ts';
import { planSetup } from '../plan/setup/plan-setup.ts';
import { completeWork } from '../plan/work/complete-work.ts';
import { effectiveWork, parseLine } from './parse.ts';

const machine = (name: string, features: Machine['features']): Machine => ({
  name,
  loadedWireClass: 'ER70S-6',
  loadedWireDiameterMm: 0.8,
  loadedGas: 'ar-co2-18',
  currentRangeA: [30, 350],
  features,
});
const MACHINES = [
  machine('Marigold', ['pulse', 'spool-gun-socket']),
  machine('Old Tom', []),
  machine('Suitcase', []),
];

function judge({ say, unit = 'mm', expect: wanted }: JudgedLine): string | undefined {
  const reading = parseLine(say, { unit, machineNames: MACHINES.map(({ name }) => name) });
  const work = effectiveWork(reading);
  const complete = completeWork(work);
  const setup = complete && planSetup(complete.work, resourcesOf(work, { machines: MACHINES }));
  const { kind, bad } = judged(planReport(reading, setup), wanted);
  return kind === 'right' || kind === 'proper' ? undefined : `${kind}: ${say} (${bad.join('; ')})`;
}

function linesOf(name: string): readonly JudgedLine[] {
  return JSON.parse(readFileSync(join(JUDGED_LINES, name), 'utf8')) as JudgedLine[];
}

/**
 * Lines of each round that are not read as they must be yet, by how: what is asked is shown to the user as a question. One
 * line of the rounds wants an abbreviation shown that another wants understood.
 *
 * Source of the lines: sweeps of lines as they are typed, judged by the handbook's quick-line pages; four hands.
 */
describe('judged lines', () => {
  it.each([
    ['sweep.json', 136, { asked: 0, misread: 0, silent: 0 }],
    ['rounds.json', 903, { asked: 11, misread: 0, silent: 1 }],
    ['own-1.json', 100, { asked: 1, misread: 0, silent: 0 }],
    ['own-2.json', 100, { asked: 2, misread: 1, silent: 0 }],
    ['own-3.json', 98, { asked: 1, misread: 0, silent: 0 }],
    ['own-4.json', 60, { asked: 4, misread: 2, silent: 0 }],
  ])('of %s, %d in all, are read as they must be, but for so many', (name, count, allowed) => {
    const lines = linesOf(name);
    expect(lines).toHaveLength(count);
    const faults = lines.flatMap((line) => judge(line) ?? []);
    for (const [kind, most] of Object.entries(allowed)) {
      const some = faults.filter((fault) => fault.startsWith(kind));
      expect({ kind, faults: some.length > most ? some : [] }).toEqual({ kind, faults: [] });
    }
  });
});
