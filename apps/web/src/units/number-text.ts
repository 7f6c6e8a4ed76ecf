/** A number where the text is one, comma or point; the text itself otherwise, for the contract to refuse at its field. */
export function numberOrText(text: string): number | string {
  const value = Number(text.trim().replace(',', '.'));
  return text.trim() === '' || Number.isNaN(value) ? text : value;
}
