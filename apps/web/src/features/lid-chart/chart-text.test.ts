import { lidChart, type Machine } from '@hot-bead/core';
import Papa from 'papaparse';
import { METRIC } from '../../app/units.ts';
import { cellText, chartCsv } from './chart-text.ts';

const MACHINE: Machine = {
  name: 'Shown, "quoted"',
  loadedWireClass: 'ER70S-6',
  loadedWireDiameterMm: 0.8,
  loadedGas: 'ar-co2-18',
  wireControl: { kind: 'units' },
  voltsControl: { kind: 'displayed' },
};
const WIRES = [{ wireClass: 'ER70S-6', diameterMm: 0.8 }] as const;
const ROWS = lidChart({ machine: MACHINE, dial: undefined, joint: 'butt', position: 'flat', wires: WIRES });

describe('a lid chart as text', () => {
  it('stands in units where the machine shows them', () => {
    const row = ROWS.find(({ thicknessMm }) => thicknessMm === 3);
    const text = row?.cells[0] && cellText(row.cells[0], METRIC);
    expect(text?.wire).toMatch(/^\d\.\d m\/min$/);
    expect(text?.volts).toMatch(/^\d\d\.\d V$/);
  });

  it('is CSV that a spreadsheet reads back, a line each thickness', () => {
    const { data, errors } = Papa.parse<string[]>(chartCsv(ROWS, WIRES, METRIC));
    expect(errors).toEqual([]);
    expect(data).toHaveLength(ROWS.length + 1);
    expect(data[0]).toEqual(['thickness mm', '0.8 mm ER70S-6 wire', '0.8 mm ER70S-6 volts']);
    expect(data.every((line) => line.length === 3)).toBe(true);
  });
});
