import type { InWords } from '../../base/words/all-in-words.ts';
import { contextOf as contextOfInWords, PLAIN_MACHINE } from '../../../test/context.ts';
import type { BeadPlan } from '../bead/bead-plan.ts';
import type { FamilyId } from '../../trade/family/family.ts';
import { FAMILIES } from '../../trade/family/families.ts';
import { gasOf, type GasId } from '../../trade/gas/gas.ts';
import type { Work } from '../../trade/material/work.ts';
import type { Resources } from '../work/resources.ts';
import type { PlannedRun } from '../runs/run.ts';
import type { Way } from '../../trade/wire/way.ts';
import type { WireClass } from '../../trade/wire/wire-class.ts';
import type { WireDiameterMm } from '../../trade/wire/wire-diameter.ts';
import type { Caution } from './caution.ts';
import { setupCautions as setupCautionsInWords } from './setup-cautions.ts';
import type { SetupFacts } from './setup-facts.ts';
import { toldInMetric } from '../../../test/told-in-metric.ts';

const contextOf = toldInMetric(contextOfInWords);
const setupCautions = toldInMetric(setupCautionsInWords);

/** What a family is planned with where nothing else is said. */
const USUAL: Readonly<Partial<Record<FamilyId, readonly [Way, WireClass, GasId]>>> = {
  'steel-dip': ['solid-gas', 'ER70S-6', 'ar-co2-25'],
  'steel-spray': ['solid-gas', 'ER70S-6', 'ar-co2-10'],
  'steel-pulse': ['solid-gas', 'ER70S-6', 'ar-co2-10'],
  'self-shielded': ['self-shielded', 'E71T-11', 'none'],
  'self-shielded-t8': ['self-shielded', 'E71T-8', 'none'],
  'stainless-dip': ['solid-gas', 'ER308LSi', 'tri-mix'],
  'stainless-spray': ['solid-gas', 'ER308LSi', 'ar-o2-2'],
  'aluminium-spray': ['aluminium-gun', 'ER5356', 'argon'],
  'aluminium-pulse': ['aluminium-spool-gun', 'ER5356', 'argon'],
  'bronze-braze': ['bronze-braze', 'ERCuSi-A', 'argon'],
};

interface Over {
  readonly family?: FamilyId;
  readonly work?: Partial<Work>;
  readonly resources?: Resources;
  readonly gas?: GasId;
  readonly wireClass?: WireClass;
  readonly diameterMm?: WireDiameterMm;
  readonly currentA?: number;
  readonly oversize?: number;
  readonly runs?: readonly Partial<PlannedRun>[];
}

function factsOf(over: Over): SetupFacts {
  const { family: id = 'steel-dip', runs = [], oversize = 1, currentA = 130, diameterMm = 1.0 } = over;
  const family = Object.values(FAMILIES)
    .flat()
    .find((one) => one.id === id);
  const [way, wireClass, gas] = USUAL[id] ?? [];
  if (!family || !way || !wireClass || !gas) throw new Error(`no family ${id}`);
  return {
    context: contextOf(over.work, over.resources),
    way,
    family,
    wireClass: over.wireClass ?? wireClass,
    diameterMm,
    gas: gasOf(over.gas ?? gas),
    currentA,
    bead: { oversize } as BeadPlan,
    runs: runs as readonly PlannedRun[],
  };
}

const raised = (over: Over): readonly InWords<Caution>[] => setupCautions(factsOf(over));
/** All but the hood, which every arc has. */
const codesOf = (over: Over): readonly string[] =>
  raised(over).flatMap(({ level, code }) => (code === 'arc' ? [] : [`${level} ${code}`]));
const textOf = (over: Over, code: string): string =>
  raised(over).find((one) => one.code === code)?.text ?? '';

const ALUMINIUM = { metal: 'aluminium', alloy: '5083', thicknessMm: 4 } as const;
const STAINLESS = { metal: 'stainless', alloy: '304', thicknessMm: 3 } as const;

