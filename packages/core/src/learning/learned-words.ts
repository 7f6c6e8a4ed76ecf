import { LEARNED_WORTH_SAYING_V, type LearnedOffset } from './learned-offset.ts';

/** An offset taken apart for a sentence: how much, on which side, how sure. */
export interface OffsetWords {
  readonly volts: string;
  readonly side: 'less' | 'more';
  /** Half the 95 % band. */
  readonly plusMinus: string;
  readonly settings: string;
  /** Whether it is too little to be worth a word. */
  readonly isByTheBook: boolean;
}

/** By how much a machine wants other volts than the book, in the pieces of every sentence about it. */
export function offsetWords({ offsetV: { start, low, high }, settings }: LearnedOffset): OffsetWords {
  return {
    volts: `${Math.abs(start).toFixed(1)} V`,
    side: start < 0 ? 'less' : 'more',
    plusMinus: `± ${((high - low) / 2).toFixed(1)} V`,
    settings: settings === 1 ? '1 proven setting' : `${settings} proven settings`,
    isByTheBook: Math.abs(start) < LEARNED_WORTH_SAYING_V,
  };
}

/** "Old Tom wanted 0.5 V (± 0.9 V) less than the book, from 1 proven setting". */
export function learnedClaim(learned: LearnedOffset, machineName: string): string {
  const { volts, plusMinus, side, settings } = offsetWords(learned);
  return `${machineName} wanted ${volts} (${plusMinus}) ${side} than the book, from ${settings}`;
}
