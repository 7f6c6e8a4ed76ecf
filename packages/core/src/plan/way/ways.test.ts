import { contextOf as contextOfInWords, PLAIN_MACHINE } from '../../../test/context.ts';
import type { Machine } from '../../machine/machine.ts';
import type { Work } from '../../trade/material/work.ts';
import type { Resources } from '../work/resources.ts';
import { isAsked, judgedWays as judgedWaysInWords, type JudgedWay } from './ways.ts';
import { toldInMetric } from '../../../test/told-in-metric.ts';

const contextOf = toldInMetric(contextOfInWords);
const judgedWays = toldInMetric(judgedWaysInWords);

const ways = (work: Partial<Work> = {}, resources: Resources = {}): readonly JudgedWay[] =>
  judgedWays(contextOf(work, resources));
const word = ({ way, mode }: JudgedWay): string => `${way} ${mode}`;
/** The ways that can be gone, best first. */
const open = (work: Partial<Work> = {}, resources: Resources = {}): readonly string[] =>
  ways(work, resources).flatMap((one) => (one.status === 'open' ? [word(one)] : []));
/** Worth of each way that can be gone. */
const worth = (work: Partial<Work> = {}, resources: Resources = {}): Readonly<Record<string, number>> =>
  Object.fromEntries(
    ways(work, resources).flatMap((one) => (one.status === 'open' ? [[word(one), one.score]] : [])),
  );
/** Why a way cannot be gone. */
const refused = (wanted: string, work: Partial<Work> = {}, resources: Resources = {}) => {
  const way = ways(work, resources).find((one) => word(one) === wanted);
  return way?.status === 'closed' ? way : undefined;
};

const PULSE: Machine = { ...PLAIN_MACHINE, features: ['pulse', 'spool-gun-socket'] };
const NO_PULSE: Machine = { ...PLAIN_MACHINE, name: 'Bare', features: [] };
const ALUMINIUM = { metal: 'aluminium', alloy: '5083', thicknessMm: 4 } as const;

// Source: our model: only the order means something. Thin steel short-circuits, thick steel is sprayed; pulse serves both
// where a machine has it; flux core comes into its own from 6 mm and in the wind.
describe('the worth of a way on steel', () => {
  it.each([
    [
      3,
      {
        'solid-gas short-circuit': 100,
        'solid-gas pulse': 35,
        'self-shielded own': 60,
        'gas-shielded-flux-core own': 65,
      },
    ],
    [
      4.9,
      {
        'solid-gas short-circuit': 100,
        'solid-gas spray': 70,
        'solid-gas pulse': 35,
        'metal-cored spray': 40,
      },
    ],
    [5, { 'solid-gas short-circuit': 85, 'solid-gas spray': 70, 'solid-gas pulse': 50 }],
    [5.9, { 'solid-gas short-circuit': 85, 'gas-shielded-flux-core own': 65, 'metal-cored spray': 40 }],
    [
      6,
      {
        'solid-gas short-circuit': 10,
        'solid-gas spray': 100,
        'solid-gas pulse': 58,
        'self-shielded own': 60,
      },
    ],
    [8, { 'gas-shielded-flux-core own': 88, 'metal-cored spray': 60, 'solid-gas spray': 100 }],
  ])('of %s mm', (thicknessMm, expected) => {
    expect(worth({ thicknessMm })).toMatchObject(expected);
  });

  it('is pulse’s own where the machine has it, and a little more out of position', () => {
    const machine = { ...PULSE, loadedWireClass: 'E71T-1M' } as const;
    expect(worth({ thicknessMm: 4 }, { machine })['solid-gas pulse']).toBe(75);
    expect(worth({ thicknessMm: 5.5 }, { machine })['solid-gas pulse']).toBe(90);
    expect(worth({ thicknessMm: 8 }, { machine })['solid-gas pulse']).toBe(98);
    expect(worth({ thicknessMm: 8, position: 'horizontal' }, { machine })['solid-gas pulse']).toBe(98);
    expect(worth({ thicknessMm: 8, position: 'vertical-up' }, { machine })['solid-gas pulse']).toBe(100);
  });

  it('rises by what is loaded where that suits', () => {
    const loaded = worth({}, { machine: PLAIN_MACHINE });
    expect(loaded['solid-gas short-circuit']).toBe(145);
    expect(loaded['self-shielded own']).toBe(60);
    const cored = worth({}, { machine: { ...PLAIN_MACHINE, loadedWireClass: 'E71T-11' } });
    expect([cored['solid-gas short-circuit'], cored['self-shielded own']]).toEqual([100, 105]);
    const stainlessWire = worth({}, { machine: { ...PLAIN_MACHINE, loadedWireClass: 'ER308LSi' } });
    expect(stainlessWire['solid-gas short-circuit']).toBe(100);
  });

  it('falls by what is not on the shelf, wire and gas each for itself', () => {
    const wires = [{ wireClass: 'ER70S-6', diameterMm: 0.8 }] as const;
    const dip = (shelf: Resources['shelf'], more: Resources = {}) =>
      worth({}, { ...more, shelf })['solid-gas short-circuit'];
    expect(dip({ wires, gases: ['ar-co2-25'] })).toBe(100);
    expect(dip({ wires, gases: ['argon'] })).toBe(85);
    expect(dip({ wires: [], gases: ['ar-co2-25'] })).toBe(70);
    expect(dip({ wires: [], gases: [] })).toBe(55);
    expect(dip({ wires: [], gases: [] }, { machine: PLAIN_MACHINE })).toBe(145);
    expect(worth({}, { shelf: { wires: [], gases: [] } })['self-shielded own']).toBe(30);
  });

  it('turns with the wind', () => {
    const calm = worth({ place: 'outdoors' });
    const windy = worth({ place: 'outdoors', windy: true });
    expect(windy['self-shielded own']).toBe((calm['self-shielded own'] ?? 0) + 60);
    expect(windy['solid-gas short-circuit']).toBe((calm['solid-gas short-circuit'] ?? 0) - 40);
    expect(open({ windy: true })[0]).toBe('self-shielded own');
  });

  it('is brazing’s on thin coated sheet alone', () => {
    const coated = (thicknessMm: number) =>
      worth({ metal: 'coated-steel', thicknessMm })['bronze-braze short-circuit'];
    expect([1.5, 1.6, 3, 3.1].map(coated)).toEqual([60, 20, 20, undefined]);
    expect(refused('bronze-braze short-circuit', { thicknessMm: 1 })?.reason).toContain(
      'bare steel is welded',
    );
  });
});

