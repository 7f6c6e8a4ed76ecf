import { planSetup as planSetupInWords } from '../plan/setup/plan-setup.ts';
import { completeWork } from '../plan/work/complete-work.ts';
import { resourcesOf } from '../plan/work/shop.ts';
import { effectiveWork, parseLine as parseLineInWords } from './parse.ts';
import type { StatedWork } from '../plan/work/stated-work.ts';
import type { LineReading } from './line-reading.ts';
import { toldInMetric } from '../../test/told-in-metric.ts';

const planSetup = toldInMetric(planSetupInWords);
const parseLine = toldInMetric(parseLineInWords);

const MACHINES = ['Marigold', 'Old Tom', 'Suitcase'];

function read(line: string, unit: 'mm' | 'in' = 'mm'): LineReading {
  return parseLine(line, { unit, machineNames: MACHINES });
}

function rounded(work: StatedWork): StatedWork {
  const mm = (value: number | undefined): number | undefined => value && Number(value.toFixed(3));
  return JSON.parse(
    JSON.stringify({
      ...work,
      thicknessMm: mm(work.thicknessMm),
      otherThicknessMm: mm(work.otherThicknessMm),
    }),
  ) as StatedWork;
}

function refusalCode(line: string): string | undefined {
  const work = effectiveWork(read(line));
  const complete = completeWork(work);
  const setup = complete && planSetup(complete.work, resourcesOf(work, { machines: [] }));
  return setup?.status === 'refused' ? setup.code : undefined;
}

