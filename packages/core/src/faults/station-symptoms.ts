import { causesIn } from './causes.ts';
import type { FaultStation } from './fault-cause.ts';
import type { FaultProcess } from './fault-process.ts';
import { linkOf } from './link-of.ts';
import { symptomsIn, type TableSymptom } from './symptoms.ts';

/** What something wrong at a station often shows, in the order of the tables. */
export function stationSymptoms(station: FaultStation, process: FaultProcess): readonly TableSymptom[] {
  const causes = causesIn(process).filter((cause) => cause.station === station);
  return symptomsIn(process).filter(({ id }) =>
    causes.some((cause) => ['always', 'often'].includes(linkOf(cause.id, id, process) ?? '')),
  );
}
