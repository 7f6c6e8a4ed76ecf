import { DETAIL_PX, OUTLINE_PX, TONE } from './pen.ts';
import type { BeadFace } from '@hot-bead/core/window';
import { BEAD_PROFILES, beadPaths, scaledProfile } from './bead-profile.ts';

/** Section through a bead of one face, drawn from its numbers. */
export function BeadSection({
  face,
  size = 1,
  depth = 1,
  className = '',
}: {
  readonly face: BeadFace;
  /** Its section’s lengths, and its root, over the face’s own. */
  readonly size?: number;
  readonly depth?: number;
  readonly className?: string;
}) {
  const { plate, bead, viewBox } = beadPaths(scaledProfile(BEAD_PROFILES[face], size, depth));
  return (
    <svg viewBox={viewBox} className={className} aria-hidden="true">
      <path d={plate} fill={TONE} stroke="var(--line-strong)" strokeWidth={DETAIL_PX} />
      <path d={bead} fill="var(--ink-soft)" fillOpacity="0.45" stroke="var(--ink)" strokeWidth={OUTLINE_PX} />
    </svg>
  );
}
