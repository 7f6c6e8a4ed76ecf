import type { Machine } from '../machine/machine.ts';
import { partsNeeded as partsNeededInWords } from './parts-needed.ts';
import type { StockItem } from './stock-item.ts';
import { toldInMetric } from '../../test/told-in-metric.ts';

const partsNeeded = toldInMetric(partsNeededInWords);

const TOM: Machine = {
  name: 'Tom',
  loadedWireClass: 'ER70S-6',
  loadedWireDiameterMm: 0.8,
  loadedGas: 'ar-co2-18',
};
const ALUMINIUM = {
  spoolAlloy: 'ER5356',
  spoolDia: '1.0',
  rollsForm: 'u',
  rollsGroove: '1.0',
  linerMaterial: 'plastic',
  linerBore: '1.0-1.2',
  neckLiner: 'bronze',
  tipBore: '1.0',
  tipAluminium: 'yes',
  gas: 'argon',
  sgSpoolAlloy: 'ER5356',
  sgSpoolDia: '1.0',
};
const STEPS = [
  'spool-on',
  'rolls-on',
  'liner-in',
  'neck-liner',
  'tip-on',
  'cyl-place',
  'sg-spool',
  'power-off',
];
const handOf = (stock: readonly StockItem[], machine = TOM): Readonly<Record<string, boolean | undefined>> =>
  Object.fromEntries(partsNeeded(STEPS, ALUMINIUM, machine, stock).map(({ step, atHand }) => [step, atHand]));

describe('parts that a changeover takes', () => {
  it('are named, and where nobody counts any such, nobody knows', () => {
    const parts = partsNeeded(STEPS, ALUMINIUM, TOM, []);
    expect(parts.map(({ what }) => what)).toEqual([
      '1.0 mm ER5356',
      'rolls: U 1.0 mm',
      'plastic liner for 1.0 to 1.2 mm',
      'bronze neck liner',
      '1.0 mm tip marked for aluminium',
      'cylinder of argon',
      '1.0 mm ER5356, 100 mm spool',
    ]);
    expect(Object.values(handOf([])).every((one) => one === undefined)).toBe(true);
  });

  it('are at hand where Stores or the machine have what fits, and lacking where they have only others', () => {
    const steel: readonly StockItem[] = [
      { kind: 'spool', wireClass: 'ER70S-6', diameterMm: 0.8, size: 'D200' },
      { kind: 'part', part: 'roll', name: 'V', rollForm: 'v-smooth', forMm: 0.8, count: 1 },
      { kind: 'part', part: 'liner', name: 'steel', liner: 'steel', count: 2 },
      { kind: 'part', part: 'neck-liner', name: 'neck', count: 0 },
      { kind: 'part', part: 'tip', name: 'tip', forMm: 1.0, count: 9 },
      { kind: 'cylinder', name: '1', gas: 'ar-co2-18' },
    ];
    expect(Object.values(handOf(steel))).toEqual(STEPS.slice(0, 7).map(() => false));
    const both: readonly StockItem[] = [
      ...steel,
      { kind: 'spool', wireClass: 'ER5356', diameterMm: 1.0, size: 'D200' },
      { kind: 'part', part: 'liner', name: 'plastic', liner: 'plastic', forMm: 1.2, count: 1 },
      { kind: 'part', part: 'neck-liner', name: 'neck', count: 1 },
      { kind: 'part', part: 'tip', name: 'tip', forMm: 1.0, forAluminium: true, count: 1 },
      { kind: 'cylinder', name: '2', gas: 'argon' },
    ];
    expect(handOf(both, { ...TOM, rolls: [{ form: 'u', grooveMm: 1.0 }] })).toEqual({
      'spool-on': true,
      'rolls-on': true,
      'liner-in': true,
      'neck-liner': true,
      'tip-on': true,
      'cyl-place': true,
      // only a large spool of it
      'sg-spool': false,
    });
    expect(partsNeeded(['neck-liner'], { neckLiner: 'none' }, TOM, [])).toEqual([]);
  });
});
