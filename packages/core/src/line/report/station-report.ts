import type { InWords } from '../../base/words/all-in-words.ts';
import type { Machine } from '../../machine/machine.ts';
import { sourceText } from '../../base/source.ts';
import { type Station, stationsOf } from '../../changeover/stations.ts';
import type { PlannedSetup } from '../../plan/setup/setup.ts';

/** A station in plain data: what to fit, how to look, and what happens when it is wrong. */
export interface ReportedStation extends InWords<
  Pick<Station, 'name' | 'fit' | 'check' | 'ifWrong' | 'mark'>
> {
  readonly source: string;
}

/** The stations of a plan, marked by how the machine stands. */
export function reportedStations(plan: PlannedSetup, machine: Machine | undefined) {
  return stationsOf(plan, machine).map(({ name, fit, check, ifWrong, mark, source }) => ({
    name,
    fit,
    check,
    ifWrong,
    mark,
    source: sourceText(source),
  }));
}
