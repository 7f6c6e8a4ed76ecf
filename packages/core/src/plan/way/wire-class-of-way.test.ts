import { contextOf as contextOfInWords, PLAIN_MACHINE } from '../../../test/context.ts';
import type { Work } from '../../trade/material/work.ts';
import type { Resources } from '../work/resources.ts';
import type { Way } from '../../trade/wire/way.ts';
import { GUN_LIMITS } from './gun-limits.ts';
import { SINGLE_PASS_MOST_MM, thickestMm, WAY_LIMITS } from './way-limits.ts';
import { wireClassOfWay as wireClassOfWayInWords } from './wire-class-of-way.ts';
import { toldInMetric } from '../../../test/told-in-metric.ts';

const contextOf = toldInMetric(contextOfInWords);
const wireClassOfWay = toldInMetric(wireClassOfWayInWords);

const chosen = (way: Way, work: Partial<Work> = {}, resources: Resources = {}) =>
  wireClassOfWay(way, contextOf(work, resources));
const short = (way: Way, work: Partial<Work> = {}, resources: Resources = {}): string => {
  const wire = chosen(way, work, resources);
  return wire ? `${wire.wireClass} ${wire.origin}` : 'none';
};
const loaded = (loadedWireClass: NonNullable<Resources['wireClass']>): Resources => ({
  machine: { ...PLAIN_MACHINE, loadedWireClass },
});
const shelf = (...wires: readonly NonNullable<Resources['wireClass']>[]): Resources => ({
  shelf: { wires: wires.map((wireClass) => ({ wireClass, diameterMm: 1.0 })), gases: [] },
});
const STAINLESS = { metal: 'stainless', alloy: '304' } as const;
const ALUMINIUM = { metal: 'aluminium', alloy: '6061' } as const;

// Source: AWS A5.18, A5.20, A5.9 and A5.10 classes, recalled; filler tables of the handbook.
describe('the wire class of a way', () => {
  it.each<[string, Way, Partial<Work>, Resources, string]>([
    ['as asked', 'solid-gas', {}, { wireClass: 'ER70S-3' }, 'ER70S-3 asked'],
    ['the usual one', 'solid-gas', {}, {}, 'ER70S-6 assumed'],
    ['what is loaded', 'solid-gas', {}, loaded('ER70S-3'), 'ER70S-3 loaded'],
    ['not what is loaded for another way', 'solid-gas', {}, loaded('E71T-11'), 'ER70S-6 assumed'],
    ['not what is loaded for another metal', 'solid-gas', {}, loaded('ER308LSi'), 'ER70S-6 assumed'],
    ['what is on the shelf', 'solid-gas', {}, shelf('ER308LSi', 'E71T-11', 'ER70S-3'), 'ER70S-3 shelf'],
    [
      'what is loaded before the shelf',
      'solid-gas',
      {},
      { ...loaded('ER70S-6'), ...shelf('ER70S-3') },
      'ER70S-6 loaded',
    ],
    ['for CO₂', 'gas-shielded-flux-core', {}, { gas: 'co2' }, 'E71T-1C assumed'],
    ['for a mix', 'gas-shielded-flux-core', {}, { gas: 'ar-co2-25' }, 'E71T-1M assumed'],
    [
      'for the gas on the machine',
      'gas-shielded-flux-core',
      {},
      { machine: { ...PLAIN_MACHINE, loadedGas: 'co2' } },
      'E71T-1C assumed',
    ],
    ['on 304', 'solid-gas', STAINLESS, {}, 'ER308LSi assumed'],
    ['on 316', 'solid-gas', { ...STAINLESS, alloy: '316' }, {}, 'ER316LSi assumed'],
    [
      'between stainless and steel',
      'solid-gas',
      { ...STAINLESS, otherMetal: 'carbon-steel' },
      {},
      'ER309LSi assumed',
    ],
    ['on 6061 with its own loaded', 'aluminium-gun', ALUMINIUM, loaded('ER5356'), 'ER5356 loaded'],
    ['on 6061 with its own on the shelf', 'aluminium-gun', ALUMINIUM, shelf('ER5356'), 'ER5356 shelf'],
    ['on a casting', 'aluminium-gun', { metal: 'cast-aluminium' }, {}, 'ER4043 assumed'],
    ['on 5083', 'aluminium-gun', { ...ALUMINIUM, alloy: '5083' }, {}, 'ER5183 assumed'],
    [
      'between 5083 and a casting',
      'aluminium-gun',
      { ...ALUMINIUM, alloy: '5083', otherMetal: 'cast-aluminium' },
      {},
      'none',
    ],
  ])('is %s', (_name, way, work, resources, expected) => {
    expect(short(way, work, resources)).toBe(expected);
  });

  it('says why, and what would be next', () => {
    expect(chosen('solid-gas', { ...STAINLESS, otherMetal: 'carbon-steel' })?.why).toBe(
      'The filler between stainless and steel.',
    );
    expect(chosen('solid-gas', STAINLESS)?.why).toBe('Matches the base metal.');
    expect(chosen('aluminium-gun', ALUMINIUM)?.why).toMatch(/on both parts\. Next: ER\d{4}\.$/);
    expect(chosen('aluminium-gun', { ...ALUMINIUM, priorities: ['strength'] })?.why).toContain(
      'and serves what matters to you',
    );
  });
});

// Source: handbook figures, from memory. Each limit stands here a second time, with the welder's reason for it.
describe('the limits of a way', () => {
  it('are a thinnest part, and a thickest where it has one', () => {
    const limits = Object.entries(WAY_LIMITS).map(([id, row]) => [id, row.thinnestMm, row.thickestMm]);
    expect(limits).toEqual([
      ['steel-dip', 0.5, 25.4],
      ['steel-spray', 4.5, 25.4],
      ['steel-pulse', 1.5, 25.4],
      ['self-shielded', 1, 12.7],
      ['self-shielded-t8', 4.5, 25.4],
      ['gas-shielded-flux-core', 2.5, 25.4],
      ['metal-cored', 4.5, 25.4],
      ['stainless-dip', 0.5, 25.4],
      ['stainless-spray', 4.5, 25.4],
      ['stainless-pulse', 1.5, 25.4],
      ['aluminium-spray', 1.6, 25.4],
      ['aluminium-pulse', 0.8, 25.4],
      ['bronze-braze', 0.5, 3],
    ]);
    expect(SINGLE_PASS_MOST_MM).toBe(5);
  });

  it('reach a little further with thick T-11', () => {
    expect(thickestMm('self-shielded', undefined)).toBe(12.7);
    expect(thickestMm('self-shielded', 1.2)).toBe(12.7);
    expect(thickestMm('self-shielded', 1.4)).toBe(13);
    expect(thickestMm('steel-dip', 1.6)).toBe(25.4);
  });

  it('are the gun’s on aluminium', () => {
    const { 'aluminium-spool-gun': spool, 'aluminium-gun': pushed } = GUN_LIMITS;
    expect(spool).toMatchObject({ wireMm: [0.8, 1.2], fastestMPerMin: 18, mostA: 200 });
    expect(pushed).toMatchObject({ wireMm: [0.8, 1.6], fastestMPerMin: 16, mostA: undefined });
  });
});
