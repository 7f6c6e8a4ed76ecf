import type { GasId } from '../trade/gas/gas.ts';
import { HANDBOOK } from '../base/source.ts';
import { planSetup } from '../plan/setup/plan-setup.ts';
import type { WireClass } from '../trade/wire/wire-class.ts';
import type { WireDiameterMm } from '../trade/wire/wire-diameter.ts';
import { checked, type CheckValue, STEEL_CASE } from './check-value.ts';

/** A row of a cored wire: wire speed, volts and current that belong together, whatever the work. */
interface CoredRow {
  readonly wireClass: WireClass;
  readonly wireDiameterMm: WireDiameterMm;
  readonly gas: GasId;
  readonly wireFeedSpeedMPerMin: number;
  readonly volts: number;
  readonly currentA: number;
  readonly confidence: 'M' | 'L';
}

function coredRow(
  wireClass: WireClass,
  wireDiameterMm: WireDiameterMm,
  gas: GasId,
  [wireFeedSpeedMPerMin, volts, currentA]: readonly [number, number, number],
  confidence: 'M' | 'L' = 'L',
): CoredRow {
  return { wireClass, wireDiameterMm, gas, wireFeedSpeedMPerMin, volts, currentA, confidence };
}

/** Rows of larger and other cored wires, recalled. Source: handbook, from memory. */
const CORED_ROWS: readonly CoredRow[] = [
  coredRow('E71T-1M', 1.4, 'ar-co2-25', [5.1, 24, 200]),
  coredRow('E71T-1M', 1.4, 'ar-co2-25', [7.6, 27, 260], 'M'),
  coredRow('E71T-1M', 1.6, 'ar-co2-25', [3.8, 23.5, 200]),
  coredRow('E71T-1M', 1.6, 'ar-co2-25', [5.1, 25, 250], 'M'),
  coredRow('E71T-1M', 1.6, 'ar-co2-25', [7.6, 28, 330]),
  coredRow('E71T-8', 1.7, 'none', [2.5, 18, 150]),
  coredRow('E71T-8', 1.7, 'none', [3.9, 21, 225]),
  coredRow('E71T-8', 2.0, 'none', [1.8, 17, 180]),
  coredRow('E71T-8', 2.0, 'none', [2.3, 18.5, 235]),
  coredRow('E71T-8', 2.0, 'none', [3.3, 20.5, 300]),
  coredRow('E70C-6M', 1.2, 'ar-co2-18', [7.6, 26.5, 235], 'M'),
  coredRow('E70C-6M', 1.2, 'ar-co2-18', [10.2, 29, 290], 'M'),
  coredRow('E70C-6M', 1.6, 'ar-co2-18', [5.1, 27, 290]),
];

/** What larger and other cored wires draw at a wire speed, beside their rows: current and volts. */
export function coredRowChecks(): readonly CheckValue[] {
  return CORED_ROWS.flatMap((row) => {
    const { wireClass, wireDiameterMm, gas, wireFeedSpeedMPerMin, confidence } = row;
    const name = `${wireClass} ${wireDiameterMm} mm at ${wireFeedSpeedMPerMin} m/min`;
    const setup = planSetup(
      { ...STEEL_CASE, thicknessMm: 12, joint: 'tee' },
      { wireClass, wireDiameterMm, gas },
      { wireFeedSpeedMPerMin },
    );
    const share = confidence === 'L' ? 30 : 15;
    const volts = confidence === 'L' ? 2 : 1;
    return [
      checked(name, setup, 'current', [row.currentA, row.currentA], {
        allowed: share,
        confidence,
        source: HANDBOOK,
      }),
      checked(name, setup, 'volts', [row.volts, row.volts], { allowed: volts, confidence, source: HANDBOOK }),
    ];
  });
}
