import { type Paper, PAPERS } from '../../../print/page.ts';
import { chartLayout, type PrintedChart } from './chart-layout.ts';

const width = (text: string, sizePt: number): number => text.length * sizePt * 0.55;

function chart(rows: number, wires: number, wire = 'knob 6–6½'): PrintedChart {
  return {
    title: 'Old Tom: lap, flat, clean',
    wires: Array.from({ length: wires }, (_, i) => `0.${i} mm ER70S-6`),
    rows: Array.from({ length: rows }, (_, r) => ({
      thickness: `${r + 1} mm`,
      cells: Array.from({ length: wires }, (_, i) =>
        i === 1
          ? { wire: undefined, beneath: '', basis: undefined, stop: false }
          : { wire, beneath: 'tap 3, short-circuit', basis: 'computed' as const, stop: r === 0 },
      ),
    })),
    notes: ['A start point, not a qualified procedure.', 'Measured 15 Oct 2026.'],
  };
}

describe('a printed lid chart', () => {
  const shapes = (Object.keys(PAPERS) as Paper[]).flatMap((paper) =>
    [
      [12, 6],
      [12, 1],
      [30, 12],
    ].map(([rows = 0, wires = 0]) => [paper, rows, wires] as const),
  );

  it.each(shapes)('on %s, %d rows by %d wires, stands on the one page', (paper, rows, wires) => {
    const { widthPt, heightPt } = PAPERS[paper];
    const marks = chartLayout(chart(rows, wires), paper, width);
    for (const mark of marks) {
      expect(mark.x).toBeGreaterThanOrEqual(20);
      expect(mark.y).toBeGreaterThanOrEqual(20);
      expect(mark.y).toBeLessThanOrEqual(heightPt - 20);
      const right =
        mark.kind === 'text' ? width(mark.text, mark.sizePt) : mark.kind === 'rule' ? mark.widthPt : 6;
      expect(mark.x + right).toBeLessThanOrEqual(widthPt - 20);
    }
    const texts = marks.flatMap((mark) => (mark.kind === 'text' ? [mark.text] : []));
    expect(texts.filter((text) => text === 'knob 6–6½')).toHaveLength(rows * (wires > 1 ? wires - 1 : 1));
    expect(texts).toContain('A start point, not a qualified procedure.');
    const stops = marks.filter((mark) => mark.kind === 'square');
    expect(stops).toHaveLength((wires > 1 ? wires - 1 : 1) + 1); // the first row’s, and the legend’s
  });

  it('keeps rows apart: nothing of one stands on the rule of another', () => {
    const marks = chartLayout(chart(30, 6), 'Letter', width);
    const rules = marks.flatMap((mark) => (mark.kind === 'rule' ? [mark.y] : []));
    expect(rules).toEqual(rules.toSorted((a, b) => b - a));
    const beneath = marks.find((mark) => mark.kind === 'text' && mark.text.startsWith('tap 3'));
    expect(beneath?.y).toBeGreaterThan(rules[1] ?? 0);
  });

  it('makes a long text smaller before it cuts it', () => {
    const long = 'letter Hottest-of-all (far) and more of it';
    const mark = chartLayout(chart(12, 6, long), 'A4', width).find(
      (m) => m.kind === 'text' && m.text.startsWith('letter Hottest'),
    );
    if (mark?.kind !== 'text') throw new Error('not drawn');
    expect(mark.sizePt).toBeLessThan(9);
    expect(mark.sizePt).toBeGreaterThanOrEqual(5);
  });
});
