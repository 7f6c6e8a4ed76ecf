import type { Words } from './words.ts';

/** The text with a capital at its start. */
export function sentence(text: string): string;
export function sentence(text: Words): Words;
export function sentence(text: Words): Words {
  if (typeof text === 'string') return text.charAt(0).toUpperCase() + text.slice(1);
  return { ...text, start: 'capital' };
}

/** The text as it stands within a sentence: no capital at its start. */
export function midSentence(text: string): string;
export function midSentence(text: Words): Words;
export function midSentence(text: Words): Words {
  if (typeof text === 'string') return text.charAt(0).toLowerCase() + text.slice(1);
  return { ...text, start: 'small' };
}
