import type { GaugeId } from './gauges.ts';
import type { InspectionItemId } from './inspection-items.ts';
import type { WeldLevel, WeldStandard } from './weld-limits.ts';

/** Sizes and bands of an inspection, mm. Source: practice. */
/** Legs and throats that are read, and the size of a drawing, be it one or the other, mm. */
export const INSPECTED_LEG_RANGE_MM = [0.5, 100] as const;
export const NOMINAL_RANGE_MM = [0.5, 70] as const;
export const INSPECTED_SIZE_RANGE_MM = [0, 500] as const;
export const INSPECTED_LENGTH_RANGE_MM = [1, 1_000_000] as const;
export const INSPECTED_PLATE_RANGE_MM = [0.3, 100] as const;

/** A size as it was read. */
export interface SizeRead {
  readonly value: number;
  readonly gauge: GaugeId;
  /** 95 % band, mm; undefined: the gauge's. */
  readonly u95?: number | undefined;
}

/** One item as it was looked at. */
export interface ItemRead {
  /** Seen: 1 or 0; a size, mm (D1.1, pores: the sum of diameters of 1 mm and more in the worst 25 mm); a grade's place in its list. */
  readonly value: number;
  readonly gauge?: GaugeId | undefined;
  readonly u95?: number | undefined;
  /** Length of it within the worst 100 mm, mm (D1.1: within the worst 300; of pores the sum of their diameters there). */
  readonly lengthMm?: number | undefined;
  /** The limit of the contract's own copy of the standard, mm: it goes before the recalled one. */
  readonly ownLimit?: number | undefined;
  readonly note?: string | undefined;
}

/** A point in a photo, px of the photo as it is kept. */
export type PhotoPoint = readonly [x: number, y: number];

/** What was measured on a photo: the scale's two points, then lines and circles. */
export interface PhotoMark {
  readonly kind: 'line' | 'circle';
  /** Two ends of a line; two points across a circle. */
  readonly from: PhotoPoint;
  readonly to: PhotoPoint;
  readonly label?: string | undefined;
}

/** A photo that sizes were taken from, with how it was taken. */
export interface InspectedPhoto {
  readonly photoId: string;
  readonly scale?:
    | {
        readonly from: PhotoPoint;
        readonly to: PhotoPoint;
        readonly mm: number;
        readonly heightMm: number;
        readonly cameraMm: number;
        readonly tiltDeg: number;
        readonly surface: 'usual' | 'polished' | 'rough';
      }
    | undefined;
  readonly marks: readonly PhotoMark[];
}

/** A weld as it was looked at. What was not looked at is left out. */
export interface Inspection {
  readonly joint: 'butt' | 'fillet';
  /** Without a standard and a level there are numbers and no verdict. */
  readonly standard?: WeldStandard | undefined;
  readonly level?: WeldLevel | undefined;
  /** The thinner plate, mm. */
  readonly thicknessMm: number;
  /** Size of the drawing, and whether it is a throat or a leg; a number alone is asked about. */
  readonly nominalMm?: number | undefined;
  readonly nominalIs?: 'throat' | 'leg' | undefined;
  /** Length of the weld, and width of its cap or root bead, mm. */
  readonly weldMm?: number | undefined;
  readonly widthMm?: number | undefined;
  readonly firstLeg?: SizeRead | undefined;
  readonly secondLeg?: SizeRead | undefined;
  readonly throat?: SizeRead | undefined;
  /** Length along which it is under size, within the worst 100 mm (D1.1: in all), mm. */
  readonly underSizeMm?: number | undefined;
  readonly items: Readonly<Partial<Record<InspectionItemId, ItemRead>>>;
  readonly photos: readonly InspectedPhoto[];
  readonly runId?: string | undefined;
  readonly who?: string | undefined;
  readonly note?: string | undefined;
  readonly at: string;
}
