const HALVES = 2;

function mark(halves: number): string {
  const whole = Math.floor(halves / HALVES);
  return halves % HALVES === 0 ? String(whole) : `${whole === 0 ? '' : whole}½`;
}

/**
 * A knob position in words a hand can set: a whole or half mark, or between two.
 *
 * @param knob position on the scale, 0 or more
 */
export function knobWords(knob: number): string {
  const halves = knob * HALVES;
  const nearest = Math.round(halves);
  if (Math.abs(halves - nearest) <= 0.25) return mark(nearest);
  return `between ${mark(Math.floor(halves))} and ${mark(Math.ceil(halves))}`;
}
