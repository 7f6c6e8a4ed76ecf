import { METRIC, US } from '../quantity/unit-choice.ts';
import type { AmountQuantity } from './amount.ts';
import { figureAsWritten, WRITTEN, writtenIn } from './written.ts';

describe('a figure as somebody writes it', () => {
  // 1 lb = 0.45359237 kg, 1 in = 25.4 mm, °F = 1.8 °C + 32 exactly; 1 psi = 0.0689476 bar, 1 ft³ = 28.316847 L: NIST, from memory
  it.each([
    ['weight', '15', METRIC, 15],
    ['weight', '33', US, 14.9685],
    ['weight', '33 lb', METRIC, 14.9685],
    ['weight', '33lbs', METRIC, 14.9685],
    ['weight', '15 kg', US, 15],
    ['weight', '0,5', METRIC, 0.5],
    ['temperature', '200', US, 93.3333],
    ['temperature', '200 F', METRIC, 93.3333],
    ['temperature', '-10 °C', US, -10],
    ['pressure', '2000 psi', METRIC, 137.8952],
    ['gasFlow', '35 cfh', METRIC, 16.5182],
    ['gasFlow', '16 l/min', US, 16],
    ['wireFeedSpeed', '250 ipm', METRIC, 6.35],
    ['distance', '.0352', US, 0.89408],
  ] as const)('%s: “%s”', (quantity, text, units, value) => {
    expect(figureAsWritten(quantity, text, units)).toBeCloseTo(value, 3);
  });

  it.each([
    ['weight', 'heavy'],
    ['weight', '15 bar'],
    ['weight', '15 kg or so'],
    ['weight', '1/2'],
    ['weight', ''],
    ['weight', '1.2.3'],
    ['temperature', '200 K'],
  ] as const)('%s: “%s” is none', (quantity, text) => {
    expect(figureAsWritten(quantity, text, METRIC)).toBeUndefined();
  });

  it('is read in every unit as it is shown in it', () => {
    for (const quantity of Object.keys(WRITTEN) as AmountQuantity[])
      for (const units of [METRIC, US]) {
        const { from, unit } = writtenIn(quantity, units);
        expect(figureAsWritten(quantity, `${from(7)} ${unit}`, units)).toBeCloseTo(7, 9);
      }
  });
});
