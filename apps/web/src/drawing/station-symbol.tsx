import type { PlannedSetup } from '@hot-bead/core/plan';
import type { Joint, LinerMaterial, RollForm } from '@hot-bead/core/trade';
import { DETAIL_PX, OUTLINE_PX, TONE } from './pen.ts';

export type SymbolId = 'leads' | 'spool' | 'rolls' | 'liner' | 'tip' | 'arc' | 'joint' | 'clamp' | 'gas';

/** What the stations' pictures depend on. */
export interface PathForm {
  readonly gunLead: '+' | '−';
  readonly rolls: RollForm;
  readonly liner: LinerMaterial;
  readonly tipRecessed: boolean;
  readonly spoolGun: boolean;
  readonly joint: Joint;
  readonly gas: boolean;
}

/** What a plan's path is drawn for. */
export function pathForm({ feedPath, polarity, gas, work }: PlannedSetup): PathForm {
  return {
    gunLead: polarity.gunLead,
    rolls: feedPath.driveRolls.form,
    liner: feedPath.liner.material,
    tipRecessed: feedPath.tip.recessedMm > 0,
    spoolGun: feedPath.gun === 'spool-gun',
    joint: work.joint,
    gas: gas.gas.id !== 'none',
  };
}

interface SymbolProps {
  readonly id: SymbolId;
  readonly form: PathForm;
  readonly className?: string;
}

/** A picture's strokes by how they are drawn. */
interface Shape {
  /** Solid parts, in outline and tone: the wire runs behind them. */
  readonly solid?: string;
  /** Outlines that let the wire run through. */
  readonly open?: string;
  /** Finer strokes on top. */
  readonly detail?: string;
  readonly filled?: string;
}

const CIRCLE_17 = 'M33 24a17 17 0 1 0 34 0a17 17 0 1 0 -34 0';
const CIRCLE_9 = 'M41 24a9 9 0 1 0 18 0a9 9 0 1 0 -18 0';

/** Two rolls from the side, the wire nipped between them, and beside them their groove in section. */
const ROLL_PAIR = 'M25 12a10 10 0 1 0 20 0a10 10 0 1 0 -20 0M25 36a10 10 0 1 0 20 0a10 10 0 1 0 -20 0';
const ROLL_HUBS = 'M32 12a3 3 0 1 0 6 0a3 3 0 1 0 -6 0M32 36a3 3 0 1 0 6 0a3 3 0 1 0 -6 0';
const ROLLS: Readonly<Record<RollForm, Shape>> = {
  'v-smooth': {
    solid: `${ROLL_PAIR}M60 6H88V22H79L74 16L69 22H60ZM60 42H88V26H79L74 32L69 26H60Z`,
    detail: ROLL_HUBS,
    filled: 'M70.500 24a3.500 3.500 0 1 0 7 0a3.500 3.500 0 1 0 -7 0',
  },
  u: {
    solid: `${ROLL_PAIR}M60 6H88V22H79.500A5.500 5.500 0 0 0 68.500 22H60ZM60 42H88V26H79.500A5.500 5.500 0 0 1 68.500 26H60Z`,
    detail: ROLL_HUBS,
    filled: 'M69.500 24a4.500 4.500 0 1 0 9 0a4.500 4.500 0 1 0 -9 0',
  },
  knurled: {
    solid: `${ROLL_PAIR}M60 6H88V22H80L78.500 18.500L76.500 21L74 17.500L71.500 21L69.500 18.500L68 22H60ZM60 42H88V26H80L78.500 29.500L76.500 27L74 30.500L71.500 27L69.500 29.500L68 26H60Z`,
    detail: `${ROLL_HUBS}M27 7L30 9M26 13L29.500 12.500M43 7L40 9M44 13L40.500 12.500M27 41L30 39M26 35L29.500 35.500M43 41L40 39M44 35L40.500 35.500M35 2.500V6M35 45.500V42`,
    filled: 'M71 24a3 3 0 1 0 6 0a3 3 0 1 0 -6 0',
  },
};

const LINERS: Readonly<Record<LinerMaterial, Shape>> = {
  steel: {
    open: 'M16 18H84M16 30H84',
    detail: 'M20 18L25 30M29 18L34 30M38 18L43 30M47 18L52 30M56 18L61 30M65 18L70 30M74 18L79 30',
  },
  plastic: { open: 'M12 18H68M12 30H68', solid: 'M68 15H88V33H68Z', detail: 'M73 15V33M78 15V33M83 15V33' },
  none: {},
};

