import { within } from '../../base/quantity/out-of-range-error.ts';

/** What the cooling of a steel weld hangs on. */
export interface CoolingInput {
  /** Heat input, with the process's share in it, kJ/mm, [0.05, 10]. */
  readonly heatInputKJPerMm: number;
  /** Thickness, mm, [0.5, 200]. */
  readonly thicknessMm: number;
  /** Preheat or interpass temperature, °C, [-20, 350]. */
  readonly startC: number;
  /** Shape factor where heat flows in the plane, and where it flows into the depth, [0.3, 1]. */
  readonly shape2d: number;
  readonly shape3d: number;
}

/** Shape factors by joint: a fillet on a tee depends on how the parts stand, so a range. Source: EN 1011-2, recalled. */
export const COOLING_SHAPES = {
  'bead-on-plate': { shape2d: [1, 1], shape3d: [1, 1] },
  butt: { shape2d: [0.9, 0.9], shape3d: [0.9, 0.9] },
  corner: { shape2d: [0.9, 0.9], shape3d: [0.67, 0.67] },
  tee: { shape2d: [0.45, 0.67], shape3d: [0.67, 0.67] },
} as const;

/** How long a weld takes from 800 to 500 °C. */
export interface Cooling {
  readonly seconds: number;
  readonly flow: '2-D' | '3-D';
  /** Thickness at which one flow goes over into the other, mm. */
  readonly changeOverMm: number;
  readonly seconds2d: number;
  readonly seconds3d: number;
}

/**
 * Cooling time from 800 to 500 °C of unalloyed and low-alloy steel; it means nothing for stainless and aluminium.
 *
 * @throws {OutOfRangeError} for an input outside its range
 * @source EN 1011-2, recalled
 */
export function coolingTime(input: CoolingInput): Cooling {
  const heat = within('heatInput', input.heatInputKJPerMm, [0.05, 10]);
  const thickness = within('thickness', input.thicknessMm, [0.5, 200]);
  const start = within('start', input.startC, [-20, 350]);
  const [f2, f3] = [within('shape2d', input.shape2d, [0.3, 1]), within('shape3d', input.shape3d, [0.3, 1])];
  const [to500, to800] = [1 / (500 - start), 1 / (800 - start)];
  const plane = (4300 - 4.3 * start) * 1e5;
  const depth = 6700 - 5 * start;
  const seconds2d = plane * (heat / thickness) ** 2 * (to500 ** 2 - to800 ** 2) * f2;
  const seconds3d = depth * heat * (to500 - to800) * f3;
  const changeOverMm = Math.sqrt((plane / depth) * heat * (to500 + to800) * (f2 / f3));
  const is2d = thickness <= changeOverMm;
  return {
    seconds: is2d ? seconds2d : seconds3d,
    flow: is2d ? '2-D' : '3-D',
    changeOverMm,
    seconds2d,
    seconds3d,
  };
}
