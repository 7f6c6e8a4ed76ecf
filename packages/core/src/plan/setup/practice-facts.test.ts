import { inMetric } from '../../base/words/in-words.ts';
import { runLimits } from '../bead/bead-plan.ts';
import { planned } from '../../../test/planned.ts';

// Source: common practice, from memory.
describe('uphill', () => {
  it('3 mm tee, 0.8 solid: 95–110 A at 17–17.5 V, under flat for the same current', () => {
    const up = planned('3 mm tee 0.8 wire Ar+18 vertical up');
    expect(up.currentA.start).toBeGreaterThan(95);
    expect(up.currentA.start).toBeLessThan(110);
    expect(up.volts.start).toBeGreaterThan(16.9);
    expect(up.volts.start).toBeLessThan(17.6);
  });

  it.each([6, 8, 10, 12, 16, 20])('%s mm tee, 1.2 T-1: 170–210 A at 23–25 V, 6–8 m/min', (thicknessMm) => {
    const up = planned(`${thicknessMm} mm tee 71T-1M 1.2 wire Ar+25 vertical up`);
    expect(up.currentA.start).toBeGreaterThan(170);
    expect(up.currentA.start).toBeLessThanOrEqual(210);
    expect(up.volts.start).toBeGreaterThan(23);
    expect(up.volts.start).toBeLessThan(25.2);
    expect(up.wireFeedSpeedMPerMin.start).toBeGreaterThan(6);
    expect(up.wireFeedSpeedMPerMin.start).toBeLessThan(8);
  });
});

// Source: common practice, from memory.
describe('runs', () => {
  it.each([
    ['3 mm tee', 1, 1],
    ['3 mm open root', 1, 1],
    ['8 mm tee', 1, 1],
    ['10 mm tee', 1, 1],
    ['20 mm tee vertical up 71T-1M', 3, 5],
    ['25 mm butt 71T-1M', 12, 18],
    ['25 mm butt spray', 12, 18],
  ])('of %s are %i to %i', (line, least, most) => {
    const { runs, bead } = planned(line);
    expect(runs.length).toBeGreaterThanOrEqual(least);
    expect(runs.length).toBeLessThanOrEqual(most);
    expect(bead.solvedBy).toBe('comfortable');
  });

  it('are told apart by how many lie side by side in a layer', () => {
    const { runs } = planned('12 mm butt spray');
    for (const { role, layer, technique } of runs) {
      if (role !== 'fill' && role !== 'cap') continue;
      const abreast = runs.filter((other) => other.layer === layer).length;
      expect(/Stringers|Side by side/.test(inMetric(technique))).toBe(abreast > 1);
    }
    const wide = planned('20 mm butt spray').runs;
    expect(wide.some(({ technique }) => /Stringers/.test(inMetric(technique)))).toBe(true);
    expect(wide.some(({ technique }) => /in one run/.test(inMetric(technique)))).toBe(true);
  });

  it('in a groove carry about 25 to 40 mm² flat, 25 mm² out of position', () => {
    for (const hand of ['dip', 'spray', 'flux-core', 'pulse', 'aluminium'] as const) {
      expect(runLimits(hand, 'flat').grooveMm2).toBeGreaterThanOrEqual(25);
      expect(runLimits(hand, 'flat').grooveMm2).toBeLessThanOrEqual(40);
      expect(runLimits(hand, 'overhead').grooveMm2).toBe(25);
    }
  });
});

// Source: common practice, from memory.
describe('a lap on sheet', () => {
  it.each([
    ['1 mm lap', 2, 3.2],
    ['1.5 mm lap', 2.5, 3.6],
    ['2 mm lap', 3, 4.5],
    ['3 mm lap', 3.5, 4.5],
  ])('%s has a leg of %s to %s mm at an easy hand', (line, least, most) => {
    const { bead } = planned(line);
    expect(bead.finishedLegMm).toBeGreaterThan(least);
    expect(bead.finishedLegMm).toBeLessThan(most);
    expect(bead.solvedBy).toBe('comfortable');
  });
});
