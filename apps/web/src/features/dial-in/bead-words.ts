import type {
  ArcSound,
  BackSide,
  BeadEnds,
  BeadFace,
  BeadFlag,
  BeadVerdict,
  HeatVerdict,
  Spatter,
} from '@hot-bead/core/window';

export const FACE_WORD: Readonly<Record<BeadFace, string>> = {
  ropy: 'ropy, lies on top',
  tall: 'tall, narrow',
  crowned: 'slight crown',
  flat: 'flat, wide',
  concave: 'hollow',
  undercut: 'undercut',
  'blown-through': 'blown through',
};

export const SOUND_WORD: Readonly<Record<ArcSound, string>> = {
  stubbing: 'stubs, pushes',
  popping: 'pops, machine gun',
  sizzle: 'steady sizzle',
  crackle: 'loud, ragged crackle',
  hiss: 'hiss and pop',
};

export const SAID_WORD: Readonly<Record<BeadVerdict, string>> = {
  cold: 'Too cold',
  right: 'Right',
  hot: 'Too hot',
  blown: 'Blown through',
};

export const SPATTER_WORD: Readonly<Record<Spatter, string>> = {
  little: 'little',
  some: 'some',
  much: 'much',
};

export const BACK_WORD: Readonly<Record<BackSide, string>> = {
  'no-mark': 'no mark',
  'even-mark': 'even mark or tint',
  'drops-through': 'drops through',
};

export const ENDS_WORD: Readonly<Record<BeadEnds, string>> = {
  good: 'both good',
  'cold-start': 'humped start',
  crater: 'crater at the end',
};

export const FLAG_WORD: Readonly<Record<BeadFlag, string>> = {
  'stick-out': 'stick-out wandered',
  'gun-angle': 'gun angle off',
  dirty: 'dirty metal',
};

export const HEAT_WORD: Readonly<Record<HeatVerdict, string>> = {
  cold: 'Too little: heaped on top',
  right: 'Right',
  hot: 'Too much: hard to keep up',
};
