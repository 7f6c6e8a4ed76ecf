import { CAUSES } from './causes.ts';
import type { FaultStation } from './fault-cause.ts';
import type { FaultProcess } from './fault-process.ts';
import type { TableSymptom } from './find-symptoms.ts';
import { linkOf } from './link-of.ts';
import type { TableCause } from './rank-causes.ts';
import { isSymptomOf, SYMPTOMS } from './symptoms.ts';

/** What something wrong at a station often shows, in the order of the tables. */
export function stationSymptoms(station: FaultStation, process: FaultProcess): readonly TableSymptom[] {
  const causes = (CAUSES as readonly TableCause[]).filter(
    (cause) => cause.station === station && cause.prior[process] !== undefined,
  );
  return (SYMPTOMS as readonly TableSymptom[]).filter(
    ({ id }) =>
      isSymptomOf(id, process) &&
      causes.some((cause) => ['always', 'often'].includes(linkOf(cause.id, id, process) ?? '')),
  );
}
