import type { FaultReport } from './rank-causes.ts';
import { type SymptomId, symptomRow } from './symptoms.ts';

/** How a report cannot be taken as it stands. */
export type ReportDoubt = 'too-much' | 'against-itself';

/** From how many symptoms on a report is no longer that of one fault. Source: our judgement. */
const TOO_MUCH_FROM = 9;

/** Symptoms that are there only while there is no arc. */
const WITHOUT_ARC: ReadonlySet<SymptomId> = new Set(['no-arc-wire-feeds', 'machine-dark', 'trigger-dead']);

/** What is doubtful about a report: more than one fault shows, or an arc that is there and is not. Undefined: nothing. */
export function reportDoubt({
  present,
  absent,
}: Pick<FaultReport, 'present' | 'absent'>): ReportDoubt | undefined {
  if (present.some((id) => absent.includes(id))) return 'against-itself';
  const hasNoArc = present.some((id) => WITHOUT_ARC.has(id));
  const hasArc = present.some((id) => symptomRow(id).impliesArc);
  if (hasNoArc && hasArc) return 'against-itself';
  return present.length >= TOO_MUCH_FROM ? 'too-much' : undefined;
}
