import { type CauseId, causesIn, type TableCause } from './causes.ts';
import type { FaultCause, LinkStrength, MachineTrait } from './fault-cause.ts';
import { type FaultFact, faultFactRow } from './fault-fact.ts';
import type { FaultProcess } from './fault-process.ts';
import { type FaultSign, faultSignRow } from './fault-sign.ts';
import { linkOf } from './link-of.ts';
import { type FaultJob, type Suspicion, suspicionsOf } from './suspicion.ts';
import { isSymptomOf, type SymptomId, symptomRow, type TableSymptom } from './symptoms.ts';

const { exp, log, LN2, max } = Math;

/** How likely a cause shows a symptom, by how often it does. Source: our judgement. */
const STRENGTH_CHANCE: Readonly<Record<LinkStrength, number>> = {
  always: 0.95,
  often: 0.7,
  sometimes: 0.35,
  rarely: 0.08,
  excludes: 0.005,
};
/** The same where nothing links them. */
const UNLINKED_CHANCE = 0.03;
/** What a fact or a look that clears a cause leaves of it: both can be wrong, so it is never ruled out. */
const CLEARED = 0.05;
/** How much a missing symptom tells that a cause does not always show. */
const HALF_TOLD = 0.5;
/** Least share that is shown. */
const LEAST_SHOWN = 0.01;

/** What is reported and known of a fault. */
export interface FaultReport {
  readonly process: FaultProcess;
  readonly present: readonly SymptomId[];
  readonly absent: readonly SymptomId[];
  readonly known: Readonly<Partial<Record<FaultFact, string>>>;
  /** How old what is known is, days; absent: as of now. */
  readonly ageDays?: Readonly<Partial<Record<FaultFact, number>>>;
  readonly job?: FaultJob;
  /** What records hint at. */
  readonly signs?: readonly FaultSign[];
  /** What the machine is known not to have. */
  readonly lacks?: readonly MachineTrait[];
  /** Causes that were looked for and are not there. */
  readonly lookedAt?: readonly CauseId[];
  /** Causes that were found: what they show is explained, and the rest is ranked on what is left. */
  readonly found?: readonly CauseId[];
  /** By how many steps the shop's own cases move how common a cause is. */
  readonly shopSteps?: Readonly<Partial<Record<CauseId, number>>>;
}

/** A cause as it ranks. */
export interface RankedCause {
  readonly cause: TableCause;
  /** Its share of what may be wrong, 0 to 1. */
  readonly share: number;
  /** What a fact says of it. */
  readonly fact: 'convicts' | 'clears' | undefined;
  /** Whether it is shown: likely enough, and tied to a report; a danger tied to any report always is. */
  readonly isShown: boolean;
}

/** How likely something shows that is linked so. */
export function chanceOf(link: LinkStrength | undefined): number {
  return link === undefined ? UNLINKED_CHANCE : STRENGTH_CHANCE[link];
}

/** What is known of a cause by a fact. */
export function factOf(cause: FaultCause, known: FaultReport['known']): RankedCause['fact'] {
  const value = cause.fact && known[cause.fact.of];
  if (value === undefined) return undefined;
  if (cause.fact?.convicts.includes(value)) return 'convicts';
  return cause.fact?.clears.includes(value) ? 'clears' : undefined;
}

/** What is left of a cause that a fact clears: little while it is fresh, all of it once nobody can know any more. */
function clearedBy(fact: FaultFact, ageDays: number): number {
  return 1 - (1 - CLEARED) * 0.5 ** (max(0, ageDays) / faultFactRow(fact).halfLifeDays);
}

/** Symptoms that can be reported in a process, each once, in an order of their own: that of ticking is of no matter. */
function asked(ids: readonly SymptomId[], process: FaultProcess): readonly TableSymptom[] {
  return [...new Set(ids)]
    .toSorted()
    .filter((id) => isSymptomOf(id, process))
    .map(symptomRow);
}

/** Links that tie a cause to a report. */
const TIES: ReadonlySet<LinkStrength | undefined> = new Set(['always', 'often', 'sometimes']);

/**
 * Symptoms of the process that what was found does not show: they ask for another cause.
 *
 * @param causes causes that were found to be so
 */
export function leftUnexplained(
  present: readonly SymptomId[],
  causes: readonly CauseId[],
  process: FaultProcess,
): readonly SymptomId[] {
  return present.filter(
    (symptom) =>
      isSymptomOf(symptom, process) && !causes.some((cause) => TIES.has(linkOf(cause, symptom, process))),
  );
}

