import { positionFit } from '../terms/position-fit.ts';
import { nearestIndex } from '../base/numeric/nearest.ts';
import { priorOf, type WeldedWith } from './proof/welded-with.ts';
import { planDialModel } from '../plan/setup/plan-dial-model.ts';
import { bookVoltsAt } from '../plan/setup/window-curve.ts';
import type { BeadVerdict, TestBead } from '../window/bead-report.ts';
import type { BeadSetting } from '../window/bead-setting.ts';
import { type DialModel, type DialWay, searchModel } from '../window/dial-model.ts';
import { type EndReason, nextVolts, type NextVolts } from '../window/next-volts.ts';
import { beadsOverLine, isOnOneLine, movedSdV } from '../window/over-line.ts';
import { beadVerdict, readingOf } from '../window/reading-level.ts';
import { GROSS_ASK, type VoltsPosterior } from '../window/volts-posterior.ts';
import { heatAskedOf, heatStep } from './heat-step.ts';
import { type Candidate, columnsOf, type DialledPlan, givenSpeed, isTapped, settable } from './settable.ts';

/** A bead of a ladder as it is kept; what it was welded with, where that was recorded. */
export interface LadderBead extends TestBead {
  readonly weldedWith?: WeldedWith | null | undefined;
}

/** How a dial-in is to be gone about. */
export interface DialInChoice {
  readonly way: DialWay;
  /** Whether it begins a full volt under the middle. */
  readonly isLowStart?: boolean;
}

/** What is to be done next. */
export type DialInNext =
  | { readonly kind: 'weld'; readonly setting: BeadSetting; readonly why: WeldReason }
  | {
      readonly kind: 'take';
      readonly setting: BeadSetting;
      readonly because: EndReason;
      /** Whether it may be kept as proven. */
      readonly isProven: boolean;
      /** One more bead, where it would tell most. */
      readonly oneMore: BeadSetting | undefined;
    };

/** Why a bead lies where it does. */
export type WeldReason = 'first' | 'colder' | 'hotter' | 'between' | 'again' | 'more-heat' | 'less-heat';

/** Where a dial-in stands. */
export interface DialIn {
  readonly way: DialWay;
  readonly model: DialModel;
  readonly isTaps: boolean;
  readonly next: DialInNext;
  /** What is known of the middle, over the line, V. */
  readonly known: VoltsPosterior;
  /** Where the middle of the window probably lies, as settings, from cold to hot. */
  readonly probable: readonly [BeadSetting, BeadSetting];
  /** What can be set, from cold to hot, each with the chance that it lies in the window. */
  readonly outlook: readonly (BeadSetting & { readonly chance: number })[];
  /** Where no tap is surely in the window: a wire speed at which one would be. */
  readonly tapFit: BeadSetting | undefined;
  /** How far the first bead lies from what is believed of the middle, V. */
  readonly beginsOffV: number;
  /** The bead whose report does not fit the others and was not asked about yet: its place in the ladder. */
  readonly doubted: number | undefined;
  /** The bead that read right and whose heat was not said, once the volts are settled: its place in the ladder. */
  readonly heatOpen: number | undefined;
  /** The hottest bead that read cold under, and the coldest that read hot over, a bead that read right. */
  readonly bracket: { readonly colder?: BeadSetting | undefined; readonly hotter?: BeadSetting | undefined };
}

/** Chances that the middle lies under the ends of what is called probable. Source: our tuning. */
const PROBABLE = [0.1, 0.9] as const;

interface Lined {
  readonly bead: LadderBead;
  readonly bookV: number;
}

function nearest(candidates: readonly Candidate[], overLineV: number): Candidate {
  const overs = candidates.map((one) => one.overLineV);
  return candidates[nearestIndex(overs, overLineV)] as Candidate;
}

function settingOf({ wireFeedSpeedMPerMin, volts }: Candidate): BeadSetting {
  return { wireFeedSpeedMPerMin, volts };
}

/** The bracket about the beads that read right. */
function bracketOf(lined: readonly Lined[]): DialIn['bracket'] {
  const over = ({ bead, bookV }: Lined): number => bead.volts - bookV;
  const of = (verdict: BeadVerdict): readonly Lined[] =>
    lined
      .filter(({ bead }) => readingOf(bead) && beadVerdict(bead) === verdict)
      .toSorted((a, b) => over(a) - over(b));
  const right = of('right').map(over);
  const colder = of('cold').findLast((one) => over(one) < Math.min(...right));
  const hotter = [...of('hot'), ...of('blown')].find((one) => over(one) > Math.max(...right));
  return right.length === 0 ? {} : { colder: colder?.bead, hotter: hotter?.bead };
}