describe('what a setup warns of', () => {
  it('is only the arc itself where all is plain', () => {
    expect(raised({}).map(({ code }) => code)).toEqual(['arc']);
  });

  // Source: common practice; AWS D1.1 does not prequalify short-circuit.
  it.each<[string, Over, readonly string[]]>([
    ['4.9 mm in dip', { work: { thicknessMm: 4.9 } }, []],
    ['5 mm in dip', { work: { thicknessMm: 5 } }, ['warn cold-lap']],
    ['2 mm on 6 mm', { work: { thicknessMm: 2, otherThicknessMm: 6 } }, ['warn cold-lap']],
    ['6 mm in dip', { work: { thicknessMm: 6 } }, ['stop short-circuit-thick']],
    ['6 mm in pulse', { family: 'steel-pulse', work: { thicknessMm: 6 } }, []],
    [
      'brazing of 6 mm',
      { family: 'bronze-braze', work: { thicknessMm: 6 } },
      ['warn beyond-the-tables', 'warn bronze-not-for-load'],
    ],
    // the starting rows of each family: 0.6 to 6.4 mm in dip, 4.8 to 12.7 mm in spray
    ['0.6 mm in dip', { work: { thicknessMm: 0.6 } }, []],
    ['0.5 mm in dip', { work: { thicknessMm: 0.5 } }, ['warn beyond-the-tables']],
    ['6.4 mm in dip', { work: { thicknessMm: 6.4 } }, ['stop short-circuit-thick']],
    ['6.5 mm in dip', { work: { thicknessMm: 6.5 } }, ['stop short-circuit-thick', 'warn beyond-the-tables']],
  ])('is the depth and reach of %s', (_name, over, expected) => {
    expect(codesOf(over)).toEqual(expected);
  });

  it('names the thicker part where two are joined', () => {
    expect(textOf({ work: { thicknessMm: 2, otherThicknessMm: 6 } }, 'cold-lap')).toContain(
      'on the 6.0 mm part',
    );
    expect(textOf({ work: { thicknessMm: 5 } }, 'cold-lap')).toContain('lies without fusing');
  });

  // Source: transition of 1.0 mm steel 190 A, × 1.125 at 10 % CO₂ (handbook figures, from memory); dip's window of 1.0 mm ends at 180 A.
  it.each<[string, Over, boolean]>([
    ['spray just under the transition', { family: 'steel-spray', currentA: 212 }, true],
    ['spray at the transition, rounded', { family: 'steel-spray', currentA: 213.5 }, false],
    ['pulse at any current', { family: 'steel-pulse', currentA: 60 }, false],
    ['dip a little over its window', { currentA: 219 }, false],
    ['dip a tenth over its window', { currentA: 221 }, true],
    ['spray at high current', { family: 'steel-spray', currentA: 320 }, false],
    ['dip with a wire that has no window', { currentA: 290, diameterMm: 2.4 }, false],
  ])('is globular transfer: %s', (_name, over, expected) => {
    const work = { thicknessMm: over.family === undefined ? 3 : 5 };
    expect(codesOf({ ...over, work }).includes('warn globular')).toBe(expected);
  });

  it('says of the globular arc on which side of its window it is', () => {
    const under = { family: 'steel-spray', currentA: 180, work: { thicknessMm: 5 } } as const;
    expect(textOf(under, 'globular')).toContain('180 A is under the spray transition (214 A)');
    expect(textOf({ currentA: 240 }, 'globular')).toContain('240 A is past');
  });

  it.each<[string, Over, readonly string[]]>([
    ['little CO₂ in dip', { gas: 'ar-co2-12' }, ['warn little-co2']],
    ['13 % in dip', { gas: 'ar-co2-13' }, []],
    ['25 % in dip', { gas: 'ar-co2-25' }, []],
    ['30 % in dip', { gas: 'ar-co2-30' }, ['note uncommon-mix']],
    ['CO₂ in dip', { gas: 'co2' }, []],
    ['10 % in pulse', { family: 'steel-pulse', gas: 'ar-co2-10' }, []],
    ['15 % in pulse', { family: 'steel-pulse', gas: 'ar-co2-15' }, ['note rich-mix-spray']],
    [
      '15 % in spray',
      { family: 'steel-spray', gas: 'ar-co2-15', work: { thicknessMm: 5 }, currentA: 260 },
      ['note rich-mix-spray'],
    ],
    ['18 % in dip', { gas: 'ar-co2-18' }, []],
  ])('is the gas: %s', (_name, over, expected) => {
    expect(codesOf(over)).toEqual(expected);
  });

  it.each<[string, Over, readonly string[]]>([
    ['indoors', {}, ['warn flux-core-fume']],
    ['outdoors', { work: { place: 'outdoors' } }, []],
    ['T-8 indoors', { family: 'self-shielded-t8', work: { thicknessMm: 6 } }, ['warn flux-core-fume']],
    ['with a gas named', { resources: { gas: 'co2' } }, ['warn gas-not-used', 'warn flux-core-fume']],
    ['with no gas named', { resources: { gas: 'none' } }, ['warn flux-core-fume']],
    [
      'under load',
      { work: { circumstances: ['load-bearing'], place: 'outdoors' } },
      ['stop no-impact-class'],
    ],
    [
      'of a class with an impact requirement, under load',
      {
        family: 'self-shielded-t8',
        work: { thicknessMm: 6, circumstances: ['load-bearing'], place: 'outdoors' },
      },
      [],
    ],
  ])('is self-shielded flux core %s', (_name, over, expected) => {
    expect(codesOf({ family: 'self-shielded', ...over })).toEqual(expected);
  });

  it('names the class for the gas that was named', () => {
    expect(textOf({ family: 'self-shielded', resources: { gas: 'co2' } }, 'gas-not-used')).toContain(
      'E71T-1C',
    );
  });

  it.each<[string, Over, readonly string[]]>([
    ['5083', {}, []],
    ['of 3 mm', { work: { thicknessMm: 3 } }, []],
    ['of 2.9 mm', { work: { thicknessMm: 2.9 } }, ['warn thin-without-pulse']],
    ['of 2.9 mm in pulse', { family: 'aluminium-pulse', work: { thicknessMm: 2.9 } }, []],
    ['of no known alloy', { work: { alloy: undefined } }, ['warn alloy-unknown']],
    ['6061', { work: { alloy: '6061' } }, ['note softened-zone']],
    ['5083 to 6082', { work: { otherMetal: 'aluminium', otherAlloy: '6082' } }, ['note softened-zone']],
    ['pushed at 0.8 mm', { diameterMm: 0.8, currentA: 125 }, ['warn thin-wire-pushed']],
    ['pushed at 0.9 mm', { diameterMm: 0.9, currentA: 125 }, []],
    ['at 0.8 mm from a spool gun', { family: 'aluminium-pulse', diameterMm: 0.8 }, []],
  ])('is aluminium %s', (_name, over, expected) => {
    const work = { ...ALUMINIUM, ...over.work };
    const all = codesOf({ family: 'aluminium-spray', currentA: 140, ...over, work });
    expect(all).toEqual(['warn aluminium-light', ...expected]);
  });

  it('advises against aluminium under 2 mm without pulse', () => {
    const text = (thicknessMm: number) =>
      textOf({ family: 'aluminium-spray', work: { ...ALUMINIUM, thicknessMm } }, 'thin-without-pulse');
    expect(text(1.9)).toContain('not advised');
    expect(text(2)).toContain('hard to hold');
  });

  it('is a filler that is only the second choice', () => {
    const of430 = { family: 'stainless-dip', work: { ...STAINLESS, alloy: '430' } } as const;
    expect(codesOf(of430)).toEqual(['warn filler-second-choice']);
    expect(codesOf({ ...of430, wireClass: 'ER309LSi' })).toEqual([]);
  });

  it('is that a brazed seam carries no load, and stops where it should', () => {
    const thin = { thicknessMm: 1 };
    expect(codesOf({ family: 'bronze-braze', work: thin })).toEqual(['warn bronze-not-for-load']);
    expect(codesOf({ family: 'bronze-braze', work: { ...thin, circumstances: ['load-bearing'] } })).toEqual([
      'stop bronze-not-for-load',
    ]);
  });

  it.each([
    [200, undefined, undefined],
    [201, undefined, 'warn'],
    [250, undefined, 'warn'],
    [251, undefined, 'stop'],
    [251, [30, 300], undefined],
  ] as const)('is %s A on a machine whose range is %s', (currentA, currentRangeA, level) => {
    const machine = { ...PLAIN_MACHINE, ...(currentRangeA ? { currentRangeA } : {}) };
    const over: Over = { family: 'steel-pulse', work: { thicknessMm: 6 }, currentA, resources: { machine } };
    expect(codesOf(over)).toEqual(level === undefined ? [] : [`${level} limits-not-known`]);
    expect(codesOf({ ...over, resources: {} })).toEqual([]);
  });
});

