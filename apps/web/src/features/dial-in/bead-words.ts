import type { ArcSound, BeadFace } from '@hot-bead/core';

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
