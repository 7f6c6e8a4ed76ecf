import { typedLines, weldTable } from './weld-lines.ts';

describe('welds from a text or a table', () => {
  it('are one a line; empty lines say nothing', () => {
    expect(typedLines('3 mm tee\r\n\n  2 mm lap  \n')).toEqual(['3 mm tee', '2 mm lap']);
  });

  it('take length and number from their columns, in any order, with commas or points', () => {
    const csv = 'qty,Weld,length mm\n4,3 mm tee,500\n1,"2 mm lap, flat",\n,,\n2,2 mm butt,"250,5"\n';
    expect(weldTable(csv)).toEqual({
      status: 'read',
      lines: ['4 off 3 mm tee 500 mm seam', '2 mm lap, flat', '2 off 2 mm butt 250.5 mm seam'],
    });
    expect(weldTable('3 mm tee;500 mm seam\n2 mm lap')).toEqual({
      status: 'read',
      lines: ['3 mm tee, 500 mm seam', '2 mm lap'],
    });
  });

  it('are refused at the row that is wrong', () => {
    expect(weldTable('weld,length\n3 mm tee,long')).toEqual({
      status: 'refused',
      reason: 'Row 2: The length is no number: “long”.',
    });
    expect(weldTable('')).toMatchObject({ status: 'refused', reason: 'There is nothing in the file.' });
    expect(weldTable('weld,length\n,5')).toMatchObject({ status: 'refused', reason: 'No row says a weld.' });
    expect(weldTable('weld\n"3 mm tee')).toMatchObject({ status: 'refused' });
  });
});
