import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import Papa from 'papaparse';
import { shortCircuitArcVolts } from '../arc/arc-volts.ts';
import { planSetup } from '../setup/plan-setup.ts';
import type { PlannedSetup } from '../setup/setup.ts';
import { type WireDiameterMm, wireDiameterRow } from '../wire/wire-diameter.ts';
import { referenceCurrentA } from './reference-current.ts';

interface Row {
  process: string;
  wire: string;
  wire_mm: string;
  thickness_mm: string;
  wfs_m_min: string;
  volts: string;
  amps: string;
  confidence: string;
}

// Source of the rows: starting settings recalled from many handbooks and wire makers' tables, with confidence.
const csv = readFileSync(join(__dirname, 'starting-settings.csv'), 'utf8');
const rows = Papa.parse<Row>(csv.trim(), { header: true })
  .data.filter((row) => row.process === 'short-circuit' && row.wire === 'ER70S-6')
  .map((row) => ({
    wireMm: Number(row.wire_mm) as WireDiameterMm,
    thicknessMm: Number(row.thickness_mm),
    speed: Number(row.wfs_m_min),
    volts: Number(row.volts),
    amps: Number(row.amps),
    confidence: row.confidence,
  }));

function plan(thicknessMm: number, wireDiameterMm: WireDiameterMm): PlannedSetup {
  const setup = planSetup(
    {
      metal: 'carbon-steel',
      thicknessMm,
      joint: 'butt',
      position: 'flat',
      surface: 'clean',
      place: 'indoors',
      windy: false,
    },
    { wireDiameterMm, gas: 'ar-co2-20' },
  );
  if (setup.status !== 'planned') throw new Error(setup.reasons.join(' '));
  return setup;
}

describe('the starting rows of short-circuit on carbon steel', () => {
  it('are all twenty here', () => {
    expect(rows).toHaveLength(20);
  });

  it.each(rows)('$wireMm mm wire on $thicknessMm mm ($confidence)', (row) => {
    const setup = plan(row.thicknessMm, row.wireMm);
    const share = row.confidence === 'L' ? 0.3 : 0.15;
    expect(Math.abs(setup.wireFeedSpeedMPerMin.start / row.speed - 1)).toBeLessThan(share);
    expect(Math.abs(setup.volts.start - row.volts)).toBeLessThan(1);
    expect(setup.wireFeedSpeedMPerMin.low).toBeLessThanOrEqual(row.speed);
    expect(setup.wireFeedSpeedMPerMin.high).toBeGreaterThanOrEqual(row.speed);
  });

  it('are met by the reference current within 9 % and by the arc volts within 0.6 V', () => {
    for (const row of rows) {
      const { trueMm } = wireDiameterRow(row.wireMm);
      expect(Math.abs(referenceCurrentA(row.thicknessMm, trueMm) / row.amps - 1)).toBeLessThan(0.09);
      expect(Math.abs(shortCircuitArcVolts(row.amps, trueMm) - row.volts)).toBeLessThan(0.6);
    }
  });

  it('never lets a thicker sheet ask for less, past the last row too', () => {
    for (const diameter of [0.6, 0.762, 0.889, 1.016, 1.143]) {
      let before = 0;
      for (let thickness = 0.5; thickness <= 25; thickness += 0.1) {
        const current = referenceCurrentA(Math.min(thickness, 25), diameter);
        expect(current).toBeGreaterThan(before);
        before = current;
      }
    }
  });
});
