import { METRIC, US } from '@hot-bead/core/base';
import { readFigure, typedFigure } from './typed-figure.ts';

describe('a figure in its field', () => {
  // Source: 1 lb = 0.45359237 kg exactly; 1 bar = 14.503774 psi.
  it.each([
    ['weight', 15, '15', '33.0693'],
    ['pressure', 200, '200', '2900.755'],
    ['temperature', 150, '150', '302'],
    ['gasVolume', 50, '50', '1.7657'],
  ] as const)('%s of %s is typed as %s, or as %s', (quantity, value, metric, us) => {
    expect(typedFigure(quantity, value, METRIC)).toBe(metric);
    expect(typedFigure(quantity, value, US)).toBe(us);
    expect(readFigure(quantity, metric, METRIC)).toBe(value);
    expect(readFigure(quantity, us, US)).toBeCloseTo(value, 2);
  });

  it('takes a comma, and leaves what is no figure to be refused at its field', () => {
    expect(readFigure('weight', '2,2', METRIC)).toBe(2.2);
    expect(readFigure('weight', 'lots', US)).toBe('lots');
    expect(readFigure('weight', '', US)).toBe('');
  });
});
