import { amount } from '../../base/words/amount.ts';
import { words, type Words } from '../../base/words/words.ts';
import type { BaseMetal } from '../material/base-metal.ts';
import type { Priority } from '../material/work.ts';
import { type Source, HANDBOOK, standard } from '../../base/source.ts';
import type { Way } from './way.ts';

/** How well an aluminium filler serves a priority, 0 to 3. Source: handbook, from memory; the scale is ours. */
export type FillerServes = Readonly<Record<Priority, number>>;

/** Every fact of a wire class. Nothing elsewhere knows a class by its name. */
export interface WireClassRow {
  readonly id: string;
  readonly way: Way;
  readonly metals: readonly BaseMetal[];
  /** Words it is typed by besides its name, apart by strokes. */
  readonly typedAs?: string;
  /** Words that name it as long as the gas beside them does not settle another class of its way. */
  readonly typedOpenAs?: string;
  readonly tubular: boolean;
  readonly polarity: 'DCEP' | 'DCEN';
  readonly note: Words;
  /** Why it is the one to take where a way is named and no class; the first of its way whose gas agrees. */
  readonly usual?: string;
  /** The gas that is part of the class: its CO₂ share as it is accepted, per cent, and in words. */
  readonly madeFor?: {
    readonly co2Percent: readonly [least: number, most: number];
    readonly words: string;
    /** The part of it to get, where not all of it serves. */
    readonly get?: string;
  };
  /** Usability of a tubular wire by its designation: some have starting rows of their own. */
  readonly usability?: 'T-1' | 'T-8' | 'T-11' | 'T-GS';
  /** A second pass on it cracks. */
  readonly singlePass?: true;
  /** Its class asks no impact test. */
  readonly noImpactRequirement?: true;
  /** Stainless: holds molybdenum, as 316 does. */
  readonly molybdenum?: true;
  /** Stainless: alloyed high enough to join stainless to carbon steel, and kinder to ferritic grades. */
  readonly bridging?: true;
  /** Aluminium: alloyed with silicon, and not with magnesium. */
  readonly silicon?: true;
  /** Aluminium: how well it serves each priority; absent: not known. */
  readonly serves?: FillerServes;
  /** Aluminium so soft that the end-of-weld pinch is kept low. */
  readonly soft?: true;
  readonly source: Source;
}

const A5_18 = standard('AWS A5.18 (ISO 14341)');
const A5_20 = standard('AWS A5.20 / A5.36');
const A5_9 = standard('AWS A5.9');
const A5_10 = standard('AWS A5.10');
const STEEL = ['carbon-steel', 'coated-steel'] as const;

const SOLID = { way: 'solid-gas', tubular: false, polarity: 'DCEP' } as const;
const STAINLESS = { ...SOLID, metals: ['stainless'], source: A5_9 } as const;
const ALUMINIUM = {
  way: 'aluminium-gun',
  tubular: false,
  polarity: 'DCEP',
  metals: ['aluminium'],
  source: A5_10,
} as const;
const SILICON_ALUMINIUM = {
  ...ALUMINIUM,
  metals: ['aluminium', 'cast-aluminium'],
  silicon: true,
} as const;
const SELF_SHIELDED = {
  way: 'self-shielded',
  tubular: true,
  polarity: 'DCEN',
  metals: STEEL,
  source: A5_20,
} as const;
const FLUX_CORE = {
  way: 'gas-shielded-flux-core',
  tubular: true,
  polarity: 'DCEP',
  metals: STEEL,
  usability: 'T-1',
  source: A5_20,
} as const;

