import { thicknessText, type Units, wireSizeText } from '@hot-bead/core/base';
import { gasWord, type LogEntry } from '@hot-bead/contract/history';
import { JOINT_NAME } from '@hot-bead/core/trade';
import { withUnit } from '../../../units/index.ts';

/** The figures of a line, as far as it has any. */
export function figuresText(entry: LogEntry, units: Units): string {
  const { wireFeedSpeedMPerMin: speed, volts } = entry;
  return [
    speed === undefined ? undefined : withUnit('wireFeedSpeed', speed, units),
    volts === undefined ? undefined : withUnit('volts', volts, units),
  ]
    .filter((one) => one !== undefined)
    .join(', ');
}

/** What a line was welded with, in words. */
export function withText({ wireClass, wireMm, gas, joint, thicknessMm }: LogEntry, units: Units): string {
  return [
    wireClass === undefined
      ? undefined
      : [wireMm && wireSizeText(wireMm, units), wireClass].filter(Boolean).join(' '),
    gas === undefined ? undefined : gasWord(gas),
    thicknessMm === undefined ? undefined : thicknessText(thicknessMm, units, 'steel-sheet'),
    joint === undefined ? undefined : JOINT_NAME[joint],
  ]
    .filter((one) => one !== undefined)
    .join(', ');
}
