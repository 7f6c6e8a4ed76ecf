import {
  type MachineProgram,
  programDiffers,
  type ProgramFor,
  programFor,
  programsFault,
} from './program.ts';
import {
  differenceText as differenceTextInWords,
  programForText as programForTextInWords,
} from './program-text.ts';
import { toldInMetric } from '../../test/told-in-metric.ts';

const differenceText = toldInMetric(differenceTextInWords);
const programForText = toldInMetric(programForTextInWords);

const WANTED: ProgramFor = { wireClass: 'ER70S-6', diameterMm: 1.0, gas: 'ar-co2-18', mode: 'short-circuit' };
const program = (name: string, over: Partial<ProgramFor> = {}): MachineProgram => ({
  name,
  ...WANTED,
  ...over,
});

describe('a machine’s programs', () => {
  it('are found by wire, size, gas and transfer, the first that fits', () => {
    const table = [program('3', { diameterMm: 0.8 }), program('14'), program('15')];
    expect(programFor(table, WANTED)).toEqual({ status: 'program', program: table[1] });
  });

  it('say in what they differ', () => {
    expect(programDiffers(program('1'), WANTED)).toEqual([]);
    const far = program('2', { wireClass: 'ER5356', diameterMm: 1.2, gas: 'argon', mode: 'pulse' });
    expect(programDiffers(far, WANTED)).toEqual(['wire', 'size', 'gas', 'transfer']);
  });

  it.each([
    ['another gas before another size', { diameterMm: 0.8 }, { gas: 'ar-co2-8' }],
    ['another size before another transfer', { mode: 'pulse' }, { diameterMm: 0.8 }],
    [
      'size and gas before transfer and gas',
      { mode: 'pulse', gas: 'argon' },
      { diameterMm: 0.8, gas: 'argon' },
    ],
  ] as const)('where none fits, the nearest is %s', (_name, worse, better) => {
    const table = [program('worse', worse), program('better', better)];
    expect(programFor(table, WANTED)).toMatchObject({
      status: 'none',
      nearest: { program: { name: 'better' } },
    });
  });

  it('of another wire are never near', () => {
    expect(programFor([program('9', { wireClass: 'ER5356' })], WANTED)).toEqual({ status: 'none' });
    expect(programFor([], WANTED)).toEqual({ status: 'none' });
  });

  it('of one number twice are refused in their row, whatever the case; twins under two names are not', () => {
    expect(programsFault([program('14'), program('15')])).toBeUndefined();
    expect(programsFault([program('a'), program('b'), program('A', { diameterMm: 0.8 })])).toEqual({
      row: 2,
      message: 'Program A stands there twice.',
    });
  });

  it('are told in words', () => {
    expect(programForText(WANTED)).toBe('1.0 mm ER70S-6, Ar + 18 % CO₂, short-circuit');
    const other = program('9', { gas: 'ar-co2-8', mode: 'pulse', diameterMm: 0.8, wireClass: 'ER5356' });
    expect(differenceText(other, ['gas', 'transfer'])).toBe('for Ar + 8 % CO₂, pulsed spray');
    expect(differenceText(other, ['wire', 'size'])).toBe('for ER5356, 0.8 mm');
  });
});
