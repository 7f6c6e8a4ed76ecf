import fc from 'fast-check';
import { measuredLength, type MeasureUnit } from './measured-length.ts';

function mm(text: string, bare: 'mm' | 'in' = 'mm'): number | undefined {
  const read = measuredLength(text, bare);
  return read.status === 'read' ? read.lengthMm : undefined;
}

describe('a measured length', () => {
  it.each([
    ['760', 'mm', 760],
    ['760', 'in', 19_304],
    ['76 cm', 'mm', 760],
    ['0.76 m', 'mm', 760],
    ['0,76m', 'in', 760],
    ['30"', 'mm', 762],
    ['30 in', 'mm', 762],
    ['29 7/8 in', 'mm', 758.825],
    ['29-7/8', 'in', 758.825],
    ['7/8 in', 'mm', 22.225],
    ['2 ft 6', 'mm', 762],
    ['2\' 6 1/2"', 'mm', 774.7],
    ['2.5 ft', 'mm', 762],
    ['1 metre', 'mm', 1000],
  ] as const)('%s (bare %s) is %d mm', (text, bare, expected) => {
    expect(mm(text, bare)).toBeCloseTo(expected, 6);
  });

  it.each([
    '',
    '  ',
    'long',
    '12 parsec',
    '-760',
    '0',
    '6 in 2 ft',
    '1 m 20',
    '1 2 3',
    '1/0 in',
    '5 ft 3 mm',
  ])('“%s” is not one, and the message says how to write it', (text) => {
    const read = measuredLength(text, 'mm');
    expect(read.status).toBe('unreadable');
    expect(read.status === 'unreadable' && read.message.length).toBeGreaterThan(20);
  });

  it('is the same length in whatever unit it is written', () => {
    const per: Readonly<Record<MeasureUnit, number>> = { mm: 1, cm: 10, m: 1000, in: 25.4, ft: 304.8 };
    fc.assert(
      fc.property(
        fc.integer({ min: 20, max: 60_000 }),
        fc.constantFrom<MeasureUnit>('mm', 'cm', 'm', 'in', 'ft'),
        (length, unit) => {
          expect(mm(`${(length / per[unit]).toFixed(6)} ${unit}`)).toBeCloseTo(length, 2);
        },
      ),
    );
  });
});
