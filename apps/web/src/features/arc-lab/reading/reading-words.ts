import type { ArcLevel, SoundReading } from '@hot-bead/core/arc-lab';

export const LEVEL_SAYS: Readonly<Record<ArcLevel, string>> = {
  cold: '▼ Too cold for short arc',
  right: '● Right for short arc',
  hot: '▲ Too hot for short arc',
};

export const LEVEL_TURN: Readonly<Record<ArcLevel, string>> = {
  cold: 'Half a volt more, or a little less wire; then listen again.',
  right: 'Leave it. Look at the bead too.',
  hot: 'Half a volt less, or a little more wire; then listen again.',
};

/** How often an answer of such a chance was right. Source: the handbook’s calibration, on simulated sound. */
const RIGHT_IN_100: readonly (readonly [from: number, in100: number])[] = [
  [0.97, 99],
  [0.9, 98],
  [0.8, 93],
  [0, 85],
];

/** How sure an answer is, in words. */
export function sureText(confidence: number): string {
  const [from, in100] = RIGHT_IN_100.find(([least]) => confidence >= least) ?? [0, 85];
  const word = from >= 0.97 ? 'Very sure' : from >= 0.8 ? 'Fairly sure' : 'Not very sure';
  return `${word}: such answers were right ${in100} times in 100 on simulated sound.`;
}

export type Answered = Extract<SoundReading, { status: 'read' }>;
