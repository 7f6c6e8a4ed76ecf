import { amount } from '../../base/words/amount.ts';
import { words, type Words } from '../../base/words/words.ts';
import { JOINT_NAME, POSITION_NAME } from '../../trade/material/work.ts';
import { LEARNED_WORTH_SAYING_V, type LearnedOffset } from './learned-offset.ts';
import type { NearProven } from './near-work.ts';

/** An offset taken apart for a sentence: how much, on which side, how sure. */
export interface OffsetWords {
  readonly volts: string;
  readonly side: 'less' | 'more';
  /** Half the 95 % band of the next job. */
  readonly plusMinus: string;
  readonly settings: string;
  /** Whether it is too little to be worth a word. */
  readonly isByTheBook: boolean;
}

const counted = (count: number): string => (count === 1 ? '1 proven setting' : `${count} proven settings`);

/** "3 proven settings", or those with other wires where none was proven with this one. */
function settingsWords({ settings, elsewhere }: Pick<LearnedOffset, 'settings' | 'elsewhere'>): string {
  return settings > 0 ? counted(settings) : `${counted(elsewhere)} with other wires or gases`;
}

/** By how much a machine wants other volts than the book, in the pieces of every sentence about it. */
export function offsetWords(learned: LearnedOffset): OffsetWords {
  const { start, low, high } = learned.offsetV;
  return {
    volts: `${Math.abs(start).toFixed(1)} V`,
    side: start < 0 ? 'less' : 'more',
    plusMinus: `± ${((high - low) / 2).toFixed(1)} V`,
    settings: settingsWords(learned),
    isByTheBook: Math.abs(start) < LEARNED_WORTH_SAYING_V,
  };
}

/** From this share of nearness on two works are called near. Source: our tuning. */
const CLOSE = 0.7;

/** How near a proven setting lies to the work: "near it: 2.5 mm tee, flat"; undefined where it is not worth a word. */
export function nearWords(near: NearProven | undefined): Words | undefined {
  if (!near || near.share >= 1) return undefined;
  const { thicknessMm, joint, position } = near.setting;
  const how = near.share >= CLOSE ? 'close to it' : 'some way from it';
  return words`drawn towards one proven ${how}: ${amount.thickness(thicknessMm)} ${JOINT_NAME[joint]}, ${POSITION_NAME[position]}`;
}

/** "Old Tom wanted 0.5 V (± 0.9 V) less than the book, from 1 proven setting". */
export function learnedClaim(learned: LearnedOffset, machineName: string): Words {
  const { volts, plusMinus, side, settings } = offsetWords(learned);
  const near = nearWords(learned.near);
  const drawn = near === undefined ? '' : words`, ${near}`;
  return words`${machineName} wanted ${volts} (${plusMinus}) ${side} than the book, from ${settings}${drawn}`;
}
