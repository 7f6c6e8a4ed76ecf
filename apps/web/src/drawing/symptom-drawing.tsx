import type { SymptomId } from '@hot-bead/core/faults';
import type { BeadFace } from '@hot-bead/core/window';
import type { ReactNode } from 'react';
import { BeadSection } from './bead-section.tsx';
import { DETAIL_PX, OUTLINE_PX, TONE } from './pen.ts';

const INK = { fill: 'none', stroke: 'var(--ink)', strokeWidth: DETAIL_PX, strokeLinecap: 'round' } as const;
const STEEL = { fill: TONE, stroke: 'var(--line-strong)', strokeWidth: DETAIL_PX } as const;
const METAL = {
  fill: 'var(--ink-soft)',
  fillOpacity: 0.35,
  stroke: 'var(--ink)',
  strokeWidth: OUTLINE_PX,
} as const;

type Spot = readonly [x: number, y: number, r: number];

function Spots({ at }: { readonly at: readonly Spot[] }) {
  return at.map(([x, y, r]) => <circle key={`${x} ${y}`} cx={x} cy={y} r={r} fill="var(--ink)" />);
}

const EVEN_BEAD = 'M14 18 H82 A10 10 0 0 1 82 38 H14 A10 10 0 0 1 14 18 Z';
const RIPPLES_X = [20, 30, 40, 50, 60, 70, 80];

/** A bead from above on its plate, with what is wrong with it laid over. */
function FromAbove({
  bead = EVEN_BEAD,
  children,
}: {
  readonly bead?: string;
  readonly children?: ReactNode;
}) {
  return (
    <>
      <rect x={1} y={4} width={94} height={48} {...STEEL} />
      <path d={bead} {...METAL} />
      {RIPPLES_X.map((x) => (
        <path key={x} d={`M${x} 20 q6 8 0 16`} {...INK} strokeOpacity={0.45} />
      ))}
      {children}
    </>
  );
}

/** Spots as they are written: "x y r" each, apart by commas. */
function spots(written: string): readonly Spot[] {
  return written.split(',').map((one) => one.trim().split(' ').map(Number) as unknown as Spot);
}
const FEW = spots('22 26 2, 40 31 2.4, 57 25 1.8, 74 30 2.2');
const AROUND = spots(
  '10 10 2.5, 24 13 1.6, 38 8 2.2, 55 12 2.8, 70 9 1.8, 86 13 2.4, 14 47 2, 32 44 2.8, 48 48 1.8, 64 45 2.4, 82 47 2',
);
const MANY: readonly Spot[] = Array.from({ length: 24 }, (_, i): Spot => {
  const column = i % 8;
  const row = Math.floor(i / 8);
  return [14 + column * 9.5 + (row % 2) * 4, 22 + row * 6 + (column % 2), 1.6 + ((i * 7) % 3) * 0.7];
});
const CRACK = 'M12 28 l8 -2 l7 4 l9 -3 l8 3 l9 -4 l8 4 l9 -3 l9 2';

/** The tip of the gun, pointing down, with what hangs from it. */
function TipDown({ children }: { readonly children: ReactNode }) {
  return (
    <>
      <path d="M40 2 h16 v14 l-4 6 h-8 l-4 -6 Z" {...STEEL} stroke="var(--ink)" />
      {children}
    </>
  );
}

/** Both drive rolls with the wire through them. */
function Rolls({ children }: { readonly children: ReactNode }) {
  return (
    <>
      <circle cx={26} cy={15} r={12} {...STEEL} stroke="var(--ink)" />
      <circle cx={26} cy={41} r={12} {...STEEL} stroke="var(--ink)" />
      <path d="M2 28 H36" {...INK} strokeWidth={OUTLINE_PX} />
      {children}
    </>
  );
}

const PLATE = <path d="M4 46 H92" {...INK} strokeWidth={OUTLINE_PX} />;

/** Symptoms that a section through the bead shows. */
const SECTIONS: Readonly<Partial<Record<SymptomId, BeadFace>>> = {
  'ropy-bead': 'ropy',
  'cold-lap': 'tall',
  undercut: 'undercut',
  'wide-flat-bead': 'concave',
  'burn-through': 'blown-through',
};

