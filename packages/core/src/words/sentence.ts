/** The text with a capital at its start. */
export function sentence(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}
