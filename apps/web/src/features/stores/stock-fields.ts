import { amount, inWords, type Units, wireSizeText, words } from '@hot-bead/core/base';
import { rigValueText } from '@hot-bead/core/machine';
import {
  isLiquidGas,
  PART_KINDS,
  SPOOL_SIZES,
  SPOOL_TARE_KG,
  type SpoolSize,
  type StockItem,
} from '@hot-bead/core/stores';
import { COMMON_GASES, gasOf, WIRE_CLASSES, WIRE_DIAMETERS_MM } from '@hot-bead/core/trade';
import { type FormField, type Options, TEXT, type Typed, YES_NO_OPTIONS } from '../../form/form-fields.ts';

export type StockKind = StockItem['kind'];

const NONE = ['', 'not said'] as const;
const CLASSES: Options = WIRE_CLASSES.map((id) => [id, id] as const);
const sizes = (units: Units): Options =>
  WIRE_DIAMETERS_MM.map((mm) => [String(mm), wireSizeText(mm, units)] as const);
const spools = (units: Units): Options => [
  NONE,
  ...SPOOL_SIZES.map((size) => [size, inWords(rigValueText('spoolSize', size), { units })] as const),
];
const GASES: Options = COMMON_GASES.filter((id) => gasOf(id).shields).map(
  (id) => [id, gasOf(id).name] as const,
);
const PART_WORD: Readonly<Record<(typeof PART_KINDS)[number], string>> = {
  tip: 'tip',
  nozzle: 'nozzle',
  roll: 'drive roll',
  liner: 'liner',
  'neck-liner': 'neck liner',
  'tip-holder': 'tip holder',
  'o-ring': 'O-ring',
  other: 'something else',
};

function isWeighed({ gas = '' }: Typed): boolean {
  return gas !== '' && isLiquidGas(gas as never);
}

/** The fields of each kind, in the order in which they are asked. */
export const FIELDS: Readonly<Record<StockKind, readonly FormField[]>> = {
  spool: [
    { name: 'wireClass', label: 'Wire', options: CLASSES },
    { name: 'diameterMm', label: 'Size', options: sizes },
    { name: 'size', label: 'Spool', options: spools },
    { name: 'fullKg', label: 'Wire when new', quantity: 'weight' },
    {
      name: 'tareKg',
      label: 'Empty spool',
      quantity: 'weight',
      hint: ({ size = '' }) =>
        size === ''
          ? 'weigh one'
          : words`often about ${amount.weight(SPOOL_TARE_KG[size as SpoolSize])}, from memory: weigh yours`,
    },
    { name: 'leftKg', label: 'Wire on it now', quantity: 'weight', hint: () => 'empty: as new' },
    {
      name: 'trueDiameterMm',
      label: 'Measured',
      quantity: 'distance',
      hint: () => 'a micrometer; changes length and minutes',
    },
    { name: 'batch', label: 'Maker’s batch', typing: TEXT },
    { name: 'openedOn', label: 'Opened on', typing: TEXT, hint: () => 'as 2026-03-01' },
    { name: 'keptDry', label: 'Kept dry', options: YES_NO_OPTIONS },
  ],
  cylinder: [
    { name: 'name', label: 'Number or name', typing: TEXT },
    { name: 'gas', label: 'Gas', options: GASES },
    {
      name: 'waterL',
      label: 'Holds of water',
      quantity: 'gasVolume',
      when: (typed) => !isWeighed(typed),
      hint: () => 'stamped on it',
    },
    { name: 'fullBar', label: 'Full at', quantity: 'pressure', when: (typed) => !isWeighed(typed) },
    {
      name: 'leftBar',
      label: 'Gauge now',
      quantity: 'pressure',
      when: (typed) => !isWeighed(typed),
      hint: () => 'empty: full',
    },
    { name: 'fullKg', label: 'Gas when full', quantity: 'weight', when: isWeighed },
    {
      name: 'tareKg',
      label: 'Empty bottle',
      quantity: 'weight',
      when: isWeighed,
      hint: () => 'stamped on it as tare',
    },
    {
      name: 'leftKg',
      label: 'Gas in it now',
      quantity: 'weight',
      when: isWeighed,
      hint: () => 'empty: full',
    },
  ],
  part: [
    { name: 'part', label: 'What', options: PART_KINDS.map((id) => [id, PART_WORD[id]] as const) },
    { name: 'name', label: 'Called', typing: TEXT },
    {
      name: 'forMm',
      label: 'For wire',
      options: (units) => [NONE, ...sizes(units)],
      when: ({ part }) => part !== 'nozzle',
    },
    {
      name: 'rollForm',
      label: 'Groove',
      options: [NONE, ['v-smooth', 'V, smooth'], ['u', 'U'], ['knurled', 'knurled']],
      when: ({ part }) => part === 'roll',
    },
    {
      name: 'liner',
      label: 'Liner of',
      options: [NONE, ['steel', 'steel'], ['plastic', 'plastic or carbon']],
      when: ({ part }) => part === 'liner',
    },
    {
      name: 'forAluminium',
      label: 'Marked for aluminium',
      options: YES_NO_OPTIONS,
      when: ({ part }) => part === 'tip',
    },
    { name: 'count', label: 'How many' },
    { name: 'least', label: 'Least to keep', hint: () => 'under it, it is on the list to buy' },
  ],
};

/** What stands in the fields of a new thing: what is usual. */
export const START: Readonly<Record<StockKind, Typed>> = {
  spool: { wireClass: 'ER70S-6', diameterMm: '0.8', size: 'D200' },
  cylinder: { gas: 'ar-co2-18' },
  part: { part: 'tip', count: '' },
};
