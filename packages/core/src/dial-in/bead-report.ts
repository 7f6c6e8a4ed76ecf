/** How the bead looked, in order from too cold to too hot, with the faults that stand beside the scale. */
export const BEAD_FACES = [
  'ropy',
  'tall',
  'crowned',
  'flat',
  'concave',
  'undercut',
  'blown-through',
] as const;
export type BeadFace = (typeof BEAD_FACES)[number];

/** How the arc sounded. */
export const ARC_SOUNDS = ['stubbing', 'popping', 'sizzle', 'crackle', 'hiss'] as const;
export type ArcSound = (typeof ARC_SOUNDS)[number];

/** Where a bead stands between cold and hot. */
export const BEAD_VERDICTS = ['cold', 'right', 'hot'] as const;
export type BeadVerdict = (typeof BEAD_VERDICTS)[number];

/** What a test bead was welded at. */
export interface BeadSetting {
  /** m/min */
  readonly wireFeedSpeedMPerMin: number;
  /** V at the arc or as the machine shows it */
  readonly volts: number;
}

/** A reported test bead. */
export interface TestBead extends BeadSetting {
  readonly face: BeadFace;
  readonly sound: ArcSound;
}

/** Score on the cold–hot scale, −2 to 2. Source: common practice (reading a test bead); weights our model. */
const FACE_SCORE: Readonly<Record<BeadFace, number>> = {
  ropy: -2,
  tall: -1,
  crowned: 0,
  flat: 0.4,
  concave: 1.5,
  undercut: 1.5,
  'blown-through': 2,
};
const SOUND_SCORE: Readonly<Record<ArcSound, number>> = {
  stubbing: -2,
  popping: -1,
  sizzle: 0,
  crackle: 1.5,
  hiss: 1.5,
};

/**
 * Cold, right or hot, from face and sound together: the face counts as much as the sound, and a face that
 * failed outright cannot be called right.
 *
 * @source common practice; weights our model
 */
export function beadVerdict(bead: Pick<TestBead, 'face' | 'sound'>): BeadVerdict {
  const face = FACE_SCORE[bead.face];
  const score = (face + SOUND_SCORE[bead.sound]) / 2;
  if (score <= -0.5 || face <= -2) return 'cold';
  return score >= 0.5 || face >= 1.5 ? 'hot' : 'right';
}