describe('the worth of a way on aluminium', () => {
  it('is the spool gun’s where there is a socket, else the standard gun’s, with pulse first on thin work', () => {
    const spray = (machine?: Machine) => worth(ALUMINIUM, machine ? { machine } : {});
    expect(spray()['aluminium-spool-gun spray']).toBe(80);
    expect(spray()['aluminium-gun spray']).toBe(90);
    const socket = spray(PULSE);
    expect(socket['aluminium-spool-gun spray']).toBe(100);
    expect(socket['aluminium-spool-gun pulse']).toBe(110);
    expect(socket['aluminium-gun pulse']).toBe(100);
    expect(worth({ ...ALUMINIUM, thicknessMm: 6 }, { machine: PULSE })['aluminium-spool-gun pulse']).toBe(95);
    expect(worth({ ...ALUMINIUM, thicknessMm: 5.9 }, { machine: PULSE })['aluminium-spool-gun pulse']).toBe(
      110,
    );
  });
});

describe('ways that were asked for', () => {
  it.each<[Resources, readonly string[]]>([
    [{ way: 'metal-cored' }, ['metal-cored spray']],
    [{ mode: 'spray', way: 'solid-gas' }, ['solid-gas spray']],
    [{ wireClass: 'E71T-11' }, ['self-shielded own']],
    [{ gas: 'none' }, ['self-shielded own']],
    [{ gas: 'none', way: 'solid-gas' }, ['solid-gas short-circuit', 'solid-gas spray', 'solid-gas pulse']],
    [{ gas: 'none', wireClass: 'E71T-1M' }, ['gas-shielded-flux-core own']],
  ])('%j', (resources, expected) => {
    expect(judgedWays(contextOf({}, resources), 'asked').map(word).toSorted()).toEqual(expected.toSorted());
  });

  it('are judged with what was asked, the others as if nothing had been', () => {
    const resources: Resources = { way: 'solid-gas', wireDiameterMm: 0.6 };
    const context = contextOf({ thicknessMm: 6 }, resources);
    expect(isAsked({ way: 'solid-gas', mode: 'spray' }, context)).toBe(true);
    expect(isAsked({ way: 'self-shielded', mode: 'own' }, context)).toBe(false);
    expect(refused('solid-gas spray', { thicknessMm: 6 }, resources)?.code).toBe('wire-without-window');
    expect(refused('gas-shielded-flux-core own', { thicknessMm: 6 }, resources)).toBeUndefined();
  });

  it('stand best first, and none is left out', () => {
    const scores = ways({}, { machine: PLAIN_MACHINE }).map(({ score }) => score);
    expect(scores).toHaveLength(11);
    expect(scores).toEqual(scores.toSorted((a, b) => b - a));
  });
});

