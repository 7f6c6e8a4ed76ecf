import { levelSpan, type LevelReading } from './reading-level.ts';

/** Taken out of the global once: it is asked for millions of times. */
const { exp, sqrt, max, min, floor, round } = Math;

/** Reading noise of a welder, V, and that of a report that is grossly wrong. Source: our model. */
const NOISE_V = 0.2;
const GROSS_NOISE_V = 0.8;
/** How finely the middle is told apart, V, and how far from the book it is looked for. */
export const LATTICE_V = 0.05;
const REACH_V = 4;
/** Half-widths that are weighed, over so many standard deviations. */
const WIDTHS = 9;
const WIDTH_SPREAD = 2.2;
const LEAST_HALF_WIDTH_V = 0.05;
/** Chances so small that what they tell is not reckoned. */
const NEGLIGIBLE = 1e-9;
/** Share of jobs whose middle lies far from the book, and how far, V. Source: our model: without them it is too sure. */
const FAR_SHARE = 0.1;
const FAR_SD_V = 1.5;
/** Never surer of the middle before the first bead than this, V. Source: our model. */
export const LEAST_PRIOR_SD_V = 0.35;

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
}

function logistic(t: number): number {
  return 1 / (1 + exp(-t));
}

function chance([low, high]: readonly [number, number], x: number, noiseV: number): number {
  return logistic((high - x) / noiseV) - logistic((low - x) / noiseV);
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

  /** Chance of a level at a volts for a pair of the lattice. */
  private likelihood({ level, grossShare }: LevelReading, volts: number, w: number, m: number): number {
    const span = levelSpan(level, this.widths[w] as number, this.prior.blownBeyondV);
    const x = volts - (this.middles[m] as number);
    return (1 - grossShare) * chance(span, x, NOISE_V) + grossShare * chance(span, x, GROSS_NOISE_V);
  }

  /** What is known after one more bead. */
  after(bead: VoltsBead): VoltsPosterior {
    const { middles, widths } = this;
    const chances = new Float64Array(this.chances.length);
    for (let w = 0; w < widths.length; w += 1) {
      for (let m = 0; m < middles.length; m += 1) {
        const i = w * middles.length + m;
        const before = this.chances[i] as number;
        if (before > 0) chances[i] = before * this.likelihood(bead, bead.volts, w, m);
      }
    }
    return new VoltsPosterior(this.prior, { middles, widths, chances: normalised(chances) });
  }

  /**
   * What a bead at a volts may be answered with by the taps cold, right, hot and burnt through: for each the chance
   * together with each pair of the lattice.
   */
  outlooks(volts: number, grossShare: number): readonly Float64Array[] {
    const { middles, widths, chances, prior } = this;
    const taps = Array.from({ length: 4 }, () => new Float64Array(chances.length));
    for (let w = 0; w < widths.length; w += 1) {
      const half = widths[w] as number;
      const edges = [-half, half, half + prior.blownBeyondV];
      for (let m = 0; m < middles.length; m += 1) {
        const i = w * middles.length + m;
        const share = chances[i] as number;
        if (share < NEGLIGIBLE) continue;
        const x = volts - (middles[m] as number);
        let below = 0;
        for (let k = 0; k < 4; k += 1) {
          const edge = edges[k];
          const up =
            edge === undefined
              ? 1
              : (1 - grossShare) * logistic((edge - x) / NOISE_V) +
                grossShare * logistic((edge - x) / GROSS_NOISE_V);
          (taps[k] as Float64Array)[i] = share * (up - below);
          below = up;
        }
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
        sum += (chances[w * middles.length + m] as number) * (1 - logistic((edge - x) / NOISE_V));
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
        const clean = (1 - bead.grossShare) * chance(span, bead.volts - (middles[m] as number), NOISE_V);
        const whole = this.likelihood(bead, bead.volts, w, m);
        if (whole > 0) sum += (chances[w * middles.length + m] as number) * (1 - clean / whole);
      }
    }
    return sum;
  }
}

/** Chances that sum to 1; where nothing is left of them (reports that cannot be), all alike. */
function normalised(chances: Float64Array): Float64Array {
  const sum = chances.reduce((total, one) => total + one, 0);
  if (!(sum > 0)) return chances.fill(1 / chances.length);
  return chances.map((one) => one / sum);
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

/** What is known after some beads, in any order. */
export function voltsPosterior(prior: VoltsPrior, beads: readonly VoltsBead[]): VoltsPosterior {
  return beads.reduce((known, bead) => known.after(bead), VoltsPosterior.of(prior));
}
