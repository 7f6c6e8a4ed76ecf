import { amount } from '../../base/words/amount.ts';
import { words, type Words } from '../../base/words/words.ts';
import type { GaugeId } from './gauges.ts';

/** How an item is told: seen or not, as a size, or as a grade. */
export type ItemAsk = 'seen' | 'size' | 'grade';

interface Item {
  readonly id: string;
  /** Number of the imperfection. */
  readonly code: string;
  readonly name: string;
  readonly ask: ItemAsk;
  readonly joint: 'any' | 'butt' | 'fillet';
  /** What it is usually read with. */
  readonly gauge: GaugeId;
  /** Whether a photo can tell its size: lengths and diameters that lie in the picture, no heights. */
  readonly byPhoto: boolean;
  /** Whether a short one is judged otherwise than a long one. */
  readonly hasLength: boolean;
  /** How it is looked at, in a sentence. */
  readonly how: Words;
}

/** What a weld is looked at for, in the order of looking: what always fails first. Source: handbook on inspection. */
export const INSPECTION_ITEMS = [
  {
    id: 'crack',
    code: '100',
    name: 'Crack',
    ask: 'seen',
    joint: 'any',
    gauge: 'own',
    byPhoto: false,
    hasLength: false,
    how: 'Along the weld, its toes and its craters, by grazing light; dye where in doubt.',
  },
  {
    id: 'fusion',
    code: '401',
    name: 'Lack of fusion',
    ask: 'seen',
    joint: 'any',
    gauge: 'own',
    byPhoto: false,
    hasLength: false,
    how: 'A toe that lies on the plate as a fold, or a piece that was broken open.',
  },
  {
    id: 'burn-through',
    code: '510',
    name: 'Burn-through',
    ask: 'seen',
    joint: 'any',
    gauge: 'own',
    byPhoto: true,
    hasLength: false,
    how: 'Holes, and drops at the back.',
  },
  {
    id: 'undercut',
    code: '501',
    name: 'Undercut',
    ask: 'size',
    joint: 'any',
    gauge: 'pin',
    byPhoto: false,
    hasLength: true,
    how: words`The deepest place beside the toe; the length of all of it in the worst ${amount.distance(100)}.`,
  },
  {
    id: 'overlap',
    code: '506',
    name: 'Overlap',
    ask: 'size',
    joint: 'any',
    gauge: 'rule',
    byPhoto: true,
    hasLength: true,
    how: 'How far metal lies over the plate without being part of it.',
  },
  {
    id: 'pore',
    code: '2017',
    name: 'Largest pore at the surface',
    ask: 'size',
    joint: 'any',
    gauge: 'rule',
    byPhoto: true,
    hasLength: false,
    how: 'Its diameter.',
  },
  {
    id: 'crater',
    code: '2025',
    name: 'Crater not filled',
    ask: 'size',
    joint: 'any',
    gauge: 'pin',
    byPhoto: false,
    hasLength: false,
    how: 'Its depth under the plate or the bead.',
  },
  {
    id: 'underfill',
    code: '511',
    name: 'Groove not filled',
    ask: 'size',
    joint: 'butt',
    gauge: 'pin',
    byPhoto: false,
    hasLength: true,
    how: 'Its depth under the plate.',
  },
  {
    id: 'reinforcement',
    code: '502',
    name: 'Reinforcement',
    ask: 'size',
    joint: 'butt',
    gauge: 'cam-height',
    byPhoto: false,
    hasLength: false,
    how: 'Its height, from the higher plate where they are not in line.',
  },
  {
    id: 'penetration',
    code: '504',
    name: 'Excess penetration',
    ask: 'size',
    joint: 'butt',
    gauge: 'cam-height',
    byPhoto: false,
    hasLength: false,
    how: 'Height of the root bead at the back.',
  },
  {
    id: 'misalignment',
    code: '5071',
    name: 'Plates not in line',
    ask: 'size',
    joint: 'any',
    gauge: 'cam-height',
    byPhoto: false,
    hasLength: false,
    how: 'The step from one plate to the other.',
  },
  {
    id: 'gap',
    code: '617',
    name: 'Gap at the root',
    ask: 'size',
    joint: 'fillet',
    gauge: 'taper',
    byPhoto: false,
    hasLength: false,
    how: 'Between the plates, at an end or before it was welded.',
  },
  {
    id: 'stray-arc',
    code: '601',
    name: 'Stray arc',
    ask: 'seen',
    joint: 'any',
    gauge: 'own',
    byPhoto: true,
    hasLength: false,
    how: 'Marks of the arc beside the weld.',
  },
  {
    id: 'spatter',
    code: '602',
    name: 'Spatter',
    ask: 'grade',
    joint: 'any',
    gauge: 'own',
    byPhoto: true,
    hasLength: false,
    how: 'How much, and what the surface is for: paint, food, anodising.',
  },
  {
    id: 'temper',
    code: '610',
    name: 'Temper colour',
    ask: 'grade',
    joint: 'any',
    gauge: 'own',
    byPhoto: true,
    hasLength: false,
    how: 'The darkest colour beside the weld.',
  },
] as const satisfies readonly Item[];
export type InspectionItemId = (typeof INSPECTION_ITEMS)[number]['id'];
export type InspectionItem = Item & { readonly id: InspectionItemId };
export const INSPECTION_ITEM_IDS: readonly InspectionItemId[] = INSPECTION_ITEMS.map(({ id }) => id);

/** Grades, the least first. Source: common practice. */
export const ITEM_GRADES: Readonly<Partial<Record<InspectionItemId, readonly string[]>>> = {
  spatter: ['none', 'little', 'some', 'much'],
  temper: ['none', 'straw', 'purple', 'blue', 'grey'],
};

/** The items of a joint. */
export function itemsOf(joint: 'butt' | 'fillet'): readonly InspectionItem[] {
  return INSPECTION_ITEMS.filter((item) => item.joint === 'any' || item.joint === joint);
}

/** An item by its id. */
export function inspectionItem(id: InspectionItemId): InspectionItem {
  return INSPECTION_ITEMS.find((item) => item.id === id) as InspectionItem;
}
