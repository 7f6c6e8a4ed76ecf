import fc from 'fast-check';
import { METRIC, US, type Units } from '../quantity/unit-choice.ts';
import { type Amount, amount, AMOUNT_UNITS, type AmountQuantity } from './amount.ts';
import { amountText, thicknessText, wireSizeText } from './amount-text.ts';
import { inchFraction } from './inch-fraction.ts';
import { writtenIn } from './written.ts';

describe('an amount in the reader’s units', () => {
  // Source: 1 in = 25.4 mm, 1 lb = 0.45359237 kg, 1 ft = 0.3048 m exactly; 1 bar = 14.504 psi; 1 kJ/mm = 25.4 kJ/in.
  it.each<[Amount, string, string]>([
    [amount.wireFeedSpeed(7.62, 1), '7.6 m/min', '300 in/min'],
    [amount.wireFeedSpeed(6), '6 m/min', '240 in/min'],
    [amount.travel(400, 0), '400 mm/min', '15.7 in/min'],
    [amount.gasFlow(12, 0), '12 L/min', '25 ft³/h'],
    [amount.gasVolume(541), '541 L', '19 ft³'],
    [amount.distance(25), '25 mm', '1 in'],
    [amount.distance(20), '20 mm', '3/4 in'],
    [amount.distance([25, 50]), '25 to 50 mm', '1 to 2 in'],
    [amount.distance(4, 1), '4.0 mm', '5/32 in'],
    [amount.distance(4.3, 1), '4.3 mm', '11/64 in'],
    [amount.distance([40, 20], 'as-given', { between: ' × ' }), '40 × 20 mm', '1-9/16 × 25/32 in'],
    [amount.length(10), '10 m', '33 ft'],
    [amount.section(64.516, 1), '64.5 mm²', '0.100 in²'],
    [amount.heatInput(0.5, 2), '0.50 kJ/mm', '12.7 kJ/in'],
    [amount.temperature(65), '65 °C', '150 °F'],
    [amount.temperature(0), '0 °C', '32 °F'],
    [amount.temperature(150, 0), '150 °C', '302 °F'],
    [amount.weight(15), '15 kg', '33 lb'],
    [amount.weight(0.45359237, 2), '0.45 kg', '1.0 lb'],
    [amount.pressure(200), '200 bar', '2900 psi'],
    [amount.windSpeed(8), '8 km/h', '5 mph'],
    [amount.thickness(5), '5 mm', '3/16 in'],
    [amount.thickness([1.5, 1.9], 'as-given', { between: ' on ' }), '1.5 on 1.9 mm', '16 on 14 ga'],
    [amount.wireSize(1), '1.0 mm', '.040'],
    [amount.wireSize([0.6, 0.9]), '0.6 to 0.9 mm', '.024 to .035'],
  ])('%o is %s or %s', (one, metric, us) => {
    expect(amountText(one, METRIC)).toBe(metric);
    expect(amountText(one, US)).toBe(us);
  });

  it('says a range once where its ends read alike, and a size twice', () => {
    expect(amountText(amount.gasFlow([12.1, 12.2], 0), METRIC)).toBe('12 L/min');
    expect(amountText(amount.distance([40, 40], 'as-given', { between: ' × ' }), METRIC)).toBe('40 × 40 mm');
  });

  it('leaves the unit to a heading where it is asked to', () => {
    expect(amountText(amount.travel([360, 440], 0, { between: '–', isBare: true }), METRIC)).toBe('360–440');
  });

  it('follows each choice by itself', () => {
    const mixed: Units = { ...METRIC, wireSize: 'in', temperature: '°F' };
    expect(amountText(amount.wireSize(0.8), mixed)).toBe('.030');
    expect(amountText(amount.distance(25), mixed)).toBe('25 mm');
    expect(amountText(amount.temperature(120), mixed)).toBe('250 °F');
  });
});

