import { effectiveWork, parseLine as parseLineInWords } from './parse.ts';
import type { StatedWork } from '../plan/work/stated-work.ts';
import type { LineReading } from './line-reading.ts';
import { toldInMetric } from '../../test/told-in-metric.ts';

const parseLine = toldInMetric(parseLineInWords);

const MACHINES = ['Marigold', 'Old Tom', 'Suitcase'];

function read(line: string, unit: 'mm' | 'in' = 'mm'): LineReading {
  return parseLine(line, { unit, machineNames: MACHINES });
}

// Source: our own cases; gauges and inch sizes from the tables, British and American words both.
describe('more lines', () => {
  it.each<[string, StatedWork]>([
    ['3mm', { thicknessMm: 3 }],
    ['3 mm lap 304 mm seam', { thicknessMm: 3, joint: 'lap', seamMm: 304 }],
    ['2 mm steel lap 308 mm seam', { thicknessMm: 2, metal: 'carbon-steel', joint: 'lap', seamMm: 308 }],
    [
      '3mm 304 to 5mm mild steel tee',
      {
        thicknessMm: 3,
        otherThicknessMm: 5,
        metal: 'stainless',
        alloy: '304',
        otherMetal: 'carbon-steel',
        joint: 'tee',
      },
    ],
    [
      '6mm 5083 to 6061 lap',
      {
        thicknessMm: 6,
        metal: 'aluminium',
        alloy: '5083',
        otherMetal: 'aluminium',
        otherAlloy: '6061',
        joint: 'lap',
      },
    ],
    [
      '3 mm 6063 anodised strong',
      { thicknessMm: 3, metal: 'aluminium', alloy: '6063', priorities: ['strength', 'colour'] },
    ],
    [
      '2mm 304 lap extraction running',
      { thicknessMm: 2, metal: 'stainless', alloy: '304', joint: 'lap', circumstances: ['extraction'] },
    ],
    [
      '3mm lap gasless dcep',
      { thicknessMm: 3, joint: 'lap', way: 'self-shielded', wireClass: 'E71T-11', polarity: 'DCEP' },
    ],
    ['3mm 6061 without filler', { thicknessMm: 3, metal: 'aluminium', alloy: '6061', withoutFiller: true }],
    [
      '8mm tee 1.2 wire co2',
      { thicknessMm: 8, joint: 'tee', wireDiameterMm: 1.2, gas: 'co2', way: 'solid-gas' },
    ],
    ['8mm tee 1.2 co2', { thicknessMm: 8, joint: 'tee', wireDiameterMm: 1.2, gas: 'co2', way: 'solid-gas' }],
    ['8mm tee 20 co2', { thicknessMm: 8, joint: 'tee', gas: 'ar-co2-20' }],
    ['5mm pressure tank drum', { thicknessMm: 5, circumstances: ['closed-vessel', 'load-bearing'] }],
    ['3', { thicknessMm: 3 }],
    ['1.5 mm', { thicknessMm: 1.5 }],
    ['3/16 in plate', { thicknessMm: 4.7625, product: 'plate' }],
    ['3/16" tee', { thicknessMm: 4.7625, joint: 'tee' }],
    ['1/8 inch lap joint', { thicknessMm: 3.175, joint: 'lap' }],
    ['.125 butt', { thicknessMm: 3.175, joint: 'butt' }],
    ['.080 lap', { thicknessMm: 2.032, joint: 'lap' }],
    ['#10 plate', { thicknessMm: 3.4163, product: 'plate' }],
    ['18 gauge lap', { thicknessMm: 1.21412, joint: 'lap' }],
    ['16 gage stainless', { thicknessMm: 1.5875, metal: 'stainless', alloy: '304' }],
    ['16ga aluminum 5052', { thicknessMm: 1.29085, metal: 'aluminium', alloy: '5052' }],
    ['11ga tube tee', { thicknessMm: 3.048, product: 'tube', joint: 'tee' }],
    ['mild steel 2 mm edge', { thicknessMm: 2, metal: 'carbon-steel', joint: 'edge' }],
    ['S355 6mm fillet', { thicknessMm: 6, metal: 'carbon-steel', alloy: 'S355', joint: 'tee' }],
    [
      'a36 1/4 tee overhead',
      { thicknessMm: 6.35, metal: 'carbon-steel', alloy: 'A36', joint: 'tee', position: 'overhead' },
    ],
    ['2mm t-joint', { thicknessMm: 2, joint: 'tee' }],
    ['2mm T joint vertical up', { thicknessMm: 2, joint: 'tee', position: 'vertical-up' }],
    ['2mm inside corner', { thicknessMm: 2, joint: 'tee' }],
    ['3mm open root butt', { thicknessMm: 3, joint: 'open-butt' }],
    ['3mm open-root flat', { thicknessMm: 3, joint: 'open-butt', position: 'flat' }],
    ['1mm lap uphill', { thicknessMm: 1, joint: 'lap', position: 'vertical-up' }],
    ['1mm lap downhill', { thicknessMm: 1, joint: 'lap', position: 'vertical-down' }],
    ['1mm lap vertical down', { thicknessMm: 1, joint: 'lap', position: 'vertical-down' }],
    ['1mm lap vu', { thicknessMm: 1, joint: 'lap', position: 'vertical-up' }],
    ['PB 4mm', { thicknessMm: 4, joint: 'tee', position: 'horizontal' }],
    ['PF 4mm tee', { thicknessMm: 4, joint: 'tee', position: 'vertical-up' }],
    ['4F 4mm', { thicknessMm: 4, joint: 'tee', position: 'overhead' }],
    ['2G 3mm', { thicknessMm: 3, joint: 'butt', position: 'horizontal' }],
    ['2F 3mm lap', { thicknessMm: 3, joint: 'lap', position: 'horizontal' }],
    ['3F down 2mm', { thicknessMm: 2, joint: 'tee', position: 'vertical-down' }],
    ['3mm tee oh', { thicknessMm: 3, joint: 'tee', position: 'overhead' }],
    ['3mm 0.8', { thicknessMm: 3, wireDiameterMm: 0.8 }],
    ['3mm .035', { thicknessMm: 3, wireDiameterMm: 0.9 }],
    ['3mm 035', { thicknessMm: 3, wireDiameterMm: 0.9 }],
    ['.023 22ga', { thicknessMm: 0.75946, wireDiameterMm: 0.6 }],
    ['3mm .045 wire', { thicknessMm: 3, wireDiameterMm: 1.2 }],
    ['wire 1.0 4mm', { thicknessMm: 4, wireDiameterMm: 1.0 }],
    ['4 mm, 1.0 mm wire', { thicknessMm: 4, wireDiameterMm: 1.0 }],
    ['3mm er70s-6 0.8', { thicknessMm: 3, wireClass: 'ER70S-6', wireDiameterMm: 0.8 }],
    ['3mm ER70S-3', { thicknessMm: 3, wireClass: 'ER70S-3' }],
    ['5mm E71T-11 .045', { thicknessMm: 5, wireClass: 'E71T-11', wireDiameterMm: 1.2 }],
    [
      '5mm flux core 1.2',
      { thicknessMm: 5, way: 'self-shielded', wireClass: 'E71T-11', wireDiameterMm: 1.2 },
    ],
    [
      '5mm self-shielded E71T-GS 0.9',
      { thicknessMm: 5, way: 'self-shielded', wireClass: 'E71T-GS', wireDiameterMm: 0.9 },
    ],
    [
      '6mm gas-shielded flux core 1.2',
      { thicknessMm: 6, way: 'gas-shielded-flux-core', wireDiameterMm: 1.2 },
    ],
    [
      '6mm metal-cored 1.2',
      { thicknessMm: 6, way: 'metal-cored', wireClass: 'E70C-6M', wireDiameterMm: 1.2 },
    ],
    ['5356 1.2 5mm', { thicknessMm: 5, wireClass: 'ER5356', wireDiameterMm: 1.2, metal: 'aluminium' }],
    ['3mm 316L', { thicknessMm: 3, metal: 'stainless', alloy: '316L' }],
    ['309 3mm steel', { thicknessMm: 3, metal: 'carbon-steel', wireClass: 'ER309LSi' }],
    ['3mm steel co2', { thicknessMm: 3, metal: 'carbon-steel', gas: 'co2' }],
    ['3mm 82/18', { thicknessMm: 3, gas: 'ar-co2-18' }],
    ['3mm 92/8 spray', { thicknessMm: 3, gas: 'ar-co2-8', mode: 'spray' }],
    ['3mm c25', { thicknessMm: 3, gas: 'ar-co2-25' }],
    ['3mm Ar + 15 % CO₂', { thicknessMm: 3, gas: 'ar-co2-15' }],
    ['3mm argon/co2 20', { thicknessMm: 3, gas: 'ar-co2-20' }],
    ['3mm Ar+2% O2', { thicknessMm: 3, gas: 'ar-o2-2' }],
    ['1.5mm 304 trimix', { thicknessMm: 1.5, metal: 'stainless', alloy: '304', gas: 'tri-mix' }],
    ['8mm 5083 Ar+50% He', { thicknessMm: 8, metal: 'aluminium', alloy: '5083', gas: 'ar-he-50' }],
    ['3mm dip', { thicknessMm: 3, mode: 'short-circuit' }],
    ['3mm short-circuit marigold', { thicknessMm: 3, mode: 'short-circuit', machineName: 'Marigold' }],
    ['18ga lap old tom', { thicknessMm: 1.21412, joint: 'lap', machineName: 'Old Tom' }],
    ['OLD TOM 18ga LAP', { thicknessMm: 1.21412, joint: 'lap', machineName: 'Old Tom' }],
    ['3mm mill scale tee', { thicknessMm: 3, joint: 'tee', surface: 'mill-scale' }],
    ['3mm tee ground bright', { thicknessMm: 3, joint: 'tee', surface: 'clean' }],
    ['3mm tee indoors', { thicknessMm: 3, joint: 'tee', place: 'indoors' }],
    ['3mm tee in the yard', { thicknessMm: 3, joint: 'tee', place: 'outdoors' }],
    ['3 to 5 mm lap', { thicknessMm: 3, otherThicknessMm: 5, joint: 'lap' }],
    ['3 x 5mm lap', { thicknessMm: 3, otherThicknessMm: 5, joint: 'lap' }],
    [
      '2mm tube on 5mm plate tee',
      { thicknessMm: 2, otherThicknessMm: 5, product: 'tube', otherProduct: 'plate', joint: 'tee' },
    ],
    ['1/8 on 1/8 lap', { thicknessMm: 3.175, joint: 'lap' }],
    [
      '50x3 flat bar lap',
      { thicknessMm: 3, product: 'bar', profile: 'flat-bar', outsideMm: [50], joint: 'lap' },
    ],
    ['2x2x1/8 tube tee', { thicknessMm: 3.175, product: 'tube', outsideMm: [50.8, 50.8], joint: 'tee' }],
    ['galvanized 1.5mm lap', { thicknessMm: 1.5, metal: 'coated-steel', joint: 'lap' }],
    ['galvanised steel 1.5mm lap', { thicknessMm: 1.5, metal: 'coated-steel', joint: 'lap' }],
    ['5mm titanium butt', { thicknessMm: 5, metal: 'other', alloy: 'titanium', joint: 'butt' }],
    ['4mm 7075', { thicknessMm: 4, metal: 'unweldable-aluminium', alloy: '7075' }],
    ['a lap joint in 3mm steel', { thicknessMm: 3, metal: 'carbon-steel', joint: 'lap' }],
    ['3mm horizontl lap', { thicknessMm: 3, position: 'horizontal', joint: 'lap' }],
    ['3mm galvansed lap', { thicknessMm: 3, metal: 'coated-steel', joint: 'lap' }],
  ])('%s', (line, expected) => {
    const { thicknessMm, otherThicknessMm, ...rest } = effectiveWork(read(line));
    const { thicknessMm: wanted, otherThicknessMm: other, ...expectedRest } = expected;
    expect(rest).toEqual(expectedRest);
    expect(thicknessMm).toBeCloseTo(wanted as number, 4);
    if (other === undefined) expect(otherThicknessMm).toBeUndefined();
    else expect(otherThicknessMm).toBeCloseTo(other, 4);
    expect(read(line).fragments.filter((fragment) => fragment.status === 'not-understood')).toEqual([]);
  });

  it.each([
    ['3mm bananas tee', 'bananas', undefined],
    ['500mm lap', '500mm', 'thickness-out-of-range'],
    ['0 mm lap', '0 mm', 'thickness-out-of-range'],
    ['-3mm lap', '-3mm', 'thickness-out-of-range'],
    ['99ga lap', '99ga', 'gauge-unknown'],
    ['2mm 3mm 4mm lap', '4mm', 'too-many-thicknesses'],
  ])('%s: %s is shown as not taken', (line, text, code) => {
    const refused = read(line).fragments.filter((fragment) => fragment.status === 'not-understood');
    expect(refused.map((fragment) => fragment.text)).toContain(text);
    expect(refused[0]?.code).toBe(code);
  });

  it.each([
    ['3mm tee lap', 'joint'],
    ['3mm steel stainless 5083', 'metal'],
    ['3mm overhead flat', 'position'],
    ['3mm co2 argon', 'gas'],
  ] as const)('%s contradicts itself about the %s: it asks and sets nothing', (line, slot) => {
    const reading = read(line);
    expect(reading.work[slot]).toBeUndefined();
    expect(reading.questions.filter((question) => question.slot === slot).length).toBeGreaterThanOrEqual(2);
  });

  it('asks which of two is the wire rather than guess', () => {
    expect(
      read('1.2mm 0.8mm lap')
        .questions.at(-1)
        ?.choices.map((choice) => choice.label),
    ).toEqual(['0.8 mm wire', '0.8mm thick']);
    expect(read('1.2 0.8').questions).toHaveLength(2);
  });

  it('reads a bare figure in the user’s unit', () => {
    expect(read('0.25 lap', 'in').work.thicknessMm).toBeCloseTo(6.35, 6);
    expect(read('2 lap', 'mm').work.thicknessMm).toBe(2);
  });
});
