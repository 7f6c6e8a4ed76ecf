/** Most places that a range may stand for: more is a slip of the hand. Source: our model. */
const MOST_OF_RANGE = 40;

/** The names from one to another: numbers, or letters of one case; undefined where they are no such two. */
function namesBetween(from: string, to: string): readonly string[] | undefined {
  const isLetters = /^[a-z]$/i.test(from) && /^[a-z]$/i.test(to);
  const isNumbers = /^\d+$/.test(from) && /^\d+$/.test(to);
  if (!isLetters && !isNumbers) return undefined;
  const [first, last] = isNumbers ? [Number(from), Number(to)] : [from.charCodeAt(0), to.charCodeAt(0)];
  if (last <= first || last - first >= MOST_OF_RANGE) return undefined;
  const all = Array.from({ length: last - first + 1 }, (_, i) => first + i);
  return all.map((one) => (isNumbers ? String(one) : String.fromCharCode(one)));
}

/** A place that is typed as a range: its two ends. */
const RANGE = /^(\w+)\s*(?:-|–|—|\.\.+|\bto\b)\s*(\w+)$/i;

/**
 * Places with one range among them made all between. Where several look like ranges they are names with a hyphen, as of a
 * coarse and a fine switch.
 *
 * @param places each as it was typed
 */
export function withRange(places: readonly string[]): readonly string[] {
  if (places.filter((place) => RANGE.test(place)).length !== 1) return places;
  return places.flatMap((place) => {
    const [, from, to] = RANGE.exec(place) ?? [];
    if (from === undefined || to === undefined) return [place];
    return namesBetween(from, to) ?? [`${from}-${to}`];
  });
}

/**
 * Names of taps or letters as they are typed in one line: apart by spaces or commas, and one range for all between, "1-10",
 * "A to F" ({@link withRange}).
 *
 * @example
 * positionNames('1-4') // ['1', '2', '3', '4']
 * positionNames('min 1-3 max') // ['min', '1', '2', '3', 'max']
 * positionNames('1-1 1-2 2-1') // ['1-1', '1-2', '2-1']
 */
export function positionNames(text: string): readonly string[] {
  const tokens = text.replace(/(\w)\s*(?:\s-\s|–|—|\.\.+|\bto\b)\s*(\w)/gi, '$1-$2').split(/[\s,;]+/);
  return withRange(tokens.filter((token) => token !== ''));
}
