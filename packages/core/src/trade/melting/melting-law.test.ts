import fc from 'fast-check';
import { FAMILIES } from '../family/families.ts';
import { OutOfRangeError } from '../../base/quantity/out-of-range-error.ts';
import { arcCurrentA, type MeltingLaw, wireFeedSpeedMPerMin } from './melting-law.ts';

const laws: readonly MeltingLaw[] = Object.values(FAMILIES)
  .flat()
  .flatMap((family) => [family.melting('ER5356', 0.9), family.melting('ER4043', 1.2)]);
const DIP: MeltingLaw = { kind: 'melting-rate', alphaMmPerSA: 0.291, betaPerSA2: 3.333e-5 };

/** Independent method: bisection on the law itself, as a general root finder does. */
function bisect(law: MeltingLaw, speed: number, diameterMm: number, extensionMm: number): number {
  let low = 1;
  let high = 500;
  for (let i = 0; i < 200; i++) {
    const currentA = (low + high) / 2;
    if (wireFeedSpeedMPerMin(law, currentA, { diameterMm, extensionMm }) < speed) low = currentA;
    else high = currentA;
  }
  return (low + high) / 2;
}

const input = fc.record({
  law: fc.constantFrom(...laws),
  currentA: fc.double({ min: 20, max: 400, noNaN: true }),
  diameterMm: fc.double({ min: 0.6, max: 1.6, noNaN: true }),
  extensionMm: fc.double({ min: 5, max: 30, noNaN: true }),
});

describe('the melting laws', () => {
  it('give back the current they were given, closed form against bisection', () => {
    fc.assert(
      fc.property(input, ({ law, currentA, diameterMm, extensionMm }) => {
        const speed = wireFeedSpeedMPerMin(law, currentA, { diameterMm, extensionMm });
        fc.pre(speed > 0.1 && speed < 40);
        expect(arcCurrentA(law, speed, { diameterMm, extensionMm })).toBeCloseTo(currentA, 6);
        expect(bisect(law, speed, diameterMm, extensionMm)).toBeCloseTo(currentA, 4);
      }),
    );
  });

  it('draw less current at the same wire speed when the stick-out is longer; aluminium, which hardly heats, no more', () => {
    for (const law of laws) {
      const short = arcCurrentA(law, 7, { diameterMm: 0.9, extensionMm: 8 });
      const long = arcCurrentA(law, 7, { diameterMm: 0.9, extensionMm: 16 });
      if (law.kind === 'melting-rate' && law.betaPerSA2 === 0) expect(long).toBeCloseTo(short, 9);
      else expect(long).toBeLessThan(short);
    }
  });

  it('melt a thinner wire faster at the same current', () => {
    for (const law of laws) {
      const at = (diameterMm: number): number =>
        wireFeedSpeedMPerMin(law, 120, { diameterMm, extensionMm: 10 });
      expect(at(0.762)).toBeGreaterThan(at(0.889));
      expect(at(0.889)).toBeGreaterThan(at(1.143));
    }
  });

  it.each([0, -5, 601, Number.NaN, Infinity])('refuse a current of %s A', (currentA) => {
    expect(() => wireFeedSpeedMPerMin(DIP, currentA, { diameterMm: 0.9, extensionMm: 10 })).toThrow(
      OutOfRangeError,
    );
  });

  it.each([4.9, 31, Number.NaN])('refuse an extension of %s mm', (extensionMm) => {
    expect(() => arcCurrentA(DIP, 7, { diameterMm: 0.9, extensionMm })).toThrow(OutOfRangeError);
  });
});
