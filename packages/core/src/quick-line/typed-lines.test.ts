import { planReport, type PlanReport } from '../report/plan-report.ts';
import { planSetup } from '../setup/plan-setup.ts';
import type { Machine } from '../machine/machine.ts';
import { completeWork } from './complete-work.ts';
import { resourcesOf } from '../resources/shop.ts';
import { effectiveWork, parseQuickLine } from './parse.ts';
import { TYPED_LINES, type TypedLine } from './typed-lines.ts';

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

function reported({ say, unit = 'mm' }: TypedLine): PlanReport {
  const reading = parseQuickLine(say, { unit, machineNames: MACHINES.map(({ name }) => name) });
  const said = effectiveWork(reading);
  const complete = completeWork(said);
  const setup = complete && planSetup(complete.work, resourcesOf(said, { machines: MACHINES }));
  return planReport(reading, setup);
}

function matches(got: unknown, want: unknown): boolean {
  if (typeof want === 'number' && typeof got === 'number') return Math.abs(got - want) < 0.002;
  if (Array.isArray(want) && !Array.isArray(got)) return want.some((one) => matches(got, one));
  return JSON.stringify(got) === JSON.stringify(want);
}

function wrongSlots(
  got: Readonly<Record<string, unknown>>,
  want: Readonly<Record<string, unknown>>,
): string[] {
  return Object.entries(want)
    .filter(([slot, value]) => !matches(got[slot], value))
    .map(([slot, value]) => `${slot}: ${JSON.stringify(got[slot])}, wanted ${JSON.stringify(value)}`);
}

function refusedAs(report: PlanReport, code: string): boolean {
  return 'refused' in report && report.refused.code.includes(code);
}

/** What is wrong with the reading of a line; nothing when it gives what it must. */
function faults(line: TypedLine): string[] {
  const report = reported(line);
  const { understood, absent = [], visible = [], orVisible, anyOf, refused, orRefused } = line.expect;
  const got = report.understood as Readonly<Record<string, unknown>>;
  const shown = JSON.stringify([report.questions, report.notUnderstood]);
  const sees = (text: string): boolean => shown.includes(JSON.stringify(text).slice(1, -1));
  const asked = orRefused !== undefined && (refusedAs(report, orRefused) || report.questions.length > 0);
  const slots = wrongSlots(got, understood);
  const list = asked || (orVisible?.some(sees) ?? false) ? [] : slots;
  const others = anyOf === undefined || asked || anyOf.some((one) => wrongSlots(got, one).length === 0);
  return [
    ...list,
    ...absent
      .filter((slot) => got[slot] !== undefined)
      .map((slot) => `${slot} is set: ${JSON.stringify(got[slot])}`),
    ...visible.filter((text) => !sees(text)).map((text) => `“${text}” is not shown: ${shown}`),
    ...(others ? [] : ['none of the readings that would do']),
    ...(typeof refused === 'string' && !refusedAs(report, refused) ? [`not refused as ${refused}`] : []),
    ...(typeof refused === 'boolean' && refused !== 'refused' in report
      ? [`refused should be ${refused}`]
      : []),
  ];
}

describe('lines as they are typed', () => {
  it.each(TYPED_LINES.map((line) => [line.say, line] as const))('%s', (_say, line) => {
    expect(faults(line)).toEqual([]);
  });
});