/** The report that fits the others least, where it is likely wrong and was not asked about. */
function doubtedOf(lined: readonly Lined[], known: VoltsPosterior): number | undefined {
  // what was said to be amiss of itself need not be asked about
  const isOpen = ({ doubt, cooled, flags }: LadderBead): boolean =>
    doubt === undefined && cooled !== false && (flags?.length ?? 0) === 0;
  const chances = lined.map((one, i) => {
    const [bead] = beadsOverLine([one], () => true);
    return { i, chance: bead && isOpen(one.bead) ? known.grossChance(bead) : 0 };
  });
  const worst = chances.reduce<{ i: number; chance: number } | undefined>(
    (best, one) => (one.chance > (best?.chance ?? GROSS_ASK) ? one : best),
    undefined,
  );
  return worst?.i;
}

function weldReason(setting: Candidate, lined: readonly Lined[]): WeldReason {
  const laid = lined.map(({ bead, bookV }) => bead.volts - bookV);
  if (laid.some((one) => Math.abs(one - setting.overLineV) < 0.03)) return 'again';
  if (setting.overLineV > Math.max(...laid)) return 'hotter';
  return setting.overLineV < Math.min(...laid) ? 'colder' : 'between';
}

/** What is held before the next bead: what the last bead was laid at, moved by the heat that it asked for. */
interface Held extends BeadSetting {
  readonly bookV: number;
  readonly heat: 'more-heat' | 'less-heat' | undefined;
}

function heldOf(dialled: DialledPlan, way: DialWay, lined: readonly Lined[]): Held {
  const { plan } = dialled;
  const last = lined.at(-1);
  if (!last) {
    const volts = plan.volts.start;
    const speed = givenSpeed(dialled, { wireFeedSpeedMPerMin: plan.wireFeedSpeedMPerMin.start, volts });
    return { wireFeedSpeedMPerMin: speed, volts, bookV: bookVoltsAt(plan, speed), heat: undefined };
  }
  const ladder = lined.map(({ bead }) => bead);
  const right = lined[heatAskedOf(ladder)];
  const step = heatStep(right?.bead.heat, ladder);
  const moved = right && step !== undefined ? heatedSpeed(dialled, way, right.bead, step) : undefined;
  if (right === undefined || moved === undefined || step === undefined) {
    const { wireFeedSpeedMPerMin, volts } = last.bead;
    return { wireFeedSpeedMPerMin, volts, bookV: last.bookV, heat: undefined };
  }
  const { volts } = right.bead;
  const bookV = bookVoltsAt(plan, moved);
  const followed = Number((volts + bookV - right.bookV).toFixed(1));
  return {
    wireFeedSpeedMPerMin: moved,
    volts: way === 'volts-first' ? followed : volts,
    bookV,
    heat: step > 1 ? 'more-heat' : 'less-heat',
  };
}

/** The wire speed of more or less heat: of a chart the next column; undefined where there is none. */
function heatedSpeed(dialled: DialledPlan, way: DialWay, at: BeadSetting, step: number): number | undefined {
  const speed = at.wireFeedSpeedMPerMin;
  if (way !== 'columns') return givenSpeed(dialled, { ...at, wireFeedSpeedMPerMin: speed * step });
  const speeds = (columnsOf(dialled) ?? []).map((column) => column.wireFeedSpeedMPerMin);
  return step > 1 ? speeds.find((one) => one > speed + 0.01) : speeds.findLast((one) => one < speed - 0.01);
}

/** Of a chart after a heat step only its next column is open. */
function openAt(candidates: readonly Candidate[], held: Held, way: DialWay): readonly Candidate[] {
  if (held.heat === undefined || way !== 'columns') return candidates;
  return candidates.filter((one) => one.wireFeedSpeedMPerMin === held.wireFeedSpeedMPerMin);
}

/**
 * Where a dial-in stands: what is known of the window, and the next bead, or what to take.
 *
 * @param dialled the plan, and the machine in whose steps it is set
 * @param ladder beads of this plan's work on this machine, oldest first
 * @param choice the way that is gone, open on the machine
 * @source handbook on dialling in: our model
 */
