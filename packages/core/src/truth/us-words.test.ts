import { cases } from '../../test/cases.ts';
import { PLAIN_MACHINE } from '../../test/context.ts';
import { EAR_LESSONS } from '../arc-lab/ear/ear-lessons.ts';
import { SOUND_REFUSALS } from '../arc-lab/sound/sound-refusal.ts';
import { seededRandom } from '../base/numeric/seeded-random.ts';
import { METRIC, US } from '../base/quantity/unit-choice.ts';
import { mmFromInches } from '../base/quantity/units.ts';
import { SCHOOL_TABLE } from '../base/school.ts';
import { allInWords } from '../base/words/all-in-words.ts';
import { jobChangeover } from '../changeover/job-changeover.ts';
import { RIG_LOOKS } from '../changeover/rig-looks.ts';
import { RIG_STEPS } from '../changeover/rig-steps.ts';
import { stationsOf } from '../changeover/stations.ts';
import { CAUSES } from '../faults/causes.ts';
import { SUSPICIONS } from '../faults/suspicion.ts';
import { effectiveWork, parseLine } from '../line/parse.ts';
import { planReport } from '../line/report/plan-report.ts';
import type { Machine } from '../machine/machine.ts';
import { RIG_ATTRIBUTE_NAMES, rigAttributeRow, rigValueText } from '../machine/rig-state/rig-attribute.ts';
import { comparedPlans } from '../plan/setup/compare.ts';
import { planSetup } from '../plan/setup/plan-setup.ts';
import type { PlannedSetup } from '../plan/setup/setup.ts';
import { completeWork, workTitle } from '../plan/work/complete-work.ts';
import { resourcesOf } from '../plan/work/shop.ts';
import { INSPECTION_ITEMS } from '../records/inspection/inspection-items.ts';
import { procedureSheet } from '../records/sheet/procedure-sheet.ts';
import { sheetRunHeadings, sheetRunTexts, sheetText } from '../records/sheet/sheet-words.ts';
import { partsNeeded } from '../stores/parts-needed.ts';
import { CIRCUMSTANCE_NAME, PRIORITY_NAME } from '../trade/material/work.ts';

const READER = { units: US };

/** A unit that nobody who works in inches has on a rule, a gauge or a regulator. */
const METRIC_UNIT =
  /\bmm\b|mm²|\bcm\b|\bm\/min\b|\bL\/min\b|\bkJ\/mm\b|\bkg\b|\d bar\b|\bkm\/h\b|°C|\d m\b|\d L\b(?! Si)|\b(?:millimet|centimet)(?:re|er)s?\b|\b(?:litre|metre)s?\b/;
/** A size of metric turned into inches as no rule shows it. */
const NO_TRADE_SIZE = /(?<![\d.])0\.\d+ in\b(?!²)/;

/** Every text in plain data that a person could read: one with a blank in it. */
function textsIn(data: unknown): string[] {
  if (typeof data === 'string') return data.includes(' ') ? [data] : [];
  if (Array.isArray(data)) return data.flatMap(textsIn);
  if (typeof data !== 'object' || data === null) return [];
  return Object.entries(data).flatMap(([key, value]) => (key === 'source' ? [] : textsIn(value)));
}

const textsOf = (data: unknown): string[] => textsIn(allInWords(data, READER));
const wrong = (texts: readonly string[]): string[] => [
  ...new Set(texts.filter((text) => METRIC_UNIT.test(text) || NO_TRADE_SIZE.test(text))),
];

const SIZES = [
  ...['16 ga', '14 ga', '11 ga', '18ga', '1/8', '3/16', '1/4', '5/16', '3/8', '1/2', '.080', '.250', '3/4'],
  ...['1/8 on 1/4', '14 ga to 3/16', '2x2x1/8 box', '1/16'],
];
const METALS = ['steel', 'galv', '304', '6061', 'mild steel', '7075', 'stainless to steel'];
const JOINTS = [
  'tee',
  'lap',
  'butt',
  'open root',
  'corner',
  'tee 1/4 leg',
  'lap 12 in seam',
  '1/8 stitch 2-6',
];
const POSITIONS = ['flat', 'vertical up', 'vertical down', 'overhead', 'horizontal', 'outside', ''];
const MORE = [
  '',
  '.030',
  '.035',
  '.045 spray',
  'gasless',
  '1/16 dual shield',
  'pulse',
  '75/25',
  'rusty',
  'warm service',
  '71t-gs',
];