describe('a way is refused', () => {
  it.each<[string, string, Partial<Work>, Resources, string]>([
    ['where the metal has it not', 'self-shielded own', { metal: 'stainless' }, {}, 'way-wrong-for-metal'],
    [
      'where no filler joins the parts',
      'aluminium-gun spray',
      { ...ALUMINIUM, otherMetal: 'cast-aluminium', priorities: ['warm-service', 'strength'] },
      { wireClass: 'ER5356' },
      'filler-wrong-for-metal',
    ],
    ['for its filler', 'solid-gas short-circuit', {}, { wireClass: 'ER308LSi' }, 'filler-wrong-for-metal'],
    [
      'for the leads that were asked for',
      'solid-gas short-circuit',
      {},
      { polarity: 'DCEN' },
      'polarity-wrong-for-wire',
    ],
    ['without pulse', 'solid-gas pulse', {}, { machine: NO_PULSE }, 'machine-without-pulse'],
    ['in a shop without pulse', 'solid-gas pulse', {}, { machines: [NO_PULSE] }, 'machine-without-pulse'],
    [
      'without a socket',
      'aluminium-spool-gun spray',
      ALUMINIUM,
      { machine: NO_PULSE },
      'machine-without-spool-gun',
    ],
    [
      'down thick work',
      'solid-gas short-circuit',
      { thicknessMm: 10.1, position: 'vertical-down' },
      {},
      'position-wrong-for-way',
    ],
    [
      'overhead in spray',
      'solid-gas spray',
      { thicknessMm: 6, position: 'overhead' },
      {},
      'position-wrong-for-way',
    ],
    [
      'with a wire too thick to hold up',
      'aluminium-gun spray',
      { ...ALUMINIUM, thicknessMm: 8, position: 'overhead' },
      { wireDiameterMm: 1.6 },
      'position-wrong-for-way',
    ],
    ['on an open root', 'solid-gas spray', { thicknessMm: 5, joint: 'open-butt' }, {}, 'joint-wrong-for-way'],
    ['for its gas', 'solid-gas spray', { thicknessMm: 6 }, { gas: 'co2' }, 'gas-too-much-co2'],
    ['for a gas it does not use', 'self-shielded own', {}, { gas: 'co2' }, 'gas-not-used'],
    ['for a size it has not', 'solid-gas short-circuit', {}, { wireDiameterMm: 2.4 }, 'wire-without-window'],
    ['on thin work', 'solid-gas spray', { thicknessMm: 4.4 }, {}, 'too-thin-for-way'],
    [
      'on thin work beside thick',
      'solid-gas spray',
      { thicknessMm: 12, otherThicknessMm: 4.4 },
      {},
      'too-thin-for-way',
    ],
    [
      'on thick work',
      'self-shielded own',
      { thicknessMm: 12.8 },
      { wireClass: 'E71T-11' },
      'too-thick-for-way',
    ],
  ])('%s', (_name, way, work, resources, code) => {
    expect(refused(way, work, resources)?.code).toBe(code);
  });

  it.each<[string, string, Partial<Work>, Resources]>([
    ['with the leads its wire wants', 'solid-gas short-circuit', {}, { polarity: 'DCEP' }],
    ['with pulse not known of', 'solid-gas pulse', {}, { machine: PLAIN_MACHINE }],
    [
      'where one machine of the shop may have it',
      'solid-gas pulse',
      {},
      { machines: [NO_PULSE, PLAIN_MACHINE] },
    ],
    ['in a shop of no machines', 'solid-gas pulse', {}, { machines: [] }],
    ['down 10 mm', 'solid-gas short-circuit', { thicknessMm: 10, position: 'vertical-down' }, {}],
    ['overhead in dip', 'solid-gas short-circuit', { thicknessMm: 6, position: 'overhead' }, {}],
    [
      'on an open root with a bar',
      'solid-gas spray',
      { thicknessMm: 5, joint: 'open-butt', backing: true },
      {},
    ],
    ['on an open root in dip', 'solid-gas short-circuit', { joint: 'open-butt' }, {}],
    ['on an open root with flux core of its own shield', 'self-shielded own', { joint: 'open-butt' }, {}],
    ['for its gas, as asked for', 'self-shielded own', {}, { gas: 'co2', way: 'self-shielded' }],
    ['for its gas, with its wire asked for', 'self-shielded own', {}, { gas: 'co2', wireClass: 'E71T-11' }],
    ['on 4.5 mm', 'solid-gas spray', { thicknessMm: 4.5 }, {}],
    ['on 12.7 mm', 'self-shielded own', { thicknessMm: 12.7 }, { wireClass: 'E71T-11' }],
    [
      'on 13 mm with thick wire',
      'self-shielded own',
      { thicknessMm: 13 },
      { wireClass: 'E71T-11', wireDiameterMm: 1.6 },
    ],
    ['brazing, as asked for', 'bronze-braze short-circuit', { thicknessMm: 1 }, { way: 'bronze-braze' }],
    ['brazing, by its wire', 'bronze-braze short-circuit', { thicknessMm: 1 }, { wireClass: 'ERCuSi-A' }],
  ])('not %s', (_name, way, work, resources) => {
    expect(open(work, resources)).toContain(way);
  });

  it('in words that fit the work', () => {
    const why = (way: string, work: Partial<Work> = {}, resources: Resources = {}) => {
      const { reason, instead } = refused(way, work, resources) ?? { reason: '', instead: [] };
      return `${reason} ${instead.join(' ')}`;
    };
    expect(why('solid-gas pulse', {}, { machine: NO_PULSE })).toBe(
      'Bare has no pulse. Take short-circuit or spray, or a machine that has pulse.',
    );
    expect(why('aluminium-gun pulse', ALUMINIUM, { machines: [NO_PULSE] })).toBe(
      'No machine of the shop has pulse. Take spray, or a machine that has pulse.',
    );
    expect(why('aluminium-spool-gun spray', ALUMINIUM, { machines: [NO_PULSE] })).toContain(
      'No machine of the shop has a socket for a spool gun.',
    );
    expect(why('solid-gas spray', { thicknessMm: 5, joint: 'open-butt' })).toContain(
      'or weld the root in short-circuit',
    );
    expect(why('aluminium-gun spray', { ...ALUMINIUM, joint: 'open-butt' })).not.toContain('short-circuit');
    expect(
      why(
        'aluminium-gun spray',
        { ...ALUMINIUM, thicknessMm: 8, position: 'overhead' },
        { wireDiameterMm: 1.6 },
      ),
    ).toContain('1.6 mm wire stays flat and horizontal');
    expect(why('gas-shielded-flux-core own', { thicknessMm: 8, position: 'vertical-down' })).toContain(
      'the slag runs ahead',
    );
    expect(why('solid-gas spray', { thicknessMm: 6, position: 'overhead' })).toContain('too large and fluid');
    expect(why('solid-gas short-circuit', {}, { wireDiameterMm: 2.4 })).toContain(
      'Take 0.6, 0.8, 0.9, 1.0, 1.2 mm.',
    );
  });
});

