import { completeWork } from '../plan/work/complete-work.ts';
import { effectiveWork, parseLine as parseLineInWords } from './parse.ts';
import type { StatedWork } from '../plan/work/stated-work.ts';
import type { LineReading } from './line-reading.ts';
import { toldInMetric } from '../../test/told-in-metric.ts';

const parseLine = toldInMetric(parseLineInWords);

function read(line: string, unit: 'mm' | 'in' = 'mm'): LineReading {
  return parseLine(line, { unit, machineNames: [] });
}

// Source: our own cases; sections as steel is sold, weld figures as drawings write them.
describe('a section', () => {
  it.each<[string, StatedWork]>([
    ['3x3x1/4 angle', { thicknessMm: 6.35, outsideMm: [76.2, 76.2], product: 'section', profile: 'angle' }],
    ['76.1x3.6 chs', { thicknessMm: 3.6, outsideMm: [76.1], product: 'tube', profile: 'round-tube' }],
    [
      '1" square tubing 14 ga',
      { thicknessMm: 2.1082, outsideMm: [25.4], product: 'tube', profile: 'square-tube' },
    ],
    ['60mm od pipe 4mm wall', { thicknessMm: 4, outsideMm: [60], product: 'tube', profile: 'pipe' }],
    ['100 x 6 flat bar', { thicknessMm: 6, outsideMm: [100], product: 'bar', profile: 'flat-bar' }],
    ['.065 wall 1" tube', { thicknessMm: 1.651, outsideMm: [25.4], product: 'tube' }],
    ['2mm wall 40 box', { thicknessMm: 2, outsideMm: [40], product: 'tube', profile: 'square-tube' }],
    [
      '14ga 2x2 square tube',
      { thicknessMm: 2.1082, outsideMm: [50.8, 50.8], product: 'tube', profile: 'square-tube' },
    ],
    ['angle 50x50x5', { thicknessMm: 5, outsideMm: [50, 50], product: 'section', profile: 'angle' }],
    ['3mm tube', { thicknessMm: 3, product: 'tube' }],
  ])('%s', (line, expected) => {
    expect(effectiveWork(read(line))).toEqual(expected);
  });

  it('asks for a wall that is not said, and a choice settles it', () => {
    const reading = read('3mm plate to 40 box tee');
    const question = reading.questions.find(({ slot }) => slot === 'otherThicknessMm');
    expect(question?.message).toContain('how thick is the wall?');
    const settled = effectiveWork(read(question?.choices[0]?.line ?? ''));
    expect(settled).toMatchObject({ thicknessMm: 3, otherThicknessMm: 2, outsideMm: [40] });
    expect(read('2 inch pipe butt').work.thicknessMm).toBeUndefined();
  });
});

describe('a figure with a word', () => {
  it.each<[string, StatedWork]>([
    ['8mm tee 6mm leg both sides', { thicknessMm: 8, joint: 'tee', legMm: 6, sides: 2 }],
    ['8mm tee z6', { thicknessMm: 8, joint: 'tee', legMm: 6 }],
    ['8mm tee a5', { thicknessMm: 8, joint: 'tee', throatMm: 5 }],
    ['1/2 plate 1/4 fillet', { thicknessMm: 12.7, product: 'plate', joint: 'tee', legMm: 6.35 }],
    [
      '3mm lap 25-75 stitch 2 m long',
      { thicknessMm: 3, joint: 'lap', stitchMm: 25, pitchMm: 75, seamMm: 2000 },
    ],
    ['3mm lap 25mm stitch 50mm gap', { thicknessMm: 3, joint: 'lap', stitchMm: 25, pitchMm: 75 }],
    ['6mm butt 2mm root gap backing bar', { thicknessMm: 6, joint: 'butt', gapMm: 2, backing: true }],
    ['6mm tee 3 passes 4 off', { thicknessMm: 6, joint: 'tee', passes: 3, numberOff: 4 }],
    ['3mm seam butt', { thicknessMm: 3, joint: 'butt' }],
    ['3mm tee 500 mm seam', { thicknessMm: 3, joint: 'tee', seamMm: 500 }],
    ['3mm tee third member', { thicknessMm: 3, joint: 'tee', thirdMember: true }],
  ])('%s', (line, expected) => {
    const got = effectiveWork(read(line));
    expect({ ...got, gapMm: expected.gapMm }).toEqual({ ...expected, gapMm: expected.gapMm });
  });

  it.each([
    '18.5 V',
    '130 A',
    '7 m/min',
    '12 l/min',
    '15mm stickout',
    '16 mm nozzle',
    '13 amp plug',
    '240V',
    '60°',
  ])('%s is understood and set elsewhere: no part, no wire', (figure) => {
    const reading = read(`3mm tee ${figure}`);
    expect(effectiveWork(reading)).toEqual({ thicknessMm: 3, joint: 'tee' });
    expect(reading.fragments.find(({ text }) => text === figure)?.status).toBe('noted');
  });
});

