import { outlookAreas } from './outlook-areas.ts';

const speed = { wireFeedSpeedMPerMin: 7 };
/** Chances about a middle, in tenths of a volt. */
const bell = (middle: number) =>
  Array.from({ length: 61 }, (_, i) => {
    const volts = 15 + i / 10;
    return { ...speed, volts, chance: Math.exp(-2 * (volts - middle) ** 2) };
  });

describe('the outlook on the chart', () => {
  it('is one stretch over the volts that may be right, fullest where they are likeliest', () => {
    const [area, ...more] = outlookAreas(bell(18));
    expect(more).toEqual([]);
    expect(area?.along).toBe('volts');
    expect(area?.low.volts).toBeGreaterThan(16.5);
    expect(area?.high.volts).toBeLessThan(19.5);
    const fullest = area?.stops.reduce((a, b) => (b.opacity > a.opacity ? b : a));
    expect(fullest?.at).toBeCloseTo(0.5, 1);
    expect(area?.stops[0]?.at).toBe(0);
    expect(area?.stops.at(-1)?.at).toBe(1);
    expect(outlookAreas(bell(19))[0]?.low.volts).toBeGreaterThan(area?.low.volts ?? 0);
  });

  it('runs along the wire speed where that moves', () => {
    const cells = Array.from({ length: 30 }, (_, i) => ({
      volts: 18,
      wireFeedSpeedMPerMin: 9 - i / 10,
      chance: 0.5,
    }));
    const [area] = outlookAreas(cells);
    expect(area?.along).toBe('wireFeedSpeedMPerMin');
    expect(area?.low.wireFeedSpeedMPerMin).toBeLessThan(area?.high.wireFeedSpeedMPerMin ?? 0);
  });

  it('is a spot at each tap that may be right, and nothing where none may', () => {
    const taps = [16, 18, 20].map((volts, i) => ({ ...speed, volts, chance: [0.05, 0.8, 0.3][i] ?? 0 }));
    expect(outlookAreas(taps).map(({ low, high }) => (low.volts + high.volts) / 2)).toEqual([18, 20]);
    expect(outlookAreas([{ ...speed, volts: 16, chance: 0.1 }])).toEqual([]);
    expect(outlookAreas([])).toEqual([]);
  });
});
