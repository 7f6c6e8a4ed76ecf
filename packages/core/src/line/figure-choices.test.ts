import { inMetric } from '../base/words/in-words.ts';
import { effectiveWork, parseLine } from './parse.ts';
import type { LineFigure, LineReading } from './line-reading.ts';

function read(line: string): LineReading {
  return parseLine(line, { unit: 'mm', machineNames: [] });
}

function figures(
  line: string,
): readonly (readonly [text: string, role: LineFigure['role'], word: string | undefined])[] {
  return read(line).fragments.flatMap(({ text, figure }) =>
    figure ? [[text, figure.role, figure.word?.text] as const] : [],
  );
}

// Source: our own cases, of the handbook's page on the reader.
describe('what a figure was taken for', () => {
  it('is shown for each, with the word that it goes with', () => {
    expect(figures('3/4 ton truck frame 3/16 lap .035 wire')).toEqual([
      ['3/4 ton', 'no part in the numbers', undefined],
      ['3/16', 'thickness', undefined],
      ['.035', 'wire', 'wire'],
    ]);
    expect(figures('6mm cleat to 10mm beam flange, 6 CFW, 4 off')).toEqual([
      ['6mm', 'thickness', 'cleat'],
      ['10mm', 'thickness', 'flange'],
      ['6 CFW', 'leg', undefined],
      ['4 off', 'number off', undefined],
    ]);
  });

  it('can be changed: each line that is offered reads as what it offers', () => {
    const { fragments } = read('6 mm plate 5 mm bracket tee 1.0');
    for (const { figure } of fragments) {
      for (const { label, line } of figure?.others ?? []) {
        const again = read(line).fragments.map((fragment) => fragment.figure?.role);
        if (label === 'leg') expect(effectiveWork(read(line)).legMm).toBeGreaterThan(0);
        if (label === 'thickness') expect(again).toContain('thickness');
        if (inMetric(label).endsWith('wire'))
          expect(effectiveWork(read(line)).wireDiameterMm).toBeGreaterThan(0);
      }
    }
    expect(fragments.flatMap(({ figure }) => figure?.others ?? []).length).toBeGreaterThan(5);
  });

  it('is in doubt where two readings are nearly as good, and is asked', () => {
    const { fragments, questions } = read('1.2mm 0.8mm lap');
    expect(fragments.filter(({ figure }) => figure?.role === 'in doubt')).toHaveLength(2);
    expect(questions).toHaveLength(2);
  });
});

describe('two welds in a line', () => {
  it('are told as two lines with what is said of both', () => {
    const { welds, work, questions } = read('3mm lap flat; 6mm tee PB; 1.0 M21');
    expect(welds).toEqual(['3mm lap flat, 1.0 M21', '6mm tee PB, 1.0 M21']);
    expect(work).toMatchObject({ wireDiameterMm: 1 });
    expect(work.thicknessMm).toBeUndefined();
    expect(questions[0]?.choices.map(({ line }) => line)).toEqual(welds);
  });

  it('are not made of one weld of two parts', () => {
    expect(read('3mm plate to 6mm plate, tee, 1.0').welds).toBeUndefined();
    expect(read('tack then weld 3mm lap 0.8').welds).toBeUndefined();
  });
});

describe('a line that is too long', () => {
  it('says so and reads nothing', () => {
    const reading = read('3mm lap '.repeat(60));
    expect(reading.work).toEqual({});
    expect(reading.fragments).toMatchObject([{ code: 'line-too-long', status: 'not-understood' }]);
  });
});

// Source: the audit of what was seen wrong: units of a second figure, gases by their numbers, words that stopped the program.
describe('units and gases of a second figure', () => {
  it.each([
    ['3mm lap stitch 2 in gap 6 in', { stitchMm: 50.8, pitchMm: 203.2 }],
    ['3mm lap 25mm stitch 50mm gap', { stitchMm: 25, pitchMm: 75 }],
    ['1/4 plate 2-6 intermittent fillet', { stitchMm: 50.8, pitchMm: 152.4 }],
    ['process 135 8mm tee', { way: 'solid-gas', thicknessMm: 8 }],
  ])('%s', (line, expected) => expect(effectiveWork(read(line))).toMatchObject(expected));

  it('a ratio on aluminium that no table has is asked, and never becomes CO₂', () => {
    const reading = read('6mm 5083 butt 67/33');
    expect(effectiveWork(reading).gas).toBeUndefined();
    expect(reading.questions.map(({ message }) => message)).toContain(
      '67/33 on aluminium: argon with helium?',
    );
    expect(effectiveWork(read('6mm 5083 butt 75/25')).gas).toBe('ar-he-25');
    expect(effectiveWork(read('6mm 5083 butt 25/75')).gas).toBe('ar-he-25');
  });
});
