import { inMetric } from '@hot-bead/core/base';
import { ContractError, validated } from '@hot-bead/contract/base';
import { type FaultRanking, faultReportSchema } from '@hot-bead/contract/faults';
import { causeText } from '@hot-bead/core/faults';
import { faultRanking } from '../faults/fault-ranking.ts';
import type { CommandResult } from './command-result.ts';

const USAGE = `Usage: npm run -s fault -- [--json] '{"process":"solid-gas","present":["porosity-heavy"]}'
A report is JSON: process, present, absent, known, and as far as they are known ageDays, job, lacks, signs, lookedAt, found.`;

/** Most causes that are printed as text. */
const MOST_LINES = 10;

function lines({ ranked, next, ignored }: FaultRanking): readonly string[] {
  const shown = ranked.filter((one) => one.shown).slice(0, MOST_LINES);
  return [
    ...(next ? [`Look next (${next.minutes} min): ${next.check}`] : ['Nothing is left to look at.']),
    '',
    ...shown.map(
      ({ cause, share }) =>
        `  ${`${Math.round(share * 100)} %`.padStart(5)}  ${inMetric(causeText(cause))} (${cause})`,
    ),
    ...(ignored.length > 0 ? ['', `Left out, this process cannot have it: ${ignored.join(', ')}`] : []),
  ];
}

/**
 * Ranks a report that is given as JSON.
 *
 * @param args words of the command line after its name
 */
export function faultCommand(args: readonly string[]): CommandResult {
  const asJson = args.includes('--json');
  const [text, ...more] = args.filter((word) => word !== '--json');
  if (text === undefined || more.length > 0) return { output: USAGE, exitCode: 1 };
  let json: unknown;
  try {
    json = JSON.parse(text);
  } catch {
    return { output: `That is no JSON.\n${USAGE}`, exitCode: 1 };
  }
  try {
    const ranking = faultRanking(validated(faultReportSchema, json));
    return { output: asJson ? JSON.stringify(ranking) : lines(ranking).join('\n'), exitCode: 0 };
  } catch (error) {
    if (!(error instanceof ContractError)) throw error;
    const message = error.problems.map((problem) => problem.message).join(' ');
    return { output: asJson ? JSON.stringify({ error: message }) : message, exitCode: 2 };
  }
}
