const { cos, imul, log, PI, sqrt } = Math;

/**
 * Numbers that look random and are the same for the same seed (mulberry32).
 *
 * @param seed any whole number
 * @returns a generator of numbers in [0, 1)
 * @source mulberry32, a public-domain generator, recalled
 */
export function seededRandom(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = state;
    t = imul(t ^ (t >>> 15), t | 1);
    t ^= t + imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

/** A normally distributed number, mean 0, standard deviation 1 (Box–Muller). */
export function normalFrom(random: () => number): number {
  return sqrt(-2 * log(1 - random())) * cos(2 * PI * random());
}

/** A value drawn evenly between two ends. */
export function uniformFrom(random: () => number, [low, high]: readonly [low: number, high: number]): number {
  return low + (high - low) * random();
}
