import { type ArcClass, type ArcLevel, levelOf } from '@hot-bead/core/arc-lab';
import type { BeadFace } from '@hot-bead/core/window';

/** Letter of a class in the map, and the bead that it leaves. Source: faces by common practice. */
export const CLASS_LETTER: Readonly<Record<ArcClass, string>> = {
  stubbing: 'U',
  crowding: 'C',
  steady: 'S',
  ragged: 'R',
  popping: 'P',
  long: 'L',
  globular: 'G',
  spray: 'Y',
  pulse: 'B',
};

export const CLASS_FACE: Readonly<Record<ArcClass, BeadFace>> = {
  stubbing: 'ropy',
  crowding: 'tall',
  steady: 'crowned',
  ragged: 'flat',
  popping: 'tall',
  long: 'concave',
  globular: 'undercut',
  spray: 'crowned',
  pulse: 'crowned',
};

/** Where a class stands: what is no short arc has no side. */
export function levelOfClass(arc: ArcClass): ArcLevel | 'other' {
  return levelOf(arc) ?? 'other';
}

export const LEVEL_TEXT = {
  cold: 'text-cold',
  right: 'text-good',
  hot: 'text-hot',
  other: 'text-ink',
} as const;
/** A shape beside the colour. */
export const LEVEL_MARK = { cold: '▼', right: '●', hot: '▲', other: '◆' } as const;
