import type { Units } from '@hot-bead/core/base';
import type { EntryPoint, EntryUnit } from '@hot-bead/core/machine';
import { entryFigure } from '@hot-bead/core/terms';
import { withUnit } from '../../units/index.ts';

/** What a machine chose for an entry: "3.0 mm: 8.2 m/min, 18.9 V". */
export function entryPointText(point: EntryPoint, unit: EntryUnit, units: Units): string {
  const speed = withUnit('wireFeedSpeed', point.wireFeedSpeedMPerMin, units);
  return `${entryFigure(point.entry, unit)}: ${speed}, ${point.volts.toFixed(1)} V`;
}
