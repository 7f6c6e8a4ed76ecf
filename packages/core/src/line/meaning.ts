import type { Words } from '../base/words/words.ts';
import type { GasId } from '../trade/gas/gas.ts';
import type { BaseMetal } from '../trade/material/base-metal.ts';
import type {
  Circumstance,
  Joint,
  Place,
  Position,
  Priority,
  Product,
  Profile,
  Surface,
} from '../trade/material/work.ts';
import type { Polarity } from '../trade/polarity.ts';
import type { WrittenLength } from '../base/quantity/length-text.ts';
import type { TransferMode } from '../trade/transfer/transfer-mode.ts';
import type { Way } from '../trade/wire/way.ts';
import type { WireClass } from '../trade/wire/wire-class.ts';
import type { WorkSlot, StatedWork } from '../plan/work/stated-work.ts';

/** An answer to a question: what it is called, and what is written in the word's place. */
export type Answer = readonly [label: Words, replacement: string];

/** A question a word raises by itself. */
export interface Asking {
  readonly slot: WorkSlot;
  readonly message: Words;
  readonly answers: readonly Answer[];
}

/** A slot a figure with a word fills, with its value. */
export interface MeasuredSlot {
  readonly slot: WorkSlot;
  readonly value: NonNullable<StatedWork[WorkSlot]>;
}

/** What a word or a figure in the line stands for. */
export type Meaning =
  | { readonly kind: 'metal'; readonly metal: BaseMetal; readonly alloy?: string; readonly weak?: boolean }
  | { readonly kind: 'product'; readonly product: Product; readonly profile?: Profile }
  | { readonly kind: 'joint'; readonly joint: Joint; readonly weak?: boolean; readonly narrowedBy?: Joint }
  | { readonly kind: 'corner' }
  | { readonly kind: 'position'; readonly position: Position }
  | { readonly kind: 'vertical' }
  | { readonly kind: 'direction'; readonly up: boolean }
  | { readonly kind: 'surface'; readonly surface: Surface }
  | { readonly kind: 'place'; readonly place: Place }
  | { readonly kind: 'wind' }
  | {
      readonly kind: 'way';
      readonly way: Way;
      readonly namesWire: boolean;
      readonly wireClass?: WireClass;
      /** "Flux core" alone: a gas beside it makes it gas-shielded. */
      readonly gasSettlesIt?: boolean;
    }
  | { readonly kind: 'mode'; readonly mode: TransferMode }
  | {
      readonly kind: 'wire-class';
      readonly wireClass: WireClass;
      /** "T-1" alone: CO₂ beside it makes it T-1C. */
      readonly gasSettlesIt?: boolean;
    }
  | { readonly kind: 'polarity'; readonly polarity: Polarity }
  | { readonly kind: 'no-filler' }
  | { readonly kind: 'priority'; readonly priority: Priority }
  | { readonly kind: 'circumstance'; readonly circumstance: Circumstance }
  | { readonly kind: 'wire-word' }
  | { readonly kind: 'thick-word' }
  | { readonly kind: 'backing' }
  | { readonly kind: 'third-member' }
  | { readonly kind: 'sides'; readonly sides: 1 | 2 }
  | {
      readonly kind: 'gas';
      readonly gas: GasId;
      readonly asks?: Asking;
      /** A ratio without a name: aluminium reads it as argon–helium. */
      readonly unnamedRatio?: boolean;
    }
  | { readonly kind: 'machine'; readonly name: string }
  | { readonly kind: 'near-machine'; readonly name: string }
  | {
      readonly kind: 'connector';
      /** A stroke, a plus or a dash: "to" only between two parts. */
      readonly sign?: boolean;
    }
  /** What is said not to be so: the next thing, or with `behind` the one before it. */
  | { readonly kind: 'negation'; readonly behind?: boolean }
  | { readonly kind: 'or' }
  /** A second weld may begin here; a weak one is only a semicolon. */
  | { readonly kind: 'separator'; readonly weak?: boolean }
  /** What is welded, as it is called: a figure before it may be its own. */
  | {
      readonly kind: 'thing';
      readonly plural?: boolean;
      readonly compound?: boolean;
      /** Named by its own size: a figure before it is its diameter. */
      readonly sized?: boolean;
    }
  /** A size that belongs to the thing behind it: `5x3 ramp`. */
  | { readonly kind: 'thing-size' }
  /** A section whose wall is not said: asked for. */
  | { readonly kind: 'wall-open'; readonly beam?: boolean; readonly nominal?: boolean }
  /** Two figures with a dash between. */
  | { readonly kind: 'spread'; readonly first: WrittenLength; readonly second: WrittenLength }
  | { readonly kind: 'filler-word' }
  | {
      readonly kind: 'length';
      readonly length: WrittenLength;
      readonly wireCode: boolean;
      /** What it is, where its own key or its section says so. */
      readonly fixed?: 'thickness' | 'wire';
      /** Which part's, where that is said. */
      readonly part?: 1 | 2;
      /** The wall of a section, or the thickness of a plate, read with its other sizes. */
      readonly section?: string;
    }
  /** A figure with a word that says what it is: leg, gap, passes … and nothing else. */
  | { readonly kind: 'measure'; readonly label: Words; readonly slots: readonly MeasuredSlot[] }
  /** A pipe's schedule without its size. */
  | { readonly kind: 'schedule' }
  /** A word of the trade with no part in the numbers, or one that has to be asked about. */
  | { readonly kind: 'noted'; readonly as: string; readonly asks?: Asking; readonly assume?: MeasuredSlot }
  /** A word near one that would change the plan: asked, never taken. */
  | { readonly kind: 'near-word'; readonly asks: Asking }
  | { readonly kind: 'unknown' };

/** One token of the line with its meanings. */
export interface Token {
  readonly start: number;
  readonly end: number;
  readonly text: string;
  readonly meanings: readonly Meaning[];
  /** A comma, a bracket or a sentence's end lies before it: nothing before is bound to it. */
  readonly pause?: boolean;
  readonly corrected?: string;
  /** A figure whose word stands before or behind it. */
  readonly style?: 'head-first' | 'head-behind';
}

/** The token's meaning of one kind, if it has it. */
export function meaningOf<K extends Meaning['kind']>(
  token: Token | undefined,
  kind: K,
): Extract<Meaning, { kind: K }> | undefined {
  return token?.meanings.find((meaning): meaning is Extract<Meaning, { kind: K }> => meaning.kind === kind);
}
