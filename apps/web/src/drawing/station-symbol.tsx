import type { LinerMaterial, RollForm } from '@hot-bead/core';

export type SymbolId = 'leads' | 'spool' | 'rolls' | 'liner' | 'tip' | 'arc' | 'joint' | 'clamp' | 'gas';

/** What the stations' pictures depend on. */
export interface PathForm {
  readonly gunLead: '+' | '−';
  readonly rolls: RollForm;
  readonly liner: LinerMaterial;
  readonly tipRecessed: boolean;
  readonly spoolGun: boolean;
  readonly gas: boolean;
}

interface Shape {
  /** Hides the wire behind it. */
  readonly solid?: string;
  /** Lets the wire run through. */
  readonly open?: string;
  readonly filled?: string;
}

const CIRCLE_17 = 'M33 24a17 17 0 1 0 34 0a17 17 0 1 0 -34 0';
const CIRCLE_9 = 'M41 24a9 9 0 1 0 18 0a9 9 0 1 0 -18 0';

/** Two rolls seen along the wire, with the groove they make around it. */
const ROLLS: Readonly<Record<RollForm, Shape>> = {
  'v-smooth': {
    solid: 'M34 3H66V22H54L50 17L46 22H34ZM34 45H66V26H54L50 31L46 26H34Z',
    filled: 'M46.500 24a3.500 3.500 0 1 0 7 0a3.500 3.500 0 1 0 -7 0',
  },
  u: {
    solid: 'M34 3H66V22H55A5 5 0 0 0 45 22H34ZM34 45H66V26H55A5 5 0 0 1 45 26H34Z',
    filled: 'M46 24a4 4 0 1 0 8 0a4 4 0 1 0 -8 0',
  },
  knurled: {
    solid:
      'M34 3H66V22H56L54.500 19L53 21L51.500 18L50 20.500L48.500 18L47 21L45.500 19L44 22H34ZM34 45H66V26H56L54.500 29L53 27L51.500 30L50 27.500L48.500 30L47 27L45.500 29L44 26H34Z',
    open: 'M47 24a3 3 0 1 0 6 0a3 3 0 1 0 -6 0M38 6V19M43 6V17M57 6V17M62 6V19M38 29V42M43 31V42M57 31V42M62 29V42',
  },
};

const LINERS: Readonly<Record<LinerMaterial, Shape>> = {
  steel: {
    open: 'M16 19H84M16 29H84M20 19L24 29M28 19L32 29M36 19L40 29M44 19L48 29M52 19L56 29M60 19L64 29M68 19L72 29M76 19L80 29',
  },
  plastic: { open: 'M12 19H70M12 29H70M70 16H88V32H70ZM74 16V32M79 16V32M84 16V32' },
  none: { open: 'M22 24m-1 0a1 1 0 1 0 2 0a1 1 0 1 0 -2 0' },
};

const FIXED: Readonly<Record<'arc' | 'joint' | 'clamp', Shape>> = {
  arc: { open: 'M56 24L66 14M58 22L74 19M58 26L74 29M56 25L66 35' },
  joint: { solid: 'M24 33H76V41H24ZM46 33V7H54V33Z', filled: 'M54 33L66 33L54 21Z' },
  clamp: { open: 'M22 36H78M38 36V16H58V22M58 36V28M52 22H64M52 28H64M38 24H20' },
};

/** Signs in the two sockets, the gun's on the right, where the wire leaves. */
const SIGNS: Readonly<Record<'+' | '−', string>> = {
  '+': 'M55.500 24H60.500M58 21.500V26.500M39.500 24H44.500',
  '−': 'M55.500 24H60.500M39.500 24H44.500M42 21.500V26.500',
};

function shapeOf(id: SymbolId, form: PathForm): Shape {
  switch (id) {
    case 'leads':
      return {
        solid: 'M30 8H70V40H30Z',
        open: `M37 24a5 5 0 1 0 10 0a5 5 0 1 0 -10 0M53 24a5 5 0 1 0 10 0a5 5 0 1 0 -10 0${SIGNS[form.gunLead]}`,
      };
    case 'spool':
      return form.spoolGun
        ? { solid: CIRCLE_9, open: 'M44 33L38 46H48L53 33M47 24a3 3 0 1 0 6 0a3 3 0 1 0 -6 0M59 20H74V28H59' }
        : {
            solid: CIRCLE_17,
            open: 'M39 24a11 11 0 1 0 22 0a11 11 0 1 0 -22 0M47 24a3 3 0 1 0 6 0a3 3 0 1 0 -6 0',
          };
    case 'rolls':
      return ROLLS[form.rolls];
    case 'liner':
      return LINERS[form.liner];
    case 'tip':
      return form.tipRecessed
        ? { open: 'M26 12H66L72 16V32L66 36H26ZM26 20H62V28H26' }
        : { open: 'M26 14H60L66 17V31L60 34H26ZM26 20H72V28H26' };
    case 'gas':
      return form.gas
        ? { solid: 'M40 42V18C40 10 60 10 60 18V42Z', open: 'M47 12V6H53V12M53 8H62' }
        : { open: 'M40 42V18C40 10 60 10 60 18V42ZM36 44L64 8' };
    default:
      return FIXED[id];
  }
}

/** One station's picture on a 100 × 48 field with the wire at y = 24, drawn for what the plan fits there. */
export function StationSymbol({ id, form }: { readonly id: SymbolId; readonly form: PathForm }) {
  const { solid, open, filled } = shapeOf(id, form);
  return (
    <svg viewBox="0 0 100 48" aria-hidden="true" className="relative h-12 w-full max-md:w-20 max-md:shrink-0">
      <g stroke="currentColor" strokeWidth="1.75" strokeLinejoin="round">
        {solid !== undefined && <path d={solid} fill="var(--plate)" />}
        {open !== undefined && <path d={open} fill="none" />}
        {filled !== undefined && <path d={filled} fill="currentColor" />}
      </g>
    </svg>
  );
}

const ROLL_NAME: Readonly<Record<RollForm, string>> = {
  'v-smooth': 'smooth V-groove rolls',
  u: 'U-groove rolls',
  knurled: 'knurled rolls',
};
const LINER_NAME: Readonly<Record<LinerMaterial, string>> = {
  steel: 'steel liner',
  plastic: 'plastic liner with a bronze neck liner',
  none: 'no liner, the spool sits in the gun',
};

/** The whole path in words, for those who do not see it. */
export function pathWords(form: PathForm): string {
  const work = form.gunLead === '+' ? '−' : '+';
  return [
    `Gun lead on ${form.gunLead}, work lead on ${work}`,
    ROLL_NAME[form.rolls],
    LINER_NAME[form.liner],
    form.gas ? 'gas to the nozzle' : 'no gas',
  ].join('; ');
}
