/** The text with a capital at its start. */
export function sentence(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}

/** The text as it stands within a sentence: no capital at its start. */
export function midSentence(text: string): string {
  return text.charAt(0).toLowerCase() + text.slice(1);
}
