import { nearestIndex, nearestOf } from '../base/numeric/nearest.ts';
import { BEAD_VERDICTS } from './bead-report.ts';
import { type DialModel, FULL_VOLT_UNDER_V, MOST_BEADS } from './dial-model.ts';
import { verdictOfLevel } from './reading-level.ts';
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
/** A middle so unlikely that what would be told of it is not reckoned. */
const NEGLIGIBLE = 1e-9;
/** Gain in the chance below which another bead tells no more. Source: our model. */
const NO_GAIN = 0.01;
/** Beads that are still laid after one burnt through. Source: our model. */
const AFTER_BLOWN = 2;
/** How far down is gone at once after one burnt through, V. Source: our model. */
const DOWN_AFTER_BLOWN_V = 1;

/** How sure the book is of a middle of which nothing is proven, V: the starts are reckoned for it. Source: our model. */
export const UNPROVEN_SD_V = 0.7;

/** What the volts of a job can be set to, ascending, V. */
export type SettableVolts = readonly number[];

/** What is known of the search beside the beads. */
export interface Search {
  /** What can be set. */
  readonly settable: SettableVolts;
  /** Whether the volts come in taps: then a bead moves by one tap, and none near what is taken is asked for. */
  readonly isTaps?: boolean;
  /** How much less sure the middle is since the last bead, V: the wire speed moves before the next one. */
  readonly widenedV?: number;
}

/** Why it ends: sure enough, another bead would tell no more, burnt through too often or at all that can be set, or it is not settled. */
export type EndReason = 'settled' | 'no-gain' | 'blown' | 'blown-all' | 'most-beads';

/** What is to be done next. */
export type NextVolts =
  | {
      readonly kind: 'weld';
      readonly volts: number;
      readonly known: VoltsPosterior;
      /** What would be taken as things stand. */
      readonly taken: number;
    }
  | {
      readonly kind: 'take';
      readonly volts: number;
      readonly known: VoltsPosterior;
      readonly taken: number;
      readonly because: EndReason;
      /** Whether it may be kept as proven. */
      readonly isProven: boolean;
      /** Where one more bead would tell most, V; undefined: no more of them. */
      readonly oneMore: number | undefined;
    };

const isBlown = ({ level }: VoltsBead): boolean => level === 'blown';

/** Volts that no bead is laid at or above: burnt through, less a step; twice that after the second. */
export function ceilingV(beads: readonly VoltsBead[], { stepV }: Pick<DialModel, 'stepV'>): number {
  const blown = beads.filter(isBlown);
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
  // one that is surer of the middle begins nearer to it; a full volt under is asked for as such
  const surer = abs(startOffV) < FULL_VOLT_UNDER_V ? min(1, prior.middleSdV / UNPROVEN_SD_V) : 1;
  const wanted = prior.middleV + startOffV * surer;
  const allowed = settable.filter((volts) => mayBeginAbove || volts <= prior.middleV + 1e-9);
  return nearestOf(allowed.length > 0 ? allowed : settable, wanted);
}

/** The tap nearest to the coldest bead, less one, and nearest to the hottest, and one. */
function tapReach(taps: SettableVolts, coldest: number, hottest: number): readonly [number, number] {
  return [
    taps[max(0, nearestIndex(taps, coldest) - 1)] as number,
    taps[min(taps.length - 1, nearestIndex(taps, hottest) + 1)] as number,
  ];
}

/**
 * Volts that may be tried next: freely between the beads that were laid, a step beyond them.
 *
 * @param search what can be set under what blew through
 */
function reachable(
  beads: readonly VoltsBead[],
  known: VoltsPosterior,
  model: DialModel,
  { settable, isTaps }: Search,
): SettableVolts {
  const volts = beads.map((bead) => bead.volts);
  const blown = beads.filter(isBlown).length;
  const reach = model.stepV * model.steps;
  const down = blown > 0 ? max(reach, DOWN_AFTER_BLOWN_V) : reach;
  const [coldest, hottest] = [min(...volts), max(...volts)];
  const [low, high] = isTaps ? tapReach(settable, coldest, hottest) : [coldest - down, hottest + reach];
  const within = settable.filter((one) => one >= low - 1e-9 && one <= high + 1e-9);
  const open = within.length > 0 ? within : settable.slice(-1);
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
  const levels = known.outlooks(volts);
  const { middles, widths, chances } = known;
  const count = middles.length;
  let chance = 0;
  let knowledge = 0;
  let blown = 0;
  const perMiddle = levels.map(() => new Float64Array(count));
  levels.forEach((joint, k) => {
    const middle = perMiddle[k] as Float64Array;
    for (let w = 0, i = 0; w < widths.length; w += 1) {
      for (let m = 0; m < count; m += 1, i += 1) middle[m] = (middle[m] as number) + (joint[i] as number);
    }
    let total = 0;
    let mean = 0;
    for (let m = 0; m < count; m += 1) {
      total += middle[m] as number;
      mean += (middle[m] as number) * (middles[m] as number);
    }
    if (total <= 0) return;
    knowledge += entropy(total);
    if (BEAD_VERDICTS[k] === 'blown') blown = total;
    chance += max(...about(settable, mean / total).map((one) => windowChance(known, joint, one)));
  });
  for (let m = 0; m < count; m += 1) {
    let mass = 0;
    for (let w = 0; w < widths.length; w += 1) mass += chances[w * count + m] as number;
    if (mass <= NEGLIGIBLE) continue;
    for (const middle of perMiddle) knowledge -= mass * entropy((middle[m] as number) / mass);
  }
  const worth = chance + KNOWING_WORTH * knowledge - (model.minds ? BLOWN_COST * blown : 0);
  return { volts, chance, worth };
}

