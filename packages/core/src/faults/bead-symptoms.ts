import type { TestBead } from '../window/bead-report.ts';
import type { SymptomId } from './symptoms.ts';

const OF_FACE: Readonly<Partial<Record<NonNullable<TestBead['face']>, SymptomId>>> = {
  ropy: 'ropy-bead',
  concave: 'wide-flat-bead',
  undercut: 'undercut',
  'blown-through': 'burn-through',
};
const OF_SOUND: Readonly<Partial<Record<NonNullable<TestBead['sound']>, SymptomId>>> = {
  stubbing: 'stubbing',
  popping: 'popping',
  hiss: 'arc-hiss',
};
const OF_ENDS: Readonly<Partial<Record<NonNullable<TestBead['ends']>, SymptomId>>> = {
  'cold-start': 'humped-start',
  crater: 'crater-crack',
};

/** What a reported bead says of a fault: what was seen and heard, and what was looked for and is not there. */
export function beadSymptoms(bead: TestBead): {
  readonly present: readonly SymptomId[];
  readonly absent: readonly SymptomId[];
} {
  const { said, face, sound, spatter, back, ends } = bead;
  const present = [
    face && OF_FACE[face],
    sound && OF_SOUND[sound],
    ends && OF_ENDS[ends],
    spatter === 'much' ? ('spatter-heavy' as const) : undefined,
    back === 'no-mark' ? ('no-penetration' as const) : undefined,
    said === 'blown' || back === 'drops-through' ? ('burn-through' as const) : undefined,
  ];
  const absent = spatter === 'little' ? (['spatter-heavy'] as const) : [];
  return { present: [...new Set(present.flatMap((one) => one ?? []))], absent };
}
