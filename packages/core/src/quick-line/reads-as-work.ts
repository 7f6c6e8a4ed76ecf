import { parseQuickLine } from './parse.ts';
import type { QuickFragment } from './quick-work.ts';

/** A figure that is asked about takes the place of a thickness. */
function isFigure(status: QuickFragment['status'], text: string): boolean {
  return status === 'questioned' && /^\d/.test(text);
}

/**
 * Whether a name would be read as part of a job: a machine called "steel" or "3 mm" would take those words out of
 * every line.
 */
export function readsAsWork(name: string): boolean {
  const { fragments } = parseQuickLine(name, { unit: 'mm', machineNames: [] });
  const words = fragments.filter(({ text }) => text !== '');
  const isPart = words.every(
    ({ status, text }) => status === 'understood' || status === 'noted' || isFigure(status, text),
  );
  return isPart && words.some(({ status, text }) => status === 'understood' || isFigure(status, text));
}
