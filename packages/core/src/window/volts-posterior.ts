import { cleanChance, readingChance, readOver, readUnder } from './reading-chance.ts';
import { levelSpan, type LevelReading } from './reading-level.ts';

/** Taken out of the global once: it is asked for millions of times. */
const { exp, sqrt, max, min, floor, round } = Math;

/** How finely the middle is told apart, V, and how far from the book it is looked for. Source: our tuning. */
export const LATTICE_V = 0.05;
const REACH_V = 4;
/** Half-widths that are weighed, over so many standard deviations. */
const WIDTHS = 9;
const WIDTH_SPREAD = 2.2;
const LEAST_HALF_WIDTH_V = 0.05;
/** Chances so small that what they tell is not reckoned. */
const NEGLIGIBLE = 1e-9;
/** A chance so small that no run of reports brings it back. */
const LEAST_CHANCE = 1e-14;
/** The same for what a bead that is not laid yet would tell. */
const NEGLIGIBLE_AHEAD = 1e-7;
/** Share of jobs whose middle lies far from the book, and how far, V. Source: our model: without them it is too sure. */
const FAR_SHARE = 0.1;
const FAR_SD_V = 1.5;
/** Never surer of the middle before the first bead than this, V. Source: our model. */
export const LEAST_PRIOR_SD_V = 0.35;

/** From this chance on a report is asked about. Source: handbook on dialling in. */
export const GROSS_ASK = 0.3;

/** What is believed of a job's volts before its first bead. */
export interface VoltsPrior {
  /** Middle of the window and how sure it is, V. */
  readonly middleV: number;
  readonly middleSdV: number;
  /** Half the window and how it varies from job to job, V. */
  readonly halfWidthV: number;
  readonly halfWidthSdV: number;
  /** How far above the window a bead burns through, V. */
  readonly blownBeyondV: number;
}

/** A bead as the estimator takes it: its volts, over the line where the wire speed moved, and what was read. */
export interface VoltsBead extends LevelReading {
  readonly volts: number;
  /** How much less sure the middle is since the bead before, V, one standard deviation: the wire speed moved. */
  readonly widenedV?: number | undefined;
  /** Whether it was laid where the setting that is looked for lies; if not, it does not confirm it. */
  readonly isAside?: boolean | undefined;
}

/**
 * What is known of the middle and the half-width of a job's window: a chance for each pair of a lattice.
 *
 * @source ordered-response model with logistic noise and a share of gross errors: our model
 */
export class VoltsPosterior {
  /** Middles of the lattice, ascending, V. */
  readonly middles: Float64Array;
  readonly widths: Float64Array;
  /** By half-width, then by middle; sums to 1. */
  readonly chances: Float64Array;

  private constructor(
    readonly prior: VoltsPrior,
    lattice: Pick<VoltsPosterior, 'middles' | 'widths' | 'chances'>,
  ) {
    ({ middles: this.middles, widths: this.widths, chances: this.chances } = lattice);
  }

  /** What is believed before the first bead. */
  static of(prior: VoltsPrior): VoltsPosterior {
    const { middleV, halfWidthV, halfWidthSdV } = prior;
    const middleSdV = max(prior.middleSdV, LEAST_PRIOR_SD_V);
    const steps = round(REACH_V / LATTICE_V);
    const zero = round(middleV / LATTICE_V);
    const middles = Float64Array.from({ length: 2 * steps + 1 }, (_, i) => (zero - steps + i) * LATTICE_V);
    const widths = Float64Array.from({ length: WIDTHS }, (_, i) =>
      max(LEAST_HALF_WIDTH_V, halfWidthV + halfWidthSdV * WIDTH_SPREAD * ((2 * i) / (WIDTHS - 1) - 1)),
    );
    const bell = (x: number, sd: number): number => exp(-0.5 * (x / sd) ** 2) / sd;
    const chances = new Float64Array(middles.length * WIDTHS);
    for (let w = 0; w < WIDTHS; w += 1) {
      const width = bell((widths[w] as number) - halfWidthV, halfWidthSdV);
      for (let m = 0; m < middles.length; m += 1) {
        const off = (middles[m] as number) - middleV;
        const middle = (1 - FAR_SHARE) * bell(off, middleSdV) + FAR_SHARE * bell(off, FAR_SD_V);
        chances[w * middles.length + m] = width * middle;
      }
    }
    return new VoltsPosterior(prior, { middles, widths, chances: normalised(chances) });
  }

