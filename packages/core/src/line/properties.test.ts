import fc from 'fast-check';
import { distance } from 'fastest-levenshtein';
import { CIRCUMSTANCES, PRIORITIES } from '../trade/material/work.ts';
import { editDistance } from './words/edit-distance.ts';
import { WRITTEN_LINE_MOST } from './line-length.ts';
import { parseLine } from './parse.ts';
import type { StatedWork } from '../plan/work/stated-work.ts';
import { renderLine } from './render.ts';

const MACHINES = ['Marigold', 'Old Tom', 'Suitcase'];
const context = fc
  .constantFrom('mm', 'in')
  .map((unit) => ({ unit: unit as 'mm' | 'in', machineNames: MACHINES }));

const SEGMENTS = [
  fc.constantFrom(
    '3mm',
    '1/8',
    '14 ga',
    '14ga tube',
    '80 thou',
    '1.2 mm',
    '3 mm on 5 mm',
    '40x40x3 box to 6mm plate',
    '1/4 to 1/8',
    '.080',
  ),
  fc.constantFrom('steel', 'mild steel', 'galv', '5083', '304', 'S355', 'aluminum', 'stainles'),
  fc.constantFrom('tee', 'lap', 'outside corner', 'open root', 'edge', 'fillet', 'butt joint'),
  fc.constantFrom('overhead', 'vd', 'vertical up', 'horizontal', 'flat', '2F', '3G up'),
  fc.constantFrom('.030 wire', '0.9 wire', '1.2 wire', '035'),
  fc.constantFrom('75/25', 'Ar+18', 'co2', 'argon', 'Ar + 2 % O₂', 'tri-mix', 'c25'),
  fc.constantFrom('outdoors', 'indoors', 'windy', 'in the yard'),
  fc.constantFrom('old tom', 'Marigold', 'suitcase', 'bananas'),
  fc.constantFrom('mill scale', 'ground bright'),
  fc.constantFrom('strong', 'anodised', 'warm service'),
  fc.constantFrom('damp', 'structural', 'extraction running'),
  fc.constantFrom('dcep', 'electrode negative'),
];

const permuted = fc
  .tuple(
    fc.subarray(SEGMENTS, { minLength: 2 }).chain((chosen) => fc.tuple(...chosen)),
    fc.infiniteStream(fc.nat()),
  )
  .map(([segments, keys]) => {
    const order = segments.map((segment) => ({ segment, key: keys.next().value as number }));
    return {
      line: segments.join(', '),
      shuffled: order
        .toSorted((a, b) => a.key - b.key)
        .map((o) => o.segment)
        .join(', '),
    };
  });

const thickness = fc.integer({ min: 500, max: 25000 }).map((n) => n / 1000);
const wireChoice: fc.Arbitrary<Pick<StatedWork, 'way' | 'wireClass' | 'wireDiameterMm'>> = fc.record(
  {
    way: fc.constantFrom(
      'solid-gas',
      'self-shielded',
      'gas-shielded-flux-core',
      'metal-cored',
      'aluminium-spool-gun',
      'bronze-braze',
    ),
    wireClass: fc.constantFrom(
      'ER70S-6',
      'ER70S-3',
      'E71T-11',
      'E71T-GS',
      'E71T-8',
      'E71T-1C',
      'E71T-1M',
      'E70C-6M',
      'ER308LSi',
      'ER316LSi',
      'ER309LSi',
      'ER4043',
      'ER5356',
      'ER5183',
      'ER5554',
      'ER5556',
      'ER4943',
      'ERCuSi-A',
    ),
    wireDiameterMm: fc.constantFrom(0.6, 0.8, 0.9, 1.0, 1.2, 1.6),
  },
  { requiredKeys: [] },
);
const metalChoice: fc.Arbitrary<Pick<StatedWork, 'metal' | 'alloy'>> = fc.constantFrom(
  {},
  { metal: 'carbon-steel' as const },
  { metal: 'carbon-steel' as const, alloy: 'S235' },
  { metal: 'coated-steel' as const },
  { metal: 'stainless' as const, alloy: '316L' },
  { metal: 'stainless' as const },
  { metal: 'aluminium' as const, alloy: '5083', otherMetal: 'aluminium' as const, otherAlloy: '6061' },
  { metal: 'stainless' as const, alloy: '304', otherMetal: 'carbon-steel' as const },
  { metal: 'aluminium' as const, alloy: '6063' },
  { metal: 'cast-aluminium' as const, alloy: '356' },
  { metal: 'unweldable-aluminium' as const, alloy: '7075' },
  { metal: 'other' as const, alloy: 'cast iron' },
);
const partChoice: fc.Arbitrary<
  Pick<StatedWork, 'thicknessMm' | 'otherThicknessMm' | 'product' | 'otherProduct'>
