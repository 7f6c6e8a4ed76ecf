import { readProgramLines as readProgramLinesInWords } from './program-lines.ts';
import { toldInMetric } from '../../test/told-in-metric.ts';

const readProgramLines = toldInMetric(readProgramLinesInWords);

describe('a pasted table of programs', () => {
  it.each([
    ['14 1.0 mm ER70S-6 Ar+18 pulse', ['14', 'ER70S-6', 1.0, 'ar-co2-18', 'pulse']],
    ['S3; ER5356; 0.8; argon; spray', ['S3', 'ER5356', 0.8, 'argon', 'spray']],
    ['7\tER308LSi\t0.8\tAr+2\tdip', ['7', 'ER308LSi', 0.8, 'ar-co2-2', 'short-circuit']],
    ['12, E71T-1 1.2 CO2', ['12', 'E71T-1C', 1.2, 'co2', 'own']],
    ['9 0.9 E71T-11', ['9', 'E71T-11', 0.9, 'none', 'own']],
  ])('reads “%s”', (text, [name, wireClass, diameterMm, gas, mode]) => {
    expect(readProgramLines(text)).toEqual([
      { line: 1, program: { name, wireClass, diameterMm, gas, mode } },
    ]);
  });

  it.each([
    ['14', 'Begin with the program’s number or name'],
    ['14 0.8 Ar+18 pulse', 'Which wire'],
    ['14 ER70S-6 Ar+18 pulse', 'Which size'],
    ['14 ER70S-6 0.8 pulse', 'Which gas'],
    ['14 ER70S-6 0.8 Ar+18', 'which transfer'],
    ['14 ER70S-6 0.8 Ar+18 globular', 'globular'],
    ['14 ER70S-6 0.8 Ar+18 pulse bananas', '“bananas” is not understood.'],
  ])('says of “%s” what is wrong', (text, message) => {
    const [reading] = readProgramLines(text);
    expect(reading && 'wrong' in reading && reading.wrong).toContain(message);
  });

  it('counts its lines as they stand, and leaves blank ones out', () => {
    const readings = readProgramLines('\n14 ER70S-6 0.8 Ar+18 dip\r\n\r\nx\n');
    expect(readings.map(({ line }) => line)).toEqual([2, 4]);
    expect(readProgramLines(' \n\t')).toEqual([]);
  });
});
