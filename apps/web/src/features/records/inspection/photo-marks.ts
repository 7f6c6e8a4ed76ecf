import { amount, words, type Words } from '@hot-bead/core/base';
import {
  EDGE_PX,
  type InspectedPhoto,
  LEAST_SCALE_PX,
  photoLength,
  type PhotoMark,
  type PhotoPoint,
  TOE_MM,
} from '@hot-bead/core/records';

/** Pixels between two points. */
export function pixelsBetween([x1, y1]: PhotoPoint, [x2, y2]: PhotoPoint): number {
  return Math.hypot(x2 - x1, y2 - y1);
}

/** A size that a mark says, or why it says none. */
export type MarkSize =
  | { readonly status: 'size'; readonly mm: number; readonly u95Mm: number; readonly toeU95Mm: number }
  | { readonly status: 'none'; readonly why: Words };

/** The size of a mark on a photo, with its band. Marks are set zoomed in. */
export function markSize({ from, to }: Pick<PhotoMark, 'from' | 'to'>, { scale }: InspectedPhoto): MarkSize {
  if (!scale)
    return { status: 'none', why: 'Set the scale first: two marks of a ruler that lies beside the bead.' };
  const scalePx = pixelsBetween(scale.from, scale.to);
  if (scalePx < LEAST_SCALE_PX) {
    return {
      status: 'none',
      why: `The scale is ${scalePx.toFixed(0)} px long: under ${LEAST_SCALE_PX} it is too small to measure by. Come nearer, or take a longer piece of the ruler.`,
    };
  }
  const readings: readonly (readonly [number, readonly [number, number], Words])[] = [
    [scale.mm, [1, 5000], words`The scale is ${amount.distance([1, 5000])} long.`],
    [scale.heightMm, [0, 500], words`The height between scale and weld is ${amount.distance([0, 500])}.`],
    [scale.cameraMm, [20, 20_000], words`The camera is ${amount.distance([20, 20_000])} away.`],
    [scale.tiltDeg, [0, 60], 'The tilt is 0 to 60°.'],
  ];
  const wrong = readings.find(([value, [least, most]]) => !(value >= least && value <= most));
  if (wrong) return { status: 'none', why: wrong[2] };
  const size = photoLength(pixelsBetween(from, to), {
    scaleMm: scale.mm,
    scalePx,
    edgePx: EDGE_PX.zoomed,
    heightMm: scale.heightMm,
    cameraMm: scale.cameraMm,
    tiltDeg: scale.tiltDeg,
    toeMm: TOE_MM[scale.surface],
  });
  return { status: 'size', ...size };
}
