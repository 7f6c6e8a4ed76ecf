import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { writeWav } from '@hot-bead/contract/arc-lab';
import { ARC_SAMPLES_PER_S, loadVolts, recordArc } from '@hot-bead/core/arc-lab';
import { soundCommand } from './sound-command.ts';

const folder = mkdtempSync(join(tmpdir(), 'sound-'));
afterAll(() => rmSync(folder, { recursive: true }));

function recorded(name: string, volts: number, gain = 1, seconds = 4): string {
  const { samples } = recordArc(
    { wireMm: 0.9, gas: 'ar-co2-25', tipToWorkMm: 12, wireFeedSpeedMPerMin: 6.35, source: loadVolts(volts) },
    { seed: 3, seconds },
  );
  const file = join(folder, `${name}.wav`);
  const sound = samples.sound.map((one) => gain * one);
  writeFileSync(file, writeWav({ samples: sound, rate: ARC_SAMPLES_PER_S }));
  return file;
}

describe('the sound command', () => {
  it.each([
    [14, 'cold', /stubbing|crowding/],
    [18.5, 'right', /steady/],
    [21.5, 'hot', /ragged|popping|long/],
  ])('%s V reads as %s', (volts, level, dipClass) => {
    const { output, exitCode } = soundCommand(['--json', recorded(level, volts)]);
    const report = JSON.parse(output) as Record<string, unknown>;
    expect(exitCode).toBe(0);
    expect(report).toMatchObject({ level, class: expect.stringMatching(dipClass) as string });
    expect(Object.keys(report)).toEqual(['level', 'class', 'confidence', 'clicksPerSecond', 'cv']);
    expect(report['confidence']).toBeGreaterThanOrEqual(0.7);
  });

  it('as text it says what it was learnt on', () => {
    const { output } = soundCommand([recorded('words', 18.5)]);
    expect(output).toMatch(/^right for short arc \(steady\), \d+ % sure/);
    expect(output).toMatch(/simulated sound/);
  });

  it('what it cannot read it refuses with a code, a reason and a way out', () => {
    const quiet = soundCommand(['--json', recorded('quiet', 18.5, 1e-4)]);
    expect(quiet.exitCode).toBe(2);
    expect(JSON.parse(quiet.output)).toMatchObject({
      refused: 'too-quiet',
      message: expect.stringMatching(/closer/) as string,
    });
    expect(JSON.parse(soundCommand(['--json', recorded('short', 18.5, 1, 1)]).output)).toMatchObject({
      refused: 'too-short',
    });
    const words = join(folder, 'words.txt');
    writeFileSync(words, 'no sound');
    expect(JSON.parse(soundCommand([words, '--json']).output)).toMatchObject({ refused: 'not-a-wav' });
    expect(JSON.parse(soundCommand([join(folder, 'none.wav'), '--json']).output)).toMatchObject({
      refused: 'no-file',
    });
  });

  it('without a file says how it is called', () => {
    expect(soundCommand([])).toMatchObject({
      exitCode: 1,
      output: expect.stringMatching(/^Usage/) as string,
    });
  });
});
