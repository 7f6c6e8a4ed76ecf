import { planned as plannedInWords } from '../../../test/planned.ts';
import { procedureSheet as procedureSheetInWords, type SheetEssentials } from './procedure-sheet.ts';
import { sheetChanges as sheetChangesInWords } from './sheet-changes.ts';
import { metalGroup, pNumber, positionCode, processNumber } from './sheet-terms.ts';
import { toldInMetric } from '../../../test/told-in-metric.ts';

const planned = toldInMetric(plannedInWords);
const procedureSheet = toldInMetric(procedureSheetInWords);
const sheetChanges = toldInMetric(sheetChangesInWords);

const sheetOf = (line: string) => procedureSheet(planned(line), { title: line });
const lineOf = (line: string, name: string) =>
  sheetOf(line)
    .parts.flatMap(({ lines }) => lines)
    .find(([of]) => of === name)?.[1];

// source: ISO 4063, ISO/TR 15608, ISO 6947 and AWS A3.0, recalled in the handbook on inspection, §5
describe('terms of a sheet', () => {
  it.each([
    ['solid-gas', false, '135'],
    ['solid-gas', true, '131'],
    ['gas-shielded-flux-core', false, '136'],
    ['metal-cored', false, '138'],
    ['self-shielded', false, '114'],
    ['aluminium-spool-gun', true, '131'],
    ['gas-shielded-flux-core', true, '132'],
    ['metal-cored', true, '133'],
  ] as const)('%s with inert %s is process %s', (way, inert, number) => {
    expect(processNumber(way, inert)).toBe(number);
  });

  it.each([
    ['carbon-steel', 'S235', '1.1'],
    ['carbon-steel', 'S355', '1.2'],
    ['stainless', '304', '8.1'],
    ['aluminium', '3003', '22.1'],
    ['aluminium', '5052', '22.3'],
    ['aluminium', '5083', '22.4'],
    ['aluminium', '6063', '23.1'],
    ['cast-aluminium', undefined, '24'],
    ['aluminium', '1050', '21'],
    ['aluminium', '5005', '22.2'],
    ['aluminium', undefined, undefined],
    ['stainless', '430', undefined],
    ['carbon-steel', undefined, undefined],
  ] as const)('%s %s is of group %s', (metal, alloy, group) => {
    expect(metalGroup(metal, alloy)).toBe(group);
  });

  it.each([
    ['1.1', '1'],
    ['1.2', '1'],
    ['8.1', '8'],
    ['21', '21'],
    ['22.1', '21'],
    ['22.3', '22'],
    ['22.4', '25'],
    ['23.1', '23'],
    ['24', undefined],
    [undefined, undefined],
  ] as const)('group %s is P-No. %s', (group, number) => {
    expect(pNumber(group)).toBe(number);
  });

  it('says a position in both systems, by the kind of weld', () => {
    expect(positionCode({ joint: 'tee', position: 'horizontal' })).toBe('PB / 2F');
    expect(positionCode({ joint: 'butt', position: 'horizontal' })).toBe('PC / 2G');
    expect(positionCode({ joint: 'butt', position: 'overhead' })).toBe('PE / 4G');
    expect(positionCode({ joint: 'tee', position: 'overhead' })).toBe('PD / 4F');
    expect(positionCode({ joint: 'lap', position: 'vertical-down' })).toBe('PG / 3F down');
    expect(positionCode({ joint: 'open-butt', position: 'vertical-down' })).toBe('PG / 3G down');
    expect(positionCode({ joint: 'butt', position: 'vertical-up' })).toBe('PF / 3G up');
    expect(positionCode({ joint: 'tee', position: 'vertical-up' })).toBe('PF / 3F up');
    expect(positionCode({ joint: 'butt', position: 'flat' })).toBe('PA / 1G');
  });
});

describe('a sheet', () => {
  it('holds the plan’s numbers with their ranges, and the fields that a sheet has', () => {
    const line = '3 mm S235 tee flat 0.8 wire Ar+18';
    const plan = planned(line);
    const sheet = sheetOf(line);
    expect(sheet.numbers[0]?.[1]).toContain(`${plan.wireFeedSpeedMPerMin.start.toFixed(1)} m/min`);
    expect(sheet.numbers[1]?.[1]).toContain(`${plan.volts.start.toFixed(1)} V`);
    expect(lineOf(line, 'Process')).toMatch(/^135 /);
    expect(lineOf(line, 'Metal')).toContain('group 1.1, P-No. 1');
    expect(lineOf(line, 'Filler')).toBe('0.8 mm ER70S-6 ≈ G 42 4 M21 3Si1');
    expect(lineOf(line, 'Gas')).toContain('M21');
    expect(lineOf(line, 'Position')).toBe('PA / 1F');
    expect(sheet.runs).toHaveLength(plan.runs.length);
    // each figure of a run is a range, never one number
    for (const cell of (sheet.runs[0] ?? []).slice(3, 6)) expect(cell).toMatch(/–/);
  });

  it('says what is not known rather than leave it out', () => {
    expect(lineOf('3 mm steel tee flat', 'Metal')).toContain('group not known: name the grade');
    expect(lineOf('3 mm steel tee flat', 'Lot')).toBe('not told');
  });
});