describe('wire sizes and gases', () => {
  it.each<[string, StatedWork['wireDiameterMm']]>([
    ['1/2 tee .068 T-8', 1.7],
    ['1/2 tee 5/64 71T-8', 2.0],
    ['1/2 tee 3/32 71T-1', 2.4],
    ['12mm tee 1.4 71T-1M', 1.4],
    ['12mm tee 1.3 71T-1M', 1.4],
    ['2mm lap gasless', undefined],
    ['2.4 mm lap', undefined],
  ])('%s: %s mm', (line, size) => {
    expect(effectiveWork(read(line)).wireDiameterMm).toBe(size);
  });

  it('says of a size that it does not know that it is one, and never takes it for the plate', () => {
    const reading = read('.087 71T-1 1/2 tee');
    expect(effectiveWork(reading)).toMatchObject({ thicknessMm: 12.7 });
    expect(effectiveWork(reading).otherThicknessMm).toBeUndefined();
    expect(reading.questions[0]?.message).toContain('a wire size we do not know');
  });

  it.each<[string, StatedWork['gas'], boolean]>([
    ['C02', 'co2', false],
    ['co 2', 'co2', false],
    ['75/25', 'ar-co2-25', false],
    ['25/75', 'ar-co2-25', true],
    ['Argon-CO2 75-25', 'ar-co2-25', false],
    ['argon/co2', 'ar-co2-18-25', true],
    ['argon-helium', 'ar-he-25', true],
    ['He/Ar 50/50', 'ar-he-50', false],
    ['75/25 helium argon', 'ar-he-75', false],
    ['I1', 'argon', false],
    ['I3', 'ar-he-25', true],
    ['M12', 'ar-co2-2', true],
    ['M13', 'ar-o2-2', false],
    ['M20', 'ar-co2-10', true],
    ['M21', 'ar-co2-18-25', false],
    ['C1', 'co2', false],
  ])('%s is %s, asked: %s', (words, gas, asked) => {
    const reading = read(`6mm tee ${words}`);
    expect(effectiveWork(reading).gas).toBe(gas);
    expect(reading.questions.some(({ slot }) => slot === 'gas')).toBe(asked);
    expect(effectiveWork(reading).thicknessMm).toBe(6);
  });

  it('an n/m that is no fraction of an inch is never a thickness', () => {
    expect(effectiveWork(read('3/5 tee')).thicknessMm).toBeUndefined();
    expect(effectiveWork(read('3/16 tee')).thicknessMm).toBeCloseTo(4.7625, 4);
  });

  it('flux core with a gas is gas-shielded; a gas beside wire of its own shield is asked about', () => {
    expect(effectiveWork(read('flux core co2 6mm tee'))).toMatchObject({
      way: 'gas-shielded-flux-core',
      wireClass: 'E71T-1C',
    });
    const gasless = read('gasless C25 3mm lap');
    expect(gasless.questions.map(({ slot }) => slot)).toContain('gas');
    expect(effectiveWork(gasless).way).toBe('self-shielded');
  });
});

// Source: our own cases, as lines are typed in a shop.
describe('a joint', () => {
  it.each<[string, string]>([
    ['60.3 x 3.9 pipe butt open root', 'open-butt'],
    ['butt, open root, 5 mm plate', 'open-butt'],
    ['4 mm plate butt', 'butt'],
    ['6mm plate 5mm leg', 'tee'],
    ['6mm plate a5 throat both sides', 'tee'],
    ['50x50x3 shs to 6mm plate', 'tee'],
    ['6mm plate to 40x40x3 box', 'tee'],
    ['40x40x4 angle to 40x40x4 angle', 'butt'],
    ['6mm lap 5mm leg', 'lap'],
  ])('of %s is %s', (line, joint) => {
    const reading = read(line);
    expect(reading.questions).toEqual([]);
    expect(completeWork(effectiveWork(reading))?.work.joint).toBe(joint);
  });

  it('is asked where two words contradict each other', () => {
    const { questions, work } = read('closed butt open root 4 mm');
    expect(questions.map(({ slot }) => slot)).toEqual(['joint', 'joint']);
    expect(work.joint).toBeUndefined();
  });
});

describe('a figure beside others', () => {
  it.each<[string, StatedWork]>([
    ['wire 0.9 thickness 5', { thicknessMm: 5, wireDiameterMm: 0.9 }],
    ['5 thick 0.9 wire', { thicknessMm: 5, wireDiameterMm: 0.9 }],
    ['process 136 12mm tee', { thicknessMm: 12, joint: 'tee' }],
    ['10 mm + 5 mm lap', { thicknessMm: 10, otherThicknessMm: 5, joint: 'lap' }],
    ['3 mm tee backing strip copper', { thicknessMm: 3, joint: 'tee', backing: true }],
    ['2 mm gal tube', { thicknessMm: 2, metal: 'coated-steel', product: 'tube' }],
    ['down hand 6mm', { thicknessMm: 6, position: 'flat' }],
    ['S355J2+N 10 mm', { thicknessMm: 10, metal: 'carbon-steel', alloy: 'S355' }],
    ['gmaw-p 304 3mm', { thicknessMm: 3, metal: 'stainless', alloy: '304', way: 'solid-gas', mode: 'pulse' }],
  ])('%s', (line, expected) => {
    expect(effectiveWork(read(line))).toMatchObject(expected);
  });

  it('is refused where it is joined to another and cannot be a part', () => {
    expect(read('30 to 10 mm').work.thicknessMm).toBeUndefined();
  });
});

describe('a gas with both its shares', () => {
  it.each([
    ['6mm alu 6061 25% argon 75% helium', 'ar-he-75'],
    ['75% argon 25% CO2 3mm', 'ar-co2-25'],
    ['98% argon 2% O2 3 mm 304', 'ar-o2-2'],
    ['90 % argon / 10 % CO2 6 mm', 'ar-co2-10'],
  ])('%s', (line, gas) => {
    expect(effectiveWork(read(line)).gas).toBe(gas);
  });

  it('is no gas where they do not make a hundred', () => {
    expect(effectiveWork(read('70% argon 25% CO2 3mm')).gas).not.toBe('ar-co2-30');
    expect(read('70% argon 25% CO2 3mm').fragments.some(({ status }) => status !== 'understood')).toBe(true);
  });
});
