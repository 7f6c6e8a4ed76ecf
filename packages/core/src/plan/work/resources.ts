import type { GasId } from '../../trade/gas/gas.ts';
import type { MachineLearning } from '../../window/learning/learned-offset.ts';
import type { Machine } from '../../machine/machine.ts';
import type { Polarity } from '../../trade/polarity.ts';
import type { Schools } from '../../base/school.ts';
import type { TransferMode } from '../../trade/transfer/transfer-mode.ts';
import type { ShelfWire } from '../../trade/wire/shelf-wire.ts';
import type { Way } from '../../trade/wire/way.ts';
import type { WireClass } from '../../trade/wire/wire-class.ts';
import type { WireDiameterMm } from '../../trade/wire/wire-diameter.ts';

/** What the shop has besides what stands on its machines. */
export interface Shelf {
  readonly wires: readonly ShelfWire[];
  readonly gases: readonly GasId[];
}

/** What is at hand for the work; everything may be left open. */
export interface Resources {
  readonly way?: Way | undefined;
  readonly mode?: TransferMode | undefined;
  readonly wireClass?: WireClass | undefined;
  readonly wireDiameterMm?: WireDiameterMm | undefined;
  readonly gas?: GasId | undefined;
  readonly polarity?: Polarity | undefined;
  /** Asked to weld without adding wire. */
  readonly withoutFiller?: boolean | undefined;
  readonly machine?: Machine | undefined;
  /** What test beads taught of this machine. */
  readonly learning?: MachineLearning | undefined;
  /** All machines of the shop, for what one of them could do when none is named. */
  readonly machines?: readonly Machine[] | undefined;
  readonly shelf?: Shelf | undefined;
  readonly schools?: Partial<Schools> | undefined;
}
