import fc from 'fast-check';
import type { Inspection } from './inspection.ts';
import { INSPECTION_ITEMS } from './inspection-items.ts';
import { GAUGES, gaugeU95Mm } from './gauges.ts';
import { judgeInspection, offeredStandard } from './judge-inspection.ts';

const FILLET: Inspection = {
  joint: 'fillet',
  standard: '5817',
  level: 'C',
  thicknessMm: 6,
  items: {},
  photos: [],
  at: '2026-03-02T10:00:00.000Z',
};
const exact = (value: number) => ({ value, gauge: 'own', u95: 0 }) as const;
const itemOf = (inspection: Inspection, id: string) =>
  judgeInspection(inspection).items.find((item) => item.id === id);

// source: handbook on inspection, check cases V05 to V07 and V10, V11, M05, and its rules
describe('an inspection', () => {
  it('gives numbers and no verdict while no level is chosen', () => {
    const { level: _level, ...open } = FILLET;
    const judged = judgeInspection({ ...open, items: { undercut: { value: 3, gauge: 'pin' } } });
    expect(judged.verdict).toBeUndefined();
    expect(judged.items[0]).toMatchObject({ size: 3, u95: 0.2, verdict: undefined, why: 'no-level' });
    expect(judgeInspection(FILLET).verdict).toBeUndefined();
  });

  it('names what was not looked at, by joint', () => {
    const names = judgeInspection({ ...FILLET, items: { crack: { value: 0 } } }).notLooked.map(
      ({ id }) => id,
    );
    expect(names).toContain('gap');
    expect(names).not.toContain('crack');
    expect(names).not.toContain('reinforcement');
  });

  it('convexity of legs 6 and 6 under a gauge throat of 5.8 is 1.56 of 2.27', () => {
    const convex = itemOf(
      { ...FILLET, firstLeg: exact(6), secondLeg: exact(6), throat: exact(5.8) },
      'convexity',
    );
    expect(convex?.size).toBeCloseTo(1.56, 2);
    expect(convex?.limit).toBeCloseTo(2.273, 3);
    expect(convex?.verdict).toBe('pass');
  });

  it('legs of 6 and 8.9 are too unlike for a6 at C', () => {
    const legs = {
      ...FILLET,
      nominalMm: 6,
      nominalIs: 'leg',
      firstLeg: exact(6),
      secondLeg: exact(8.9),
    } as const;
    expect(itemOf(legs, 'asymmetry')).toMatchObject({ verdict: 'fail' });
    expect(itemOf(legs, 'asymmetry')?.limit).toBeCloseTo(2.636, 3);
    // with a gauge of half a millimetre it is not known
    const cam = (value: number) => ({ value, gauge: 'cam' }) as const;
    expect(itemOf({ ...legs, firstLeg: cam(6), secondLeg: cam(8.9) }, 'asymmetry')?.verdict).toBe(
      'not-decided',
    );
  });

  it('asks “a5 or z5?”: the same legs pass the one and fail the other', () => {
    const legs = { ...FILLET, nominalMm: 5, firstLeg: exact(5.2), secondLeg: exact(5.2) };
    expect(itemOf(legs, 'thin-throat')).toMatchObject({ verdict: 'not-decided', why: 'a-or-z' });
    expect(itemOf({ ...legs, nominalIs: 'leg' }, 'thin-throat')).toMatchObject({ verdict: 'pass' });
    const throat = itemOf({ ...legs, nominalIs: 'throat' }, 'thin-throat');
    expect(throat?.size).toBeCloseTo(5 - 5.2 / Math.SQRT2, 9);
    expect(throat?.verdict).toBe('fail');
  });

  it('a throat with more to spare than its band passes, without a word of its length', () => {
    const legs = { value: 4.5, gauge: 'cam' } as const;
    const sized = { ...FILLET, nominalMm: 3, nominalIs: 'leg', firstLeg: legs, secondLeg: legs } as const;
    const thin = itemOf(sized, 'thin-throat');
    expect(thin?.size).toBeCloseTo(-1.5 / Math.SQRT2, 9);
    expect(thin?.verdict).toBe('pass');
    expect(itemOf({ ...sized, nominalMm: 4.4 }, 'thin-throat')).toMatchObject({ why: 'length-asked' });
  });

  it('a hump is no strength: the throat is that of the legs; a hollow face is what the gauge shows', () => {
    const nominal = {
      ...FILLET,
      nominalMm: 5,
      nominalIs: 'throat',
      firstLeg: exact(6),
      secondLeg: exact(6),
    } as const;
    expect(itemOf({ ...nominal, throat: exact(6) }, 'thin-throat')?.size).toBeCloseTo(5 - 6 / Math.SQRT2, 9);
    expect(itemOf({ ...nominal, throat: exact(3.5) }, 'thin-throat')?.size).toBeCloseTo(1.5, 9);
  });

  it('decides nothing while the limit lies within the error, or the band is not known', () => {
    const butt: Inspection = { ...FILLET, joint: 'butt', level: 'C', thicknessMm: 6 };
    const at = (value: number) =>
      itemOf({ ...butt, items: { undercut: { value, gauge: 'pin' } } }, 'undercut');
    // limit 0.5 mm; the pin ± 0.2
    expect([at(0.2)?.verdict, at(0.4)?.verdict, at(0.8)?.verdict]).toEqual(['pass', 'not-decided', 'fail']);
    expect(itemOf({ ...butt, items: { undercut: { value: 0.1, gauge: 'own' } } }, 'undercut')).toMatchObject({
      verdict: 'not-decided',
      why: 'band-asked',
    });
  });

  it('a crack fails whatever is said besides, and a photo shows neither its absence nor a depth', () => {
    const crack = (value: number) =>
      judgeInspection({ ...FILLET, items: { crack: { value, gauge: 'photo', ownLimit: 9 } } });
    expect(crack(1)).toMatchObject({ verdict: 'fail', items: [{ why: 'never-permitted' }] });
    expect(crack(0).items[0]).toMatchObject({ verdict: 'not-decided', why: 'not-by-photo' });
    const depth = itemOf(
      { ...FILLET, items: { undercut: { value: 0.1, gauge: 'photo', u95: 0.05 } } },
      'undercut',
    );
    expect(depth).toMatchObject({ verdict: 'not-decided', why: 'not-by-photo' });
    const pore = itemOf(
      {
        ...FILLET,
        nominalMm: 5,
        nominalIs: 'throat',
        items: { pore: { value: 0.4, gauge: 'photo', u95: 0.3 } },
      },
      'pore',
    );
    expect(pore).toMatchObject({ verdict: 'pass' });
  });

  it('the contract’s own limit goes before the recalled one', () => {
    const items = { undercut: { value: 0.9, gauge: 'pin', ownLimit: 1.2 } } as const;
    expect(itemOf({ ...FILLET, items }, 'undercut')).toMatchObject({
      verdict: 'pass',
      why: 'own-limit',
      limit: 1.2,
    });
  });

  it('one that is not decided leaves the whole undecided, one that fails fails it', () => {
    const items = { crack: { value: 0 }, undercut: { value: 0.4, gauge: 'pin' } } as const;
    expect(judgeInspection({ ...FILLET, items }).verdict).toBe('not-decided');
    expect(judgeInspection({ ...FILLET, items: { ...items, 'stray-arc': { value: 1 } } }).verdict).toBe(
      'fail',
    );
  });

  it('a gauge brings its own band, which what was told goes before', () => {
    // handbook on inspection, §2: gauges with their 95 % bands
    const bands = GAUGES.map(({ id }) => gaugeU95Mm(id));
    expect(bands).toEqual([0.5, 0.5, 0.5, 0.3, 0.2, 0.2, 0.1, undefined, undefined]);
    const read = { value: 1, gauge: 'pin', u95: 0.05 } as const;
    expect(itemOf({ ...FILLET, items: { undercut: read } }, 'undercut')?.u95).toBe(0.05);
  });

  it('25 mm are short and no more, of a weld of 100 mm and longer', () => {
    // ISO 5817, recalled: on 3 mm at C a short undercut of 0.1 t
    const at = (lengthMm: number, weldMm: number) =>
      itemOf(
        {
          ...FILLET,
          thicknessMm: 3,
          weldMm,
          items: { undercut: { value: 0.3, gauge: 'own', u95: 0, lengthMm } },
        },
        'undercut',
      )?.verdict;
    expect([at(25, 200), at(25.1, 200), at(25, 100), at(25, 99)]).toEqual(['pass', 'fail', 'pass', 'fail']);
  });

  it('a throat too thick is held against 1 mm and a fifth at C, and permitted at D', () => {
    const thick = (throat: number, level: 'C' | 'D') =>
      itemOf({ ...FILLET, level, nominalMm: 5, nominalIs: 'throat', throat: exact(throat) }, 'thick-throat');
    // ISO 5817, recalled: 1 + 0.2 × 5 = 2 mm over
    expect(thick(7, 'C')).toMatchObject({ verdict: 'pass', limit: 2 });
    expect(thick(7.01, 'C')?.verdict).toBe('fail');
    expect(thick(12, 'D')).toMatchObject({ verdict: 'pass', why: 'permitted' });
    // one leg of which the band is not known leaves all that follows from it open
    const unknown = {
      ...FILLET,
      nominalMm: 5,
      nominalIs: 'throat',
      firstLeg: exact(9),
      secondLeg: { value: 9, gauge: 'own' },
    } as const;
    expect(itemOf(unknown, 'thin-throat')).toMatchObject({ verdict: 'not-decided', why: 'band-asked' });
    expect(itemOf(unknown, 'asymmetry')).toMatchObject({ why: 'band-asked' });
  });

  it('offers the standard of its metal', () => {
    expect([offeredStandard(false), offeredStandard(true)]).toEqual(['5817', '10042']);
  });

  it('every item stands in the table of ISO 5817', () => {
    const butt = (joint: 'butt' | 'fillet', id: string) =>
      itemOf(
        {
          ...FILLET,
          joint,
          nominalMm: 4,
          nominalIs: 'throat',
          widthMm: 10,
          items: { [id]: { value: 0, gauge: 'pin' } },
        },
        id,
      );
    for (const item of INSPECTION_ITEMS) {
      expect(butt(item.joint === 'fillet' ? 'fillet' : 'butt', item.id)?.why).not.toBe('no-row');
    }
  });
});

