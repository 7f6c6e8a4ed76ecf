import type { DialModel } from './dial-model.ts';
import { MOST_BEADS } from './dial-model.ts';
import { GROSS_SHARE, TAPS } from './reading-level.ts';
import {
  type VoltsBead,
  VoltsPosterior,
  voltsPosterior,
  type VoltsPrior,
  windowChance,
} from './volts-posterior.ts';

/** Taken out of the global once: it is asked for millions of times. */
const { abs, log, max, min } = Math;

/** How much a nat of knowing the middle better is worth against the chance to be in the window. Source: our model. */
const KNOWING_WORTH = 0.05;
/** What a bead that burns through costs, where that is looked out for. Source: our model. */
const BLOWN_COST = 0.1;
/** Most chance of burning through that is taken, before and after it did twice. Source: our model. */
const BLOWN_MOST = [0.1, 0.03] as const;
/** A bead that read right within so much of what is taken makes it sure, V. Source: our model. */
const CONFIRMS_WITHIN_V = 0.3;
/** Gain in the chance below which another bead tells no more. Source: our model. */
const NO_GAIN = 0.01;
/** Beads that are still laid after one burnt through. Source: our model. */
const AFTER_BLOWN = 2;
/** How far down is gone at once after one burnt through, V. Source: our model. */
const DOWN_AFTER_BLOWN_V = 1;

/** What the volts of a job can be set to, ascending, V. */
export type SettableVolts = readonly number[];

/** What is to be done next. */
export type NextVolts =
  | { readonly kind: 'weld'; readonly volts: number; readonly known: VoltsPosterior }
  | {
      readonly kind: 'take';
      readonly volts: number;
      readonly known: VoltsPosterior;
      /** Why it ends: sure enough, another bead would tell no more, or it is not settled. */
      readonly because: 'settled' | 'no-gain' | 'blown' | 'most-beads';
      /** Whether it may be kept as proven. */
      readonly isProven: boolean;
    };

const isRight = ({ level }: VoltsBead): boolean =>
  level === 'right' || (typeof level === 'number' && abs(level) <= 1);

/** Volts that no bead is laid at or above: burnt through, less a step; twice that after the second. */
export function ceilingV(beads: readonly VoltsBead[], { stepV }: Pick<DialModel, 'stepV'>): number {
  const blown = beads.filter(({ level }) => level === 'blown');
  const lowest = min(Infinity, ...blown.map(({ volts }) => volts));
  return lowest - min(0.5, stepV) * min(blown.length, 2);
}

/** The volts to take: most likely in the window; of equal ones the nearest to the middle, then the colder. */
export function takenVolts(known: VoltsPosterior, settable: SettableVolts): number {
  const mean = known.meanV;
  let best: { volts: number; chance: number } | undefined;
  for (const volts of settable) {
    const chance = known.inWindow(volts);
    const isBetter =
      !best ||
      chance > best.chance + 1e-9 ||
      (chance > best.chance - 1e-9 && abs(volts - mean) < abs(best.volts - mean) - 1e-9);
    if (isBetter) best = { volts, chance };
  }
  return best?.volts ?? mean;
}

/** Where the first bead is laid. */
function firstVolts(
  prior: VoltsPrior,
  { startOffV, mayBeginAbove }: DialModel,
  settable: SettableVolts,
): number {
  const wanted = prior.middleV + startOffV;
  const allowed = settable.filter((volts) => mayBeginAbove || volts <= prior.middleV + 1e-9);
  const from = allowed.length > 0 ? allowed : settable;
  return from.reduce((a, b) => (abs(b - wanted) < abs(a - wanted) - 1e-9 ? b : a));
}

/** Volts that may be tried next: freely between the beads that were laid, a step beyond them. */
function reachable(
  beads: readonly VoltsBead[],
  known: VoltsPosterior,
  model: DialModel,
  settable: SettableVolts,
): SettableVolts {
  const volts = beads.map((bead) => bead.volts);
  const blown = beads.filter(({ level }) => level === 'blown').length;
  const reach = model.stepV * model.steps;
  const down = blown > 0 ? max(reach, DOWN_AFTER_BLOWN_V) : reach;
  const [low, high] = [min(...volts) - down, max(...volts) + reach];
  const ceiling = ceilingV(beads, model);
  const within = settable.filter((one) => one >= low - 1e-9 && one <= high + 1e-9 && one <= ceiling + 1e-9);
  const open = within.length > 0 ? within : settable.filter((one) => one <= ceiling + 1e-9).slice(-1);
  if (!model.minds) return open;
  const most = BLOWN_MOST[blown >= 2 ? 1 : 0];
  const safe = open.filter((one) => known.blownChance(one) <= most);
  if (safe.length > 0) return safe;
  // the least risky is the coldest
  return open.slice(0, 1);
}