export function dialIn(dialled: DialledPlan, ladder: readonly LadderBead[], choice: DialInChoice): DialIn {
  const { plan } = dialled;
  const { way, isLowStart = false } = choice;
  const lined = ladder.map((bead) => ({
    bead,
    bookV: bead.weldedWith?.bookVolts ?? bookVoltsAt(plan, bead.wireFeedSpeedMPerMin),
  }));
  const held = heldOf(dialled, way, lined);
  const isTaps = way !== 'volts-first' && isTapped(dialled, held.wireFeedSpeedMPerMin);
  const model = searchModel(planDialModel(plan), { way, isLowStart, isTaps });
  const { offsetV: middleV, sdV: middleSdV } = ladder[0]?.weldedWith?.prior ?? priorOf(plan);
  const candidates = openAt(settable(dialled, way, held, ladder), held, way);
  const isHeld = way === 'columns' || way === 'volts-first';
  const confirms = (bead: TestBead): boolean => isHeld || isOnOneLine(bead, held);
  const beads = beadsOverLine(lined, confirms);
  const last = lined.at(-1);
  const widenedV = held.heat && last ? movedSdV({ ...last.bead, bookV: last.bookV }, held) : 0;
  const next = nextVolts({ ...model, middleV, middleSdV }, beads, model, {
    settable: candidates.map(({ overLineV }) => overLineV),
    isTaps,
    widenedV,
  });
  const { known } = next;
  const at = (overLineV: number): Candidate => nearest(candidates, overLineV);
  const doubted = doubtedOf(lined, known);
  return {
    way,
    model,
    isTaps,
    next: nextOf(next, at, lined, held),
    known,
    probable: [at(known.quantileV(PROBABLE[0])), at(known.quantileV(PROBABLE[1]))],
    outlook: candidates.map(({ overLineV, ...setting }) => ({
      ...setting,
      chance: known.inWindow(overLineV),
    })),
    beginsOffV: next.volts - middleV,
    doubted,
    heatOpen: next.kind === 'take' && next.isProven && doubted === undefined ? heatOpenOf(ladder) : undefined,
    tapFit:
      next.kind === 'take' && isTaps && !next.isProven ? tapFitOf(dialled, held, known.meanV) : undefined,
    bracket: bracketOf(lined),
  };
}

function nextOf(
  next: NextVolts,
  at: (overLineV: number) => Candidate,
  lined: readonly Lined[],
  held: Held,
): DialInNext {
  // the heat moved: the volts follow the line, and one bead confirms it
  if (held.heat !== undefined) {
    return { kind: 'weld', setting: settingOf(at(next.taken)), why: held.heat };
  }
  const candidate = at(next.volts);
  const setting = settingOf(candidate);
  if (next.kind === 'weld') {
    return { kind: 'weld', setting, why: lined.length === 0 ? 'first' : weldReason(candidate, lined) };
  }
  const { because, isProven, oneMore } = next;
  return {
    kind: 'take',
    setting,
    because,
    isProven,
    oneMore: oneMore === undefined ? undefined : settingOf(at(oneMore)),
  };
}

/** How near a tap must come to the middle to be tried at another wire speed, V. Source: our model. */
const TAP_WITHIN_V = 0.3;

function tapFitOf(dialled: DialledPlan, held: Held, middleOverLineV: number): BeadSetting | undefined {
  const { machine, plan } = dialled;
  if (!machine) return undefined;
  const at = { wireFeedSpeedMPerMin: held.wireFeedSpeedMPerMin, volts: held.bookV + middleOverLineV };
  const fit = positionFit(machine, plan, at, 0) ?? positionFit(machine, plan, at, TAP_WITHIN_V);
  if (!fit) return undefined;
  const wireFeedSpeedMPerMin = Number(fit.wireFeedSpeedMPerMin.toFixed(1));
  const taps = settable(dialled, 'wire-first', { ...fit, wireFeedSpeedMPerMin }, []);
  const { volts } = nearest(taps, middleOverLineV);
  return { wireFeedSpeedMPerMin, volts };
}

/** The bead that the heat is asked of, where it was not said. */
function heatOpenOf(ladder: readonly LadderBead[]): number | undefined {
  const i = heatAskedOf(ladder);
  return i >= 0 && ladder[i]?.heat === undefined ? i : undefined;
}