/** The arc: the tip with its wire, the burning cone, drops on their way, and the plate it burns on. */
const ARC: Shape = {
  solid: 'M18 15H40L46 20V28L40 33H18ZM80 6H88V42H80Z',
  open: 'M56 24L80 12M56 24L80 36',
  detail: 'M18 21H30M18 27H30M60 24L74 20M60 24L74 28',
  filled: 'M58 24a2.500 2.500 0 1 0 5 0a2.500 2.500 0 1 0 -5 0M67 24a2 2 0 1 0 4 0a2 2 0 1 0 -4 0',
};

/** The clamp: two jaws on the edge of the work, their hinge, and the lead that leaves them. */
const CLAMP: Shape = {
  solid:
    'M16 33H56V41H16ZM48 32L54 20L70 17L86 6L90 12L74 23L58 26L52 33ZM48 42L56 46L74 31L92 34L91 27L72 24L54 36Z',
  detail: 'M74 21a4 4 0 1 0 8 0a4 4 0 1 0 -8 0',
  filled: 'M76.500 21a1.500 1.500 0 1 0 3 0a1.500 1.500 0 1 0 -3 0',
};

/** Joints as the wire meets them, the weld filled in. */
const JOINTS: Readonly<Record<Joint, Shape>> = {
  butt: { solid: 'M22 28H49.500V40H22ZM50.500 28H78V40H50.500Z', filled: 'M43 28Q50 22 57 28L51 38H49Z' },
  'open-butt': { solid: 'M22 28H45L48 40H22ZM55 28H78V40H52Z', filled: 'M43 28Q50 21 57 28L52 41H48Z' },
  lap: { solid: 'M22 25H54V33H22ZM30 33H78V41H30Z', filled: 'M54 25L63 33H54Z' },
  tee: { solid: 'M24 33H76V41H24ZM46 6V33H54V6Z', filled: 'M54 33H65L54 22Z' },
  'outside-corner': { solid: 'M38 22H46V44H38ZM46 14H78V22H46Z', filled: 'M38 22A8 8 0 0 1 46 14V22Z' },
  edge: { solid: 'M40 14H49V44H40ZM51 14H60V44H51Z', filled: 'M40 14Q50 6 60 14Z' },
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
        solid: 'M28 7H72V41H28Z',
        open: 'M36 24a6 6 0 1 0 12 0a6 6 0 1 0 -12 0M52 24a6 6 0 1 0 12 0a6 6 0 1 0 -12 0',
        detail: SIGNS[form.gunLead],
      };
    case 'spool':
      return form.spoolGun
        ? {
            solid: `${CIRCLE_9}M44 33L38 46H48L53 33ZM59 20H74V28H59Z`,
            detail: 'M47 24a3 3 0 1 0 6 0a3 3 0 1 0 -6 0',
          }
        : {
            solid: CIRCLE_17,
            detail: 'M39 24a11 11 0 1 0 22 0a11 11 0 1 0 -22 0M47 24a3 3 0 1 0 6 0a3 3 0 1 0 -6 0',
          };
    case 'rolls':
      return ROLLS[form.rolls];
    case 'liner':
      return LINERS[form.liner];
    case 'tip':
      return form.tipRecessed
        ? { solid: 'M26 11H66L73 16V32L66 37H26Z', detail: 'M26 20H61V28H26' }
        : { solid: 'M26 13H60L66 17V31L60 35H26Z', detail: 'M26 20H73V28H26' };
    case 'arc':
      return ARC;
    case 'joint':
      return JOINTS[form.joint];
    case 'clamp':
      return CLAMP;
    case 'gas':
      return form.gas
        ? { solid: 'M40 44V19C40 10 60 10 60 19V44Z', detail: 'M47 12V6H53V12M53 8H62' }
        : { open: 'M40 44V19C40 10 60 10 60 19V44Z', detail: 'M34 45L66 8' };
  }
}

/** One station's picture on a 100 × 48 field with the wire at y = 24, drawn for what the plan fits there. */
export function StationSymbol({ id, form, className = '' }: SymbolProps) {
  const { solid, open, detail, filled } = shapeOf(id, form);
  return (
    <svg viewBox="0 0 100 48" aria-hidden="true" className={`relative h-12 ${className}`}>
      <g stroke="currentColor" strokeLinejoin="round" strokeLinecap="round">
        {solid !== undefined && <path d={solid} fill={TONE} strokeWidth={OUTLINE_PX} />}
        {open !== undefined && <path d={open} fill="none" strokeWidth={OUTLINE_PX} />}
        {detail !== undefined && <path d={detail} fill="none" strokeWidth={DETAIL_PX} />}
        {filled !== undefined && <path d={filled} fill="currentColor" strokeWidth={DETAIL_PX} />}
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
