import type { BeadPlan } from '../bead/travel.ts';
import type { Caution } from '../caution/caution.ts';
import type { DemandRow } from '../demand/current-demand.ts';
import type { FeedPath } from '../feed-path/feed-path.ts';
import type { Gas, GasId } from '../gas/gas.ts';
import type { Machine } from '../machine/machine.ts';
import type { Work } from '../material/work.ts';
import type { PolarityChoice } from '../polarity/polarity.ts';
import type { Source } from '../provenance/source.ts';
import type { TransferMode } from '../transfer/short-circuit.ts';
import type { Way, WireClass } from '../wire/wire-class.ts';
import type { WireDiameterMm } from '../wire/wire-diameter.ts';

/** Version of the computation: stored beside every result that is kept. */
export const MODEL_VERSION = '1';

/** A number to set: where to start, and the range it is expected to move in. */
export interface Span {
  readonly start: number;
  readonly low: number;
  readonly high: number;
}

/** What is at hand for the work; everything may be left open. */
export interface Resources {
  readonly way?: Way | undefined;
  readonly mode?: TransferMode | undefined;
  readonly wireClass?: WireClass | undefined;
  readonly wireDiameterMm?: WireDiameterMm | undefined;
  readonly gas?: GasId | undefined;
  readonly machine?: Machine | undefined;
}

/** Numbers the user has set by hand: kept, and the others follow. */
export interface OwnNumbers {
  /** m/min, [0.5, 25] */
  readonly wireFeedSpeedMPerMin?: number | undefined;
  /** V, [8, 45] */
  readonly volts?: number | undefined;
}

export interface Reason {
  readonly item:
    | 'polarity'
    | 'driveRolls'
    | 'liner'
    | 'tip'
    | 'nozzle'
    | 'gas'
    | 'gasFlow'
    | 'transferMode'
    | 'wire'
    | 'amps'
    | 'wireFeedSpeed'
    | 'volts'
    | 'ctwd'
    | 'travelSpeed'
    | 'gunAngle'
    | 'passes';
  readonly text: string;
  readonly source: Source;
}

/** One way the trade arrives at a starting wire speed. */
export interface School {
  readonly name: string;
  readonly wireFeedSpeedMPerMin: number | undefined;
  readonly text: string;
  readonly source: Source;
}

export interface GunAngle {
  readonly travelDegrees: Span;
  readonly direction: 'push' | 'drag';
  /** Angle between the gun and the first part, degrees. */
  readonly workDegrees: number;
}

export interface PlannedSetup {
  readonly status: 'planned';
  readonly modelVersion: string;
  readonly work: Work;
  readonly wire: {
    readonly wireClass: WireClass;
    readonly diameterMm: WireDiameterMm;
    readonly trueDiameterMm: number;
    readonly origin: 'asked' | 'loaded' | 'assumed';
  };
  readonly gas: { readonly gas: Gas; readonly origin: 'asked' | 'loaded' | 'assumed' };
  readonly transferMode: 'short-circuit';
  readonly polarity: PolarityChoice;
  readonly feedPath: FeedPath;
  readonly wireFeedSpeedMPerMin: Span;
  readonly volts: Span;
  readonly currentA: Span;
  readonly gasFlowLPerMin: Span;
  readonly ctwdMm: Span;
  readonly extensionMm: Span;
  readonly travelMmPerMin: Span;
  readonly gunAngle: GunAngle;
  readonly bead: BeadPlan;
  readonly demand: readonly DemandRow[];
  readonly schools: readonly School[];
  readonly limits: { readonly checked: boolean; readonly text: string };
  /** Which of the numbers are the user's own. */
  readonly own: OwnNumbers;
  readonly reasons: readonly Reason[];
  readonly cautions: readonly Caution[];
}

export type RefusalCode =
  | 'metal-not-weldable'
  | 'not-planned-yet'
  | 'gas-wrong-for-metal'
  | 'gas-too-little-co2'
  | 'filler-wrong-for-metal'
  | 'wire-too-large'
  | 'wire-too-small'
  | 'wire-without-window'
  | 'machine-too-large';

export interface RefusedSetup {
  readonly status: 'refused';
  readonly modelVersion: string;
  readonly work: Work;
  readonly code: RefusalCode;
  /** Why, in sentences; the first stands alone. */
  readonly reasons: readonly string[];
  /** What to do instead, shortest way first. */
  readonly instead: readonly string[];
}

export type Setup = PlannedSetup | RefusedSetup;
