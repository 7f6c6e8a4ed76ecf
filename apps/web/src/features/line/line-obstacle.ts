import { words, type Words } from '@hot-bead/core/base';
import type { LineReading } from '@hot-bead/core/line';

/** What keeps a line from being saved, in words; undefined when nothing does. */
export function lineObstacle(reading: LineReading | undefined): Words | undefined {
  // while the reader is not there the server says it
  if (!reading) return undefined;
  const bad = reading.fragments.find((fragment) => fragment.code !== undefined);
  if (bad) return bad.code === 'line-too-long' ? bad.label : words`${bad.text}: ${bad.label}`;
  const said = reading.fragments.some((fragment) => fragment.slots.length > 0);
  return said ? undefined : 'Nothing here is a job we can read. Try: 3 mm steel tee flat.';
}
