import type { GasId } from '../../trade/gas/gas.ts';
import type { BaseMetal } from '../../trade/material/base-metal.ts';
import type {
  Circumstance,
  Joint,
  Place,
  Position,
  Priority,
  Product,
  Profile,
  Surface,
} from '../../trade/material/work.ts';
import type { Polarity } from '../../trade/polarity.ts';
import type { TransferMode } from '../../trade/transfer/transfer-mode.ts';
import type { Way } from '../../trade/wire/way.ts';
import type { WireClass } from '../../trade/wire/wire-class.ts';
import type { WireDiameterMm } from '../../trade/wire/wire-diameter.ts';

/** A job as far as it has been said; what is absent has not been said. */
export interface StatedWork {
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

export type WorkSlot = keyof StatedWork;
