import { PDFDocument, StandardFonts } from 'pdf-lib';
import { type Paper, PAPERS } from '../../../print/page.ts';
import { writableIn } from '../../../print/page-pdf.ts';
import type { PrintedChart } from './chart-layout.ts';
import { chartPdf } from './chart-pdf.ts';

const CHART: PrintedChart = {
  title: 'Łukasz’s “Old Tom” ″hot″: lap, flat',
  wires: ['0.8 mm ER70S-6', '1.0 mm ER5356'],
  rows: (['proven', 'learned', 'computed'] as const).map((basis) => ({
    thickness: '2 mm',
    cells: [
      { wire: 'knob 6–6½', beneath: 'tap 3', basis, stop: true },
      { wire: undefined, beneath: '', basis: undefined, stop: false },
    ],
  })),
  notes: ['A start point.'],
};

describe('the PDF of a lid chart', () => {
  it.each(Object.keys(PAPERS) as Paper[])(
    'is one page of %s with its title, whatever the name is written in',
    async (paper) => {
      const bytes = await chartPdf(CHART, paper);
      const document = await PDFDocument.load(bytes);
      expect(document.getPageCount()).toBe(1);
      const { width, height } = document.getPage(0).getSize();
      expect([width, height]).toEqual([PAPERS[paper].widthPt, PAPERS[paper].heightPt]);
      expect(document.getTitle()).toBe(CHART.title);
      expect(bytes.length).toBeLessThan(20_000);
    },
  );

  it.each([
    ['Old Tom, “hot” knob 6–6½', 'Old Tom, “hot” knob 6–6½'],
    ['Łódź', 'Lódz'],
    ['Čeněk', 'Cenek'],
    ['Марина', 'Marina'],
    ['鍋', 'Guo'],
    ['\u{10ffff}', '?'],
  ])('writes %s as %s', async (text, written) => {
    const document = await PDFDocument.create();
    const font = await document.embedFont(StandardFonts.Helvetica);
    const writable = await writableIn(font, [text]);
    expect(writable(text)).toBe(written);
    expect(() => font.encodeText(writable(text))).not.toThrow();
  });
});