describe('sizes as the trade says them', () => {
  // Source: sheet gauges, handbook figures, from memory: 16 ga 0.0598 in, 11 ga 0.1196 in.
  it.each<[number, Units['thickness'], string]>([
    [3.175, 'fraction', '1/8 in'],
    [4.7625, 'fraction', '3/16 in'],
    [38.1, 'fraction', '1-1/2 in'],
    [25.4, 'fraction', '1 in'],
    [1.519, 'fraction', '16 ga'],
    [3, 'fraction', '11 ga'],
    [6, 'fraction', '≈ 1/4 in'],
    [0.76, 'fraction', '22 ga'],
    [2.2, 'fraction', '.087 in'],
    [1.897, 'gauge', '14 ga'],
    [6.35, 'gauge', '1/4 in'],
    [3.175, 'inch', '.125 in'],
    [3.175, 'mm', '3.2 mm'],
    [3.25, 'mm', '3.25 mm'],
    [6.35, 'mm', '6.4 mm'],
    [19.05, 'mm', '19.1 mm'],
    [3.797, 'fraction', '9 ga'],
    [0.762, 'mm', '0.76 mm'],
  ])('%s mm as %s is %s', (mm, thickness, text) => {
    expect(thicknessText(mm, { ...US, thickness }, 'steel-sheet')).toBe(text);
  });

  it('takes the gauge of its own metal', () => {
    // 0.0516 in: 18 ga galvanised; 0.05 in: 18 ga stainless; steel sheet has 0.0478
    expect(thicknessText(1.311, US, 'galvanised-sheet')).toBe('18 ga');
    expect(thicknessText(1.27, US, 'stainless-sheet')).toBe('18 ga');
    expect(thicknessText(1.27, US, 'steel-sheet')).toBe('.050 in');
  });

  it('calls aluminium by its thousandths, and by a gauge where that was asked for', () => {
    expect(thicknessText(2.032, US, 'aluminium-sheet')).toBe('.080 in');
    expect(thicknessText(2.032, { ...US, thickness: 'gauge' }, 'aluminium-sheet')).toBe('12 ga');
  });

  it('never writes a leading nought before thousandths', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.5, max: 25.4, noNaN: true }), (mm) => {
        expect(thicknessText(mm, US, 'steel-sheet')).not.toMatch(/(?<!\d)0\./);
      }),
    );
  });

  it('names every wire', () => {
    expect([0.6, 0.8, 0.9, 1.2, 1.6, 2.4].map((mm) => wireSizeText(mm, US))).toEqual([
      ...['.024', '.030', '.035', '.045', '1/16', '3/32'],
    ]);
    expect(wireSizeText(1, METRIC)).toBe('1.0 mm');
  });
});

describe('an inch as a rule shows it', () => {
  it.each([
    [0.5, '1/2'],
    [1, '1'],
    [1.5, '1-1/2'],
    [0.17, '11/64'],
  ])('%s is %s', (inches, text) => {
    expect(inchFraction(inches, 0.03)).toBe(text);
  });

  it('is none where none lies near', () => {
    expect(inchFraction(0.02, 0.03)).toBeUndefined();
    expect(inchFraction(0.17, 0.03, 16)).toBeUndefined();
  });

  it('lies as near as was asked', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.05, max: 4, noNaN: true }), (inches) => {
        const [whole = '0', part] = (inchFraction(inches, 0.02) ?? '').split(/-(?=\d+\/)/);
        const value = (text: string): number => {
          const [top = 0, bottom = 1] = text.split('/').map(Number);
          return top / bottom;
        };
        if (whole === '') return;
        const read = value(whole) + (part === undefined ? 0 : value(part));
        expect(Math.abs(read / inches - 1)).toBeLessThanOrEqual(0.02);
      }),
    );
  });
});

describe('a unit and its own way back', () => {
  it.each(Object.keys(AMOUNT_UNITS) as AmountQuantity[])('%s', (quantity) => {
    for (const units of [METRIC, US]) {
      const { from, to } = writtenIn(quantity, units);
      expect(to(from(123.4))).toBeCloseTo(123.4, 8);
    }
    expect(writtenIn(quantity, METRIC).unit).toBe(AMOUNT_UNITS[quantity]);
    expect(writtenIn(quantity, US).unit).not.toBe(AMOUNT_UNITS[quantity]);
  });
});
