import type { KeptMachine } from '@hot-bead/contract/machine';
import { calibratedAt, isOld } from './calibration-age.ts';
import { agoText } from '../../ui/ago-text.ts';

const NOW = new Date('2026-11-25T12:00:00.000Z');
const reading = (at: string): KeptMachine['dialReadings'][number] => ({
  id: at,
  knob: 5,
  run: { lengthMm: 600, timeS: 6 },
  at,
  counts: true,
});
const MACHINE: KeptMachine = {
  id: 'm',
  version: 1,
  away: false,
  name: 'Tom',
  loadedWireClass: 'ER70S-6',
  loadedWireDiameterMm: 0.8,
  loadedGas: 'co2',
  dialReadings: [reading('2026-11-20T12:00:00.000Z'), reading('2026-05-01T12:00:00.000Z')],
  voltsReadAt: '2026-11-18T12:00:00.000Z',
  entryReadAt: null,
};

describe('the age of a calibration', () => {
  it('is that of the oldest reading that counts', () => {
    const { dial, volts, entry } = calibratedAt(MACHINE);
    expect(dial?.toISOString()).toBe('2026-05-01T12:00:00.000Z');
    expect(volts && agoText(volts, NOW)).toBe('7 days ago');
    expect(entry).toBeUndefined();
  });

  it('is old from half a year on', () => {
    const { dial, volts } = calibratedAt(MACHINE);
    expect(dial && isOld(dial, NOW)).toBe(true);
    expect(volts && isOld(volts, NOW)).toBe(false);
    expect(calibratedAt({ ...MACHINE, dialReadings: [] }).dial).toBeUndefined();
  });
});