const MACHINE: Machine = {
  ...PLAIN_MACHINE,
  currentRangeA: [30, 220],
  wireFeedSpeedRangeMPerMin: [2, 14],
};

function drawnLine(random: () => number): string {
  const pick = (list: readonly string[]): string => list[Math.floor(random() * list.length)] as string;
  return [SIZES, METALS, JOINTS, POSITIONS, MORE]
    .map(pick)
    .filter((word) => word !== '')
    .join(' ');
}

/** Everything that is said about a plan: itself, its stations, its sheet, its changeover, its parts, its report. */
function planTexts(plan: PlannedSetup): string[] {
  const sheet = procedureSheet(plan, { title: 'x' });
  const change = jobChangeover(plan, MACHINE, { now: '2026-03-02T07:00:00.000Z' });
  return [
    ...textsOf({ plan, stations: stationsOf(plan, MACHINE), title: workTitle(plan.work) }),
    ...textsOf(comparedPlans([plan, plan])),
    ...textsOf(
      partsNeeded(
        change.steps.map(({ row }) => row.id),
        change.need,
        MACHINE,
        [],
      ),
    ),
    ...sheetRunHeadings(READER),
    ...sheet.runs.flatMap((run) => sheetRunTexts(run, READER)),
    ...[...sheet.numbers, ...sheet.parts.flatMap(({ lines }) => lines)].map(([, text]) =>
      sheetText(text, READER),
    ),
  ];
}

describe('who works in inches', () => {
  it('reads no metric unit in anything said of 2 000 jobs, and no size that no rule shows', () => {
    const random = seededRandom(1977);
    const seen = new Set<string>();
    let planned = 0;
    for (let i = 0; i < cases(500, 2000); i++) {
      const reading = parseLine(drawnLine(random), { unit: 'in', machineNames: [] });
      const work = effectiveWork(reading);
      const complete = completeWork(work);
      const machine = i % 3 === 0 ? MACHINE : undefined;
      const setup = complete && planSetup(complete.work, { ...resourcesOf(work, { machines: [] }), machine });
      const report = planReport(reading, setup, { machine, reader: READER });
      const texts = [
        ...textsOf({ questions: reading.questions.map(({ message, choices }) => [message, choices]) }),
      ];
      texts.push(...textsOf(reading.fragments.map(({ label }) => label)), ...textsIn(report));
      if (setup?.status === 'planned') {
        planned += 1;
        if (i % 4 === 0) texts.push(...planTexts(setup));
      }
      for (const text of wrong([...texts, ...textsOf(setup)])) seen.add(text);
    }
    expect([...seen]).toEqual([]);
    expect(planned).toBeGreaterThan(cases(200, 800));
  });

  it('reads none in a table that does not change with the job', () => {
    const rig = RIG_ATTRIBUTE_NAMES.flatMap((name) =>
      (rigAttributeRow(name).choices ?? []).map((value) => rigValueText(name, value)),
    );
    const tables = { RIG_STEPS, RIG_LOOKS, CAUSES, SUSPICIONS, SCHOOL_TABLE, INSPECTION_ITEMS, EAR_LESSONS };
    expect(wrong(textsOf({ ...tables, rig, SOUND_REFUSALS, CIRCUMSTANCE_NAME, PRIORITY_NAME }))).toEqual([]);
  });

  it('finds them where they stand, so that the look is worth something', () => {
    const plan = planSetup(completeWork({ thicknessMm: 3, joint: 'tee' })?.work as PlannedSetup['work'], {});
    const metric = textsIn(allInWords(plan, { units: METRIC }));
    expect(metric.filter((text) => METRIC_UNIT.test(text)).length).toBeGreaterThan(10);
    expect(NO_TRADE_SIZE.test('on 0.118 in plate')).toBe(true);
  });

  it('reads an inch size as it was typed, and metric as a gauge shows it', () => {
    const title = (thicknessMm: number, units = US): string =>
      allInWords(workTitle({ metal: 'carbon-steel', thicknessMm, joint: 'tee', position: 'flat' }), {
        units,
      });
    expect(title(mmFromInches(1 / 8))).toBe('1/8 in carbon steel tee, flat');
    expect(title(mmFromInches(3 / 16))).toBe('3/16 in carbon steel tee, flat');
    expect(title(mmFromInches(1 / 8), METRIC)).toBe('3.2 mm carbon steel tee, flat');
    expect(title(mmFromInches(0.0598))).toBe('16 ga carbon steel tee, flat');
  });
});
