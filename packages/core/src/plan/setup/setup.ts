import type { Words } from '../../base/words/words.ts';
import type { BeadPlan } from '../bead/bead-plan.ts';
import type { WeldSize } from '../bead/weld-size.ts';
import type { Caution } from '../caution/caution.ts';
import type { DemandRow } from '../demand/current-demand.ts';
import type { FamilyId } from '../../trade/family/family.ts';
import type { FeedPath } from '../../trade/feed-path.ts';
import type { Gas } from '../../trade/gas/gas.ts';
import type { ProvenSetting } from '../../window/learning/proven.ts';
import type { LearnedOffset } from '../../window/learning/learned-offset.ts';
import type { WeldMetal } from '../../trade/material/metal-pair.ts';
import type { Work } from '../../trade/material/work.ts';
import type { RefusalCode } from '../../base/refusal-code.ts';
import type { PolarityChoice } from '../../trade/polarity.ts';
import type { Source } from '../../base/source.ts';
import type { Span } from '../../base/numeric/span.ts';
import type { PlannedRun } from '../runs/run.ts';
import type { SchoolId } from '../../base/school.ts';
import type { PlannedMode } from '../../trade/transfer/transfer-mode.ts';
import type { Way } from '../../trade/wire/way.ts';
import type { WireClass } from '../../trade/wire/wire-class.ts';
import type { WireDiameterMm } from '../../trade/wire/wire-diameter.ts';
import type { FitUp } from './fit-up.ts';
import type { ProgramTerm } from '../../machine/program.ts';
import type { SecondarySetting } from '../secondary/secondary-setting.ts';
import type { Technique } from './technique.ts';
import type { WeldTotals } from './weld-totals.ts';

/** Version of the computation: stored beside every result that is kept. */
export const MODEL_VERSION = '4';

/** Numbers the user has set by hand: kept, and the others follow. */
export interface OwnNumbers {
  /** m/min, [0.5, 25] */
  readonly wireFeedSpeedMPerMin?: number | undefined;
  /** V, [8, 45] */
  readonly volts?: number | undefined;
  /** L/min, [2, 40] */
  readonly gasFlowLPerMin?: number | undefined;
  /** mm, [7, 30] */
  readonly ctwdMm?: number | undefined;
}

export const REASON_ITEMS = [
  'way',
  'polarity',
  'driveRolls',
  'liner',
  'tip',
  'nozzle',
  'gas',
  'gasFlow',
  'transferMode',
  'wire',
  'amps',
  'wireFeedSpeed',
  'volts',
  'ctwd',
  'travelSpeed',
  'weldSize',
  'heatInput',
  'fitUp',
  'gunAngle',
  'passes',
  'named-rule',
] as const;
export type ReasonItem = (typeof REASON_ITEMS)[number];

export interface Reason {
  readonly item: ReasonItem;
  readonly text: Words;
  readonly source: Source;
}

/** One way the trade arrives at a starting wire speed. */
export interface SpeedSchool {
  readonly id: 'melting-rate' | 'amps-by-thickness';
  readonly name: string;
  readonly wireFeedSpeedMPerMin: number | undefined;
  readonly text: Words;
  readonly source: Source;
}

/** Another way for the same work: open to take, or closed with the reason. */
export interface OtherWay {
  readonly way: Way;
  readonly mode: PlannedMode;
  readonly name: string;
  readonly status: 'chosen' | 'open' | 'closed';
  readonly code: RefusalCode | undefined;
  /** Why it is closed, or what it would ask for. */
  readonly text: Words;
}

export type Origin = 'asked' | 'loaded' | 'shelf' | 'assumed';

/** By how much a machine wanted other volts than the book, and whether the plan's volts follow it. */
export interface Learned extends LearnedOffset {
  readonly followed: boolean;
}

export interface PlannedSetup {
  readonly status: 'planned';
  readonly modelVersion: string;
  readonly work: Work;
  readonly family: FamilyId;
  readonly familyName: string;
  readonly weldMetal: WeldMetal;
  readonly way: Way;
  readonly transferMode: PlannedMode;
  readonly wire: {
    readonly wireClass: WireClass;
    readonly diameterMm: WireDiameterMm;
    readonly trueDiameterMm: number;
    readonly origin: Origin;
  };
  readonly gas: {
    readonly gas: Gas;
    readonly origin: Origin;
    /** What a float meter scaled for argon reads at the flow to set, L/min. */
    readonly meterReadingLPerMin: number;
  };
  readonly polarity: PolarityChoice;
  readonly feedPath: FeedPath;
  readonly wireFeedSpeedMPerMin: Span;
  readonly volts: Span;
  /** `mean`: a rough mean only; the machine's waveform settles it and the trim sets the arc. */
  readonly voltsKind: 'arc' | 'mean';
  /** What beads on the machine taught; undefined: nothing with this wire, gas and mode. */
  readonly learned: Learned | undefined;
  /** The setting that beads proved on the machine for this very work; undefined: none. */
  readonly proven: ProvenSetting | undefined;
  readonly currentA: Span;
  readonly gasFlowLPerMin: Span;
  readonly ctwdMm: Span;
  readonly extensionMm: Span;
  readonly travelMmPerMin: Span;
  readonly technique: Technique;
  readonly fitUp: FitUp;
  readonly secondary: readonly SecondarySetting[];
  /** The machine's program for this; undefined: it keeps none, or they are not known. */
  readonly program: ProgramTerm | undefined;
  readonly bead: BeadPlan;
  /** Every run in the order it is laid, both sides of a butt among them; a fillet's second side is as its first. */
  readonly runs: readonly PlannedRun[];
  /** What a fillet's size is held to; undefined for other joints. */
  readonly weldSize: WeldSize | undefined;
  /** Of the main runs, by mean volts and mean current, kJ/mm. */
  readonly heatInputKJPerMm: number;
  /** Of the whole weld; undefined while the seam's length is not known. */
  readonly totals: WeldTotals | undefined;
  readonly demand: readonly DemandRow[];
  /** Schools for the wire speed, and every disagreement that touches this plan. */
  readonly speedSchools: readonly SpeedSchool[];
  readonly schoolsTouched: readonly SchoolId[];
  readonly ways: readonly OtherWay[];
  readonly limits: { readonly checked: boolean; readonly text: Words };
  /** Which of the numbers are the user's own. */
  readonly own: OwnNumbers;
  readonly reasons: readonly Reason[];
  readonly cautions: readonly Caution[];
}

export interface RefusedSetup {
  readonly status: 'refused';
  readonly modelVersion: string;
  readonly work: Work;
  readonly code: RefusalCode;
  /** Why, in sentences; the first stands alone. */
  readonly reasons: readonly Words[];
  /** What to do instead, shortest way first. */
  readonly instead: readonly Words[];
  readonly ways: readonly OtherWay[];
}

export type Setup = PlannedSetup | RefusedSetup;
