import { arcCurrentA } from '../melting/melting-law.ts';
import { curveValue } from '../../base/numeric/point-curve.ts';
import { trueDiameterMm } from '../wire/true-diameter.ts';
import type { WireDiameterMm } from '../wire/wire-diameter.ts';
import { METAL_CORED, SELF_SHIELDED, SELF_SHIELDED_T8 } from './cored.ts';
import type { Family } from './family.ts';
import { STEEL_SPRAY } from './steel.ts';

function runsAt(family: Family, nominalMm: WireDiameterMm, speed: number): { amps: number; volts: number } {
  const wireClass = family === SELF_SHIELDED_T8 ? 'E71T-8' : 'E71T-11';
  const diameterMm = trueDiameterMm(wireClass, nominalMm);
  const { ctwdMm, arcMm } = family.distance(nominalMm);
  const amps = arcCurrentA(family.melting(wireClass, nominalMm), speed, {
    diameterMm,
    extensionMm: ctwdMm.start - arcMm,
  });
  const { zeroV, perA, perMmDiameter, byDiameter = [] } = family.volts;
  const over = byDiameter.length === 0 ? 0 : curveValue(byDiameter, diameterMm);
  return { amps, volts: zeroV + perA * amps + perMmDiameter * diameterMm + over };
}

// Source: T-8 rows, from memory (1.7: 2.5 · 18 · 150, 3.9 · 21 · 225; 2.0: 1.8 · 17 · 180, 3.3 · 20.5 · 300).
describe('self-shielded wire over 1.2 mm', () => {
  it.each([
    [1.7, 2.5, 150, 18],
    [1.7, 3.9, 225, 21],
    [2.0, 1.8, 180, 17],
    [2.0, 3.3, 300, 20.5],
  ] as const)('%s mm at %s m/min runs at %s A and %s V, T-8 and T-11 alike', (size, speed, amps, volts) => {
    for (const family of [SELF_SHIELDED_T8, SELF_SHIELDED]) {
      const at = runsAt(family, size, speed);
      expect(Math.abs(at.amps / amps - 1)).toBeLessThan(0.08);
      expect(Math.abs(at.volts - volts)).toBeLessThan(0.8);
    }
  });

  it('joins the T-11 rows of 1.2 mm without a jump', () => {
    for (const speed of [2.2, 2.8, 3.4]) {
      const small = runsAt(SELF_SHIELDED, 1.2, speed);
      const next = runsAt(SELF_SHIELDED, 1.4, speed);
      expect(Math.abs(next.amps / small.amps - 1)).toBeLessThan(0.06);
      expect(Math.abs(next.volts - small.volts)).toBeLessThan(1);
    }
  });
});

describe('metal-cored wire', () => {
  // Source: handbook figure, from memory: 1.1 to 1.25 times the wire speed of solid wire for equal amps.
  it('runs slower in amps at one wire speed than solid wire', () => {
    const solid = STEEL_SPRAY.melting('ER70S-6', 1.2);
    const cored = METAL_CORED.melting('E70C-6M', 1.2);
    const stickout = { diameterMm: 1.143, extensionMm: 14 };
    const ratio = arcCurrentA(cored, 10, stickout) / arcCurrentA(solid, 10, stickout);
    expect(ratio).toBeGreaterThan(1.25 ** -0.75);
    expect(ratio).toBeLessThan(1);
  });
});