/** Symptoms that a drawing of our own shows, in 96 by 56. */
const DRAWINGS: Readonly<Partial<Record<SymptomId, ReactNode>>> = {
  'porosity-scattered': (
    <FromAbove>
      <Spots at={FEW} />
    </FromAbove>
  ),
  'porosity-heavy': (
    <FromAbove>
      <Spots at={MANY} />
    </FromAbove>
  ),
  'porosity-at-start': (
    <FromAbove>
      <Spots at={MANY.filter(([x]) => x < 30)} />
    </FromAbove>
  ),
  'porosity-at-end': (
    <FromAbove>
      <Spots at={MANY.filter(([x]) => x > 68)} />
    </FromAbove>
  ),
  'porosity-patches': (
    <FromAbove>
      <Spots at={MANY.filter(([x]) => (x > 24 && x < 40) || x > 70)} />
    </FromAbove>
  ),
  'spatter-heavy': (
    <FromAbove>
      <Spots at={AROUND} />
    </FromAbove>
  ),
  'crater-crack': (
    <FromAbove>
      <path d="M80 28 l7 -3 M80 28 l-5 6 M80 28 l4 6 M80 28 l-6 -4" {...INK} strokeWidth={OUTLINE_PX} />
    </FromAbove>
  ),
  'centre-crack': (
    <FromAbove>
      <path d={CRACK} {...INK} strokeWidth={OUTLINE_PX} />
    </FromAbove>
  ),
  'crack-beside': (
    <FromAbove>
      <path
        d="M18 43 l9 -1 l7 3 l9 -3 l10 2 l9 -2 l12 2 M58 14 l-3 8 l4 7 l-3 10"
        {...INK}
        strokeWidth={OUTLINE_PX}
      />
    </FromAbove>
  ),
  'soot-black': (
    <FromAbove>
      <path
        d="M8 14 Q48 4 88 14 L88 20 H8 Z M8 36 H88 V42 Q48 52 8 42 Z"
        fill="var(--ink)"
        fillOpacity={0.7}
      />
    </FromAbove>
  ),
  'dull-grey-bead': (
    <FromAbove>
      <path
        d="M10 22 h6 M20 31 h7 M34 24 h8 M47 33 h6 M60 25 h8 M72 32 h8"
        {...INK}
        strokeWidth={3}
        strokeOpacity={0.6}
      />
    </FromAbove>
  ),
  'worm-tracks': (
    <FromAbove>
      <path
        d="M18 22 q6 6 2 12 M36 33 q-5 -6 2 -11 M54 22 q7 5 1 11 M70 33 q-4 -7 4 -10"
        {...INK}
        strokeWidth={3}
      />
    </FromAbove>
  ),
  'bead-width-wavers': (
    <FromAbove bead="M8 28 Q12 16 24 20 T40 22 T56 18 T74 22 T90 28 Q86 40 74 35 T56 39 T40 34 T22 38 T8 28 Z" />
  ),
  'humped-start': (
    <FromAbove bead="M22 14 A14 14 0 1 0 22 42 Q32 40 38 34 H82 A6 6 0 0 0 82 22 H38 Q32 16 22 14 Z" />
  ),
  'stainless-blue-or-rust': (
    <FromAbove>
      <path d="M6 12 H90 M6 15 H90 M6 41 H90 M6 44 H90" {...INK} strokeWidth={2.5} strokeOpacity={0.6} />
    </FromAbove>
  ),
  'one-side-not-fused': (
    <>
      <path d="M2 40 H94 V52 H2 Z" {...STEEL} />
      <path d="M44 2 H56 V40 H44 Z" {...STEEL} />
      <path d="M57 16 Q74 30 84 39 H57 Z" {...METAL} />
      <path d="M60 40.5 H84" {...INK} strokeWidth={3} strokeDasharray="4 3" />
    </>
  ),
  'no-penetration': (
    <>
      <path d="M2 26 H94 V46 H2 Z" {...STEEL} />
      <path d="M34 26 Q48 8 62 26 Q48 29 34 26 Z" {...METAL} />
      <path d="M48 31 V44" {...INK} strokeDasharray="3 3" />
    </>
  ),
  'slag-inclusion': (
    <>
      <path d="M2 24 H94 V48 H2 Z" {...STEEL} />
      <path d="M26 24 Q48 10 70 24 Q60 44 48 44 Q36 44 26 24 Z" {...METAL} />
      <path d="M38 28 l6 4 l-3 4 Z M54 34 l7 -4 l-1 6 Z" fill="var(--ink)" />
    </>
  ),
  'arc-blown-aside': (
    <TipDown>
      <path d="M48 22 V32 M48 33 Q60 40 76 44 M48 33 Q56 42 66 46" {...INK} />
      {PLATE}
    </TipDown>
  ),
  'arc-from-nozzle': (
    <>
      <path d="M28 2 V28 H36 V8 M68 2 V28 H60 V8" {...INK} strokeWidth={OUTLINE_PX} />
      <path d="M44 2 H52 V22 H44 Z" {...STEEL} />
      <path d="M32 29 l-4 6 l5 2 l-4 8 M64 29 l4 6 l-5 2 l4 8" {...INK} strokeWidth={OUTLINE_PX} />
      {PLATE}
    </>
  ),
  stubbing: (
    <TipDown>
      <path d="M48 22 V34 l-4 4 l8 4 l-4 4 M34 16 l-6 -6 m0 4 v-4 h4" {...INK} strokeWidth={OUTLINE_PX} />
      {PLATE}
    </TipDown>
  ),
  popping: (
    <TipDown>
      <path d="M48 22 V28" {...INK} strokeWidth={OUTLINE_PX} />
      <circle cx={48} cy={34} r={6} {...METAL} />
      {PLATE}
    </TipDown>
  ),
  'burn-back': (
    <TipDown>
      <circle cx={48} cy={24} r={6} fill="var(--ink)" />
      {PLATE}
    </TipDown>
  ),
  'wire-stuck-crater': (
    <TipDown>
      <path d="M48 22 V46" {...INK} strokeWidth={OUTLINE_PX} />
      <path d="M30 46 Q48 34 66 46 Z" {...METAL} />
      {PLATE}
    </TipDown>
  ),
  'wire-curls-at-tip': (
    <TipDown>
      <path d="M48 22 q10 4 4 10 q-8 6 -12 -1 q-1 -8 9 -6 q16 4 14 18" {...INK} strokeWidth={OUTLINE_PX} />
    </TipDown>
  ),
  'bird-nest': (
    <Rolls>
      <path
        d="M36 28 q8 -14 16 -4 t-6 14 t-10 -6 t14 -12 t14 10 t-8 14 t-14 -8 t18 -10 t6 14"
        {...INK}
        strokeWidth={OUTLINE_PX}
      />
      <path d="M76 24 H94 V32 H76 Z" {...STEEL} />
    </Rolls>
  ),
  'wire-slips': (
    <Rolls>
      <path d="M40 28 H92" {...INK} strokeWidth={OUTLINE_PX} strokeDasharray="2 5" />
      <path d="M14 3 a15 15 0 0 1 22 0 l-1 -5 m1 5 l-5 1" {...INK} />
    </Rolls>
  ),
  shavings: (
    <Rolls>
      <path d="M36 28 H92" {...INK} strokeWidth={OUTLINE_PX} />
      <path
        d="M44 48 l5 -3 M54 52 l4 -4 M62 47 l5 2 M50 42 l3 3 M70 52 l5 -2"
        {...INK}
        strokeWidth={OUTLINE_PX}
      />
    </Rolls>
  ),
  'wire-flattened': (
    <Rolls>
      <path d="M36 25 H92 V31 H36 Z" {...METAL} />
      <path d="M42 25 v6 M50 25 v6 M58 25 v6 M66 25 v6 M74 25 v6 M82 25 v6" {...INK} />
    </Rolls>
  ),
  'spool-overrun': (
    <>
      <circle cx={38} cy={28} r={22} {...STEEL} stroke="var(--ink)" />
      <circle cx={38} cy={28} r={7} {...INK} />
      <path d="M58 20 q22 -10 24 6 t-22 14 t-4 12 t34 -2" {...INK} strokeWidth={OUTLINE_PX} />
    </>
  ),
};

/** What a symptom looks like, where a drawing says it. */
export function SymptomDrawing({
  symptom,
  className = '',
}: {
  readonly symptom: SymptomId;
  readonly className?: string;
}) {
  const face = SECTIONS[symptom];
  if (face !== undefined) return <BeadSection face={face} className={className} />;
  const drawing = DRAWINGS[symptom];
  if (drawing === undefined) return null;
  return (
    <svg viewBox="0 0 96 56" className={className} aria-hidden="true">
      {drawing}
    </svg>
  );
}
