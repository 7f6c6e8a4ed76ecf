import type { Token } from './meaning.ts';
import type { WorkSlot, StatedWork } from '../plan/work/stated-work.ts';
import type { LineFragment, LineReading } from './line-reading.ts';
import type { TwoWelds } from './scope/two-welds.ts';

/** What is never taken from one weld for both. */
const OF_ONE_WELD: ReadonlySet<WorkSlot> = new Set([
  'thicknessMm',
  'otherThicknessMm',
  'joint',
  'position',
  'legMm',
  'throatMm',
  'outsideMm',
  'seamMm',
  'numberOff',
  'stitchMm',
  'pitchMm',
  'passes',
  'gapMm',
]);

/** What both say alike, or only one says. */
function shared(a: StatedWork, b: StatedWork): StatedWork {
  const entries = Object.entries({ ...b, ...a }).filter(([slot]) => {
    if (OF_ONE_WELD.has(slot as WorkSlot)) return false;
    const [one, other] = [a[slot as WorkSlot], b[slot as WorkSlot]];
    return one === undefined || other === undefined || JSON.stringify(one) === JSON.stringify(other);
  });
  return Object.fromEntries(entries);
}

function covering(fragments: readonly LineFragment[], text: string): readonly LineFragment[] {
  return fragments.map((fragment, i) => ({
    ...fragment,
    start: i === 0 ? 0 : fragment.start,
    end: fragments[i + 1]?.start ?? text.length,
  }));
}

/**
 * A line that says two welds: which of them is asked, each with its own line; what both say, or only one, stands.
 *
 * @param read reads the line of one weld
 */
export function readTwoWelds(
  text: string,
  tokens: readonly Token[],
  { lines, separator, ranges }: TwoWelds,
  read: (line: string) => LineReading,
): LineReading {
  const [one, two] = lines.map(read) as [LineReading, LineReading];
  const message = `These are two welds: which of them? Or save both.`;
  const at = tokens[separator ?? ranges[1][0]] as Token;
  const fragments = tokens.map((token, index): LineFragment => {
    const { start, end, text: word } = token;
    const isTie = index === separator || (separator === undefined && index === ranges[1][0]);
    const inFirst = index < ranges[0][1];
    const part = inFirst ? one : two;
    const same = part.fragments.find((fragment) => fragment.text === word);
    if (isTie) return { start, end, text: word, status: 'questioned', label: 'two welds', slots: ['joint'] };
    // what belongs to one of the two is not said of the line
    const slots = (same?.slots ?? []).filter((slot) => !OF_ONE_WELD.has(slot));
    return {
      start,
      end,
      text: word,
      status: same?.status ?? 'understood',
      label: same?.label ?? word,
      slots,
    };
  });
  return {
    text,
    work: shared(one.work, two.work),
    assumed: shared(one.assumed, two.assumed),
    fragments: covering(fragments, text),
    questions: [
      {
        slot: 'joint',
        message,
        start: at.start,
        end: at.end,
        choices: lines.map((line) => ({ label: line, line })),
      },
    ],
    welds: lines,
  };
}
