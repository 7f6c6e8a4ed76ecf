import { amount } from '../base/words/amount.ts';
import { words, type Words } from '../base/words/words.ts';
import type { BaseMetal } from '../trade/material/base-metal.ts';
import type { Joint, Place, Position } from '../trade/material/work.ts';
import type { PlannedMode } from '../trade/transfer/transfer-mode.ts';
import type { CauseId } from './causes.ts';

/** What is known of the job; what is absent is not known and moves nothing. */
export interface FaultJob {
  readonly metal?: BaseMetal;
  readonly thicknessMm?: number;
  readonly mode?: PlannedMode;
  readonly joint?: Joint;
  readonly position?: Position;
  readonly place?: Place;
}

/** When a job moves a cause: every named thing must be so; what the job does not tell is not so. */
interface When {
  readonly metal?: readonly BaseMetal[];
  readonly notMetal?: readonly BaseMetal[];
  readonly mode?: readonly PlannedMode[];
  readonly notMode?: readonly PlannedMode[];
  readonly joint?: readonly Joint[];
  readonly position?: readonly Position[];
  readonly notPosition?: readonly Position[];
  readonly place?: readonly Place[];
  /** Half-open, mm. */
  readonly thicknessMm?: readonly [from: number, to: number];
}

/** A cause that a job makes likelier, less likely, or impossible. */
export interface Suspicion {
  readonly cause: CauseId;
  readonly when: When;
  /** Steps of the scale of how common a cause is, a doubling each; 'out': it cannot be. */
  readonly steps: number | 'out';
  readonly why: Words;
}

const FILLETS: readonly Joint[] = ['tee', 'lap'];
/** Thicknesses that are called thin and thick, mm. Source: our model. */
const THIN = [0, 1.6] as const;
const THICK = [5, Number.POSITIVE_INFINITY] as const;

