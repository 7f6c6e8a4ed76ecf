import type { BeadFace, BeadVerdict } from '@hot-bead/core/window';

/** Shape of a bead's section on a plate, all lengths in plate thicknesses. */
export interface BeadProfile {
  readonly width: number;
  /** Height of the crown over the plate; negative when it lies hollow. */
  readonly crown: number;
  /** Depth of the melted root under the plate's face. */
  readonly root: number;
  /** Depth of the groove melted beside each toe. */
  readonly undercut: number;
  /** How far the bead hangs through the back. */
  readonly dropThrough: number;
}

/** The seven faces to report a bead by. Source: common practice; the proportions are ours. */
export const BEAD_PROFILES: Readonly<Record<BeadFace, BeadProfile>> = {
  ropy: { width: 0.75, crown: 0.75, root: 0.08, undercut: 0, dropThrough: 0 },
  tall: { width: 1.05, crown: 0.55, root: 0.3, undercut: 0, dropThrough: 0 },
  crowned: { width: 1.5, crown: 0.3, root: 0.6, undercut: 0, dropThrough: 0 },
  flat: { width: 1.85, crown: 0.12, root: 0.75, undercut: 0, dropThrough: 0 },
  concave: { width: 2, crown: -0.14, root: 0.9, undercut: 0, dropThrough: 0 },
  undercut: { width: 1.8, crown: 0.16, root: 0.85, undercut: 0.2, dropThrough: 0 },
  'blown-through': { width: 1.7, crown: -0.35, root: 1, undercut: 0, dropThrough: 0.4 },
};

/** Deepest root and widest bead that fit into the drawing, plate thicknesses. */
const DEEPEST = 1;
const WIDEST = 3.2;

/** A face at another size: width and crown grow alike, the root by itself. */
export function scaledProfile(profile: BeadProfile, size: number, depth: number): BeadProfile {
  return {
    ...profile,
    width: Math.min(WIDEST, profile.width * size),
    crown: profile.crown * size,
    root: Math.min(DEEPEST, profile.root * depth),
  };
}

export interface BeadPaths {
  readonly plate: string;
  readonly bead: string;
  readonly viewBox: string;
}

const PLATE_PX = 26;
const HALF_WIDTH_PX = 46;
const TOP_PX = 26;

function px(value: number): string {
  return value.toFixed(1);
}

/** SVG paths of a plate with a bead on it, drawn from the profile's numbers. */
export function beadPaths(profile: BeadProfile): BeadPaths {
  const half = (profile.width / 2) * PLATE_PX;
  const crown = -profile.crown * PLATE_PX;
  const root = profile.root * PLATE_PX;
  const cut = profile.undercut * PLATE_PX;
  const drop = profile.dropThrough * PLATE_PX;
  const cutHalf = cut > 0 ? 5 : 0;
  const notch = (side: 1 | -1): string =>
    cut > 0
      ? `L${px(side * (half + cutHalf))} 0Q${px(side * half)} ${px(cut * 1.6)} ${px(side * half)} ${px(cut)}`
      : `L${px(side * half)} 0`;
  const plate =
    `M${-HALF_WIDTH_PX} 0${notch(-1)}L${px(half)} ${px(cut)}` +
    (cut > 0 ? `Q${px(half)} ${px(cut * 1.6)} ${px(half + cutHalf)} 0` : `L${px(half)} 0`) +
    `L${HALF_WIDTH_PX} 0L${HALF_WIDTH_PX} ${PLATE_PX}L${-HALF_WIDTH_PX} ${PLATE_PX}Z`;
  const over = `M${px(-half)} ${px(cut)}C${px(-half * 0.7)} ${px(crown * 1.33 + cut * 0.2)} ${px(half * 0.7)} ${px(crown * 1.33 + cut * 0.2)} ${px(half)} ${px(cut)}`;
  const under =
    drop > 0
      ? `L${px(half * 0.45)} ${PLATE_PX}C${px(half * 0.35)} ${px(PLATE_PX + drop * 1.33)} ${px(-half * 0.35)} ${px(PLATE_PX + drop * 1.33)} ${px(-half * 0.45)} ${PLATE_PX}Z`
      : `C${px(half * 0.6)} ${px(root * 1.33)} ${px(-half * 0.6)} ${px(root * 1.33)} ${px(-half)} ${px(cut)}Z`;
  return {
    plate,
    bead: over + under,
    viewBox: `${-HALF_WIDTH_PX - 2} ${-TOP_PX} ${2 * HALF_WIDTH_PX + 4} ${TOP_PX + PLATE_PX + 18}`,
  };
}

/** The face that stands for a bead of which only a word was said. */
export const FACE_OF_VERDICT: Readonly<Record<BeadVerdict, BeadFace>> = {
  cold: 'tall',
  right: 'crowned',
  hot: 'concave',
  blown: 'blown-through',
};
