import { causeRow, type CauseId, causesIn, type TableCause } from '../src/faults/causes.ts';
import { type FaultStation, FAULT_STATIONS } from '../src/faults/fault-cause.ts';
import type { FaultProcess } from '../src/faults/fault-process.ts';
import { linkOf } from '../src/faults/link-of.ts';
import { nextChecks } from '../src/faults/next-checks.ts';
import { type FaultReport, type RankedCause, rankCauses } from '../src/faults/rank-causes.ts';
import { symptomsIn } from '../src/faults/symptoms.ts';
import { seededRandom } from '../src/base/numeric/seeded-random.ts';

/** Ways to go about looking: where most is found a minute, likeliest first, or the same round every time. */
export const CHECK_ORDERS = ['next-check', 'likeliest-first', 'fixed-order'] as const;
export type CheckOrder = (typeof CHECK_ORDERS)[number];

/** What a simulated shop is. */
export interface FaultWorld {
  readonly process: FaultProcess;
  readonly cases: number;
  readonly seed: number;
  /** By how much how common a cause is, and how often it shows something, differ from the tables: 0.3 is 30 %. */
  readonly off: number;
}

/** How often a cause shows a symptom in the tables, written anew: the simulation must not lean on the ranking's own. */
const SHOWS: Readonly<Record<string, number>> = {
  always: 0.95,
  often: 0.7,
  sometimes: 0.35,
  rarely: 0.08,
  excludes: 0.005,
};
const SHOWS_UNLINKED = 0.03;
/** Most that a welder reports of what is there, and of what is not. */
const MOST_TOLD = 3;
const MOST_DENIED = 2;
/** What turning to a look takes, min. */
const TURN_MIN = 0.3;

/** Order of suspicion as practitioners teach it. Source: handbook, practice. */
const SUSPECTED: readonly FaultStation[] = [
  'leads',
  'gas',
  'work-clamp',
  'rolls',
  'tip-nozzle',
  'liner',
  'spool',
  'technique',
  'joint/metal',
  'arc/settings',
  'machine',
];

interface SimulatedCase {
  readonly cause: CauseId;
  readonly report: FaultReport;
}

/** Cases of a world whose shares stand off the tables by a factor of up to 1 ± off, the same for the whole world. */
export function simulatedCases({ process, cases, seed, off }: FaultWorld): readonly SimulatedCase[] {
  const random = seededRandom(seed);
  const moved = (): number => 1 + off * (2 * random() - 1);
  const open = causesIn(process);
  const weights = open.map(({ prior }) => 2 ** ((prior[process] ?? 1) - 1) * moved());
  const seen = symptomsIn(process);
  const shows = open.map((cause) =>
    seen.map(({ id, impliesArc }) => {
      if (impliesArc && cause.noArc) return 0;
      const link = linkOf(cause.id, id, process);
      return Math.min(0.99, (link === undefined ? SHOWS_UNLINKED : (SHOWS[link] ?? 0)) * moved());
    }),
  );
  const total = weights.reduce((sum, one) => sum + one, 0);
  const out: SimulatedCase[] = [];
  while (out.length < cases) {
    let left = random() * total;
    const at = Math.max(
      0,
      weights.findIndex((weight) => (left -= weight) < 0),
    );
    const states = seen.map(({ id }, i) => ({
      id,
      there: random() < (shows[at]?.[i] ?? 0),
    }));
    const shuffled = states.map((state) => ({ ...state, key: random() })).toSorted((a, b) => a.key - b.key);
    const present = shuffled.filter(({ there }) => there).slice(0, MOST_TOLD);
    const absent = shuffled.filter(({ there }) => !there).slice(0, MOST_DENIED);
    const cause = open[at];
    if (!cause || present.length === 0) continue;
    const ids = (list: typeof present) => list.map(({ id }) => id);
    out.push({ cause: cause.id, report: { process, present: ids(present), absent: ids(absent), known: {} } });
  }
  return out;
}

function stationOf({ station }: TableCause): number {
  const at = SUSPECTED.indexOf(station);
  return at < 0 ? FAULT_STATIONS.length : at;
}

/** The causes that the next look answers. */
function nextLook(
  order: CheckOrder,
  ranked: readonly RankedCause[],
  looked: readonly CauseId[],
): readonly CauseId[] {
  const open = ranked.filter(({ cause }) => !looked.includes(cause.id));
  if (order === 'next-check') {
    const [first] = nextChecks(open, looked);
    if (first) return first.causes;
  }
  const shown = open.filter(({ isShown }) => isShown);
  const pool = shown.length > 0 ? shown : open;
  const first =
    order === 'fixed-order' ? pool.toSorted((a, b) => stationOf(a.cause) - stationOf(b.cause))[0] : pool[0];
  if (!first) return [];
  return open.filter(({ cause }) => cause.check === first.cause.check).map(({ cause }) => cause.id);
}

/** Minutes until the cause is found, every look taken and every answer true. */
export function minutesToFind({ cause, report }: SimulatedCase, order: CheckOrder): number {
  const looked: CauseId[] = [];
  let minutes = 0;
  for (;;) {
    const causes = nextLook(order, rankCauses({ ...report, lookedAt: looked }), looked);
    if (causes.length === 0) return minutes;
    minutes += Math.max(...causes.map((id) => causeRow(id).checkMin)) + TURN_MIN;
    if (causes.includes(cause)) return minutes;
    looked.push(...causes);
  }
}

/** Mean minutes to the cause of each way to go about it, on the same cases. */
export function meanMinutes(world: FaultWorld): Readonly<Record<CheckOrder, number>> {
  const cases = simulatedCases(world);
  const mean = (order: CheckOrder): number =>
    cases.reduce((sum, one) => sum + minutesToFind(one, order), 0) / cases.length;
  return {
    'next-check': mean('next-check'),
    'likeliest-first': mean('likeliest-first'),
    'fixed-order': mean('fixed-order'),
  };
}