// Source of the cases: the quick-line page of the handbook.
describe('lines as people type them', () => {
  it.each<[string, StatedWork]>([
    [
      '1/8 steel tee flat .030 75/25',
      {
        thicknessMm: 3.175,
        metal: 'carbon-steel',
        joint: 'tee',
        position: 'flat',
        wireDiameterMm: 0.8,
        gas: 'ar-co2-25',
        way: 'solid-gas',
      },
    ],
    ['1/4 to 1/8 lap', { thicknessMm: 6.35, otherThicknessMm: 3.175, joint: 'lap' }],
    ['16ga galv', { thicknessMm: 1.613, metal: 'coated-steel' }],
    ['14ga tube', { thicknessMm: 2.108, product: 'tube' }],
    ['3,2mm butt', { thicknessMm: 3.2, joint: 'butt' }],
    ['80 thou ali', { thicknessMm: 2.032, metal: 'aluminium' }],
    ['2F 3mm', { thicknessMm: 3, position: 'horizontal', joint: 'tee' }],
    ['3G up 5mm', { thicknessMm: 5, position: 'vertical-up', joint: 'butt' }],
    ['2 mm outside corner vd', { thicknessMm: 2, joint: 'outside-corner', position: 'vertical-down' }],
    ['3mm lap outside windy', { thicknessMm: 3, joint: 'lap', place: 'outdoors', windy: true }],
    ['3mm flat bar lap', { thicknessMm: 3, joint: 'lap', product: 'bar', profile: 'flat-bar' }],
    ['gasless 035 2mm', { thicknessMm: 2, way: 'self-shielded', wireDiameterMm: 0.9, wireClass: 'E71T-11' }],
    ['spoolie 3mm 6063', { thicknessMm: 3, way: 'aluminium-spool-gun', metal: 'aluminium', alloy: '6063' }],
    [
      '1/16 4043 1/4 6061',
      { thicknessMm: 6.35, wireDiameterMm: 1.6, wireClass: 'ER4043', metal: 'aluminium', alloy: '6061' },
    ],
    ['0.8 steel 0.8 wire', { thicknessMm: 0.8, wireDiameterMm: 0.8, metal: 'carbon-steel' }],
    [
      '40x40x3 box to 6mm plate tee',
      {
        thicknessMm: 3,
        otherThicknessMm: 6,
        product: 'tube',
        profile: 'square-tube',
        outsideMm: [40, 40],
        otherProduct: 'plate',
        joint: 'tee',
      },
    ],
    ['3mm stainles 308', { thicknessMm: 3, metal: 'stainless', alloy: '304', wireClass: 'ER308LSi' }],
    ['5mm 5083 4043', { thicknessMm: 5, metal: 'aluminium', alloy: '5083', wireClass: 'ER4043' }],
    ['18ga lap old tm', { thicknessMm: 1.214, joint: 'lap' }],
    [
      '3mm steel argon horizontal fillet',
      { thicknessMm: 3, metal: 'carbon-steel', gas: 'argon', position: 'horizontal', joint: 'tee' },
    ],
    [
      '3 mm steel tee flat 0.8 solid Ar+18',
      {
        thicknessMm: 3,
        metal: 'carbon-steel',
        joint: 'tee',
        position: 'flat',
        wireDiameterMm: 0.8,
        way: 'solid-gas',
        gas: 'ar-co2-18',
      },
    ],
  ])('%s', (line, expected) => {
    expect(rounded(effectiveWork(read(line)))).toEqual(expected);
  });

  it.each<[string, 'mm' | 'in', string, readonly string[]]>([
    ['14 steel', 'mm', '14: gauge or mm?', ['14 ga steel', '14 mm steel']],
    ['3 steel', 'in', '3 in is out of range: 3 mm?', ['3 mm steel']],
    ['3 mil lap', 'mm', '3 mil: millimetres or thousandths of an inch?', ['3 mm lap', '3 thou lap']],
    ['.030 steel', 'mm', '.030: wire or thickness?', ['.030 wire steel', '.030 thick steel']],
    ['3mm 3F', 'mm', 'Vertical: up or down?', ['3mm 3F up', '3mm 3F down']],
    ['18ga lap old tm', 'mm', 'Old Tom?', ['18ga lap Old Tom']],
    ['3mm corner', 'mm', 'Corner: outside or inside?', ['3mm outside corner', '3mm inside corner']],
  ])('%s asks (%s)', (line, unit, message, answers) => {
    const { questions } = read(line, unit);
    expect(questions.map((question) => question.message)).toContain(message);
    expect(questions[0]?.choices.map((choice) => choice.line)).toEqual(answers);
  });

  it('sets nothing that it asks about', () => {
    expect(read('14 steel').work.thicknessMm).toBeUndefined();
    expect(read('.030 steel').work).toEqual({ metal: 'carbon-steel' });
    expect(read('18ga lap old tm').work.machineName).toBeUndefined();
  });

  it('settles a question by its answer', () => {
    for (const line of ['14 steel', '.030 steel', '3mm 3F', '18ga lap old tm', '3mm corner']) {
      for (const choice of read(line).questions[0]?.choices ?? []) {
        expect(read(choice.line).questions).toEqual([]);
      }
    }
    expect(read('14 ga steel').work.thicknessMm).toBeCloseTo(1.897, 3);
    expect(read('.030 wire steel').work.wireDiameterMm).toBe(0.8);
    expect(read('.030 thick steel').work.thicknessMm).toBeCloseTo(0.762, 3);
  });

  it('asks for the alloy of aluminium and offers the common ones', () => {
    const question = read('80 thou ali').questions[0];
    expect(question?.slot).toBe('alloy');
    expect(question?.choices.map((choice) => choice.label)).toContain('6063');
  });

  it('marks what it assumed', () => {
    expect(read('2F 3mm').assumed).toEqual({ joint: 'tee' });
    expect(read('gasless 035 2mm').assumed).toEqual({ wireClass: 'E71T-11' });
    expect(read('3mm stainles 308').assumed).toEqual({ alloy: '304' });
    expect(read('3mm 3F').assumed).toEqual({ joint: 'tee', position: 'vertical-up' });
  });

  it('puts a typing slip right where it can be seen', () => {
    const fragment = read('3mm stainles 308').fragments.find((f) => f.text === 'stainles');
    expect(fragment).toMatchObject({ status: 'understood', corrected: 'stainless' });
  });

  it('leaves the verdict on wire and gas to the planner', () => {
    expect(refusalCode('5mm 5083 4043')).toBe('filler-wrong-for-metal');
    expect(refusalCode('3mm steel argon horizontal fillet')).toBe('gas-wrong-for-metal');
    expect(refusalCode('gasless 035 2mm')).toBeUndefined();
  });
});
