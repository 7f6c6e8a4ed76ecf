import { machineDials } from '../machine/dial/machine-dials.ts';
import type { TimedReading } from '../machine/dial/timed-run.ts';
import type { Work } from '../trade/material/work.ts';
import { planSetup } from '../plan/setup/plan-setup.ts';
import type { PlannedSetup } from '../plan/setup/setup.ts';
import { windowCurve } from '../plan/setup/window-curve.ts';
import { positionVolts } from '../machine/volts/position-volts.ts';
import type { Machine } from '../machine/machine.ts';
import { machineTerms, planReach, positionLines } from './machine-terms.ts';

const WORK: Work = {
  metal: 'carbon-steel',
  thicknessMm: 2,
  joint: 'lap',
  position: 'flat',
  surface: 'clean',
  place: 'indoors',
  windy: false,
};
const POSITIONS = [17, 19, 22, 26].map((openV, i) => ({ name: String(i + 1), openV }));
const TOM: Machine = {
  name: 'Tom',
  kind: 'transformer',
  loadedWireClass: 'ER70S-6',
  loadedWireDiameterMm: 0.8,
  loadedGas: 'ar-co2-18',
  wireControl: { kind: 'knob', min: 0, max: 10 },
  voltsControl: { kind: 'positions', positions: POSITIONS },
};

function plan(machine: Machine, mode?: 'pulse'): PlannedSetup {
  const setup = planSetup(WORK, { machine, mode, ...(mode ? { way: 'solid-gas' as const } : {}) });
  if (setup.status !== 'planned') throw new Error(setup.code);
  return setup;
}
const reading = (knob: number, speedMPerMin: number, position: string): TimedReading => ({
  knob,
  run: { lengthMm: (speedMPerMin / 0.06) * 10, timeS: 10 },
  position,
});

describe('a plan in the machine’s own terms', () => {
  it('takes the dial of the tap that the volts ask for, where the feeder follows the tap', () => {
    const following: Machine = { ...TOM, feedFollowsPosition: true };
    const wanted = plan(following);
    const steady = machineTerms(TOM, machineDials(TOM, []), wanted);
    const tap = steady.volts.status === 'position' ? steady.volts.choice.position.name : '';
    const other = POSITIONS.find(({ name }) => name !== tap)?.name ?? '';
    const dials = machineDials(following, [
      ...[0, 5, 10].map((knob) => reading(knob, 1 + knob, other)),
      ...[0, 5, 10].map((knob) => reading(knob, 1.5 + 1.5 * knob, tap)),
      { ...reading(5, 9, tap), underArc: true },
    ]);
    const { wire } = machineTerms(following, dials, wanted);
    if (wire.status !== 'knob') throw new Error(wire.status);
    expect(wire.knob.start).toBeCloseTo((wanted.wireFeedSpeedMPerMin.start - 1.5) / 1.5, 1);
    expect(planReach(following, dials, machineTerms(following, dials, wanted))?.[1]).toBeCloseTo(16.5, 1);
  });

  it('gives entry and trim where the machine sets both from one, and never for pulse', () => {
    const wanted = plan(TOM);
    const speed = wanted.wireFeedSpeedMPerMin.start;
    const points = [-2, 0, 2].map((step) => ({
      entry: 3 + step / 2,
      wireFeedSpeedMPerMin: speed + step,
      volts: wanted.volts.start + 0.6,
    }));
    const machine: Machine = {
      ...TOM,
      features: ['pulse'],
      wireControl: { kind: 'entry' },
      voltsControl: { kind: 'entry' },
      oneEntry: {
        unit: 'mm',
        lines: [{ wireClass: 'ER70S-6', diameterMm: 0.8, gas: 'ar-co2-18', points }],
      },
    };
    const { entry, wire, volts } = machineTerms(machine, machineDials(machine, []), wanted);
    expect([wire.status, volts.status]).toEqual(['entry', 'entry']);
    if (entry?.status !== 'set') throw new Error(entry?.status);
    expect(entry.entry).toBeCloseTo(3, 6);
    expect(entry.trimV).toBeCloseTo(-0.6, 9);
    const pulsed = plan({ ...machine, loadedGas: 'ar-co2-8' }, 'pulse');
    expect(machineTerms(machine, machineDials(machine, []), pulsed).entry).toBeUndefined();
  });
});

describe('taps on the window chart', () => {
  it('are a line each, falling as the current rises, at the volts that the tap gives', () => {
    const wanted = plan(TOM);
    const window = windowCurve(wanted);
    const lines = positionLines(TOM, window);
    expect(lines.map(({ name }) => name)).toEqual(['1', '2', '3', '4']);
    for (const [i, { points }] of lines.entries()) {
      expect(points).toHaveLength(window.length);
      expect(points.at(-1)?.volts).toBeLessThan(points[0]?.volts ?? 0);
      const there = positionVolts(POSITIONS[i] ?? { name: '' }, 'transformer', window[5]?.currentA ?? 0);
      expect(points[5]?.volts).toBe(there?.volts.start);
    }
  });

  it('are those of a volts knob at its marks, as far as it was read', () => {
    const places = [2, 6, 10].map((knob) => ({ knob, openV: 16 + knob }));
    const knobbed: Machine = { ...TOM, voltsControl: { kind: 'knob', min: 0, max: 10, places } };
    const window = windowCurve(plan(TOM));
    const lines = positionLines(knobbed, window);
    expect(lines.map(({ name }) => name)).toEqual(['2', '3', '4', '5', '6', '7', '8', '9', '10']);
    const volts = lines.map(({ points }) => points[0]?.volts ?? 0);
    expect(volts).toEqual(volts.toSorted((a, b) => a - b));
    const open = 16 + 6 - (3 * (window[0]?.currentA ?? 0)) / 100; // 3 V for each 100 A, handbook
    expect(lines[4]?.points[0]?.volts).toBeCloseTo(open, 9);
    const unread: Machine = { ...TOM, voltsControl: { kind: 'knob', min: 0, max: 10, places: [] } };
    expect(positionLines(unread, window)).toEqual([]);
  });

  it('are none on a machine that shows its volts, nor from an inverter’s idle volts', () => {
    const window = windowCurve(plan(TOM));
    expect(positionLines({ ...TOM, voltsControl: { kind: 'displayed' } }, window)).toEqual([]);
    expect(positionLines({ ...TOM, kind: 'inverter' }, window)).toEqual([]);
  });
});
