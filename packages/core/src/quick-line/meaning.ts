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
import type { WrittenLength } from '../quantity/length-text.ts';
import type { TransferMode } from '../transfer/transfer-mode.ts';
import type { Way } from '../wire/way.ts';
import type { WireClass } from '../wire/wire-class.ts';
import type { QuickSlot, QuickWork } from './quick-work.ts';

/** An answer to a question: what it is called, and what is written in the word's place. */
export type Answer = readonly [label: string, replacement: string];

/** A question a word raises by itself. */
export interface Asking {
  readonly slot: QuickSlot;
  readonly message: string;
  readonly answers: readonly Answer[];
}

/** A slot a figure with a word fills, with its value. */
export interface MeasuredSlot {
  readonly slot: QuickSlot;
  readonly value: NonNullable<QuickWork[QuickSlot]>;
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
  | { readonly kind: 'connector' }
  | { readonly kind: 'filler-word' }
  | { readonly kind: 'length'; readonly length: WrittenLength; readonly wireCode: boolean }
  /** A figure with a word that says what it is: leg, gap, passes … and nothing else. */
  | { readonly kind: 'measure'; readonly label: string; readonly slots: readonly MeasuredSlot[] }
  /** Nominal pipe size and schedule: the wall is in a table we do not keep. */
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
  readonly corrected?: string;
}

/** The token's meaning of one kind, if it has it. */
export function meaningOf<K extends Meaning['kind']>(
  token: Token | undefined,
  kind: K,
): Extract<Meaning, { kind: K }> | undefined {
  return token?.meanings.find((meaning): meaning is Extract<Meaning, { kind: K }> => meaning.kind === kind);
}
