import fc from 'fast-check';
import { type Finding, judgeFinding, wholeVerdict } from './judge-finding.ts';
import { isInRange, limitValue, parseLimit, parseRange } from './limit-formula.ts';
import { LIMIT_LINES } from './limit-lines.ts';
import { faceWidthMm } from './measured-throat.ts';
import { type LimitAsked, limitsFor, WELD_LEVELS, WELD_LIMITS } from './weld-limits.ts';

const asked = (over: Partial<Omit<LimitAsked, 'sizes'>>, sizes: LimitAsked['sizes']): LimitAsked => ({
  standard: '5817',
  level: 'C',
  joint: 'butt',
  ...over,
  sizes,
});
const verdictOf = (code: string, size: number, over: Partial<Finding> = {}): Finding => ({
  code,
  size,
  u95: 0,
  ...over,
});
const verdict = (one: Finding, by: LimitAsked, weldMm?: number): string =>
  judgeFinding(one, by, weldMm).verdict;
const LEVELS = ['D', 'C', 'B'] as const;

// source of every figure here: handbook on inspection, its check cases V01 to V09
describe('a finding against ISO 5817', () => {
  it('undercut on 6 mm: half a millimetre passes at C, 0.4 fails at B', () => {
    expect(judgeFinding(verdictOf('501', 0.5), asked({}, { t: 6 }))).toMatchObject({
      verdict: 'pass',
      limit: 0.5,
    });
    const strict = judgeFinding(verdictOf('501', 0.4), asked({ level: 'B' }, { t: 6 }));
    expect(strict.verdict).toBe('fail');
    expect(strict.limit).toBeCloseTo(0.3, 9);
  });

  it('undercut on 3 mm: none at B; at C a short one of 0.1 t, a long one not, one without a length asks', () => {
    const at = (level: 'B' | 'C') => asked({ level }, { t: 3 });
    expect(verdict(verdictOf('501', 0.1), at('B'))).toBe('fail');
    expect(verdict(verdictOf('501', 0.25, { lengthMm: 20 }), at('C'))).toBe('pass');
    expect(judgeFinding(verdictOf('501', 0.25, { lengthMm: 40 }), at('C'))).toMatchObject({
      verdict: 'fail',
      why: 'not-short',
    });
    expect(judgeFinding(verdictOf('501', 0.25), at('C'))).toMatchObject({
      verdict: 'not-decided',
      why: 'length-asked',
    });
    // of a weld shorter than 100 mm a quarter is short
    expect(verdict(verdictOf('501', 0.25, { lengthMm: 12 }), at('C'), 48)).toBe('pass');
    expect(verdict(verdictOf('501', 0.25, { lengthMm: 12.1 }), at('C'), 48)).toBe('fail');
  });

  it('excess weld metal of 3 mm on a cap of 12: passes at D, fails at C and B', () => {
    const limits = LEVELS.map((level) =>
      judgeFinding(verdictOf('502', 3), asked({ level }, { t: 10, b: 12 })),
    );
    expect(limits.map(({ limit }) => limit?.toFixed(3))).toEqual(['4.000', '2.800', '2.200']);
    expect(limits.map((one) => one.verdict)).toEqual(['pass', 'fail', 'fail']);
  });

  it('convexity of 2 mm on legs 6 and 6, by the width of its face', () => {
    const b = faceWidthMm(6, 6);
    const at = (level: 'C' | 'B') =>
      judgeFinding(verdictOf('503', 2), asked({ level, joint: 'fillet' }, { t: 8, b }));
    expect([at('C').limit?.toFixed(3), at('C').verdict]).toEqual(['2.273', 'pass']);
    expect([at('B').limit?.toFixed(3), at('B').verdict]).toEqual(['1.849', 'fail']);
  });

  it('a throat half a millimetre short on a4, asymmetry, misalignment and a gap', () => {
    const fillet = (sizes: LimitAsked['sizes'], level: 'D' | 'C' | 'B' = 'C') =>
      asked({ joint: 'fillet', level }, sizes);
    const thin = (lengthMm: number) =>
      judgeFinding(verdictOf('5213', 0.5, { lengthMm }), fillet({ t: 6, a: 4 }));
    expect(thin(20)).toMatchObject({ verdict: 'pass' });
    expect(thin(20).limit).toBeCloseTo(0.7, 9);
    expect(thin(40).verdict).toBe('fail');
    const legs = judgeFinding(verdictOf('512', 2.9), fillet({ t: 6, a: 6 / Math.SQRT2 }));
    expect([legs.limit?.toFixed(3), legs.verdict]).toEqual(['2.636', 'fail']);
    const offset = (t: number) => judgeFinding(verdictOf('5071', 0.1), asked({}, { t })).limit;
    expect([offset(8)?.toFixed(2), offset(2)?.toFixed(2), offset(40)?.toFixed(2)]).toEqual([
      '1.20',
      '0.50',
      '4.00',
    ]);
    const gap = (level: 'D' | 'C' | 'B') =>
      judgeFinding(verdictOf('617', 0.1), fillet({ t: 6, a: 4 }, level)).limit;
    expect(LEVELS.map((level) => gap(level)?.toFixed(2))).toEqual(['2.20', '1.30', '0.90']);
    expect(judgeFinding(verdictOf('617', 0.1), fillet({ t: 2, a: 1.5 })).limit).toBeCloseTo(0.45, 9);
  });

  it('cracks, lack of fusion and burn-through fail whatever the level, and where no row is', () => {
    for (const code of ['100', '104', '401', '4011', '510']) {
      expect([code, judgeFinding(verdictOf(code, 1), asked({ level: 'D' }, { t: 6 })).why]).toEqual([
        code,
        'never-permitted',
      ]);
    }
    expect(verdict(verdictOf('100', 0), asked({}, { t: 6 }))).toBe('pass');
    expect(verdict(verdictOf('104', 2), asked({ standard: '10042', level: 'D' }, { t: 6 }))).toBe('fail');
  });

  it('a least is a least: a toe of 100 degrees on a butt is too sharp at C, one of 120 is not', () => {
    expect(verdict(verdictOf('505', 100), asked({}, { t: 6 }))).toBe('fail');
    expect(verdict(verdictOf('505', 120), asked({}, { t: 6 }))).toBe('pass');
    expect(verdict(verdictOf('505', 108, { u95: 5 }), asked({}, { t: 6 }))).toBe('not-decided');
  });

  it('a size that is missing is asked, a thickness that no standard speaks of is said', () => {
    expect(judgeFinding(verdictOf('502', 1), asked({}, { t: 6 }))).toMatchObject({
      verdict: 'not-decided',
      why: 'size-asked',
      missing: 'b',
    });
    expect(judgeFinding(verdictOf('501', 0.1), asked({}, { t: 0.4 })).why).toBe('too-thin');
    expect(judgeFinding(verdictOf('999', 0.1), asked({}, { t: 6 })).why).toBe('no-row');
    expect(judgeFinding(verdictOf('602', 1), asked({}, { t: 6 })).why).toBe('by-application');
  });
});