describe('an open root under another transfer', () => {
  const root = (work: Partial<Work> = {}, resources: Resources = {}) =>
    open({ thicknessMm: 8, joint: 'open-butt', ...work }, resources).includes('gas-shielded-flux-core own');
  const wires = [{ wireClass: 'E71T-1M', diameterMm: 1.2 }] as const;
  const solid = [...wires, { wireClass: 'ER70S-6', diameterMm: 0.9 }] as const;

  it('is laid in dip on thick steel, with a solid wire at hand or nothing known of the shelf', () => {
    expect(root()).toBe(true);
    expect(root({ thicknessMm: 5 })).toBe(false);
    expect(root({}, { shelf: { wires, gases: ['ar-co2-25'] } })).toBe(false);
    expect(root({}, { shelf: { wires: solid, gases: ['ar-co2-25'] } })).toBe(true);
    expect(root({}, { shelf: { wires, gases: ['ar-co2-25'] }, machine: PLAIN_MACHINE })).toBe(true);
    const stainless = { ...PLAIN_MACHINE, loadedWireClass: 'ER308LSi' } as const;
    expect(root({}, { shelf: { wires, gases: ['ar-co2-25'] }, machine: stainless })).toBe(false);
  });

  it('is not where one transfer was asked for, nor on aluminium', () => {
    const spray = (work: Partial<Work>, resources: Resources) =>
      open({ thicknessMm: 8, joint: 'open-butt', ...work }, resources).some((one) => one.endsWith('spray'));
    expect(spray({}, {})).toBe(true);
    expect(spray({}, { mode: 'spray', way: 'solid-gas' })).toBe(true);
    expect(open({ thicknessMm: 8, joint: 'open-butt' }, { mode: 'spray' })).not.toContain('solid-gas spray');
    expect(spray({ ...ALUMINIUM, thicknessMm: 8 }, {})).toBe(false);
  });
});
