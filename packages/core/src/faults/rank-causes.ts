import { type CauseId, CAUSES, type FaultCause } from './causes.ts';
import type { FaultFact, FaultProcess } from './fault-process.ts';
import { LINKS, type LinkStrength } from './links.ts';
import { type Symptom, type SymptomId, SYMPTOMS } from './symptoms.ts';

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
/** What a fact that clears a cause leaves of it: a record can be stale, so it is never ruled out. */
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
}

/** A cause as it ranks. */
export interface RankedCause {
  readonly cause: FaultCause & { readonly id: CauseId };
  /** Its share of what may be wrong, 0 to 1. */
  readonly share: number;
  /** What a fact says of it. */
  readonly fact: 'convicts' | 'clears' | undefined;
  /** Whether it is shown: likely enough, and tied to a report; a danger tied to any report always is. */
  readonly isShown: boolean;
}

const SYMPTOM_BY_ID: ReadonlyMap<SymptomId, Symptom> = new Map(SYMPTOMS.map((one) => [one.id, one]));

type ProcessLink = readonly [LinkStrength, readonly FaultProcess[] | undefined];

/** Links by cause, then by symptom. */
const LINKS_OF: ReadonlyMap<CauseId, ReadonlyMap<SymptomId, readonly ProcessLink[]>> = linksByCause();

function linksByCause(): ReadonlyMap<CauseId, ReadonlyMap<SymptomId, readonly ProcessLink[]>> {
  const causes = new Map<CauseId, Map<SymptomId, readonly ProcessLink[]>>();
  for (const [cause, symptom, strength, processes] of LINKS) {
    const symptoms = causes.get(cause) ?? new Map<SymptomId, readonly ProcessLink[]>();
    symptoms.set(symptom, [...(symptoms.get(symptom) ?? []), [strength, processes]]);
    causes.set(cause, symptoms);
  }
  return causes;
}

/** How often a cause shows a symptom in a process, one said of it by name before one said of all; undefined where nothing links them. */
export function linkOf(cause: CauseId, symptom: SymptomId, process: FaultProcess): LinkStrength | undefined {
  const links = LINKS_OF.get(cause)?.get(symptom);
  if (!links) return undefined;
  const named = links.find(([, processes]) => processes?.includes(process));
  return (named ?? links.find(([, processes]) => processes === undefined))?.[0];
}

function chanceOf(link: LinkStrength | undefined): number {
  return link === undefined ? UNLINKED_CHANCE : STRENGTH_CHANCE[link];
}

function factOf(cause: FaultCause, known: FaultReport['known']): RankedCause['fact'] {
  const value = cause.fact && known[cause.fact.of];
  if (value === undefined) return undefined;
  if (cause.fact?.convicts.includes(value)) return 'convicts';
  return cause.fact?.clears.includes(value) ? 'clears' : undefined;
}

/** Symptoms that can be reported in a process, each once, in an order of their own: that of ticking is of no matter. */
function asked(ids: readonly SymptomId[], process: FaultProcess): readonly Symptom[] {
  return [...new Set(ids)].toSorted().flatMap((id) => {
    const symptom = SYMPTOM_BY_ID.get(id);
    return symptom?.processes.includes(process) ? [symptom] : [];
  });
}

/** A report with its symptoms looked up. */
interface AskedReport extends Pick<FaultReport, 'process' | 'known'> {
  readonly present: readonly Symptom[];
  readonly absent: readonly Symptom[];
}

/** The logarithm of how well a cause explains a report, its prior in it. */
function scoreOf(cause: FaultCause & { readonly id: CauseId }, report: AskedReport): number {
  const { process, present, absent, known } = report;
  let score = Math.LN2 * ((cause.prior[process] ?? 0) - 1);
  for (const symptom of present) {
    const isImpossible = symptom.impliesArc && cause.noArc;
    const link = isImpossible ? 'excludes' : linkOf(cause.id, symptom.id as SymptomId, process);
    score += Math.log(chanceOf(link));
  }
  for (const symptom of absent) {
    const link = linkOf(cause.id, symptom.id as SymptomId, process);
    const weight = symptom.tellsByAbsence ? (link === 'always' ? 1 : HALF_TOLD) : 0;
    score += weight * Math.log(1 - chanceOf(link));
  }
  return factOf(cause, known) === 'clears' ? score + Math.log(CLEARED) : score;
}

