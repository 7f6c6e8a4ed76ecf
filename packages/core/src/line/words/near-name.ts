import { editDistance, slipsAllowed } from './edit-distance.ts';

/** Whether typed words are nearly a machine's name, or one word of it. */
export function readsAsNearName(typed: string, name: string): 'near' | 'part' | undefined {
  const lower = name.toLowerCase();
  if (typed.length <= 2) return undefined;
  if (
    Math.abs(typed.length - lower.length) <= 2 &&
    editDistance(typed, lower) <= Math.max(1, slipsAllowed(name.length))
  )
    return 'near';
  const words = lower.split(/\s+/);
  return words.length > 1 && words.some((word) => word.length > 2 && word === typed) ? 'part' : undefined;
}
