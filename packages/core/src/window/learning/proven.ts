import type { GasId } from '../../trade/gas/gas.ts';
import type { Joint, Position, Work } from '../../trade/material/work.ts';
import type { PlannedMode } from '../../trade/transfer/transfer-mode.ts';
import type { ShelfWire } from '../../trade/wire/shelf-wire.ts';
import type { BeadSetting } from '../bead-setting.ts';

/** What of a work must be the same for a setting to be proven for it. */
export type ProvenWork = Pick<Work, 'thicknessMm' | 'otherThicknessMm' | 'joint' | 'position'>;

/** What a setting was proven with: an offset learnt there holds for the same and for nothing else. */
export interface ProvenWith {
  readonly wire: ShelfWire;
  readonly gas: GasId;
  readonly mode: PlannedMode;
}

/** What the beads of a job alone say of its middle, without what was believed before them. */
export interface BeadsTold {
  /** Middle of the window over the book's, V. */
  readonly toldOffsetV: number;
  /** How sure that is: its variance, V². */
  readonly toldVarianceV2: number;
}

/** A setting that test beads proved right. */
export interface ProvenSetting extends ProvenWith, BeadSetting, BeadsTold {
  readonly thicknessMm: number;
  readonly otherThicknessMm: number | undefined;
  readonly joint: Joint;
  readonly position: Position;
  /** Volts proven less those the plan gives at that wire speed by the book, V. */
  readonly offsetV: number;
}