  /** What is known after one more bead. */
  after(bead: VoltsBead): VoltsPosterior {
    const { middles, widths } = this;
    const chances = new Float64Array(this.chances.length);
    for (let w = 0; w < widths.length; w += 1) {
      const span = levelSpan(bead.level, widths[w] as number, this.prior.blownBeyondV);
      for (let m = 0; m < middles.length; m += 1) {
        const i = w * middles.length + m;
        const before = this.chances[i] as number;
        if (before < LEAST_CHANCE) continue;
        chances[i] = before * readingChance(bead.grossShare, span, bead.volts - (middles[m] as number));
      }
    }
    return new VoltsPosterior(this.prior, { middles, widths, chances: normalised(chances) });
  }

  /** What is known once the middle has become less sure, by one standard deviation, V. */
  widened(sdV: number): VoltsPosterior {
    if (!(sdV > 0)) return this;
    const { middles, widths } = this;
    const count = middles.length;
    const reach = Math.ceil((3 * sdV) / LATTICE_V);
    const bell = Float64Array.from({ length: 2 * reach + 1 }, (_, i) =>
      exp(-0.5 * (((i - reach) * LATTICE_V) / sdV) ** 2),
    );
    const chances = new Float64Array(this.chances.length);
    for (let w = 0; w < widths.length; w += 1) {
      for (let m = 0; m < count; m += 1) {
        const share = this.chances[w * count + m] as number;
        if (share < NEGLIGIBLE) continue;
        for (let k = max(0, m - reach); k <= min(count - 1, m + reach); k += 1) {
          chances[w * count + k] =
            (chances[w * count + k] as number) + share * (bell[k - m + reach] as number);
        }
      }
    }
    return new VoltsPosterior(this.prior, { middles, widths, chances: normalised(chances) });
  }

  /** Chance that the middle lies between two volts; edges are interpolated. */
  between(lowV: number, highV: number): number {
    const { middles, chances } = this;
    const first = middles[0] as number;
    const [low, high] = [(lowV - first) / LATTICE_V + 0.5, (highV - first) / LATTICE_V + 0.5];
    let sum = 0;
    for (let i = 0; i < chances.length; i += 1) {
      const m = i % middles.length;
      sum += (chances[i] as number) * max(0, min(high, m + 1) - max(low, m));
    }
    return sum;
  }

  /** Volts under which the middle lies with a chance of 0 to 1. */
  quantileV(share: number): number {
    const { middles, chances } = this;
    const count = middles.length;
    let sum = 0;
    for (let m = 0; m < count; m += 1) {
      let here = 0;
      for (let i = m; i < chances.length; i += count) here += chances[i] as number;
      if (sum + here >= share) {
        return (middles[m] as number) + LATTICE_V * ((share - sum) / max(here, NEGLIGIBLE) - 0.5);
      }
      sum += here;
    }
    return middles[count - 1] as number;
  }

  /**
   * What a bead at a volts may be answered with by the taps cold, right, hot and burnt through: for each the chance
   * together with each pair of the lattice.
   */
  outlooks(volts: number): readonly Float64Array[] {
    const { middles, widths, chances, prior } = this;
    const count = middles.length;
    const taps = Array.from({ length: 4 }, () => new Float64Array(chances.length));
    const [cold, right, hot, blown] = taps as [Float64Array, Float64Array, Float64Array, Float64Array];
    for (let w = 0; w < widths.length; w += 1) {
      const half = widths[w] as number;
      for (let m = 0; m < count; m += 1) {
        const i = w * count + m;
        const share = chances[i] as number;
        if (share < NEGLIGIBLE_AHEAD) continue;
        const x = volts - (middles[m] as number);
        const underCold = readUnder(-half - x);
        const underHot = readUnder(half - x);
        const underBlown = readUnder(half + prior.blownBeyondV - x);
        cold[i] = share * underCold;
        right[i] = share * (underHot - underCold);
        hot[i] = share * (underBlown - underHot);
        blown[i] = share * (1 - underBlown);
      }
    }
    return taps;
  }

