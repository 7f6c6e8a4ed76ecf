import { effectiveWork, parseLine } from './parse.ts';
import { columnAt, linesOfTable, readPastedList } from './pasted-list.ts';

const read = (line: string) => effectiveWork(parseLine(line, { unit: 'mm', machineNames: [] }));

// Source: our own cases, as lists are copied out of drawings, spreadsheets and messages.
describe('a pasted list', () => {
  it('is one job a line, without marks and blank lines', () => {
    expect(readPastedList('1. 3mm lap 0.8\n\n2) 6mm tee 1.0\r\n- 8 mm butt PA\n• 2 mm corner')).toEqual({
      lines: ['3mm lap 0.8', '6mm tee 1.0', '8 mm butt PA', '2 mm corner'],
      columns: [],
    });
  });

  it('from a spreadsheet takes each column for what its heading says', () => {
    const list = readPastedList(
      'Material\tThk (mm)\tJoint\tPos.\tWire\tQty\tNotes\nS355\t15\tfillet\tPB\t1.2\t4\tbay 2\n304\t3\tlap\t\t0.8\t1\t',
    );
    expect(list.columns.map(({ as }) => as)).toEqual([
      'material',
      'thickness',
      'joint',
      'position',
      'wire',
      'number',
      undefined,
    ]);
    expect(list.lines).toEqual([
      'S355 15 mm thick fillet PB 1.2 mm wire 4 off bay 2',
      '304 3 mm thick lap 0.8 mm wire',
    ]);
    expect(list.lines.map(read)).toMatchObject([
      { thicknessMm: 15, alloy: 'S355', position: 'horizontal', wireDiameterMm: 1.2, numberOff: 4 },
      { thicknessMm: 3, alloy: '304', joint: 'lap', wireDiameterMm: 0.8 },
    ]);
  });

  it('of lines with their own keys is read line by line', () => {
    const { lines, columns } = readPastedList(
      'Material: S355 | Thk: 15 | Joint: T\nMaterial: 304 | Thk: 3 | Joint: lap',
    );
    expect(columns).toEqual([]);
    expect(lines.map(read)).toMatchObject([
      { thicknessMm: 15, alloy: 'S355', joint: 'tee' },
      { thicknessMm: 3, alloy: '304', joint: 'lap' },
    ]);
  });

  it('keeps a cell that has its own unit, and a fraction in inches', () => {
    const { lines } = linesOfTable([
      ['thk', 't2', 'leg', 'length'],
      ['1/4', '3/8 in', '5', '2 m'],
    ]);
    expect(lines).toEqual(['1/4 thick to 3/8 in 5 mm leg 2 m']);
    expect(read(lines[0] ?? '')).toMatchObject({ thicknessMm: 6.35, legMm: 5, seamMm: 2000 });
    expect(columnAt(['a', 'Qty'], 'number')).toBe(1);
    expect(columnAt(['x'], 'number')).toBe(-1);
  });
});
