import { ARC_SAMPLES_PER_S, loadVolts, recordArc } from '@hot-bead/core/arc-lab';
import { traceTold } from './trace-told.ts';

describe('a trace', () => {
  it('tells its power and its shorts', () => {
    const { samples, features } = recordArc(
      { wireMm: 0.9, gas: 'ar-co2-25', tipToWorkMm: 12, wireFeedSpeedMPerMin: 6.35, source: loadVolts(18.5) },
      { seed: 6, seconds: 2 },
    );
    const rows = Array.from(
      { length: 20_000 },
      (_, i) => `${(4 * i) / ARC_SAMPLES_PER_S},${samples.volts[4 * i]},${samples.amps[4 * i]}`,
    );
    const reading = traceTold(['t,v,a', ...rows].join('\n'));
    if (reading.status !== 'read') throw new Error(reading.message);
    expect(reading.power.instantaneousW / features.trueW).toBeCloseTo(1, 1);
    expect(reading.features?.dipClass).toBe('steady');
  });

  it('sampled too slowly tells its power alone, and says so', () => {
    const rows = Array.from({ length: 400 }, (_, i) => `${i / 1000},22,150`);
    const reading = traceTold(rows.join('\n'));
    expect(reading).toMatchObject({ status: 'read', features: undefined });
    expect(reading.status === 'read' ? reading.says : '').toMatch(/wants 2 kHz at least/);
  });
});
