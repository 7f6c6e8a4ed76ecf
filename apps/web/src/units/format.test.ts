import { METRIC, systemOf, US } from '@hot-bead/core/base';
import { figureOf, rangeText, shownAs, withUnit } from './format.ts';

const SYSTEM = { metric: METRIC, us: US };

describe('figures in the user’s units', () => {
  // 300 in/min is 7.62 m/min exactly; 12 L/min is 25.4 ft³/h; 1/8 in is 3.175 mm.
  it.each([
    ['wireFeedSpeed', 7.62, 'metric', '7.6 m/min'],
    ['wireFeedSpeed', 7.62, 'us', '300 in/min'],
    ['gasFlow', 12, 'us', '25 ft³/h'],
    ['thickness', 3.175, 'us', '1/8 in'],
    ['thickness', 3, 'metric', '3 mm'],
    ['distance', 10, 'us', '3/8 in'],
    ['volts', 18.44, 'us', '18.4 V'],
    ['travel', 400, 'us', '15.7 in/min'],
  ] as const)('%s %s in %s is %s', (quantity, value, units, text) => {
    expect(withUnit(quantity, value, SYSTEM[units])).toBe(text);
  });

  it('writes a range with its unit once', () => {
    expect(rangeText('wireFeedSpeed', 6.45, 8.73, METRIC)).toBe('6.5 to 8.7 m/min');
  });

  it('turns what was typed back into the core’s unit', () => {
    expect(shownAs('wireFeedSpeed', US).to(300)).toBeCloseTo(7.62, 6);
    expect(figureOf('wireFeedSpeed', shownAs('wireFeedSpeed', US).to(300), US)).toBe('300');
  });

  it('takes each quantity in its own unit, and knows a whole system from a mixture', () => {
    const mixed = { ...METRIC, wireFeedSpeed: 'in/min' } as const;
    expect(withUnit('wireFeedSpeed', 7.62, mixed)).toBe('300 in/min');
    expect(withUnit('gasFlow', 12, mixed)).toBe('12 L/min');
    expect([systemOf(METRIC), systemOf(US), systemOf(mixed)]).toEqual(['metric', 'us', undefined]);
  });
});
