import { parseLine } from './parse.ts';
import type { LineFragment } from './line-reading.ts';

/** A figure that is asked about takes the place of a thickness. */
function isFigure(status: LineFragment['status'], text: string): boolean {
  return status === 'questioned' && /^\d/.test(text);
}

/** Letters of a word that is little. Source: our tuning. */
const LITTLE_MOST = 2;

/**
 * Whether a name would be read as part of a job: a machine called "steel" or "3 mm" would take those words out of
 * every line.
 */
export function readsAsWork(name: string): boolean {
  const { fragments } = parseLine(name, { unit: 'mm', machineNames: [] });
  const words = fragments.filter(({ text }) => text !== '');
  const isPart = words.every(
    ({ status, text }) => status === 'understood' || status === 'noted' || isFigure(status, text),
  );
  // one little word by itself ("a", "to") stands in every line too
  const isLittle = words.length === 1 && (words[0]?.text.length ?? 0) <= LITTLE_MOST;
  return (
    isPart && words.some(({ slots, status }) => slots.length > 0 || (isLittle && status === 'understood'))
  );
}