// source: ISO 15614-1 in words, recalled in the handbook on inspection, §5
describe('what breaks a sheet', () => {
  const SHEET: SheetEssentials = {
    process: '135',
    mode: 'spray',
    metal: 'carbon-steel S355',
    group: '1.2',
    thicknessMm: 10,
    throatMm: 5,
    gas: 'M21',
    co2Percent: 18,
    filler: 'ER70S-6',
    polarity: 'DCEP',
    runs: 1,
    backing: true,
    preheatC: 100,
    interpassMostC: 250,
    heatInputKJPerMm: 1,
    position: 'PA / 1F',
  };
  const broken = (over: Partial<SheetEssentials>) =>
    sheetChanges(SHEET, { ...SHEET, ...over }).map(({ what }) => what);

  it('nothing does while nothing changes, nor what lies within its ranges', () => {
    expect(broken({})).toEqual([]);
    // one run of 10 mm: 5 to 13; throat 3.75 to 7.5; CO₂ by a tenth; heat by a quarter; the position by itself
    expect(
      broken({
        thicknessMm: 5,
        throatMm: 7.5,
        co2Percent: 19.8,
        heatInputKJPerMm: 1.25,
        position: 'PF / 3F up',
      }),
    ).toEqual([]);
    expect(broken({ mode: 'pulse', preheatC: 120, interpassMostC: 200 })).toEqual([]);
  });

  it.each([
    [{ process: '138' }, 'Process'],
    [{ mode: 'short-circuit' }, 'Transfer'],
    [{ group: '8.1' }, 'Metal'],
    [{ thicknessMm: 4.9 }, 'Thickness'],
    [{ thicknessMm: 13.1 }, 'Thickness'],
    [{ throatMm: 3.7 }, 'Throat'],
    [{ gas: 'M20', co2Percent: 8 }, 'Gas'],
    [{ co2Percent: 25 }, 'CO₂ in the gas'],
    [{ filler: 'ER70S-3' }, 'Filler'],
    [{ polarity: 'DCEN' }, 'Polarity'],
    [{ runs: 3 }, 'Runs'],
    [{ backing: false }, 'Backing'],
    [{ preheatC: 50 }, 'Preheat'],
    [{ interpassMostC: undefined }, 'Between runs'],
    [{ heatInputKJPerMm: 1.26 }, 'Heat input, where impact or hardness is asked'],
  ] as const)('%o does', (over, what) => {
    expect(broken(over)).toEqual([what]);
  });

  it('a throat counts for one run only, and preheat that is asked for where there was none breaks nothing', () => {
    const several = { ...SHEET, runs: 3 };
    expect(sheetChanges(several, { ...several, throatMm: 1 })).toEqual([]);
    expect(sheetChanges(several, { ...several, runs: 5 })).toEqual([]);
    const { throatMm: _none, preheatC: _cold, ...butt } = SHEET;
    expect(sheetChanges(butt, SHEET)).toEqual([]);
    expect(sheetChanges(SHEET, butt).map(({ what }) => what)).toEqual(['Preheat']);
  });

  it('thin plate has its own range: 2 mm reaches from 1.4 to 2.6', () => {
    const thin = { ...SHEET, thicknessMm: 2 };
    const at = (thicknessMm: number) => sheetChanges(thin, { ...thin, thicknessMm }).length;
    expect([at(1.4), at(2.6), at(1.39), at(2.61)]).toEqual([0, 0, 1, 1]);
    // several runs on 8 mm: 3 mm to 16
    const thick = { ...SHEET, thicknessMm: 8, runs: 4 };
    const many = (thicknessMm: number) => sheetChanges(thick, { ...thick, thicknessMm }).length;
    expect([many(3), many(16), many(2.9), many(16.1)]).toEqual([0, 0, 1, 1]);
  });
});
