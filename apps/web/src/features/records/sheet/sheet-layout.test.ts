import { METRIC, US } from '@hot-bead/core/base';
import { SHEET_DISCLAIMER, sheetRunHeadings } from '@hot-bead/core/records';
import { CARDS, type PageSize, standing } from '../../../print/page.ts';
import { cardLayout, PRINTED_RUNS_MOST, sheetLayout } from './sheet-layout.ts';

/** As wide as Helvetica is on the mean. */
const width = (text: string, sizePt: number): number => text.length * sizePt * 0.5;

function textsOf(marks: readonly { readonly kind: string; readonly text?: string }[]): readonly string[] {
  return marks.flatMap(({ text }) => text ?? []);
}

/** Everything that is written stands on the page. */
function expectWithin(marks: ReturnType<typeof cardLayout>, { widthPt, heightPt }: PageSize): void {
  for (const mark of marks) {
    if (mark.kind !== 'text') continue;
    expect(mark.x).toBeGreaterThanOrEqual(0);
    expect(mark.x + width(mark.text, mark.sizePt)).toBeLessThanOrEqual(widthPt + 0.5);
    expect(mark.y).toBeGreaterThan(0);
    expect(mark.y).toBeLessThan(heightPt);
  }
}

const long = 'a word that goes on and on '.repeat(12);
const READER = { units: METRIC };
const RUN = sheetRunHeadings(READER).map((_column, i) => `${i}–${i + 1}`);

describe('a procedure sheet on paper', () => {
  const sheet = {
    sheet: {
      modelVersion: '4',
      title: long,
      numbers: [
        ['Wire speed', '7.6 m/min (6.5–8.7)'],
        ['Volts', '18.4 V (17.4–19.4)'],
        ['Gas', '12 L/min (10–15)'],
        ['Tip to work', '10 mm (8–12)'],
      ] as const,
      parts: ['Process', 'Joint', 'Filler', 'Technique'].map((title) => ({
        title,
        lines: [['Name', 'value'] as const, ['Cleaning', long] as const],
      })),
      runs: Array.from({ length: 30 }, () => RUN),
      essentials: {} as never,
    },
    drawing: { viewBox: '0 0 300 170', parts: ['M0 0L300 0L300 170Z'], beads: ['M10 10L20 10L20 20Z'] },
    number: 'Revision 2',
    date: '2 Mar 2026',
    by: 'ea',
    reader: READER,
  };

  it.each(['A4', 'Letter'] as const)(
    '%s holds the four numbers and says that it is not qualified',
    (paper) => {
      const size = standing(paper);
      const marks = sheetLayout(sheet, size, width);
      const texts = textsOf(marks);
      for (const figure of ['7.6 m/min', '18.4 V', '12 L/min', '10 mm']) expect(texts).toContain(figure);
      expect(texts[0]).toContain('not qualified');
      expect(texts.join(' ')).toContain(SHEET_DISCLAIMER);
      expect(marks.filter(({ kind }) => kind === 'path')).toHaveLength(2);
      expectWithin(marks, size);
    },
  );

  it('reads a kept one in the units of who prints it, ranges and headings too', () => {
    const texts = textsOf(sheetLayout({ ...sheet, reader: { units: US } }, standing('A4'), width));
    for (const figure of ['299 in/min', '25 ft³/h', '25/64 in']) expect(texts).toContain(figure);
    expect(texts).toContain('Wire speed (256–343 in/min)');
    expect(texts).toEqual(expect.arrayContaining(['Wire in', 'WFS in/min', 'Travel in/min', 'Q kJ/in']));
    expect(texts.filter((text) => /\b(mm|m\/min|L\/min)\b/.test(text))).toEqual([]);
  });

  it('says how many runs there are besides those it has room for', () => {
    expect(textsOf(sheetLayout(sheet, standing('A4'), width))).toContain(
      `and ${30 - PRINTED_RUNS_MOST} more runs as the last of these`,
    );
  });
});

describe('a setup card on paper', () => {
  const card = {
    title: long,
    machine: 'Marigold',
    numbers: [
      ['Wire speed', '7.6 m/min', 'show 7.6'],
      ['Volts', '18.4 V', 'tap 3'],
      ['Gas', '12 L/min', '10 to 15 L/min'],
      ['Tip to work', '10 mm', '8 to 12 mm'],
    ] as const,
    path: Array.from({ length: 12 }, (_, i) => [`Part ${i}`, long] as const),
    cautions: Array.from({ length: 9 }, () => long),
  };

  it.each(Object.entries(CARDS))(
    '%s holds them largest, and lets nothing run over its edge',
    (_paper, size) => {
      const marks = cardLayout(card, size, width);
      const figures = marks.filter(
        (mark) => mark.kind === 'text' && /^(7\.6 m|18\.4|12 L|10 mm)/.test(mark.text),
      );
      expect(figures).toHaveLength(4);
      const others = marks.filter((mark) => !figures.includes(mark));
      const sizeOf = (mark: (typeof marks)[number]): number => (mark.kind === 'text' ? mark.sizePt : 0);
      expect(Math.min(...figures.map(sizeOf))).toBeGreaterThan(2 * Math.max(...others.map(sizeOf)));
      expectWithin(marks, size);
      expect(textsOf(marks)).toContain('A start point, not a qualified procedure. Try it on scrap.');
    },
  );
});
