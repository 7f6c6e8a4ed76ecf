import { METRIC, US } from '@hot-bead/core/base';
import { type Machine, machineDials } from '@hot-bead/core/machine';
import { lidChart, type LidChartInput } from '@hot-bead/core/terms';
import { machineLearning, type ProvenSetting } from '@hot-bead/core/window';
import Papa from 'papaparse';
import { cellText, chartCsv, fitNotes, whyText } from './chart-text.ts';

const MACHINE: Machine = {
  name: 'Shown, "quoted"',
  loadedWireClass: 'ER70S-6',
  loadedWireDiameterMm: 0.8,
  loadedGas: 'ar-co2-18',
  wireControl: { kind: 'units' },
  voltsControl: { kind: 'displayed' },
};
const WIRES = [{ wireClass: 'ER70S-6', diameterMm: 0.8 }] as const;

function chart(over: Partial<Machine> = {}, input: Partial<LidChartInput> = {}) {
  const machine = { ...MACHINE, ...over };
  const dials = machineDials(machine, []);
  return lidChart({ machine, dials, joint: 'butt', position: 'flat', columns: WIRES, ...input });
}
function textAt(thicknessMm: number, over: Partial<Machine> = {}, input: Partial<LidChartInput> = {}) {
  const cell = chart(over, input).find((row) => row.thicknessMm === thicknessMm)?.cells[0];
  return cell && cellText(cell, { ...MACHINE, ...over }, METRIC);
}

describe('a lid chart as text', () => {
  it('stands in units where the machine shows them', () => {
    expect(textAt(3)?.wire).toMatch(/^\d\.\d m\/min$/);
    expect(textAt(3)?.volts).toMatch(/^\d\d\.\d V$/);
    expect(textAt(3)?.more).toBe('short-circuit');
  });

  it('stands in what the display must show, in taps, in letters, or in entry and trim', () => {
    const meter = [{ shownV: 19, meterV: 18 }];
    expect(textAt(3, { voltsControl: { kind: 'displayed', meter } })?.volts).toMatch(/^show \d\d\.\d V$/);
    const positions = [
      { name: 'A', openV: 18 },
      { name: 'B', openV: 21 },
    ];
    const tapped = textAt(3, { kind: 'transformer', voltsControl: { kind: 'positions', positions } });
    expect(tapped?.volts).toMatch(/^tap [AB]/);
    const wireControl = { kind: 'letters', names: ['L', 'H'] } as const;
    const reading = (knob: number, lengthMm: number) => ({ knob, run: { lengthMm, timeS: 6 } });
    const dials = machineDials({}, [reading(0, 400), reading(1, 900)]);
    expect(textAt(3, { wireControl }, { dials })?.wire).toMatch(/^letter [LH]/);
    const points = [
      { entry: 1, wireFeedSpeedMPerMin: 3, volts: 16 },
      { entry: 6, wireFeedSpeedMPerMin: 14, volts: 22 },
    ];
    const entry = textAt(3, {
      wireControl: { kind: 'entry' },
      voltsControl: { kind: 'entry' },
      oneEntry: { unit: 'mm', lines: [{ ...WIRES[0], gas: 'ar-co2-18', points }] },
    });
    expect(entry?.wire).toMatch(/^enter \d\.\d mm$/);
    expect(entry?.volts).toMatch(/^trim/);
  });

  it('says where the wire was fitted to a tap, and where the nearest is still far, and explains only those', () => {
    const tapped = (...openV: readonly number[]): Partial<Machine> => ({
      kind: 'transformer',
      voltsControl: {
        kind: 'positions',
        positions: openV.map((v, i) => ({ name: String(i + 1), openV: v })),
      },
    });
    const rows = chart(tapped(17.5, 19, 22.5, 26));
    const mores = rows.map(({ cells: [cell] }) => cell && cellText(cell, MACHINE, METRIC)?.more);
    expect(mores).toContain('short-circuit, fitted');
    expect(fitNotes(rows).join()).toContain('fitted: wire speed moved');
    const far = chart(tapped(40));
    expect(textAt(3, tapped(40))?.volts).toBe('tap 1 (far)');
    expect(fitNotes(far)).toEqual([
      expect.stringMatching(/^\(far\): the nearest there is, yet over 1 V or 15 % off/),
    ]);
    expect(fitNotes(chart())).toEqual([]);
  });

  it('says why a cell is out of reach in the user’s units', () => {
    const dials = machineDials({}, [
      { knob: 0, run: { lengthMm: 300, timeS: 6 } },
      { knob: 10, run: { lengthMm: 400, timeS: 6 } },
    ]);
    const rows = chart({ wireControl: { kind: 'knob', min: 0, max: 10 } }, { dials });
    const cell = rows.find((row) => row.thicknessMm === 3)?.cells[0];
    if (cell?.status !== 'out-of-reach') throw new Error('within reach');
    expect(whyText(cell, METRIC)).toContain('the fastest reading is 4.0 m/min at 10; take a thicker wire');
    expect(whyText(cell, US)).toContain('157 in/min');
  });

  it('is CSV that a spreadsheet reads back, a line each thickness, saying what each cell rests on', () => {
    const proven: ProvenSetting = {
      wire: WIRES[0],
      gas: 'ar-co2-18',
      mode: 'short-circuit',
      wireFeedSpeedMPerMin: 5,
      volts: 17,
      thicknessMm: 2,
      otherThicknessMm: undefined,
      joint: 'butt',
      position: 'flat',
      offsetV: -0.5,
      toldOffsetV: -0.5,
      toldVarianceV2: 0.09,
    };
    const rows = chart({}, { learning: machineLearning([proven]) });
    const { data, errors } = Papa.parse<string[]>(chartCsv(rows, WIRES, MACHINE, METRIC));
    expect(errors).toEqual([]);
    expect(data).toHaveLength(rows.length + 1);
    expect(data[0]?.slice(0, 3)).toEqual(['thickness mm', '0.8 mm ER70S-6 wire', '0.8 mm ER70S-6 volts']);
    expect(data.every((line) => line.length === 5)).toBe(true);
    expect(data.find((line) => line[0] === '2')).toEqual([
      '2',
      '5.0 m/min',
      '17.0 V',
      'short-circuit',
      'proven',
    ]);
    expect(data.find((line) => line[0] === '1.5')?.[4]).toBe('learned');
  });
});
