import type { InWords } from '../../base/words/all-in-words.ts';
import fc from 'fast-check';
import { cases } from '../../../test/cases.ts';
import { FAMILIES } from '../../trade/family/families.ts';
import { JOINTS, POSITIONS, SURFACES, type Joint, type Work } from '../../trade/material/work.ts';
import { WAY_MODES } from '../../trade/transfer/way-mode.ts';
import { planSetup as planSetupInWords } from './plan-setup.ts';
import type { Resources } from '../work/resources.ts';
import type { PlannedSetup, Reason } from './setup.ts';
import { toldInMetric } from '../../../test/told-in-metric.ts';

const planSetup = toldInMetric(planSetupInWords);

/** Evenly spread, unlike fast-check's doubles, which crowd at the ends of their range. */
function evenly(least: number, most: number): fc.Arbitrary<number> {
  const steps = 10_000;
  return fc.noBias(fc.integer({ min: 0, max: steps })).map((step) => least + ((most - least) * step) / steps);
}

const work: fc.Arbitrary<Work> = fc
  .record({
    base: fc.constantFrom(
      { metal: 'carbon-steel' as const },
      { metal: 'coated-steel' as const },
      { metal: 'stainless' as const, alloy: '304' },
      { metal: 'stainless' as const, alloy: '430' },
      { metal: 'aluminium' as const, alloy: '6061' },
      { metal: 'aluminium' as const, alloy: '5083' },
    ),
    lnThickness: evenly(Math.log(0.6), Math.log(25.4)),
    otherTimes: fc.option(evenly(1, 3), { nil: undefined, freq: 2 }),
    joint: fc.constantFrom(...JOINTS),
    position: fc.constantFrom(...POSITIONS),
    surface: fc.constantFrom(...SURFACES),
    legMm: fc.option(evenly(2, 14), { nil: undefined, freq: 1 }),
    sides: fc.constantFrom(undefined, undefined, 1 as const, 2 as const),
    backing: fc.constantFrom(undefined, undefined, true),
    seamMm: fc.constantFrom(undefined, 200, 1500),
  })
  .map(({ base, lnThickness, otherTimes, ...rest }) => {
    const thicknessMm = Math.min(Math.exp(lnThickness), 25.4);
    const otherThicknessMm = otherTimes === undefined ? undefined : Math.min(thicknessMm * otherTimes, 25.4);
    return { ...base, ...rest, thicknessMm, otherThicknessMm, place: 'indoors', windy: false };
  });
const resources: fc.Arbitrary<Resources> = fc.oneof(
  { weight: 2, arbitrary: fc.constant({}) },
  {
    weight: 3,
    arbitrary: fc
      .constantFrom(...WAY_MODES)
      .map(({ way, mode }): Resources => (mode === 'own' ? { way } : { way, mode })),
  },
  {
    weight: 1,
    arbitrary: fc.constantFrom<Resources>({ wireClass: 'E71T-8' }, { way: 'bronze-braze' }),
  },
  {
    weight: 1,
    arbitrary: fc.constantFrom('ar-he-50', 'co2', 'ar-co2-18').map((gas): Resources => ({ gas })),
  },
);

/** Words for a joint that a text may only use of that joint. */
const JOINT_WORDS: readonly (readonly [RegExp, readonly Joint[]])[] = [
  [/\bfillet\b/i, ['tee', 'lap']],
  [/\bclosed butt\b/i, ['butt']],
  [/\bopen-root butt\b/i, ['open-butt']],
  [/\boutside corner\b/i, ['outside-corner']],
  [/\btee\b/i, ['tee']],
  [/\blap\b/i, ['lap']],
];
/** The reference a current is reckoned from is named as such: `3.0 mm as a closed butt, flat, clean`. */
const REFERENCE = /^[\d.]+ mm as an? [a-z -]+, flat, clean/;

function jointFaults({ work: { joint } }: PlannedSetup, text: string): string[] {
  const plain = text.replace(REFERENCE, '');
  return JOINT_WORDS.filter(([word, joints]) => word.test(plain) && !joints.includes(joint)).map(
    ([word]) => `${word.source} on a ${joint}: ${text}`,
  );
}

function metalFaults(plan: PlannedSetup, text: string): string[] {
  const faults: string[] = [];
  const bronze = plan.family === 'bronze-braze';
  const steelWire = plan.weldMetal === 'steel' && !bronze;
  if (/\bsteel (?:wire|crater)/i.test(text) && !/stainless wire/i.test(text) && !steelWire)
    faults.push(`steel wire in ${plan.family}: ${text}`);
  if (/\baluminium is\b/i.test(text) && plan.weldMetal !== 'aluminium') faults.push(text);
  if (/\bstainless wire\b/i.test(text) && plan.weldMetal !== 'stainless') faults.push(text);
  if (/\bcoated\b|\bzinc\b/i.test(text) && !bronze && plan.work.metal !== 'coated-steel') faults.push(text);
  return faults;
}

