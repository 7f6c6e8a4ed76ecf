import type { GasId } from '../gas/gas.ts';
import type { BaseMetal } from '../material/base-metal.ts';
import type {
  Circumstance,
  Joint,
  Place,
  Position,
  Priority,
  Product,
  Profile,
  Surface,
} from '../material/work.ts';
import type { Polarity } from '../polarity/polarity.ts';
import type { TransferMode } from '../transfer/transfer-mode.ts';
import type { Way } from '../wire/way.ts';
import type { WireClass } from '../wire/wire-class.ts';
import type { WireDiameterMm } from '../wire/wire-diameter.ts';
import type { Meaning } from './meaning.ts';

/** A job as far as it has been said; what is absent has not been said. */
export interface QuickWork {
  readonly thicknessMm?: number;
  readonly otherThicknessMm?: number;
  readonly product?: Product;
  readonly otherProduct?: Product;
  readonly metal?: BaseMetal;
  readonly alloy?: string;
  readonly otherMetal?: BaseMetal;
  readonly otherAlloy?: string;
  readonly joint?: Joint;
  readonly position?: Position;
  readonly surface?: Surface;
  readonly place?: Place;
  readonly windy?: boolean;
  readonly way?: Way;
  readonly mode?: TransferMode;
  readonly wireClass?: WireClass;
  readonly wireDiameterMm?: WireDiameterMm;
  readonly gas?: GasId;
  readonly polarity?: Polarity;
  readonly withoutFiller?: boolean;
  readonly machineName?: string;
  /** What matters most, in the order of the list of priorities. */
  readonly priorities?: readonly Priority[];
  readonly circumstances?: readonly Circumstance[];
  readonly profile?: Profile;
  /** Outside size of tube, pipe, angle or bar, mm. */
  readonly outsideMm?: readonly number[];
  /** Length of one seam, mm. */
  readonly seamMm?: number;
  readonly numberOff?: number;
  readonly stitchMm?: number;
  readonly pitchMm?: number;
  readonly legMm?: number;
  readonly throatMm?: number;
  readonly sides?: 1 | 2;
  readonly passes?: number;
  readonly gapMm?: number;
  readonly backing?: boolean;
  readonly thirdMember?: boolean;
}

export type QuickSlot = keyof QuickWork;

/** A choice that answers a question: `line` is the whole line with the answer written in. */
export interface QuickChoice {
  readonly label: string;
  readonly line: string;
}

export interface QuickQuestion {
  readonly slot: QuickSlot;
  readonly message: string;
  readonly start: number;
  readonly end: number;
  readonly choices: readonly QuickChoice[];
}

/** A stretch of the line. Together the fragments cover it, every character once, blanks included. */
export interface QuickFragment {
  readonly start: number;
  readonly end: number;
  /** The stretch without its surrounding blanks. */
  readonly text: string;
  /** `noted`: a word or figure of the trade that is understood and has no part in the plan. */
  readonly status: 'understood' | 'questioned' | 'noted' | 'not-understood';
  /** What it was taken for, for a chip. */
  readonly label: string;
  readonly slots: readonly QuickSlot[];
  /** The word it was read as, when a typing slip was put right. */
  readonly corrected?: string;
  /** Why it was not taken, when there is more to say than "not understood". */
  readonly code?: string;
  /** Of a figure: what it was taken for, by which word, and what else it could be. */
  readonly figure?: QuickFigure;
}

/** What a figure of the line was taken for. */
export interface QuickFigure {
  readonly role:
    | 'thickness'
    | 'wire'
    | 'leg'
    | 'throat'
    | 'root gap'
    | 'passes'
    | 'stitch'
    | 'length of weld'
    | 'outside'
    | 'number off'
    | 'no part in the numbers'
    | 'in doubt';
  /** The word that it goes with, where there is one. */
  readonly word?: { readonly start: number; readonly end: number; readonly text: string };
  /** What it could be instead, each with the line that says so. */
  readonly others: readonly QuickChoice[];
}

export interface QuickReading {
  readonly text: string;
  /** What was said. */
  readonly work: QuickWork;
  /** What follows from what was said, and is shown as assumed. */
  readonly assumed: QuickWork;
  readonly fragments: readonly QuickFragment[];
  readonly questions: readonly QuickQuestion[];
  /** The lines of two welds, where one line says two. */
  readonly welds?: readonly [first: string, second: string];
}

/** The line's own settings: the user's unit, and the machines that can be named. */
export interface QuickContext {
  readonly unit: 'mm' | 'in';
  readonly machineNames: readonly string[];
  /** What the line is about: a job, or only a wire (a row of a machine's programs), which has no thickness. */
  readonly about?: 'job' | 'wire';
  /** Words that the shop has told the meaning of, lower case: “cleat” is a thing. */
  readonly shopWords?: ReadonlyMap<string, readonly Meaning[]>;
}
