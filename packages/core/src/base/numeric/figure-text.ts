/** A figure as it stands in a text: rounded to so many decimals, without noughts at its end. */
export function figureText(value: number, decimals: number): string {
  return String(Number(value.toFixed(decimals)));
}