function near(text: string, pattern: RegExp, value: number, rounding: number): string[] {
  const figure = pattern.exec(text)?.[1];
  return figure !== undefined && Math.abs(Number(figure) - value) > rounding + 1e-9
    ? [`${figure} is not ${value}: ${text}`]
    : [];
}

/** Numbers that a reason names, against the plan's own. */
function numberFaults(plan: PlannedSetup, { item, text }: InWords<Reason>): string[] {
  const { bead, currentA, wire, gasFlowLPerMin, feedPath, heatInputKJPerMm, runs } = plan;
  switch (item) {
    case 'amps':
      return near(text, /: (\d+) A\.$/, currentA.start, 0.5);
    case 'wireFeedSpeed':
      return [
        ...near(text, /at which (\d+) A/, currentA.start, 0.5),
        ...near(text, /melts ([\d.]+) mm/, wire.diameterMm, 0),
      ];
    case 'travelSpeed':
      return [
        ...near(text, /for a ([\d.]+) mm leg/, bead.legMm ?? Number.NaN, 0.05),
        ...near(text, /section of ([\d.]+) mm²/, bead.sectionMm2, 0.05),
        ...near(text, /lays ([\d.]+) times/, bead.oversize, 0.05),
        ...(/at ease/.test(text) !== (bead.solvedBy === 'comfortable')
          ? [`not how it was solved: ${text}`]
          : []),
      ];
    case 'heatInput':
      return near(text, /^([\d.]+) kJ\/mm/, heatInputKJPerMm, 0.005);
    case 'gasFlow': {
      const asBore = /^A ([\d.]+) mm nozzle takes/.exec(text)?.[1];
      const wrong = asBore !== undefined && Math.abs(gasFlowLPerMin.start - feedPath.nozzle.boreMm) > 0.5;
      return [
        ...near(text, /^A ([\d.]+) mm nozzle takes/, feedPath.nozzle.boreMm, 0),
        ...(wrong ? [text] : []),
      ];
    }
    case 'passes':
      return near(text, /^(\d+) runs/, runs.length, 0);
    default:
      return [];
  }
}

function sideFaults({ fitUp, runs }: PlannedSetup, text: string): string[] {
  if (/fused from both sides/.test(text) && !runs.some(({ role }) => role === 'second-side')) return [text];
  if (/This one is bevelled/.test(text) && fitUp.bevel === undefined) return [text];
  return /Weld this one from both sides/.test(text) && fitUp.closedButt?.verdict !== 'both-sides'
    ? [text]
    : [];
}

describe('every reason is true of its plan', () => {
  it('names its own joint, metal and numbers, over random plans', () => {
    let planned = 0;
    const families = new Set<string>();
    fc.assert(
      fc.property(work, resources, (someWork, some) => {
        const plan = planSetup(someWork, some);
        if (plan.status !== 'planned') return;
        planned += 1;
        families.add(plan.family);
        const faults = plan.reasons.flatMap((reason) => [
          ...jointFaults(plan, reason.text),
          ...metalFaults(plan, reason.text),
          ...numberFaults(plan, reason),
          ...sideFaults(plan, reason.text),
        ]);
        const rows = plan.demand.flatMap(({ why, label, kind }) =>
          kind === 'reference' ? jointFaults(plan, label) : metalFaults(plan, why),
        );
        expect([...faults, ...rows]).toEqual([]);
      }),
      { numRuns: cases(4000, 12_800) },
    );
    expect(planned).toBeGreaterThan(cases(1500, 5000));
    expect(families.size).toBeGreaterThanOrEqual(Object.values(FAMILIES).flat().length);
  });

  it('says of a current under the transition that it goes globular, not that it stubs', () => {
    const base = {
      metal: 'carbon-steel',
      thicknessMm: 5,
      joint: 'tee',
      position: 'flat',
      surface: 'clean',
      place: 'indoors',
      windy: false,
    } as const;
    const thin = { ...base, metal: 'aluminium', alloy: '6061', thicknessMm: 2.4 } as const;
    const spray = planSetup(thin, { mode: 'spray', wireDiameterMm: 1.6 });
    expect(spray).toMatchObject({ status: 'refused', code: 'wire-too-large' });
    expect(spray.status === 'refused' && spray.reasons[0]).toContain('globular');
    expect(spray.status === 'refused' && spray.reasons[0]).not.toContain('stub');
    const dip = planSetup({ ...base, thicknessMm: 0.7 }, { mode: 'short-circuit', wireDiameterMm: 1.2 });
    expect(dip.status === 'refused' && dip.reasons[0]).toContain('stub');
  });
});