/** Wire classes by their standard names. */
export const WIRE_CLASS_TABLE = [
  {
    ...SOLID,
    id: 'ER70S-6',
    metals: STEEL,
    typedAs: '70s6|70s 6|er70s6|er70s|s6|s 6|g3si1',
    note: 'More silicon and manganese: tolerates scale and light rust.',
    usual: 'Tolerates scale and light rust.',
    source: A5_18,
  },
  {
    ...SOLID,
    id: 'ER70S-3',
    metals: STEEL,
    typedAs: '70s3|70s 3|er70s3|s3|s 3',
    note: 'For clean steel; a less fluid puddle.',
    source: A5_18,
  },
  {
    ...SELF_SHIELDED,
    id: 'E71T-11',
    typedAs: '71t 11|71t11|t 11|t11|e71t11',
    note: 'Multi-pass; no impact requirement.',
    usual: 'Multi-pass, every position.',
    usability: 'T-11',
    noImpactRequirement: true,
  },
  {
    ...SELF_SHIELDED,
    id: 'E71T-GS',
    typedAs: '71t gs|71tgs|t gs|e71tgs|gs',
    note: words`Single pass only, up to about ${amount.thickness(5)}.`,
    usability: 'T-GS',
    singlePass: true,
    noImpactRequirement: true,
  },
  {
    ...SELF_SHIELDED,
    id: 'E71T-8',
    typedAs: '71t 8|71t8|t 8|t8|e71t8',
    note: 'Electrode negative.',
    usability: 'T-8',
  },
  {
    ...FLUX_CORE,
    id: 'E71T-1C',
    typedAs: '71t 1c|71t1c|t 1c|e71t1c',
    note: 'CO₂ is part of the class.',
    madeFor: { co2Percent: [100, 100], words: 'CO₂' },
  },
  {
    ...FLUX_CORE,
    id: 'E71T-1M',
    typedAs: '71t 1m|71t1m|t 1m|e71t1m',
    typedOpenAs: '71t 1|71t1|e71t 1|e71t1|t 1|t1',
    note: 'Ar + 20–25 % CO₂ is part of the class.',
    usual: 'The class made for Ar + 20–25 % CO₂.',
    madeFor: { co2Percent: [15, 25], words: 'Ar + 20–25 % CO₂' },
  },
  {
    id: 'E70C-6M',
    way: 'metal-cored',
    tubular: true,
    polarity: 'DCEP',
    metals: STEEL,
    typedAs: '70c 6m|70c6m|e70c6m',
    note: 'Ar + 10–25 % CO₂, electrode positive.',
    usual: 'The usual metal-cored class.',
    madeFor: { co2Percent: [10, 25], words: 'Ar + 10–25 % CO₂', get: 'Ar + 10–20 % CO₂' },
    source: A5_18,
  },
  { ...STAINLESS, id: 'ER308LSi', typedAs: '308|308l|308lsi|er308|er308l', note: 'Made for 304.' },
  {
    ...STAINLESS,
    id: 'ER316LSi',
    typedAs: '316lsi|er316|er316l',
    note: 'Made for 316.',
    molybdenum: true,
  },
  {
    ...STAINLESS,
    id: 'ER309LSi',
    typedAs: '309|309l|309lsi|er309|er309l',
    note: 'Made for stainless to carbon steel; kinder to 430 too.',
    bridging: true,
  },
  // of fillers that serve a work alike, the first is taken
  {
    ...ALUMINIUM,
    id: 'ER5356',
    typedAs: '5356',
    serves: {
      'crack-resistance': 1,
      strength: 3,
      ductility: 3,
      corrosion: 2,
      colour: 3,
      'warm-service': 0,
      feedability: 3,
    },
    note: 'Stiffer, feeds better.',
  },
  {
    ...SILICON_ALUMINIUM,
    id: 'ER4043',
    typedAs: '4043',
    serves: {
      'crack-resistance': 3,
      strength: 0,
      ductility: 0,
      corrosion: 2,
      colour: 0,
      'warm-service': 3,
      feedability: 0,
    },
    note: 'Soft, fluid.',
    soft: true,
  },
  {
    ...ALUMINIUM,
    id: 'ER5183',
    typedAs: '5183',
    serves: {
      'crack-resistance': 1,
      strength: 3,
      ductility: 3,
      corrosion: 3,
      colour: 3,
      'warm-service': 0,
      feedability: 3,
    },
    note: 'Made for 5083.',
  },
  {
    ...SILICON_ALUMINIUM,
    id: 'ER4943',
    typedAs: '4943',
    serves: {
      'crack-resistance': 3,
      strength: 2,
      ductility: 0,
      corrosion: 2,
      colour: 0,
      'warm-service': 3,
      feedability: 1,
    },
    note: 'Stronger than 4043.',
  },
  {
    ...ALUMINIUM,
    id: 'ER5556',
    typedAs: '5556',
    serves: {
      'crack-resistance': 1,
      strength: 3,
      ductility: 2,
      corrosion: 2,
      colour: 3,
      'warm-service': 0,
      feedability: 3,
    },
    note: 'Strongest of the 5xxx.',
  },
  {
    ...ALUMINIUM,
    id: 'ER5554',
    typedAs: '5554',
    serves: {
      'crack-resistance': 1,
      strength: 1,
      ductility: 3,
      corrosion: 3,
      colour: 3,
      'warm-service': 3,
      feedability: 2,
    },
    note: 'Made for 5454 and warm service.',
  },
  {
    ...SOLID,
    id: 'ERCuSi-A',
    way: 'bronze-braze',
    metals: STEEL,
    typedAs: 'cusi|cusi3|ercusi',
    note: 'Brazing of thin coated sheet.',
    usual: 'Silicon bronze wets zinc-coated sheet.',
    source: HANDBOOK,
  },
] as const satisfies readonly WireClassRow[];