/** A report with its symptoms looked up. */
interface AskedReport extends Omit<FaultReport, 'present' | 'absent'> {
  readonly present: readonly TableSymptom[];
  readonly absent: readonly TableSymptom[];
}

function steps(rows: readonly Suspicion[]): number {
  return rows.reduce((sum, row) => sum + (row.steps === 'out' ? 0 : row.steps), 0);
}

/** How common a cause is with this job, these records and in this shop, steps of the scale. */
function commonOf(cause: TableCause, report: AskedReport): number {
  const { process, shopSteps } = report;
  const shop = shopSteps?.[cause.id] ?? 0;
  const hinted = report.signs?.reduce((sum, sign) => sum + (faultSignRow(sign).steps[cause.id] ?? 0), 0) ?? 0;
  return (cause.prior[process] ?? 0) - 1 + steps(suspicionsOf(cause.id, report.job)) + hinted + shop;
}

/** The logarithm of how well a cause explains a report, how common it is in it. */
function scoreOf(cause: TableCause, report: AskedReport, common: number): number {
  const { process, present, absent, known, lookedAt = [] } = report;
  let score = LN2 * common;
  for (const symptom of present) {
    const isImpossible = symptom.impliesArc && cause.noArc;
    const link = isImpossible ? 'excludes' : linkOf(cause.id, symptom.id, process);
    score += log(chanceOf(link));
  }
  for (const symptom of absent) {
    const link = linkOf(cause.id, symptom.id, process);
    const weight = symptom.tellsByAbsence ? (link === 'always' ? 1 : HALF_TOLD) : 0;
    score += weight * log(1 - chanceOf(link));
  }
  if (lookedAt.includes(cause.id)) return score + log(CLEARED);
  if (!cause.fact || factOf(cause, known) !== 'clears') return score;
  return score + log(clearedBy(cause.fact.of, report.ageDays?.[cause.fact.of] ?? 0));
}

function isTied(cause: CauseId, { present, process }: AskedReport): boolean {
  return present.some(({ id }) => TIES.has(linkOf(cause, id, process)));
}

/** Whether a cause of the process can be at all: on this machine, with this job. */
function canBe(cause: TableCause, { lacks = [], job, found = [] }: FaultReport): boolean {
  if (found.includes(cause.id)) return false;
  if (cause.needs?.every((trait) => lacks.includes(trait))) return false;
  return !suspicionsOf(cause.id, job).some((row) => row.steps === 'out');
}

/** Shares are told apart to so many places: what differs by less is as likely. Source: our model. */
const PLACES = 9;

/**
 * What may be wrong, likeliest first: one cause at a time, weighed by all that is reported, present and absent, by what
 * is known and by the job. What a recorded fact convicts stands first, unless a look found otherwise since. Causes that
 * the process, the machine or the job cannot have are not among them. Where some causes were found, what they show
 * is taken as explained.
 *
 * @source one cause explains all (naive Bayes) on a coarse scale: our judgement
 */
export function rankCauses(report: FaultReport): readonly RankedCause[] {
  const { process, known, lookedAt = [], found = [] } = report;
  const askedReport: AskedReport = {
    ...report,
    present: asked(leftUnexplained(report.present, found, process), process),
    absent: asked(report.absent, process),
  };
  const open = causesIn(process).filter((cause) => canBe(cause, report));
  const common = new Map(open.map((cause) => [cause.id, commonOf(cause, askedReport)]));
  const scores = open.map((cause) => scoreOf(cause, askedReport, common.get(cause.id) ?? 0));
  const top = max(...scores);
  const sum = scores.reduce((total, score) => total + exp(score - top), 0);
  return open
    .map((cause, i): RankedCause => {
      const share = exp((scores[i] as number) - top) / sum;
      const fact = lookedAt.includes(cause.id) ? 'clears' : factOf(cause, known);
      const tied = isTied(cause.id, askedReport);
      const isShown = fact === 'convicts' || (share >= LEAST_SHOWN && tied) || (cause.isDanger && tied);
      return { cause, share: Number(share.toFixed(PLACES)), fact, isShown };
    })
    .toSorted(
      (a, b) =>
        Number(b.fact === 'convicts') - Number(a.fact === 'convicts') ||
        b.share - a.share ||
        // as likely: what explains it better goes before what is more common
        (common.get(a.cause.id) ?? 0) - (common.get(b.cause.id) ?? 0) ||
        (a.cause.id < b.cause.id ? -1 : 1),
    );
}
