import { amount } from './words/amount.ts';
import { words, type Words } from './words/words.ts';
import { MODEL, PRACTICE, type Source } from './source.ts';

/** Where practitioners disagree, and which way this shop goes. */
export interface Schools {
  readonly wireSpeed: 'melting-rate' | 'amps-by-thickness';
  readonly leanMix: 'allow' | 'avoid';
  readonly pulseOverhead: 'over-vertical-up' | 'near-flat';
  readonly steelWire: 'by-thickness' | 'one-wire';
  readonly stainlessDipGas: 'tri-mix' | 'argon-2-co2';
  readonly learning: 'follow-machine' | 'keep-to-book';
  readonly rollPressure: 'block' | 'metal' | 'glove';
  readonly regulatorRest: 'backed-off' | 'set';
  readonly dialIn: 'wire-first' | 'volts-first' | 'columns';
  readonly ownFaults: 'count' | 'tables-only';
}

export type SchoolId = keyof Schools;

/** What is taken until the shop chooses otherwise. */
export const DEFAULT_SCHOOLS: Schools = {
  wireSpeed: 'melting-rate',
  leanMix: 'allow',
  pulseOverhead: 'over-vertical-up',
  steelWire: 'by-thickness',
  stainlessDipGas: 'tri-mix',
  learning: 'follow-machine',
  rollPressure: 'block',
  regulatorRest: 'backed-off',
  dialIn: 'wire-first',
  ownFaults: 'count',
};

export interface SchoolOption {
  readonly value: string;
  readonly name: Words;
  readonly says: Words;
}

export interface SchoolRow {
  readonly id: SchoolId;
  readonly question: string;
  readonly options: readonly SchoolOption[];
  readonly whyDefault: Words;
  readonly source: Source;
}

/** Every disagreement the planner knows, with its sides. Source: common practice on both sides. */
export const SCHOOL_TABLE: readonly SchoolRow[] = [
  {
    id: 'wireSpeed',
    question: 'Where does the wire speed start in short-circuit?',
    options: [
      {
        value: 'melting-rate',
        name: 'Melting rate',
        says: 'The speed at which the current wanted melts this wire.',
      },
      {
        value: 'amps-by-thickness',
        name: 'Amps by thickness',
        says: words`${amount.currentPerThickness(40)}, times a burn-off factor, from ${amount.thickness([1, 5])}.`,
      },
    ],
    whyDefault: words`Melting rate holds for every wire size and below ${amount.thickness(1)}, where the rule of thumb is too cold.`,
    source: PRACTICE,
  },
  {
    id: 'leanMix',
    question: 'Short-circuit on Ar + 8–12 % CO₂?',
    options: [
      {
        value: 'allow',
        name: 'One gas for everything',
        says: 'Short-circuit, spray and pulse all on it, at fewer volts.',
      },
      {
        value: 'avoid',
        name: 'Too little CO₂',
        says: 'It does not hold a short-circuit arc: take 15 % and up.',
      },
    ],
    whyDefault: 'It works for many shops; the plan lowers the volts and says that the look is colder.',
    source: PRACTICE,
  },
  {
    id: 'pulseOverhead',
    question: 'Pulsed spray overhead: how hot?',
    options: [
      {
        value: 'over-vertical-up',
        name: 'A little over vertical up',
        says: 'Just hot enough that the bead flattens.',
      },
      {
        value: 'near-flat',
        name: 'A little under flat',
        says: 'Cooler than flat by a tenth, and travel faster.',
      },
    ],
    whyDefault: 'A small puddle is easier to hold up while you find your hand.',
    source: PRACTICE,
  },
  {
    id: 'steelWire',
    question: 'Which solid wire when none is loaded?',
    options: [
      { value: 'by-thickness', name: 'By thickness', says: 'The size whose range the work stands in.' },
      {
        value: 'one-wire',
        name: words`${amount.wireSize(0.8)} for everything`,
        says: words`From sheet to ${amount.thickness(6)}, so that nothing is ever changed over.`,
      },
    ],
    whyDefault: 'A wire in the middle of its range is steadier; what is loaded is kept in any case.',
    source: PRACTICE,
  },
  {
    id: 'stainlessDipGas',
    question: 'Which gas for stainless short-circuit?',
    options: [
      { value: 'tri-mix', name: 'Helium tri-mix', says: '90 He / 7.5 Ar / 2.5 CO₂: wets best, costs most.' },
      {
        value: 'argon-2-co2',
        name: 'Ar + 2 % CO₂',
        says: 'The spray gas for short-circuit too, about 3 V lower.',
      },
    ],
    whyDefault: 'The starting rows stand for tri-mix; what is connected is used in any case when it suits.',
    source: PRACTICE,
  },
  {
    id: 'learning',
    question: 'Do beads that proved right move later plans on that machine?',
    options: [
      {
        value: 'follow-machine',
        name: 'Follow the machine',
        says: 'The volts move by what it wanted before with this wire, gas and transfer.',
      },
      {
        value: 'keep-to-book',
        name: 'Keep to the book',
        says: 'Plans stay as computed; what was learnt is said beside them.',
      },
    ],
    whyDefault: 'Machines and leads differ by a volt or so, and beads on this one say which way.',
    source: MODEL,
  },
  {
    id: 'rollPressure',
    question: 'How is the pressure of the rolls set?',
    options: [
      {
        value: 'block',
        name: 'On a block of wood',
        says: 'The wire curls away from the wood instead of stopping.',
      },
      {
        value: 'metal',
        name: 'On metal laid on wood',
        says: 'The same on metal that is not connected; it arcs where it touches earth.',
      },
      {
        value: 'glove',
        name: 'Between gloved fingers',
        says: 'Quick, and it feels real; the wire can pierce the glove.',
      },
    ],
    whyDefault:
      'Wood can neither arc nor be pierced through. The aim is one, and the mark on the scale is kept.',
    source: PRACTICE,
  },
  {
    id: 'regulatorRest',
    question: 'How does the regulator stay overnight?',
    options: [
      {
        value: 'backed-off',
        name: 'Backed off',
        says: 'No pressure rests on its seat; the flow is set anew.',
      },
      { value: 'set', name: 'Left set', says: 'Tomorrow it stands where it stood.' },
    ],
    whyDefault: 'It is backed off in any case where the bottle is moved or stands more than a day.',
    source: PRACTICE,
  },
  {
    id: 'dialIn',
    question: 'What is held while a machine is dialled in?',
    options: [
      { value: 'wire-first', name: 'Wire first', says: 'The wire speed is held; the volts move.' },
      { value: 'volts-first', name: 'Volts first', says: 'The volts are held; the wire speed moves.' },
      {
        value: 'columns',
        name: 'Chart columns',
        says: 'Both move, a column of the machine’s own chart at a time.',
      },
    ],
    whyDefault:
      'The wire speed sets the heat that the work needs. A machine with one entry is trimmed whatever is chosen here.',
    source: PRACTICE,
  },
  {
    id: 'ownFaults',
    question: 'Do this shop’s own closed cases move how common a fault is?',
    options: [
      {
        value: 'count',
        name: 'They count',
        says: 'What was wrong here before is suspected sooner: by one step of the scale at most, a danger never later.',
      },
      { value: 'tables-only', name: 'Tables only', says: 'Every shop is taken to have the same faults.' },
    ],
    whyDefault:
      'The same machine and the same habits fail the same way. It takes some cases before it shows.',
    source: MODEL,
  },
];

/** All schools settled: the shop's choices over the defaults. */
export function settledSchools(choices: Partial<Schools> | undefined): Schools {
  return { ...DEFAULT_SCHOOLS, ...choices };
}