// handbook, check case M05
describe('three verdicts', () => {
  it('a limit of 0.5 within an error of 0.3 decides nothing at 0.4, fails at 0.9 and passes at 0.1', () => {
    const at = (size: number) => verdict(verdictOf('501', size, { u95: 0.3 }), asked({}, { t: 6 }));
    expect([at(0.4), at(0.9), at(0.1)]).toEqual(['not-decided', 'fail', 'pass']);
  });

  it('never pass what fails with a smaller error, nor the other way about', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 3, noNaN: true }),
        fc.double({ min: 0, max: 2, noNaN: true }),
        (size, u95) => {
          const exact = verdict(verdictOf('501', size), asked({}, { t: 6 }));
          const blurred = verdict(verdictOf('501', size, { u95 }), asked({}, { t: 6 }));
          expect([exact, 'not-decided']).toContain(blurred);
        },
      ),
    );
  });

  it('the whole is its worst, and nothing looked at is no verdict', () => {
    expect(wholeVerdict(['pass', 'not-decided', 'pass'])).toBe('not-decided');
    expect(wholeVerdict(['not-decided', 'fail'])).toBe('fail');
    expect(wholeVerdict(['pass'])).toBe('pass');
    expect(wholeVerdict([])).toBeUndefined();
  });
});

describe('the table of limits', () => {
  it('is read whole: every line, every level, every formula, and no stricter level is laxer', () => {
    expect(WELD_LIMITS.length).toBe(
      LIMIT_LINES.reduce((sum, line) => sum + (line.split(',')[4]?.split('|').length ?? 0), 0),
    );
    const sizes = { t: 10, x: 10, a: 5, b: 12, z: 7, w: 10 };
    const ofLevel = (level: (typeof LEVELS)[number], code: string, joint: 'butt' | 'fillet') =>
      limitsFor(code, asked({ level, joint }, sizes))[0];
    const worth = (row: ReturnType<typeof ofLevel>): number => {
      if (!row || row.limit.kind === 'permitted' || row.limit.kind === 'by-application')
        return Number.POSITIVE_INFINITY;
      if (row.limit.kind === 'none') return 0;
      const reckoned = limitValue(row.limit, sizes);
      const value = reckoned.status === 'value' ? reckoned.value : Number.NaN;
      return row.limit.kind === 'least' ? -value : value;
    };
    for (const row of WELD_LIMITS.filter(({ standard, level }) => standard === '5817' && level === 'D')) {
      for (const code of row.codes) {
        const joint = row.joint === 'fillet' ? 'fillet' : 'butt';
        const [d, c, b] = LEVELS.map((level) => worth(ofLevel(level, code, joint)));
        expect([code, (d ?? 0) >= (c ?? 0), (c ?? 0) >= (b ?? 0)]).toEqual([code, true, true]);
      }
    }
    expect(
      WELD_LIMITS.every(({ level, sure }) => WELD_LEVELS.includes(level) && ['H', 'M', 'L'].includes(sure)),
    ).toBe(true);
  });

  it('a limit and a range are read as they are written, and what is none is refused', () => {
    expect(parseLimit('short:0.2+0.1*t', '-')).toMatchObject({
      isShortOnly: true,
      constant: 0.2,
      factors: [[0.1, 't']],
    });
    expect(() => parseLimit('0.2*q', '-')).toThrow(SyntaxError);
    expect(() => parseLimit('much', '-')).toThrow(SyntaxError);
    expect(() => parseRange('t=3')).toThrow(SyntaxError);
    const range = parseRange('t>3&t<=12');
    expect([3, 3.1, 12, 12.1].map((t) => isInRange(range, { t }))).toEqual([false, true, true, false]);
    expect(isInRange(parseRange('z<=5'), { t: 3 })).toBe(false);
  });
});