// Source: EN 169 (MAG) and ANSI Z49.1 as suggested, recalled.
describe('the hood', () => {
  it.each([
    [59, 'as the hood’s table says'],
    [60, 'about ANSI Z49.1: 11;'],
    [124, 'about ANSI Z49.1: 11;'],
    [125, 'about EN 169: 12, ANSI Z49.1: 11;'],
    [160, 'about EN 169: 12, ANSI Z49.1: 11;'],
    [161, 'about EN 169: 12, ANSI Z49.1: 12;'],
    [175, 'about EN 169: 12, ANSI Z49.1: 12;'],
    [176, 'about EN 169: 13, ANSI Z49.1: 12;'],
    [251, 'about EN 169: 13, ANSI Z49.1: 14;'],
    [300, 'about EN 169: 13, ANSI Z49.1: 14;'],
    [301, 'about ANSI Z49.1: 14;'],
    [500, 'about ANSI Z49.1: 14;'],
    [501, 'as the hood’s table says'],
  ])('at %s A is %s', (currentA, text) => {
    expect(textOf({ family: 'steel-pulse', currentA }, 'arc')).toContain(text);
  });
});

describe('what the weld itself warns of', () => {
  it('is more metal than is wanted, from 15 % on', () => {
    expect(codesOf({ oversize: 1.149 })).toEqual([]);
    expect(codesOf({ oversize: 1.15 })).toEqual(['warn more-metal-than-wanted']);
    expect(textOf({ oversize: 1.42 }, 'more-metal-than-wanted')).toContain('1.4 times');
  });

  // Source: common practice: a closed butt fuses about 3 mm from one side in short-circuit.
  it('is the depth of a closed butt that wants both sides', () => {
    const butt = (thicknessMm: number, more: Partial<Work> = {}): Over => ({
      work: { joint: 'butt', thicknessMm, ...more },
    });
    expect(codesOf(butt(3))).toEqual([]);
    expect(codesOf(butt(4))).toEqual(['warn closed-butt-depth']);
    expect(textOf(butt(4, { sides: 1 }), 'closed-butt-depth')).toContain('You asked for one side');
    expect(textOf(butt(4, { sides: 2 }), 'closed-butt-depth')).not.toContain('You asked');
    expect(codesOf({ work: { joint: 'tee', thicknessMm: 4 } })).toEqual([]);
  });

  it('is the purge behind the root of a stainless butt', () => {
    const stainless = (joint: Work['joint']) =>
      codesOf({ family: 'stainless-dip', work: { ...STAINLESS, joint } });
    expect(stainless('open-butt')).toEqual(['warn back-purge']);
    expect(stainless('butt')).toEqual(['warn back-purge']);
    expect(stainless('tee')).toEqual([]);
    expect(codesOf({ work: { joint: 'butt' } })).toEqual([]);
  });

  it('is a root laid in dip under another transfer, with its own spool and gas', () => {
    const root = { role: 'root', family: 'steel-dip', wireClass: 'ER70S-6', wireDiameterMm: 0.9 } as const;
    const cap = { role: 'cap', family: 'steel-spray', wireClass: 'ER70S-6' } as const;
    const of = (runs: readonly Partial<PlannedRun>[], gas: GasId = 'ar-co2-10'): Over => ({
      family: 'steel-spray',
      work: { joint: 'open-butt', thicknessMm: 8 },
      currentA: 260,
      diameterMm: 1.2,
      gas,
      runs,
    });
    expect(codesOf(of([root, cap]))).toEqual(['warn root-in-dip']);
    expect(textOf(of([root, cap]), 'root-in-dip')).toBe(
      'Two settings: the root in short-circuit, then the rest as planned.',
    );
    const cored = { ...cap, wireClass: 'E71T-1M' } as const;
    expect(textOf(of([root, cored]), 'root-in-dip')).toContain('with 0.9 mm ER70S-6');
    expect(textOf(of([root, cap], 'ar-co2-2'), 'root-in-dip')).toContain('Use another gas for the root');
    expect(codesOf(of([{ ...root, family: 'steel-spray' }, cap]))).toEqual([]);
    expect(codesOf(of([cap]))).toEqual([]);
  });
});
