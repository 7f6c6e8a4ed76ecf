export { beadSymptoms } from './bead-symptoms.ts';
export { type CauseId, causeRow, CAUSES, causesIn, causeText, LINKS, type TableCause } from './causes.ts';
export {
  FAULT_STATION_NAME,
  FAULT_STATIONS,
  type FaultStation,
  LINK_STRENGTHS,
  type LinkStrength,
} from './fault-cause.ts';
export { faultJob, faultProcess, machineLacks, rigWhenRight } from './fault-context.ts';
export { type EvidenceSource, type FaultEvidence, faultEvidence } from './fault-evidence.ts';
export { FAULT_FACTS, type FaultFact, faultFactRow, faultFactText } from './fault-fact.ts';
export { FAULT_PROCESS_NAME, FAULT_PROCESSES, type FaultProcess } from './fault-process.ts';
export { faultReasons } from './fault-reasons.ts';
export { FAULT_SIGNS, faultSignRow } from './fault-sign.ts';
export { findSymptoms } from './find-symptoms.ts';
export { isAsItShould, knownTogether } from './known-together.ts';
export { linkOf } from './link-of.ts';
export { type NextCheck, nextChecks } from './next-checks.ts';
export { type FaultReport, leftUnexplained, rankCauses, type RankedCause } from './rank-causes.ts';
export { reportDoubt } from './report-doubt.ts';
export { type CauseCounts, shopSteps } from './shop-steps.ts';
export { stationSymptoms } from './station-symptoms.ts';
export { type FaultJob, SUSPICIONS } from './suspicion.ts';
export {
  isSymptomOf,
  SYMPTOM_GROUPS,
  type SymptomGroup,
  type SymptomId,
  SYMPTOMS,
  symptomsIn,
  symptomText,
  type TableSymptom,
} from './symptoms.ts';
export { tellingSymptoms } from './telling-symptoms.ts';