/** Links that tie a cause to a report. */
const TIES: ReadonlySet<LinkStrength | undefined> = new Set(['always', 'often', 'sometimes']);

function isTied(cause: CauseId, { present, process }: AskedReport): boolean {
  return present.some(({ id }) => TIES.has(linkOf(cause, id as SymptomId, process)));
}

/** Shares are told apart to so many places: what differs by less is as likely. */
const PLACES = 9;

/**
 * What may be wrong, likeliest first: one cause at a time, weighed by all that is reported, present and absent, and by
 * what is known. What a recorded fact convicts stands first. Causes that the process cannot have are not among them.
 *
 * @source one cause explains all (naive Bayes) on a coarse scale: our judgement
 */
export function rankCauses(report: FaultReport): readonly RankedCause[] {
  const { process, known } = report;
  const told: AskedReport = {
    process,
    known,
    present: asked(report.present, process),
    absent: asked(report.absent, process),
  };
  const open = CAUSES.filter((cause: FaultCause) => cause.prior[process] !== undefined);
  const scores = open.map((cause) => scoreOf(cause, told));
  const top = Math.max(...scores);
  const sum = scores.reduce((total, score) => total + Math.exp(score - top), 0);
  return open
    .map((cause, i): RankedCause => {
      const share = Math.exp((scores[i] as number) - top) / sum;
      const fact = factOf(cause, known);
      const tied = isTied(cause.id, told);
      const isShown = (share >= LEAST_SHOWN && (tied || fact === 'convicts')) || (cause.isDanger && tied);
      return { cause, share: Number(share.toFixed(PLACES)), fact, isShown: isShown || fact === 'convicts' };
    })
    .toSorted(
      (a, b) =>
        Number(b.fact === 'convicts') - Number(a.fact === 'convicts') ||
        b.share - a.share ||
        (a.cause.id < b.cause.id ? -1 : 1),
    );
}

/** A look at the machine, with the causes that it answers together. */
export interface NextCheck {
  readonly check: string;
  readonly causes: readonly CauseId[];
  readonly minutes: number;
  /** Chance of finding it, a minute of trouble. */
  readonly worth: number;
}

/** What taking something apart adds to a look, as a share of its minutes, and what turning to any look costs, min. Source: our judgement. */
const INVASIVE_SHARE = 0.5;
const TURN_MIN = 0.3;

/**
 * Looks, the one first that finds most for its trouble; one that answers several causes counts once.
 *
 * @param ranked as {@link rankCauses} gives it
 */
export function nextChecks(ranked: readonly RankedCause[]): readonly NextCheck[] {
  const byCheck = new Map<string, RankedCause[]>();
  for (const one of ranked.filter(({ isShown }) => isShown)) {
    byCheck.set(one.cause.check, [...(byCheck.get(one.cause.check) ?? []), one]);
  }
  return [...byCheck.entries()]
    .map(([check, found]) => {
      const minutes = Math.max(...found.map(({ cause }) => cause.checkMin));
      const invasive = Math.max(...found.map(({ cause }) => cause.invasive));
      const cost = minutes * (1 + INVASIVE_SHARE * invasive) + TURN_MIN;
      const share = found.reduce((total, one) => total + (one.fact === 'convicts' ? 1 : one.share), 0);
      return { check, causes: found.map(({ cause }) => cause.id), minutes, worth: share / cost };
    })
    .toSorted((a, b) => b.worth - a.worth || (a.check < b.check ? -1 : 1));
}
