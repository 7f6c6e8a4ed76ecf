import { arcPower } from '@hot-bead/core/trade';
import { readTrace } from './trace-csv.ts';

/** A trace at 20 kHz that goes round between two states: true power 4100 W (handbook on inspection, H04). */
function pulsed(line: (seconds: number, volts: number, amps: number) => string, rounds = 20): string {
  const lines: string[] = [];
  for (let i = 0; i < rounds * 160; i += 1) {
    const high = i % 160 < 40;
    lines.push(line(i / 20_000, high ? 32 : 20, high ? 400 : 60));
  }
  return lines.join('\n');
}
const plain = pulsed((s, v, a) => [s.toFixed(5), v, a].join());

function powerOf(text: string): number {
  const reading = readTrace(text);
  if (reading.status === 'unreadable') throw new Error(reading.message);
  return arcPower(reading.samples).instantaneousW;
}

describe('a trace from CSV', () => {
  it.each([
    ['without a heading', plain],
    ['with one', `time,volts,amps\n${plain}`],
    ['with its columns in another order', `A;t;U\n${pulsed((s, v, a) => [a, s.toFixed(5), v].join(';'))}`],
    [
      'with semicolons and decimal commas',
      `Zeit [s];Spannung;Strom\r\n${pulsed((s, v, a) => [s.toFixed(5), v.toFixed(1), a].join(';').replaceAll('.', ','))}`,
    ],
    [
      'in milliseconds, by tabs, after a mark',
      `\uFEFFtime (ms)\tV\tI\n${pulsed((s, v, a) => [(s * 1000).toFixed(2), v, a].join('\t'))}`,
    ],
  ])('is read %s', (_how, text) => {
    // by hand: (32 × 400 × 2 + 20 × 60 × 6) ÷ 8
    expect(Math.abs(powerOf(text) / 4100 - 1)).toBeLessThan(0.005);
  });

  it.each([
    ['nothing', '', 'There is nothing in this file.'],
    [
      'other columns',
      'speed,volts,amps\n1,2,3',
      'It needs columns for time, volts and amps: this has “speed, volts, amps”.',
    ],
    ['a few readings', '0,1,2\n1,2,3', '2 readings are too few: 100 at least.'],
    [
      'a word among them',
      plain.replace('0.00500,20,60', '0.00500,dash,60'),
      'Line 101 has no number for time, volts or amps.',
    ],
    [
      'a step that is missing',
      `t,v,a\n${plain
        .split('\n')
        .filter((_line, i) => i < 200 || i > 220)
        .join('\n')}`,
      'The readings are not even at line 202: export it evenly sampled.',
    ],
    ['time that runs back', `${plain}\n0,1,2`, 'The time goes back at line 3201.'],
  ])('with %s it says so', (_what, text, message) => {
    expect(readTrace(text)).toEqual({ status: 'unreadable', message });
  });
});