interface Outlook {
  readonly volts: number;
  /** Chance in the window that is to be expected after a bead there, and what it is worth in all. */
  readonly chance: number;
  readonly worth: number;
}

function entropy(share: number): number {
  return share > 0 ? -share * log(share) : 0;
}

/** What a bead at a volts is to be expected to tell. */
function outlook(known: VoltsPosterior, volts: number, model: DialModel, settable: SettableVolts): Outlook {
  const levels = known.outlooks(volts, GROSS_SHARE.usual);
  const { middles, widths, chances } = known;
  const count = middles.length;
  let chance = 0;
  let told = 0;
  let blown = 0;
  const perMiddle = levels.map(() => new Float64Array(count));
  levels.forEach((joint, k) => {
    let total = 0;
    let mean = 0;
    const middle = perMiddle[k] as Float64Array;
    for (let i = 0; i < joint.length; i += 1) {
      const share = joint[i] as number;
      total += share;
      mean += share * (middles[i % count] as number);
      middle[i % count] = (middle[i % count] as number) + share;
    }
    if (total <= 0) return;
    told += entropy(total);
    if (TAPS[k] === 'blown') blown = total;
    chance += max(...nearest(settable, mean / total).map((one) => windowChance(known, joint, one)));
  });
  for (let m = 0; m < count; m += 1) {
    let mass = 0;
    for (let w = 0; w < widths.length; w += 1) mass += chances[w * count + m] as number;
    if (mass <= 0) continue;
    for (const middle of perMiddle) told -= mass * entropy((middle[m] as number) / mass);
  }
  const worth = chance + KNOWING_WORTH * told - (model.minds ? BLOWN_COST * blown : 0);
  return { volts, chance, worth };
}

/** The setting nearest to a volts, and its neighbours. */
function nearest(settable: SettableVolts, volts: number): SettableVolts {
  let at = 0;
  settable.forEach((one, i) => {
    if (abs(one - volts) < abs((settable[at] as number) - volts)) at = i;
  });
  return settable.slice(max(0, at - 1), at + 2);
}

/** How many beads were laid after the first that burnt through. */
function laidAfterBlown(beads: readonly VoltsBead[]): number {
  const first = beads.findIndex(({ level }) => level === 'blown');
  return first < 0 ? 0 : beads.length - first - 1;
}

/**
 * What is to be done after some beads: the next to lay, or what to take. Never a bead at or above volts that blew
 * through; it ends as soon as it is sure enough, or another bead would tell no more.
 *
 * @param settable what can be set, ascending, V; at least one
 * @param isTaps whether the volts come in taps: then no bead near what is taken is asked for
 * @source decision by the expected chance to be in the window: our model, after the handbook on dialling in
 */
export function nextVolts(
  prior: VoltsPrior,
  beads: readonly VoltsBead[],
  model: DialModel,
  settable: SettableVolts,
  isTaps = false,
): NextVolts {
  const known = voltsPosterior(prior, beads);
  if (beads.length === 0) return { kind: 'weld', volts: firstVolts(prior, model, settable), known };
  const ceiling = ceilingV(beads, model);
  const under = settable.filter((one) => one <= ceiling + 1e-9);
  const open = under.length > 0 ? under : settable.slice(0, 1);
  const taken = takenVolts(known, open);
  const chance = known.inWindow(taken);
  const isConfirmed =
    isTaps || beads.some((bead) => isRight(bead) && abs(bead.volts - taken) <= CONFIRMS_WITHIN_V + 1e-9);
  const isSure = chance >= model.stopChance && known.sdV <= model.stopSdV;
  const end = (because: 'settled' | 'no-gain' | 'blown' | 'most-beads'): NextVolts => ({
    kind: 'take',
    volts: taken,
    known,
    because,
    isProven: because === 'settled' && !isTaps,
  });
  if (isSure && isConfirmed) return end('settled');
  if (beads.length >= MOST_BEADS) return end('most-beads');
  if (beads.some(({ level }) => level === 'blown') && model.minds && laidAfterBlown(beads) >= AFTER_BLOWN) {
    return end('blown');
  }
  const outlooks = reachable(beads, known, model, open).map((volts) => outlook(known, volts, model, open));
  const best = outlooks.reduce<Outlook | undefined>(
    (a, b) => (!a || b.worth > a.worth + 1e-9 ? b : a),
    undefined,
  );
  const mostChance = max(...outlooks.map((one) => one.chance));
  if (!best || (beads.length >= 2 && mostChance - chance <= NO_GAIN)) return end('no-gain');
  return { kind: 'weld', volts: best.volts, known };
}
