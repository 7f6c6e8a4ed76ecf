import fc from 'fast-check';
import Qty from 'js-quantities';
import {
  cfhFromLPerMin,
  inchesFromMm,
  inchesPerMinFromMPerMin,
  lPerMinFromCfh,
  mmFromInches,
  mPerMinFromInchesPerMin,
} from './units.ts';

describe('unit conversion', () => {
  // Independent method: js-quantities, a general-purpose unit library.
  it.each([0.5, 1, 3.175, 25])('agrees with a general unit library at %s mm', (mm) => {
    expect(inchesFromMm(mm)).toBeCloseTo(Qty(`${mm} mm`).to('in').scalar, 9);
  });

  it.each([1, 7.6, 20])('agrees with a general unit library at %s m/min', (speed) => {
    expect(inchesPerMinFromMPerMin(speed)).toBeCloseTo(Qty(`${speed} m/min`).to('in/min').scalar, 6);
  });

  it.each([20, 35, 50])('agrees with a general unit library at %s ft³/h', (flow) => {
    expect(lPerMinFromCfh(flow)).toBeCloseTo(Qty(`${flow} ft^3/h`).to('l/min').scalar, 6);
  });

  // Handbook figure: 1 ft³/h = 0.471947 L/min.
  it('turns one cubic foot an hour into 0.471947 L/min', () => {
    expect(lPerMinFromCfh(1)).toBeCloseTo(0.471947, 6);
  });

  it('goes there and back for any value', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.001, max: 1000, noNaN: true }), (value) => {
        expect(mmFromInches(inchesFromMm(value))).toBeCloseTo(value, 8);
        expect(mPerMinFromInchesPerMin(inchesPerMinFromMPerMin(value))).toBeCloseTo(value, 8);
        expect(lPerMinFromCfh(cfhFromLPerMin(value))).toBeCloseTo(value, 8);
      }),
    );
  });
});
