import { type Source, HANDBOOK, standard } from '../provenance/source.ts';
import type { BaseMetal } from '../material/base-metal.ts';

/** How the weld is made: wire and shielding together. */
export const WAYS = [
  'solid-gas',
  'self-shielded',
  'gas-shielded-flux-core',
  'metal-cored',
  'aluminium-gun',
  'aluminium-spool-gun',
  'bronze-braze',
] as const;
export type Way = (typeof WAYS)[number];

export const WAY_NAME: Readonly<Record<Way, string>> = {
  'solid-gas': 'solid wire with gas',
  'self-shielded': 'self-shielded flux core',
  'gas-shielded-flux-core': 'gas-shielded flux core',
  'metal-cored': 'metal-cored wire',
  'aluminium-gun': 'aluminium, standard gun',
  'aluminium-spool-gun': 'aluminium, spool gun',
  'bronze-braze': 'silicon-bronze brazing',
};

export interface WireClassRow {
  readonly id: string;
  readonly way: Way;
  readonly metals: readonly BaseMetal[];
  readonly note: string;
  /** A second pass on it cracks. */
  readonly singlePass?: true;
  readonly source: Source;
}

const A5_18 = standard('AWS A5.18 (ISO 14341)');
const A5_20 = standard('AWS A5.20 / A5.36');
const A5_9 = standard('AWS A5.9');
const A5_10 = standard('AWS A5.10');
const STEEL = ['carbon-steel', 'coated-steel'] as const;

/** Wire classes by their standard names. */
export const WIRE_CLASS_TABLE = [
  {
    id: 'ER70S-6',
    way: 'solid-gas',
    metals: STEEL,
    note: 'More silicon and manganese: tolerates scale and light rust.',
    source: A5_18,
  },
  {
    id: 'ER70S-3',
    way: 'solid-gas',
    metals: STEEL,
    note: 'For clean steel; a less fluid puddle.',
    source: A5_18,
  },
  {
    id: 'E71T-11',
    way: 'self-shielded',
    metals: STEEL,
    note: 'Multi-pass; no impact requirement.',
    source: A5_20,
  },
  {
    id: 'E71T-GS',
    way: 'self-shielded',
    metals: STEEL,
    note: 'Single pass only, up to about 5 mm.',
    singlePass: true,
    source: A5_20,
  },
  { id: 'E71T-8', way: 'self-shielded', metals: STEEL, note: 'Electrode negative.', source: A5_20 },
  {
    id: 'E71T-1C',
    way: 'gas-shielded-flux-core',
    metals: STEEL,
    note: 'CO₂ is part of the class.',
    source: A5_20,
  },
  {
    id: 'E71T-1M',
    way: 'gas-shielded-flux-core',
    metals: STEEL,
    note: 'Ar + 20–25 % CO₂ is part of the class.',
    source: A5_20,
  },
  {
    id: 'E70C-6M',
    way: 'metal-cored',
    metals: STEEL,
    note: 'Ar + 10–25 % CO₂, electrode positive.',
    source: A5_18,
  },
  { id: 'ER308LSi', way: 'solid-gas', metals: ['stainless'], note: 'Made for 304.', source: A5_9 },
  { id: 'ER316LSi', way: 'solid-gas', metals: ['stainless'], note: 'Made for 316.', source: A5_9 },
  {
    id: 'ER309LSi',
    way: 'solid-gas',
    metals: ['stainless'],
    note: 'Made for stainless to carbon steel; kinder to 430 too.',
    source: A5_9,
  },
  {
    id: 'ER4043',
    way: 'aluminium-gun',
    metals: ['aluminium', 'cast-aluminium'],
    note: 'Soft, fluid.',
    source: A5_10,
  },
  {
    id: 'ER4943',
    way: 'aluminium-gun',
    metals: ['aluminium', 'cast-aluminium'],
    note: 'Stronger than 4043.',
    source: A5_10,
  },
  {
    id: 'ER5356',
    way: 'aluminium-gun',
    metals: ['aluminium'],
    note: 'Stiffer, feeds better.',
    source: A5_10,
  },
  { id: 'ER5183', way: 'aluminium-gun', metals: ['aluminium'], note: 'Made for 5083.', source: A5_10 },
  {
    id: 'ER5554',
    way: 'aluminium-gun',
    metals: ['aluminium'],
    note: 'Made for 5454 and warm service.',
    source: A5_10,
  },
  {
    id: 'ER5556',
    way: 'aluminium-gun',
    metals: ['aluminium'],
    note: 'Strongest of the 5xxx.',
    source: A5_10,
  },
  {
    id: 'ERCuSi-A',
    way: 'bronze-braze',
    metals: STEEL,
    note: 'Brazing of thin coated sheet.',
    source: HANDBOOK,
  },
] as const satisfies readonly WireClassRow[];

export type WireClass = (typeof WIRE_CLASS_TABLE)[number]['id'];

export const WIRE_CLASSES: readonly WireClass[] = WIRE_CLASS_TABLE.map((row) => row.id);

/** The row of a wire class. */
export function wireClassRow(id: WireClass): WireClassRow {
  const row = WIRE_CLASS_TABLE.find((r) => r.id === id);
  if (!row) throw new Error(`no wire class ${id}`);
  return row;
}

/** Whether a wire of this class may be laid once only. */
export function isSinglePass(id: WireClass): boolean {
  return wireClassRow(id).singlePass === true;
}

/** Whether a way is run with tubular wire. */
export function isCoredWay(way: Way): boolean {
  return way === 'self-shielded' || way === 'gas-shielded-flux-core' || way === 'metal-cored';
}

/** Whether a wire of this class can be used in a way: aluminium wire runs through either gun. */
export function isOfWay(id: WireClass, way: Way): boolean {
  const own = wireClassRow(id).way;
  return own === way || (own === 'aluminium-gun' && way === 'aluminium-spool-gun');
}
