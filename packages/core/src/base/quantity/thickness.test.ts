import fc from 'fast-check';
import {
  parseThickness as parseThicknessInWords,
  THICKNESS_RANGE_MM,
  type ThicknessContext,
} from './thickness.ts';
import { toldInMetric } from '../../../test/told-in-metric.ts';

const parseThickness = toldInMetric(parseThicknessInWords);

const METRIC: ThicknessContext = { unit: 'mm', gaugeTable: 'steel-sheet' };
const US: ThicknessContext = { unit: 'in', gaugeTable: 'steel-sheet' };

describe('parseThickness', () => {
  // Forms of the handbook's page on thickness; gauges from the tables, inches × 25.4 exactly.
  it.each([
    ['3', 3],
    ['3mm', 3],
    ['3 mm', 3],
    ['3,2mm', 3.2],
    ['1/8', 3.175],
    ['1/8"', 3.175],
    ['3/16 in', 4.7625],
    ['1-1/2 in', undefined],
    ['.080', 2.032],
    ['0.125"', 3.175],
    ['80 thou', 2.032],
    ['14 ga', 1.897],
    ['14ga', 1.897],
    ['14 gauge', 1.897],
    ['14ga tube', 2.108],
    ['16ga galv', 1.613],
    ['16 ga stainless', 1.588],
    ['16 ga aluminium', 1.291],
    ['#10', 3.416],
    ['0.5', 0.5],
    ['25 mm', 25],
  ])('reads %s', (text, mm) => {
    const reading = parseThickness(text, METRIC);
    if (mm === undefined) {
      expect(reading).toMatchObject({ status: 'refused', code: 'thickness-out-of-range' });
    } else {
      expect(reading.status === 'read' && reading.thicknessMm).toBeCloseTo(mm, 2);
    }
  });

  it.each([
    ['abc', 'thickness-unreadable'],
    ['', 'thickness-unreadable'],
    ['3 furlongs', 'thickness-unreadable'],
    ['1/0', 'thickness-unreadable'],
    ['-3', 'thickness-out-of-range'],
    ['0', 'thickness-out-of-range'],
    ['0.49 mm', 'thickness-out-of-range'],
    ['25.5 mm', 'thickness-out-of-range'],
    ['500 mm', 'thickness-out-of-range'],
    ['500', 'thickness-out-of-range'],
    ['99 ga', 'gauge-unknown'],
  ])('refuses %s with %s', (text, code) => {
    const reading = parseThickness(text, METRIC);
    expect(reading).toMatchObject({ status: 'refused', code });
    expect(reading.status === 'refused' && reading.message.length).toBeGreaterThan(10);
  });

  it('asks whether a bare 14 is a gauge or millimetres, and each answer is unambiguous', () => {
    const reading = parseThickness('14', METRIC);
    expect(reading).toMatchObject({ status: 'ask', code: 'thickness-ambiguous' });
    const choices = reading.status === 'ask' ? reading.choices : [];
    expect(choices.map((choice) => choice.text)).toEqual(['14 ga', '14 mm']);
    for (const choice of choices) {
      expect(parseThickness(choice.text, METRIC)).toMatchObject({
        status: 'read',
        thicknessMm: choice.thicknessMm,
      });
    }
  });

  it('asks about mil, which is millimetres to some and thousandths to others', () => {
    const reading = parseThickness('3 mil', METRIC);
    expect(reading).toMatchObject({ status: 'ask', code: 'thickness-ambiguous' });
  });

  it('reads a bare number in the user’s own unit, and asks when inches make no sense', () => {
    expect(parseThickness('0.25', US)).toMatchObject({ status: 'read', thicknessMm: 6.35 });
    const three = parseThickness('3', US);
    expect(three.status === 'ask' && three.choices[0]?.thicknessMm).toBe(3);
  });

  it('reads every millimetre value in range to itself, and nothing outside it', () => {
    const [min, max] = THICKNESS_RANGE_MM;
    fc.assert(
      fc.property(fc.double({ min: -50, max: 100, noNaN: true }), (value) => {
        const mm = Number(value.toFixed(3));
        const reading = parseThickness(`${mm} mm`, METRIC);
        if (mm >= min && mm <= max) expect(reading).toEqual({ status: 'read', thicknessMm: mm });
        else expect(reading).toMatchObject({ status: 'refused' });
      }),
    );
  });

  it('never throws and never yields NaN, whatever is typed', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 30 }), (text) => {
        const reading = parseThickness(text, METRIC);
        if (reading.status === 'read') expect(Number.isFinite(reading.thicknessMm)).toBe(true);
        else expect(reading.message).not.toMatch(/NaN|undefined/);
      }),
    );
  });
});
