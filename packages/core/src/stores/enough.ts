import { isSameWire } from '../trade/wire/shelf-wire.ts';
import type { PlannedSetup } from '../plan/setup/setup.ts';
import { cylinderLeft, type Cylinder, spoolLeft, type Spool, type StockItem } from './stock-item.ts';

/** Wire that is kept back for trimming and the end of the spool, share. Source: handbook, from memory. */
export const KEPT_BACK = 0.03;
/** Doubt of what is left and what is needed, taken together, share. Source: our model. */
const DOUBT = { wire: 0.1, gas: 0.15 } as const;
/** Arc minutes that a tip lasts, dip and spray. Source: common practice, from memory: yours may differ by a factor. */
const TIP_LIFE_MIN = 120;
/** Minutes for another spool and another bottle. Source: common practice. */
export const SPOOL_CHANGE_MIN = 6;
export const CYLINDER_CHANGE_MIN = 6;
/** Gas before and after each start, s, where the machine does not say. Source: common practice. */
export const FLOW_AROUND_START_S = 2;

export type LastsVerdict = 'enough' | 'unsure' | 'not-enough' | 'not-known';

/** Whether one thing lasts for a job. */
export interface Lasts {
  readonly verdict: LastsVerdict;
  readonly needs: number;
  /** What is at hand, in the same unit; undefined: nobody said. */
  readonly has: number | undefined;
  /** Arc minutes that what is at hand lasts. */
  readonly lastsMin: number | undefined;
}

function verdictOf(needs: number, has: number | undefined, doubt: number): LastsVerdict {
  if (has === undefined) return 'not-known';
  if (has * (1 - doubt) >= needs) return 'enough';
  return has * (1 + doubt) < needs ? 'not-enough' : 'unsure';
}

function lasts(needs: number, has: number | undefined, perMin: number, doubt: number): Lasts {
  const lastsMin = has === undefined || perMin <= 0 ? undefined : has / perMin;
  return { verdict: verdictOf(needs, has, doubt), needs, has, lastsMin };
}

/** Whether wire, gas and tips last for a job, and what to open when they do not. */
export interface Finish {
  readonly arcTimeMin: number;
  readonly wireKg: Lasts;
  /** undefined: welded without gas. */
  readonly gasL: Lasts | undefined;
  readonly tips: number;
  /** Spools and bottles besides those on the machine, in the order to open them. */
  readonly openNext: readonly StockItem[];
  /** Minutes for the spools and bottles that are changed on the way. */
  readonly changesMin: number;
}

/** Starts of the arc on a job: one a run and stitch. */
function startsOf({ work, runs }: PlannedSetup): number {
  const stitches = work.pitchMm === undefined ? 1 : Math.max(1, Math.ceil((work.seamMm ?? 0) / work.pitchMm));
  return runs.length * stitches * (work.numberOff ?? 1);
}

/** Spools in the order to open them: those that are open already, the smaller rest first. */
export function spoolsFor({ wire, feedPath }: PlannedSetup, stock: readonly StockItem[]): readonly Spool[] {
  return stock
    .filter(
      (item): item is Spool =>
        item.kind === 'spool' &&
        isSameWire(item, wire) &&
        (item.size === 'D100') === (feedPath.gun === 'spool-gun') &&
        spoolLeft(item).kg !== 0,
    )
    .toSorted((a, b) => (spoolLeft(a).kg ?? Infinity) - (spoolLeft(b).kg ?? Infinity));
}

/** Bottles of the gas that hold some, or may: the emptier first. */
export function cylindersFor({ gas }: PlannedSetup, stock: readonly StockItem[]): readonly Cylinder[] {
  return stock
    .filter(
      (item): item is Cylinder =>
        item.kind === 'cylinder' && item.gas === gas.gas.id && cylinderLeft(item).litres !== 0,
    )
    .toSorted((a, b) => (cylinderLeft(a).litres ?? Infinity) - (cylinderLeft(b).litres ?? Infinity));
}

/** Wire of a spool that can be welded with, kg; undefined: nobody knows. */
function usableKg(spool: Spool): number | undefined {
  const { kg } = spoolLeft(spool);
  return kg === undefined ? undefined : kg * (1 - KEPT_BACK);
}

function litresOf(cylinder: Cylinder | undefined): number | undefined {
  return cylinder && cylinderLeft(cylinder).litres;
}

/** Things to open until they do, after the one in use. */
function opened<T>(
  list: readonly T[],
  first: number,
  needs: number,
  holds: (one: T) => number,
): readonly T[] {
  const out: T[] = [];
  let have = first;
  for (const one of list) {
    if (have >= needs) break;
    out.push(one);
    have += holds(one);
  }
  return out;
}

/**
 * Whether wire, gas and tips last for a plan.
 *
 * @param inUse the spool and the bottle on the machine, where Stores know them
 * @param stock everything else in Stores
 * @returns undefined while the seam's length is not known
 * @source need ÷ have, handbook; 3 % of the wire kept back; doubts, tips and changes our model or common practice
 */
export function willItFinish(
  plan: PlannedSetup,
  inUse: { readonly spool?: Spool | undefined; readonly cylinder?: Cylinder | undefined },
  stock: readonly StockItem[],
): Finish | undefined {
  const { totals } = plan;
  if (!totals) return undefined;
  const { arcTimeMin, wireKg } = totals;
  const flow = plan.gasFlowLPerMin.start;
  const needsL = totals.gasL + (startsOf(plan) * FLOW_AROUND_START_S * flow) / 60;
  const hasKg = inUse.spool && usableKg(inUse.spool);
  const hasL = litresOf(inUse.cylinder);
  const wire = lasts(wireKg, hasKg, arcTimeMin > 0 ? wireKg / arcTimeMin : 0, DOUBT.wire);
  const gas = plan.gas.gas.shields ? lasts(needsL, hasL, flow, DOUBT.gas) : undefined;
  const moreWire =
    hasKg === undefined
      ? []
      : opened(
          spoolsFor(plan, stock).filter((one) => one !== inUse.spool),
          hasKg,
          wireKg,
          (one) => usableKg(one) ?? 0,
        );
  const moreGas =
    !gas || hasL === undefined
      ? []
      : opened(
          cylindersFor(plan, stock).filter((one) => one !== inUse.cylinder),
          hasL,
          needsL,
          (one) => cylinderLeft(one).litres ?? 0,
        );
  return {
    arcTimeMin,
    wireKg: wire,
    gasL: gas,
    tips: Math.ceil(arcTimeMin / TIP_LIFE_MIN),
    openNext: [...moreWire, ...moreGas],
    changesMin: moreWire.length * SPOOL_CHANGE_MIN + moreGas.length * CYLINDER_CHANGE_MIN,
  };
}