  /** The middle to be expected, V. */
  get meanV(): number {
    return this.moment((middle) => middle);
  }

  /** How sure the middle is, V. */
  get sdV(): number {
    const mean = this.meanV;
    return sqrt(this.moment((middle) => (middle - mean) ** 2));
  }

  private moment(of: (middle: number) => number): number {
    const { middles, chances } = this;
    let sum = 0;
    for (let i = 0; i < chances.length; i += 1) {
      sum += (chances[i] as number) * of(middles[i % middles.length] as number);
    }
    return sum;
  }

  /** Chance that a volts lies in the window. Edges are interpolated: each middle stands for its cell. */
  inWindow(volts: number): number {
    return windowChance(this, this.chances, volts);
  }

  /** Chance that a bead at a volts burns through. */
  blownChance(volts: number): number {
    const { middles, widths, chances, prior } = this;
    let sum = 0;
    for (let w = 0; w < widths.length; w += 1) {
      const edge = (widths[w] as number) + prior.blownBeyondV;
      for (let m = 0; m < middles.length; m += 1) {
        const x = volts - (middles[m] as number);
        sum += (chances[w * middles.length + m] as number) * readOver(edge - x);
      }
    }
    return sum;
  }

  /**
   * Chance that the report of one bead was grossly wrong, given all that is known with it.
   *
   * @param bead one of the beads that made this posterior
   */
  grossChance(bead: VoltsBead): number {
    const { middles, widths, chances, prior } = this;
    let sum = 0;
    for (let w = 0; w < widths.length; w += 1) {
      const span = levelSpan(bead.level, widths[w] as number, prior.blownBeyondV);
      for (let m = 0; m < middles.length; m += 1) {
        const x = bead.volts - (middles[m] as number);
        const clean = cleanChance(bead.grossShare, span, x);
        const whole = readingChance(bead.grossShare, span, x);
        if (whole > 0) sum += (chances[w * middles.length + m] as number) * (1 - clean / whole);
      }
    }
    return sum;
  }
}

/** Chances that sum to 1; where nothing is left of them (reports that cannot be), all alike. */
function normalised(chances: Float64Array): Float64Array {
  let sum = 0;
  for (let i = 0; i < chances.length; i += 1) sum += chances[i] as number;
  if (!(sum > 0)) return chances.fill(1 / chances.length);
  for (let i = 0; i < chances.length; i += 1) chances[i] = (chances[i] as number) / sum;
  return chances;
}

/** Chance that a volts lies in the window, for chances over a posterior's lattice; they need not sum to 1. */
export function windowChance(
  { middles, widths }: Pick<VoltsPosterior, 'middles' | 'widths'>,
  chances: Float64Array,
  volts: number,
): number {
  const first = middles[0] as number;
  let sum = 0;
  for (let w = 0; w < widths.length; w += 1) {
    const half = widths[w] as number;
    // in cells, each middle standing for half a step on both sides of it
    const low = (volts - half - first) / LATTICE_V + 0.5;
    const high = (volts + half - first) / LATTICE_V + 0.5;
    const from = max(0, floor(low));
    const to = min(middles.length - 1, floor(high));
    for (let m = from; m <= to; m += 1) {
      const share = min(high, m + 1) - max(low, m);
      sum += (chances[w * middles.length + m] as number) * share;
    }
  }
  return sum;
}

/** What is known after some beads; their order is of no matter where none of them widens. */
export function voltsPosterior(prior: VoltsPrior, beads: readonly VoltsBead[]): VoltsPosterior {
  return beads.reduce(
    (known, bead) => known.widened(bead.widenedV ?? 0).after(bead),
    VoltsPosterior.of(prior),
  );
}
