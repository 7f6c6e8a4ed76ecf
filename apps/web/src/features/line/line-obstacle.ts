import { inWords, type Units, words, type Words } from '@hot-bead/core/base';
import type { LineReading } from '@hot-bead/core/line';
import { exampleLine } from '../../units/index.ts';

/** What keeps a line from being saved, in words; undefined when nothing does. */
export function lineObstacle(reading: LineReading, units: Units): string | undefined {
  const problem = obstacleOf(reading, units);
  return problem && inWords(problem, { units });
}

function obstacleOf(reading: LineReading, units: Units): Words | undefined {
  const bad = reading.fragments.find((fragment) => fragment.code !== undefined);
  if (bad) return bad.code === 'line-too-long' ? bad.label : words`${bad.text}: ${bad.label}`;
  const hasSlots = reading.fragments.some((fragment) => fragment.slots.length > 0);
  return hasSlots ? undefined : words`Nothing here is a job we can read. Try: ${exampleLine(units)}.`;
}
