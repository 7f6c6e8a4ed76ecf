/** What an inch is divided by on a rule, coarsest first. Source: common practice. */
const DENOMINATORS = [1, 2, 4, 8, 16, 32, 64] as const;

/**
 * An inch as a rule shows it: the coarsest fraction that lies near enough, `1-1/2`; undefined where none does.
 *
 * @param inches above 0
 * @param off how far the fraction may lie off, as a share
 * @param finest the finest division that counts
 */
export function inchFraction(inches: number, off: number, finest = 64): string | undefined {
  for (const denominator of DENOMINATORS) {
    const parts = Math.round(inches * denominator);
    if (denominator > finest) return undefined;
    if (parts === 0 || Math.abs(parts / denominator / inches - 1) > off) continue;
    const whole = Math.floor(parts / denominator);
    const rest = parts % denominator;
    const texts = [whole > 0 ? String(whole) : '', rest > 0 ? `${rest}/${denominator}` : ''];
    return texts.filter((text) => text !== '').join('-');
  }
  return undefined;
}
