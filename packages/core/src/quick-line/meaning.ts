import type { GasId } from '../gas/gas.ts';
import type { BaseMetal } from '../material/base-metal.ts';
import type { Circumstance, Joint, Place, Position, Priority, Product, Surface } from '../material/work.ts';
import type { Polarity } from '../polarity/polarity.ts';
import type { WrittenLength } from '../quantity/length-text.ts';
import type { TransferMode } from '../transfer/transfer-mode.ts';
import type { Way, WireClass } from '../wire/wire-class.ts';

/** What a word or a figure in the line stands for. */
export type Meaning =
  | { readonly kind: 'metal'; readonly metal: BaseMetal; readonly alloy?: string; readonly weak?: boolean }
  | { readonly kind: 'product'; readonly product: Product }
  | { readonly kind: 'joint'; readonly joint: Joint; readonly weak?: boolean }
  | { readonly kind: 'corner' }
  | { readonly kind: 'position'; readonly position: Position }
  | { readonly kind: 'vertical' }
  | { readonly kind: 'direction'; readonly up: boolean }
  | { readonly kind: 'surface'; readonly surface: Surface }
  | { readonly kind: 'place'; readonly place: Place }
  | { readonly kind: 'wind' }
  | { readonly kind: 'way'; readonly way: Way; readonly namesWire: boolean; readonly wireClass?: WireClass }
  | { readonly kind: 'mode'; readonly mode: TransferMode }
  | { readonly kind: 'wire-class'; readonly wireClass: WireClass }
  | { readonly kind: 'polarity'; readonly polarity: Polarity }
  | { readonly kind: 'no-filler' }
  | { readonly kind: 'priority'; readonly priority: Priority }
  | { readonly kind: 'circumstance'; readonly circumstance: Circumstance }
  | { readonly kind: 'wire-word' }
  | { readonly kind: 'thick-word' }
  | { readonly kind: 'gas'; readonly gas: GasId }
  | { readonly kind: 'machine'; readonly name: string }
  | { readonly kind: 'near-machine'; readonly name: string }
  | { readonly kind: 'connector' }
  | { readonly kind: 'filler-word' }
  | { readonly kind: 'length'; readonly length: WrittenLength; readonly wireCode: boolean }
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
