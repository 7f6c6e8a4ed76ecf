import { METRIC } from '@hot-bead/core/base';
import type { ChangeoverStep, Gate } from '@hot-bead/core/changeover';
import { PDFDocument } from 'pdf-lib';
import { CARDS } from '../../print/page.ts';
import { cardLayout, changeoverPdf } from './changeover-pdf.ts';
import { gatesInFront } from './gate-spans.ts';

function step(id: string, gate: Gate, after: Readonly<Record<string, string>> = {}): ChangeoverStep {
  return {
    row: {
      id: id as ChangeoverStep['row']['id'],
      gate,
      station: 'safe',
      verb: `Do ${id}`,
      when: () => true,
      effect: {},
      minutes: 1,
      how: '',
    },
    ready: true,
    after,
  };
}

const READER = { units: METRIC };
const OFF = { power: 'off' };
const STEPS = [
  step('power-off', 'none', OFF),
  step('rolls', 'power-off', OFF),
  step('bottle', 'none', OFF),
  step('leads', 'power-off', OFF),
  step('power-on', 'none', { power: 'on' }),
  step('again', 'power-off', OFF),
  step('bead', 'face-shield', OFF),
];

it('a gate stands once in front of each span in which what it confirms holds', () => {
  expect(gatesInFront(STEPS)).toEqual([
    undefined,
    'power-off',
    undefined,
    undefined,
    undefined,
    'power-off',
    'face-shield',
  ]);
});

it.each(['A6', 'half Letter'] as const)(
  'a card of %s holds every step and gate within its edges',
  (paper) => {
    const many = Array.from({ length: 45 }, (_, i) => step(`step ${i}`, 'none'));
    const width = (text: string, sizePt: number): number => text.length * sizePt * 0.5;
    const marks = cardLayout(
      { title: 'T'.repeat(200), minutes: '41.5', steps: [...STEPS, ...many], reader: READER },
      paper,
      width,
    );
    const texts = marks.filter((mark) => mark.kind === 'text');
    for (const { verb } of [...STEPS, ...many].map(({ row }) => row)) {
      expect(texts.some(({ text }) => text === verb)).toBe(true);
    }
    expect(texts.filter(({ text }) => text.startsWith('Mains off'))).toHaveLength(2);
    const { widthPt, heightPt } = CARDS[paper];
    for (const mark of marks) {
      expect(mark.y).toBeGreaterThan(5);
      expect(mark.y).toBeLessThan(heightPt);
      if (mark.kind === 'text') expect(mark.x + width(mark.text, mark.sizePt)).toBeLessThanOrEqual(widthPt);
    }
  },
);

it('a card is a PDF of one page of that paper', async () => {
  const bytes = await changeoverPdf(
    { title: 'Tom: 3 mm tee', minutes: '11 to 15', steps: STEPS, reader: READER },
    'A6',
  );
  const document = await PDFDocument.load(bytes);
  expect(document.getPageCount()).toBe(1);
  expect(document.getPage(0).getSize()).toEqual({ width: 297.64, height: 419.53 });
});
