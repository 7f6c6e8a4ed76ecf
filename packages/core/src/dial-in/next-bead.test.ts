import { type ArcSound, type BeadFace, beadVerdict, type TestBead } from './bead-report.ts';
import { nextBead } from './next-bead.ts';

const PLAN = {
  volts: { start: 18.5, low: 17.4, high: 19.6 },
  wireFeedSpeedMPerMin: { start: 7.6, low: 6.4, high: 8.7 },
};

function bead(volts: number, face: BeadFace, sound: ArcSound, wireFeedSpeedMPerMin = 7.6): TestBead {
  return { volts, face, sound, wireFeedSpeedMPerMin };
}

describe('the wire-first ladder', () => {
  // Worked example (common practice): 3.2 mm steel, 0.8 wire, 7.6 m/min, 17.5 to 19.5 V → take about 18.7.
  const ladder = [
    bead(17.5, 'ropy', 'stubbing'),
    bead(18.0, 'tall', 'popping'),
    bead(18.5, 'crowned', 'sizzle'),
    bead(19.0, 'flat', 'sizzle'),
    bead(19.5, 'concave', 'crackle'),
  ];

  it('begins 1 V under the middle', () => {
    expect(nextBead(PLAN, [])).toMatchObject({
      kind: 'weld',
      setting: { volts: 17.5, wireFeedSpeedMPerMin: 7.6 },
    });
  });

  it.each([1, 2, 3, 4])('goes half a volt up after bead %i', (count) => {
    const next = nextBead(PLAN, ladder.slice(0, count));
    expect(next).toMatchObject({
      kind: 'weld',
      setting: { volts: 17.5 + count * 0.5, wireFeedSpeedMPerMin: 7.6 },
    });
  });

  it('takes the middle of the good run after the hot one', () => {
    const next = nextBead(PLAN, ladder);
    expect(next.kind).toBe('take');
    expect(next.setting.volts).toBe(18.7);
    expect(next.kind === 'take' && next.window).toEqual([18.25, 19.25]);
  });

  it('asks for a repeat when a colder setting read hotter', () => {
    const next = nextBead(PLAN, [bead(17.5, 'concave', 'crackle'), bead(18, 'tall', 'popping')]);
    expect(next).toMatchObject({ kind: 'repeat', setting: { volts: 17.5 } });
  });

  it('goes down when the first bead is already hot, and looks between cold and hot', () => {
    expect(nextBead(PLAN, [bead(17.5, 'concave', 'hiss')])).toMatchObject({
      kind: 'weld',
      setting: { volts: 17 },
    });
    const between = nextBead(PLAN, [bead(17.5, 'tall', 'popping'), bead(18, 'undercut', 'crackle')]);
    expect(between).toMatchObject({ kind: 'weld', setting: { volts: 17.75 } });
  });

  it('lets a repeated bead replace the first reading at its volts', () => {
    const next = nextBead(PLAN, [
      bead(17.5, 'concave', 'crackle'),
      bead(18, 'tall', 'popping'),
      bead(17.5, 'ropy', 'stubbing'),
    ]);
    expect(next).toMatchObject({ kind: 'weld', setting: { volts: 18.5 } });
  });

  it('starts afresh at a new wire speed', () => {
    const next = nextBead(PLAN, [...ladder, bead(18, 'tall', 'popping', 8.5)]);
    expect(next).toMatchObject({ kind: 'weld', setting: { volts: 18.5, wireFeedSpeedMPerMin: 8.5 } });
  });
});

describe('beadVerdict', () => {
  it.each([
    ['ropy', 'sizzle', 'cold'],
    ['tall', 'sizzle', 'cold'],
    ['crowned', 'sizzle', 'right'],
    ['flat', 'sizzle', 'right'],
    ['crowned', 'stubbing', 'cold'],
    ['crowned', 'hiss', 'hot'],
    ['undercut', 'sizzle', 'hot'],
    ['blown-through', 'stubbing', 'hot'],
  ] as const)('%s and %s is %s', (face, sound, verdict) => {
    expect(beadVerdict({ face, sound })).toBe(verdict);
  });
});
