import type { BeadVerdict } from '@hot-bead/core/window';

/** The mark of a verdict about a point, and its colour: shape and colour say the same. */
export const VERDICT_SHAPE: Readonly<
  Record<BeadVerdict, { readonly path: (x: number, y: number) => string; readonly colour: string }>
> = {
  cold: { path: (x, y) => `M${x - 7} ${y - 6}H${x + 7}L${x} ${y + 7}Z`, colour: 'var(--cold)' },
  right: {
    path: (x, y) => `M${x - 6} ${y}A6 6 0 1 0 ${x + 6} ${y}A6 6 0 1 0 ${x - 6} ${y}Z`,
    colour: 'var(--good)',
  },
  hot: { path: (x, y) => `M${x - 7} ${y + 6}H${x + 7}L${x} ${y - 7}Z`, colour: 'var(--hot)' },
  // a cross: a square would be read as one more step of the scale
  blown: {
    path: (x, y) => `M${x - 7} ${y - 4}l3 -3l4 4l4 -4l3 3l-4 4l4 4l-3 3l-4 -4l-4 4l-3 -3l4 -4Z`,
    colour: 'var(--hot)',
  },
};