> = fc.oneof(
  fc.constant({}),
  fc.record({ thicknessMm: thickness }),
  fc.record({ thicknessMm: thickness, product: fc.constantFrom('sheet', 'plate', 'tube', 'bar', 'section') }),
  fc
    .record({ thicknessMm: thickness, otherThicknessMm: thickness })
    .filter((p) => p.thicknessMm !== p.otherThicknessMm),
  fc
    .record({
      thicknessMm: thickness,
      otherThicknessMm: thickness,
      product: fc.constant('tube' as const),
      otherProduct: fc.constant('plate' as const),
    })
    .filter((p) => p.thicknessMm !== p.otherThicknessMm),
);
const restChoice: fc.Arbitrary<StatedWork> = fc.record(
  {
    joint: fc.constantFrom('butt', 'open-butt', 'lap', 'tee', 'outside-corner', 'edge'),
    position: fc.constantFrom('flat', 'horizontal', 'vertical-up', 'vertical-down', 'overhead'),
    surface: fc.constantFrom('clean', 'mill-scale', 'warm'),
    place: fc.constantFrom('indoors', 'outdoors'),
    windy: fc.constant(true),
    mode: fc.constantFrom('short-circuit', 'spray', 'pulse', 'globular'),
    gas: fc.constantFrom(
      'argon',
      'co2',
      'none',
      'tri-mix',
      'ar-o2-2',
      'ar-o2-5',
      'ar-he-25',
      'ar-he-50',
      'ar-he-75',
      'ar-co2-18-25',
      'ar-co2-8',
      'ar-co2-25',
      'ar-co2-40',
    ),
    machineName: fc.constantFrom(...MACHINES),
    polarity: fc.constantFrom('DCEP', 'DCEN'),
    withoutFiller: fc.constant(true),
    priorities: fc.subarray([...PRIORITIES], { minLength: 1 }),
    circumstances: fc.subarray([...CIRCUMSTANCES], { minLength: 1 }),
  },
  { requiredKeys: [] },
);
const quickWork: fc.Arbitrary<StatedWork> = fc
  .tuple(partChoice, metalChoice, wireChoice, restChoice)
  .map(([part, metal, wire, rest]) => ({ ...part, ...metal, ...wire, ...rest }));

describe('the quick line', () => {
  it('covers every character of any text once, in order', () => {
    fc.assert(
      fc.property(
        fc.oneof(
          fc.string({ maxLength: 60 }),
          permuted.map((p) => p.line),
        ),
        context,
        (text, someContext) => {
          const { fragments } = parseLine(text, someContext);
          let at = 0;
          for (const fragment of fragments) {
            expect(fragment.start).toBe(at);
            expect(fragment.end).toBeGreaterThan(fragment.start);
            expect(text.slice(fragment.start, fragment.end)).toContain(fragment.text);
            at = fragment.end;
          }
          expect(at).toBe(text.length);
        },
      ),
      { numRuns: 500 },
    );
  });

  it('reads the same work from the same segments in any order', () => {
    fc.assert(
      fc.property(permuted, context, ({ line, shuffled }, someContext) => {
        const straight = parseLine(line, someContext);
        const mixed = parseLine(shuffled, someContext);
        expect(mixed.work).toEqual(straight.work);
        expect(mixed.assumed).toEqual(straight.assumed);
      }),
      { numRuns: 400 },
    );
  });

  it('reads back what it writes, in either unit', () => {
    fc.assert(
      fc.property(quickWork, context, (work, someContext) => {
        const line = renderLine(work);
        const reading = parseLine(line, someContext, { lengthMost: WRITTEN_LINE_MOST });
        expect({ line, work: reading.work }).toEqual({ line, work });
        expect(reading.fragments.filter((f) => f.status === 'not-understood')).toEqual([]);
      }),
      { numRuns: 250 },
    );
  });
});

describe('editDistance', () => {
  it('counts a swap of neighbours as one slip', () => {
    expect(editDistance('stianless', 'stainless')).toBe(1);
  });

  // Independent method: the plain Levenshtein distance of a general package, which counts a swap as two.
  it('lies between half the Levenshtein distance and the whole of it', () => {
    const word = fc.string({ minLength: 0, maxLength: 8, unit: fc.constantFrom('a', 'b', 'c') });
    fc.assert(
      fc.property(word, word, (a, b) => {
        const plain = distance(a, b);
        expect(editDistance(a, b)).toBeLessThanOrEqual(plain);
        expect(editDistance(a, b)).toBeGreaterThanOrEqual(plain / 2);
      }),
    );
  });
});