/** What the job says of a cause. Source: our judgement, after common practice. */
export const SUSPICIONS: readonly Suspicion[] = [
  {
    cause: 'dip-on-thick',
    when: { notMode: ['short-circuit'] },
    steps: 'out',
    why: 'the plan is not short-circuit',
  },
  {
    cause: 'dip-on-thick',
    when: { thicknessMm: [0, 4] },
    steps: 'out',
    why: words`the metal is under ${amount.thickness(4)}`,
  },
  {
    cause: 'dip-on-thick',
    when: { mode: ['short-circuit'], thicknessMm: THICK },
    steps: 2,
    why: words`short-circuit on ${amount.thickness(5)} or more`,
  },
  {
    cause: 'inductance-low',
    when: { notMode: ['short-circuit'] },
    steps: 'out',
    why: 'inductance matters to short-circuit only',
  },
  {
    cause: 'inductance-high',
    when: { notMode: ['short-circuit'] },
    steps: 'out',
    why: 'inductance matters to short-circuit only',
  },
  {
    cause: 'downhill-thick',
    when: { notPosition: ['vertical-down'] },
    steps: 'out',
    why: 'it is not welded vertical down',
  },
  {
    cause: 'downhill-thick',
    when: { position: ['vertical-down'], thicknessMm: THICK },
    steps: 2,
    why: words`vertical down on ${amount.thickness(5)} or more`,
  },
  {
    cause: 'downhill-thick',
    when: { position: ['vertical-down'], thicknessMm: [0, 3] },
    steps: -2,
    why: 'thin metal is welded vertical down',
  },
  { cause: 'no-back-purge', when: { notMetal: ['stainless'] }, steps: 'out', why: 'it is not stainless' },
  { cause: 'iron-on-stainless', when: { notMetal: ['stainless'] }, steps: 'out', why: 'it is not stainless' },
  {
    cause: 'mill-scale',
    when: { metal: ['stainless', 'coated-steel'] },
    steps: -2,
    why: 'this metal comes without scale',
  },
  {
    cause: 'mill-scale',
    when: { metal: ['carbon-steel'], thicknessMm: [3, Number.POSITIVE_INFINITY] },
    steps: 0.5,
    why: 'hot-rolled steel has scale',
  },
  {
    cause: 'metal-galvanised',
    when: { metal: ['stainless', 'aluminium', 'cast-aluminium'] },
    steps: 'out',
    why: 'this metal is not galvanised',
  },
  { cause: 'metal-galvanised', when: { metal: ['coated-steel'] }, steps: 2, why: 'the metal is coated' },
  { cause: 'coating-toxic', when: { metal: ['coated-steel'] }, steps: 1, why: 'the metal is coated' },
  { cause: 'heat-high', when: { thicknessMm: THIN }, steps: 1, why: 'thin metal overheats soon' },
  { cause: 'part-hot', when: { thicknessMm: THIN }, steps: 1, why: 'thin metal warms through at once' },
  { cause: 'no-sequence', when: { thicknessMm: THIN }, steps: 1, why: 'thin metal pulls' },
  { cause: 'heat-low', when: { thicknessMm: THIN }, steps: -1, why: 'thin metal needs little heat' },
  { cause: 'heat-low', when: { thicknessMm: THICK }, steps: 1, why: 'thick metal draws the heat away' },
  {
    cause: 'machine-small',
    when: { thicknessMm: THIN },
    steps: -2,
    why: 'any machine is strong enough for thin metal',
  },
  {
    cause: 'machine-small',
    when: { thicknessMm: [8, Number.POSITIVE_INFINITY] },
    steps: 1,
    why: 'thick metal asks for a strong machine',
  },
  {
    cause: 'crack-prone-steel',
    when: { thicknessMm: [12, Number.POSITIVE_INFINITY] },
    steps: 1,
    why: 'thick steel cools fast and cracks',
  },
  { cause: 'crack-prone-steel', when: { thicknessMm: [0, 3] }, steps: -1, why: 'thin steel seldom cracks' },
  {
    cause: 'magnetic-blow',
    when: { thicknessMm: [0, 3] },
    steps: -1,
    why: 'thin metal and low current are seldom blown',
  },
  {
    cause: 'magnetic-blow',
    when: { metal: ['aluminium', 'cast-aluminium', 'stainless'] },
    steps: 'out',
    why: 'this metal is not magnetic',
  },
  { cause: 'aim-off', when: { joint: FILLETS }, steps: 0.5, why: 'a corner asks for aim' },
  { cause: 'angle-wrong', when: { joint: FILLETS }, steps: 0.5, why: 'a corner asks for the angle' },
  { cause: 'gap-wide', when: { joint: ['open-butt'] }, steps: 1, why: 'the joint is welded with a gap' },
  { cause: 'no-weave-pause', when: { position: ['vertical-up'] }, steps: 1, why: 'vertical up is woven' },
  {
    cause: 'travel-slow',
    when: { position: ['vertical-down'] },
    steps: 1,
    why: 'vertical down the pool runs ahead',
  },
  { cause: 'wind', when: { place: ['outdoors'] }, steps: 1.5, why: 'it is welded out of doors' },
  { cause: 'wind', when: { place: ['indoors'] }, steps: -0.5, why: 'it is welded indoors' },
  { cause: 'metal-wet', when: { place: ['outdoors'] }, steps: 1, why: 'it is welded out of doors' },
  {
    cause: 'fume-in-closed-space',
    when: { place: ['outdoors'] },
    steps: -1,
    why: 'it is welded out of doors',
  },
];

/** Whether what the job tells is one of the named; nothing named: it does not matter. */
function isOf<T>(named: readonly T[] | undefined, reported: T | undefined): boolean {
  return named === undefined || (reported !== undefined && named.includes(reported));
}

function isNoneOf<T>(named: readonly T[] | undefined, reported: T | undefined): boolean {
  return named === undefined || (reported !== undefined && !named.includes(reported));
}

function isSo(when: When, job: FaultJob): boolean {
  const { thicknessMm: span } = when;
  const inSpan =
    span === undefined ||
    (job.thicknessMm !== undefined && job.thicknessMm >= span[0] && job.thicknessMm < span[1]);
  return (
    inSpan &&
    isOf(when.metal, job.metal) &&
    isNoneOf(when.notMetal, job.metal) &&
    isOf(when.mode, job.mode) &&
    isNoneOf(when.notMode, job.mode) &&
    isOf(when.joint, job.joint) &&
    isOf(when.position, job.position) &&
    isNoneOf(when.notPosition, job.position) &&
    isOf(when.place, job.place)
  );
}

/** What a job says of a cause; nothing where it says nothing. */
export function suspicionsOf(cause: CauseId, job: FaultJob | undefined): readonly Suspicion[] {
  if (!job) return [];
  return SUSPICIONS.filter((row) => row.cause === cause && isSo(row.when, job));
}
