/** Something that a record, or a look, may have answered. */
export interface FaultFactRow {
  readonly word: string;
  /** What it can be, and how that is said. */
  readonly values: Readonly<Record<string, string>>;
  /** After how many days half of what it clears is left: things change unseen. */
  readonly halfLifeDays: number;
}

const AGAINST_PLAN = { low: 'below the plan', right: 'as planned', high: 'above the plan' } as const;
const RIGHT = { right: 'as it should be', wrong: 'wrong' } as const;
const LEVEL = { low: 'low', right: 'as it should be', high: 'high' } as const;
const TIME = { short: 'short', right: 'as it should be', long: 'long' } as const;

/** What can be known of a machine and its job before anyone looks. Source: our judgement, how long each holds too. */
export const FAULT_FACT_TABLE = {
  burnback: { word: 'Burnback', values: TIME, halfLifeDays: 7 },
  'ctwd-vs-plan': {
    word: 'Tip to work',
    values: { short: 'shorter than planned', right: 'as planned', long: 'longer than planned' },
    halfLifeDays: 0.1,
  },
  'cylinder-level': {
    word: 'Cylinder',
    values: { empty: 'empty', low: 'nearly empty', ok: 'has gas' },
    halfLifeDays: 2,
  },
  duty: {
    word: 'Duty',
    values: { over: 'past what it allows', ok: 'within what it allows' },
    halfLifeDays: 0.05,
  },
  'filler-alloy': { word: 'Filler for the alloy', values: RIGHT, halfLifeDays: 365 },
  flow: { word: 'Gas flow', values: { zero: 'none', ...LEVEL }, halfLifeDays: 1 },
  gas: { word: 'Gas', values: { ...RIGHT, nopurge: 'none behind the root' }, halfLifeDays: 14 },
  'gun-switch': { word: 'Gun switch', values: RIGHT, halfLifeDays: 7 },
  inductance: { word: 'Inductance', values: LEVEL, halfLifeDays: 7 },
  liner: {
    word: 'Liner',
    values: { ...RIGHT, dirty: 'dirty', short: 'short of the rolls' },
    halfLifeDays: 30,
  },
  'neck-liner': { word: 'Neck liner', values: { ...RIGHT, missing: 'missing' }, halfLifeDays: 60 },
  polarity: {
    word: 'Leads',
    values: { right: 'as this wire wants them', wrong: 'on the wrong poles for this wire' },
    halfLifeDays: 60,
  },
  program: { word: 'Program', values: RIGHT, halfLifeDays: 2 },
  'roll-form': { word: 'Form of the rolls', values: RIGHT, halfLifeDays: 60 },
  'roll-pressure': { word: 'Roll pressure', values: LEVEL, halfLifeDays: 14 },
  'roll-size': {
    word: 'Groove of the rolls',
    values: { ...RIGHT, big: 'too big', small: 'too small' },
    halfLifeDays: 60,
  },
  'spool-level': { word: 'Spool', values: { empty: 'empty', ok: 'has wire' }, halfLifeDays: 1 },
  surface: {
    word: 'Surface',
    values: {
      clean: 'clean',
      dirty: 'dirty',
      galvanised: 'galvanised',
      scale: 'mill scale',
      oxide: 'oxide',
      wet: 'wet',
      coated: 'coated',
    },
    halfLifeDays: 1,
  },
  'tip-size': {
    word: 'Tip',
    values: { right: 'of the wire’s size', big: 'too big', small: 'too small' },
    halfLifeDays: 14,
  },
  'volts-vs-plan': { word: 'Volts', values: AGAINST_PLAN, halfLifeDays: 1 },
  'wfs-vs-plan': { word: 'Wire speed', values: AGAINST_PLAN, halfLifeDays: 1 },
  wind: { word: 'Air', values: { still: 'still', windy: 'windy' }, halfLifeDays: 0.2 },
  'wire-class': { word: 'Wire', values: RIGHT, halfLifeDays: 30 },
  'wire-diameter': { word: 'Wire size', values: RIGHT, halfLifeDays: 30 },
} as const satisfies Readonly<Record<string, FaultFactRow>>;

export type FaultFact = keyof typeof FAULT_FACT_TABLE;
export const FAULT_FACTS = Object.keys(FAULT_FACT_TABLE) as readonly FaultFact[];

/** The row of a fact, its values by name. */
export function faultFactRow(fact: FaultFact): FaultFactRow {
  return FAULT_FACT_TABLE[fact];
}

/** What is known, as a sentence without its full stop: "Leads: on the wrong poles for this wire". */
export function faultFactText(fact: FaultFact, value: string): string {
  const { word, values } = faultFactRow(fact);
  return `${word}: ${values[value] ?? value}`;
}
