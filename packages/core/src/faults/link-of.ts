import { type CauseId, LINKS } from './causes.ts';
import type { LinkStrength } from './fault-cause.ts';
import { FAULT_PROCESSES, type FaultProcess } from './fault-process.ts';
import type { SymptomId } from './symptoms.ts';

type LinksOf = ReadonlyMap<CauseId, ReadonlyMap<SymptomId, LinkStrength>>;

/** Links by process, cause and symptom: one said of a process by name before one said of all. */
const LINKS_IN: ReadonlyMap<FaultProcess, LinksOf> = new Map(
  FAULT_PROCESSES.map((process) => [process, linksIn(process)]),
);

function linksIn(process: FaultProcess): LinksOf {
  const causes = new Map<CauseId, Map<SymptomId, LinkStrength>>();
  const rows = LINKS.filter(([, , , named]) => named?.includes(process) ?? true);
  // those said of the process by name come after, and take the others' place
  for (const [cause, symptom, strength] of rows.toSorted((a, b) => (a[3] ? 1 : 0) - (b[3] ? 1 : 0))) {
    const symptoms = causes.get(cause) ?? new Map<SymptomId, LinkStrength>();
    causes.set(cause, symptoms.set(symptom, strength));
  }
  return causes;
}

/** How often a cause shows a symptom in a process, one said of it by name before one said of all; undefined where nothing links them. */
export function linkOf(cause: CauseId, symptom: SymptomId, process: FaultProcess): LinkStrength | undefined {
  return LINKS_IN.get(process)?.get(cause)?.get(symptom);
}
