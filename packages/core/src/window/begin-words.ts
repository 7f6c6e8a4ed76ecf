import type { DialModel } from './dial-model.ts';

const volts = (off: number): string => `${Math.round(Math.abs(off) * 10) / 10} V`;

/** Where the first bead lies, and why: "Begin 0.5 V under the middle and come up: too low shows itself first." */
export function beginWords({ startOffV }: Pick<DialModel, 'startOffV'>): string {
  if (startOffV < 0) {
    return `Begin ${volts(startOffV)} under the middle and come up: too low shows itself first.`;
  }
  if (startOffV > 0) {
    return `Begin ${volts(startOffV)} over the middle and come down: too low stubs, and burns back into the tip.`;
  }
  return 'Begin in the middle, and look on both sides.';
}
