import { midSentence, sentence } from '../base/words/sentence.ts';
import { words, type Words } from '../base/words/words.ts';
import type { LinkStrength } from './fault-cause.ts';
import { faultFactText } from './fault-fact.ts';
import { faultSignRow } from './fault-sign.ts';
import { linkOf } from './link-of.ts';
import type { TableCause } from './causes.ts';
import { factOf, type FaultReport } from './rank-causes.ts';
import { suspicionsOf } from './suspicion.ts';
import { type SymptomId, symptomRow } from './symptoms.ts';

/** Something that speaks for a cause or against it, in plain words. */
export interface FaultReason {
  readonly side: 'for' | 'against';
  readonly text: Words;
}

const SHOWS: Readonly<Record<LinkStrength, string>> = {
  always: 'it nearly always shows so',
  often: 'it often shows so',
  sometimes: 'it sometimes shows so',
  rarely: 'it seldom shows so',
  excludes: 'it cannot show so',
};

function ofPresent(cause: TableCause, symptom: SymptomId, { process }: FaultReport): FaultReason {
  const { text, impliesArc } = symptomRow(symptom);
  if (impliesArc && cause.noArc)
    return { side: 'against', text: words`${text}: there is an arc, and this leaves none` };
  const link = linkOf(cause.id, symptom, process);
  if (link === undefined) return { side: 'against', text: words`${text}: it does not explain this` };
  const side = link === 'excludes' || link === 'rarely' ? 'against' : 'for';
  return { side, text: words`${text}: ${SHOWS[link]}` };
}

function ofAbsent(cause: TableCause, symptom: SymptomId, { process }: FaultReport): readonly FaultReason[] {
  const link = linkOf(cause.id, symptom, process);
  const { text } = symptomRow(symptom);
  if (link === 'always' || link === 'often')
    return [{ side: 'against', text: words`Not there: ${midSentence(text)}. ${sentence(SHOWS[link])}` }];
  return [];
}

/** How many times is said: "once", "3 times". */
function times(count: number): string {
  return count === 1 ? 'once' : `${count} times`;
}

/**
 * What speaks for a cause and against it, what speaks for it first.
 *
 * @param foundHere how often it was what was wrong in this shop, where that counts
 */
export function faultReasons(cause: TableCause, report: FaultReport, foundHere = 0): readonly FaultReason[] {
  const { known, lookedAt = [], shopSteps } = report;
  const reasons: FaultReason[] = [];
  const fact = factOf(cause, known);
  if (cause.fact && fact) {
    const text = faultFactText(cause.fact.of, known[cause.fact.of] ?? '');
    reasons.push({ side: fact === 'convicts' ? 'for' : 'against', text });
  }
  if (lookedAt.includes(cause.id)) reasons.push({ side: 'against', text: 'You looked, and it was not so' });
  reasons.push(...report.present.map((symptom) => ofPresent(cause, symptom, report)));
  reasons.push(...report.absent.flatMap((symptom) => ofAbsent(cause, symptom, report)));
  for (const { steps, why } of suspicionsOf(cause.id, report.job)) {
    if (steps !== 'out') reasons.push({ side: steps > 0 ? 'for' : 'against', text: sentence(why) });
  }
  for (const sign of report.signs ?? []) {
    const { text, steps } = faultSignRow(sign);
    if (steps[cause.id] !== undefined) reasons.push({ side: 'for', text });
  }
  const shop = shopSteps?.[cause.id] ?? 0;
  if (shop > 0 && foundHere > 0)
    reasons.push({ side: 'for', text: words`It was this ${times(foundHere)} in this shop` });
  if (shop < 0) reasons.push({ side: 'against', text: 'It was this less often here than elsewhere' });
  return reasons.toSorted((a, b) => Number(a.side === 'against') - Number(b.side === 'against'));
}
