import { dialledInChecks, residuals, startingRowChecks } from './check-values.ts';
import { coredRowChecks } from './cored-rows.ts';

describe('check values', () => {
  it.each(dialledInChecks())('$case: $quantity within $allowed of the outside figure', (check) => {
    expect(Math.abs(check.difference)).toBeLessThanOrEqual(check.allowed);
  });

  it.each(coredRowChecks())('$case: $quantity within $allowed of the row', (check) => {
    expect(Math.abs(check.difference)).toBeLessThanOrEqual(check.allowed);
  });

  it('hold for every starting row, volts and wire speed both', () => {
    const checks = startingRowChecks();
    expect(checks.length).toBeGreaterThan(150);
    expect(checks.filter((check) => !(Math.abs(check.difference) <= check.allowed))).toEqual([]);
  });

  it('sum up as largest and root mean square', () => {
    const [first] = dialledInChecks();
    if (!first) throw new Error('no checks');
    const two = [
      { ...first, difference: 3 },
      { ...first, difference: -4 },
    ];
    expect(residuals(two)).toEqual({ largest: 4, rms: Math.sqrt(12.5) });
    expect(residuals([])).toEqual({ largest: 0, rms: 0 });
  });
});
