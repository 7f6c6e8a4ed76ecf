import { type Source, HANDBOOK, standard } from '../../base/source.ts';

/** Every fact of a named gas. Nothing elsewhere knows a gas by its name, but for lists of which to take first. */
export interface GasRow {
  readonly id: string;
  readonly name: string;
  /** ISO 14175 main group, where we know it. */
  readonly group: string | undefined;
  /** CO₂ content, per cent, as a span (equal ends where it is known). */
  readonly co2Percent: readonly [low: number, high: number];
  readonly heliumPercent: number;
  readonly oxygenPercent: number;
  /** False for no gas at all. */
  readonly shields: boolean;
  /** Its place in a list of gases, commonest first; absent: not offered there. */
  readonly place?: number;
  /** Words it is typed by, apart by strokes. */
  readonly typedAs?: string;
  readonly source: Source;
}

const ISO_14175 = standard('ISO 14175');

/** Named gases by composition: what is not named is argon. */
export const GAS_TABLE = [
  {
    id: 'argon',
    name: 'argon',
    group: 'I1',
    co2Percent: [0, 0],
    heliumPercent: 0,
    oxygenPercent: 0,
    shields: true,
    place: 9,
    typedAs: 'argon|pure argon|100 argon|100% argon|ar|straight argon|i1',
    source: ISO_14175,
  },
  {
    id: 'co2',
    name: 'CO₂',
    group: 'C1',
    co2Percent: [100, 100],
    heliumPercent: 0,
    oxygenPercent: 0,
    shields: true,
    place: 8,
    typedAs:
      'co2|co₂|co 2|c02|c100|c1|100 % co2|100 co2|carbon dioxide|100% co2|100% co₂|straight co2|pure co2',
    source: ISO_14175,
  },
  {
    id: 'none',
    name: 'no gas',
    group: undefined,
    co2Percent: [0, 0],
    heliumPercent: 0,
    oxygenPercent: 0,
    shields: false,
    place: 14,
    typedAs: 'no gas|without gas',
    source: HANDBOOK,
  },
  {
    id: 'tri-mix',
    name: '90 He / 7.5 Ar / 2.5 CO₂',
    group: 'M12',
    co2Percent: [2.5, 2.5],
    heliumPercent: 90,
    oxygenPercent: 0,
    shields: true,
    place: 13,
    typedAs: 'tri mix|trimix|helium tri mix|he tri mix|90/7.5/2.5',
    source: HANDBOOK,
  },
  {
    id: 'ar-o2-2',
    name: 'Ar + 2 % O₂',
    group: 'M13',
    co2Percent: [0, 0],
    heliumPercent: 0,
    oxygenPercent: 2,
    shields: true,
    place: 10,
    typedAs: 'm13',
    source: ISO_14175,
  },
  {
    id: 'ar-o2-5',
    name: 'Ar + 5 % O₂',
    group: 'M22',
    co2Percent: [0, 0],
    heliumPercent: 0,
    oxygenPercent: 5,
    shields: true,
    typedAs: 'm22',
    source: ISO_14175,
  },
  {
    id: 'ar-he-25',
    name: 'Ar + 25 % He',
    group: 'I3',
    co2Percent: [0, 0],
    heliumPercent: 25,
    oxygenPercent: 0,
    shields: true,
    place: 11,
    source: ISO_14175,
  },
  {
    id: 'ar-he-50',
    name: 'Ar + 50 % He',
    group: 'I3',
    co2Percent: [0, 0],
    heliumPercent: 50,
    oxygenPercent: 0,
    shields: true,
    place: 12,
    source: ISO_14175,
  },
  {
    id: 'ar-he-75',
    name: 'Ar + 75 % He',
    group: 'I3',
    co2Percent: [0, 0],
    heliumPercent: 75,
    oxygenPercent: 0,
    shields: true,
    source: ISO_14175,
  },
  {
    id: 'ar-co2-18-25',
    name: 'Ar + 18–25 % CO₂',
    group: 'M21',
    co2Percent: [18, 25],
    heliumPercent: 0,
    oxygenPercent: 0,
    shields: true,
    typedAs: 'm21|shop mix|ar co2 mix|argon mix|mixed gas|mix',
    source: ISO_14175,
  },
] as const satisfies readonly GasRow[];