/** The setting nearest to a volts, and its neighbours. */
function about(settable: SettableVolts, volts: number): SettableVolts {
  const at = nearestIndex(settable, volts);
  return settable.slice(max(0, at - 1), at + 2);
}

/** How many beads were laid after the first that burnt through. */
function laidAfterBlown(beads: readonly VoltsBead[]): number {
  const first = beads.findIndex(isBlown);
  return first < 0 ? 0 : beads.length - first - 1;
}

/** Chance that what is taken of some taps is the one nearest to the middle. */
function nearestChance(known: VoltsPosterior, taps: SettableVolts, taken: number): number {
  const at = taps.indexOf(taken);
  const edge = (other: number | undefined, open: number): number =>
    other === undefined ? open : (other + taken) / 2;
  return known.between(edge(taps[at - 1], -Infinity), edge(taps[at + 1], Infinity));
}

/** Chance with which the nearest of the taps is sure enough. Source: handbook on dialling in. */
const NEAREST_TAP_CHANCE = 0.85;

/** How sure a setting must be, and of what kind the volts are. */
interface Sureness {
  readonly model: Pick<DialModel, 'stopChance' | 'stopSdV'>;
  readonly isTaps: boolean;
}

/**
 * Whether beads bear a setting out, so that it may be kept as proven: likely in the window, the middle known (between
 * taps nothing can be set, so it need not be), and a bead near it read right.
 */
export function isBorneOut(
  known: VoltsPosterior,
  taken: number,
  beads: readonly VoltsBead[],
  { model: { stopChance, stopSdV }, isTaps }: Sureness,
): boolean {
  const confirms = (bead: VoltsBead): boolean =>
    bead.isAside !== true &&
    verdictOfLevel(bead.level) === 'right' &&
    abs(bead.volts - taken) <= CONFIRMS_WITHIN_V + 1e-9;
  return known.inWindow(taken) >= stopChance && (isTaps || known.sdV <= stopSdV) && beads.some(confirms);
}

/**
 * What is to be done after some beads: the next to lay, or what to take. Never a bead at or above volts that blew
 * through; it ends as soon as it is sure enough, or another bead would tell no more.
 *
 * @param beads oldest first
 * @param search what can be set, ascending, V; at least one
 * @source decision by the expected chance to be in the window: our model, after the handbook on dialling in
 */
export function nextVolts(
  prior: VoltsPrior,
  beads: readonly VoltsBead[],
  model: DialModel,
  search: Search,
): NextVolts {
  const { settable, isTaps = false, widenedV = 0 } = search;
  const known = voltsPosterior(prior, beads).widened(widenedV);
  if (beads.length === 0) {
    const volts = firstVolts(prior, model, settable);
    return { kind: 'weld', volts, known, taken: volts };
  }
  const ceiling = ceilingV(beads, model);
  const open = settable.filter((one) => one <= ceiling + 1e-9);
  const isFull = beads.length >= MOST_BEADS;
  if (open.length === 0) {
    const coldest = settable[0] as number;
    const end = { kind: 'take', because: 'blown-all', isProven: false, oneMore: undefined } as const;
    return { ...end, volts: coldest, taken: coldest, known };
  }
  const taken = takenVolts(known, open);
  const chance = known.inWindow(taken);
  const isProven = widenedV === 0 && isBorneOut(known, taken, beads, { model, isTaps });
  const isSure =
    isProven ||
    (isTaps && (chance >= model.stopChance || nearestChance(known, open, taken) >= NEAREST_TAP_CHANCE));
  const tried = isFull ? [] : reachable(beads, known, model, { settable: open, isTaps });
  const outlooks = tried.map((volts) => outlook(known, volts, model, open));
  const best = outlooks.reduce<Outlook | undefined>(
    (a, b) => (!a || b.worth > a.worth + 1e-9 ? b : a),
    undefined,
  );
  const end = (because: EndReason): NextVolts => ({
    kind: 'take',
    volts: taken,
    known,
    taken,
    because,
    isProven,
    oneMore: best?.volts,
  });
  if (isSure) return end('settled');
  if (isFull) return end('most-beads');
  if (model.minds && laidAfterBlown(beads) >= AFTER_BLOWN) return end('blown');
  const mostChance = max(...outlooks.map((one) => one.chance));
  if (!best || (widenedV === 0 && beads.length >= 2 && mostChance - chance <= NO_GAIN)) return end('no-gain');
  return { kind: 'weld', volts: best.volts, known, taken };
}
