import { linkOf } from './link-of.ts';
import { chanceOf, type FaultReport, type RankedCause } from './rank-causes.ts';
import { type SymptomId, symptomsIn } from './symptoms.ts';

/** Least spread of chances that is worth a question: half of what parts two equally likely causes by often and never. Source: our model. */
const LEAST_TELLING = 0.02;

/**
 * Symptoms that nobody has said anything of and that would part the causes most: those whose chance differs most from
 * one likely cause to the next. One that tells nothing by its absence is no question.
 *
 * @param ranked as `rankCauses` gives it for this report
 * @param most how many at most
 */
export function tellingSymptoms(
  report: FaultReport,
  ranked: readonly RankedCause[],
  most: number,
): readonly SymptomId[] {
  const { process, present, absent } = report;
  const shown = ranked.filter(({ isShown }) => isShown);
  const reported = new Set<string>([...present, ...absent]);
  const total = shown.reduce((sum, { share }) => sum + share, 0);
  if (shown.length < 2 || total === 0) return [];
  const open = symptomsIn(process).filter(({ id, tellsByAbsence }) => tellsByAbsence && !reported.has(id));
  return open
    .map(({ id, impliesArc }) => {
      const chances = shown.map(({ cause, share }) => {
        const link = impliesArc && cause.noArc ? 'excludes' : linkOf(cause.id, id, process);
        return { share: share / total, chance: chanceOf(link) };
      });
      const mean = chances.reduce((sum, { share, chance }) => sum + share * chance, 0);
      const spread = chances.reduce((sum, { share, chance }) => sum + share * (chance - mean) ** 2, 0);
      return { id, spread };
    })
    .filter(({ spread }) => spread >= LEAST_TELLING)
    .toSorted((a, b) => b.spread - a.spread || (a.id < b.id ? -1 : 1))
    .slice(0, most)
    .map(({ id }) => id);
}
