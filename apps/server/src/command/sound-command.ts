import { inMetric } from '@hot-bead/core/base';
import { readFileSync } from 'node:fs';
import { powerSpectrum, readWav } from '@hot-bead/contract/arc-lab';
import { readRecording, SOUND_REFUSALS, type SoundReading } from '@hot-bead/core/arc-lab';
import type { CommandResult } from './command-result.ts';

const USAGE = `Usage: npm run -s sound -- [--json] recording.wav
A recording of short arc, 3 to 60 s at 16 to 96 kHz. Learnt on simulated sound.`;

/** What the command says where it does not answer. */
interface Refused {
  readonly refused: string;
  readonly message: string;
}

function reportOf(reading: SoundReading): object {
  if (reading.status === 'refused') {
    const { message, todo } = SOUND_REFUSALS[reading.code];
    return { refused: reading.code, message: `${message} ${inMetric(todo)}` } satisfies Refused;
  }
  const { level, dipClass, confidence, clicksPerS, cv } = reading;
  return {
    level,
    class: dipClass,
    confidence: Number(confidence.toFixed(3)),
    clicksPerSecond: clicksPerS,
    cv: Number(cv.toFixed(3)),
  };
}

function text(reading: SoundReading): string {
  if (reading.status === 'refused') {
    const { message, todo } = SOUND_REFUSALS[reading.code];
    return `${message}\n${inMetric(todo)}`;
  }
  const { level, dipClass, confidence, clicksPerS, cv, stretch } = reading;
  return [
    `${level} for short arc (${dipClass}), ${Math.round(100 * confidence)} % sure`,
    `${clicksPerS} clicks a second, scatter ${cv.toFixed(2)}, read from ${stretch.fromS.toFixed(1)} to ${stretch.toS.toFixed(1)} s`,
    'Learnt on simulated sound.',
  ].join('\n');
}

/**
 * Reads a recording of an arc.
 *
 * @param args words of the command line after its name
 */
export function soundCommand(args: readonly string[]): CommandResult {
  const asJson = args.includes('--json');
  const [file, ...more] = args.filter((word) => word !== '--json');
  if (file === undefined || more.length > 0) return { output: USAGE, exitCode: 1 };
  const refused = (one: Refused): CommandResult => ({
    output: asJson ? JSON.stringify(one) : one.message,
    exitCode: 2,
  });
  let bytes: Uint8Array;
  try {
    bytes = readFileSync(file);
  } catch {
    return refused({ refused: 'no-file', message: `There is no file “${file}” that can be read.` });
  }
  const wav = readWav(bytes);
  if (wav.status === 'unreadable') return refused({ refused: 'not-a-wav', message: wav.message });
  const reading = readRecording(wav.sound, powerSpectrum());
  return {
    output: asJson ? JSON.stringify(reportOf(reading)) : text(reading),
    exitCode: reading.status === 'read' ? 0 : 2,
  };
}