describe('an inspection by D1.1, statically loaded', () => {
  const d11: Inspection = { ...FILLET, standard: 'D1.1', level: 'S', thicknessMm: 10, weldMm: 300 };
  const undercut = (over: { lengthMm?: number; value?: number }, thicknessMm = 10) =>
    itemOf(
      { ...d11, thicknessMm, items: { undercut: { value: 1.5, gauge: 'own', u95: 0, ...over } } },
      'undercut',
    );

  it('undercut of 1.5 mm on 10: 40 mm of it passes, 60 not, without a length it asks; on 30 mm it passes', () => {
    expect(undercut({ lengthMm: 40 })?.verdict).toBe('pass');
    expect(undercut({ lengthMm: 60 })?.verdict).toBe('fail');
    expect(undercut({})).toMatchObject({ verdict: 'not-decided', why: 'length-asked' });
    expect(undercut({ value: 2.5 })).toMatchObject({ verdict: 'fail' });
    expect(undercut({}, 30)?.verdict).toBe('pass');
  });

  it('a z6 with a leg of 4 asks for the length, and fails where a leg of z5 is 2.8', () => {
    const under = (nominalMm: number, leg: number, underSizeMm?: number) =>
      itemOf(
        {
          ...d11,
          nominalMm,
          nominalIs: 'leg',
          firstLeg: exact(leg),
          secondLeg: exact(nominalMm),
          underSizeMm,
        },
        'undersize',
      );
    // 8 and 12 % of 300 mm
    expect(under(6, 4, 24)?.verdict).toBe('pass');
    expect(under(6, 4, 36)?.verdict).toBe('fail');
    expect(under(6, 4)).toMatchObject({ verdict: 'not-decided', why: 'length-asked' });
    expect(under(5, 2.8)?.verdict).toBe('fail');
    expect(under(5, 5)?.verdict).toBe('pass');
  });

  it('pores are summed over 25 and over 300 mm, and the larger stretch is asked for', () => {
    const pores = (value: number, lengthMm?: number, joint: 'fillet' | 'butt' = 'fillet') =>
      itemOf({ ...d11, joint, items: { pore: { value, gauge: 'own', u95: 0, lengthMm } } }, 'pore');
    expect(pores(8.5, 10.5)?.verdict).toBe('pass');
    expect(pores(8.5, 20.5)?.verdict).toBe('fail');
    expect(pores(10.5, 12)?.verdict).toBe('fail');
    expect(pores(8.5)).toMatchObject({ verdict: 'not-decided', why: 'length-asked' });
    expect(pores(0)?.verdict).toBe('pass');
    expect(pores(2, 2, 'butt')?.verdict).toBe('fail');
  });

  it('a better gauge never turns a pass into a fail, nor a fail into a pass', () => {
    const sizes = fc.double({ min: 0, max: 3, noNaN: true });
    const band = fc.double({ min: 0, max: 1, noNaN: true });
    fc.assert(
      fc.property(sizes, band, band, fc.constantFrom('5817', 'D1.1'), (value, one, two, standard) => {
        const level = standard === 'D1.1' ? 'S' : 'C';
        const verdict = (u95: number) =>
          itemOf(
            {
              ...d11,
              standard,
              level,
              items: { undercut: { value, gauge: 'own', u95, lengthMm: 20 } },
            } as Inspection,
            'undercut',
          )?.verdict;
        const [fine, coarse] = [verdict(Math.min(one, two)), verdict(Math.max(one, two))];
        if (coarse !== 'not-decided') expect(fine).toBe(coarse);
      }),
    );
  });
});
