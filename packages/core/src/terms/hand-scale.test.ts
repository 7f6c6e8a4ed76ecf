import { machineDials } from '../machine/dial/machine-dials.ts';
import type { TimedReading } from '../machine/dial/timed-run.ts';
import type { Machine } from '../machine/machine.ts';
import { planSetup } from '../plan/setup/plan-setup.ts';
import type { PlannedSetup } from '../plan/setup/setup.ts';
import type { Work } from '../trade/material/work.ts';
import type { BeadSetting } from '../window/bead-setting.ts';
import { handScales } from './hand-scale.ts';
import { machineTerms } from './machine-terms.ts';

const WORK: Work = {
  metal: 'carbon-steel',
  thicknessMm: 3,
  joint: 'lap',
  position: 'flat',
  surface: 'clean',
  place: 'indoors',
  windy: false,
};
const TOM: Machine = {
  name: 'Tom',
  kind: 'transformer',
  loadedWireClass: 'ER70S-6',
  loadedWireDiameterMm: 0.8,
  loadedGas: 'ar-co2-18',
  wireControl: { kind: 'knob', min: 0, max: 10 },
  voltsControl: {
    kind: 'positions',
    positions: [17, 19, 22, 26].map((openV, i) => ({ name: `${i + 1}`, openV })),
  },
};
/** A dial that gives 1 m/min at nought and one more a mark. */
const READINGS = [0, 2, 4, 6, 8, 10].map((knob): TimedReading => ({
  knob,
  run: { lengthMm: ((1 + knob) / 0.06) * 10, timeS: 10 },
}));

function planOn(machine: Machine): PlannedSetup {
  const setup = planSetup(WORK, { machine });
  if (setup.status !== 'planned') throw new Error(setup.code);
  return setup;
}

function scalesOf(machine: Machine, at?: BeadSetting) {
  const plan = planOn(machine);
  return { plan, scales: handScales(machine, machineDials(machine, READINGS), plan, at) };
}

describe('a machine’s controls moved by hand', () => {
  it('steps a knob mark by mark, and from between two marks to the nearer in that direction', () => {
    const at = (wireFeedSpeedMPerMin: number) =>
      scalesOf(TOM, { wireFeedSpeedMPerMin, volts: 18 }).scales.wire;
    // the dial above: 5.5 m/min stands at 4½
    expect(at(5.5)?.figure).toMatchObject({ control: 'knob', text: '4½' });
    expect(at(5.5)?.next(1)).toBeCloseTo(6, 6);
    expect(at(5.5)?.next(-1)).toBeCloseTo(5, 6);
    expect(at(5.72)?.figure.text).toBe('4.7');
    expect(at(5.72)?.next(1)).toBeCloseTo(6, 6);
    expect(at(5.72)?.next(-1)).toBeCloseTo(5.5, 6);
    expect(at(11)?.next(1)).toBeUndefined();
  });

  it('reads what is typed on the knob’s own scale, never past what was read', () => {
    const { wire } = scalesOf(TOM).scales;
    expect(wire?.typed('6½')).toBeCloseTo(7.5, 6);
    expect(wire?.typed('knob 3')).toBeCloseTo(4, 6);
    expect(wire?.typed('11')).toBeUndefined();
    expect(wire?.typed('fast')).toBeUndefined();
    // a wire speed is no mark: taken for one it would be wrong in silence
    expect(wire?.typed('7.3 m/min')).toBeUndefined();
    expect(wire?.typed('7.3m/min')).toBeUndefined();
    expect(wire?.reads).toBe('0 to 10');
  });

  it('steps taps by what they give, and every step stands on its own tap', () => {
    const mixed: Machine = {
      ...TOM,
      voltsControl: {
        kind: 'positions',
        positions: [
          { name: 'B', openV: 22 },
          { name: 'A', openV: 19 },
          { name: 'C', openV: 26 },
        ],
      },
    };
    const { plan, scales } = scalesOf(mixed);
    const { volts } = scales;
    const order = ['A', 'B', 'C'];
    const i = order.indexOf(volts?.figure.text ?? '');
    for (const direction of [1, -1] as const) {
      const next = volts?.next(direction);
      const wanted = order[i + direction];
      if (next === undefined) {
        expect(wanted).toBeUndefined();
        continue;
      }
      const at = { wireFeedSpeedMPerMin: plan.wireFeedSpeedMPerMin.start, volts: next };
      const moved = handScales(mixed, machineDials(mixed, READINGS), plan, at);
      expect(moved.volts?.figure).toEqual({ control: 'tap', text: wanted });
    }
    expect(volts?.typed('tap c')).toBeGreaterThan(volts?.typed('a') ?? NaN);
    expect(volts?.typed('18.5 V')).toBeUndefined();
    expect(volts?.reads).toBe('B, A, C');
  });

  it('shows on a display that reads high what is to be shown, and steps that', () => {
    const off: Machine = { ...TOM, voltsControl: { kind: 'displayed', meter: [{ shownV: 20, meterV: 19 }] } };
    const { plan, scales } = scalesOf(off);
    const { start } = plan.volts;
    expect(scales.volts?.figure).toMatchObject({ control: 'show', text: (start + 1).toFixed(1) });
    expect(scales.volts?.typed('20')).toBeCloseTo(19, 9);
    expect(scales.volts?.typed('show 20')).toBeCloseTo(19, 9);
    expect(scales.volts?.typed('20 V')).toBeUndefined();
    expect(scales.volts?.next(1)).toBeGreaterThan(start);
  });

  it('enters one figure and a trim where the machine takes both from it', () => {
    const one: Machine = {
      ...TOM,
      wireControl: { kind: 'entry' },
      voltsControl: { kind: 'entry' },
      oneEntry: {
        unit: 'mm',
        lines: [
          {
            wireClass: 'ER70S-6',
            diameterMm: 0.8,
            gas: 'ar-co2-18',
            points: [
              { entry: 1, wireFeedSpeedMPerMin: 4, volts: 16 },
              { entry: 5, wireFeedSpeedMPerMin: 12, volts: 22 },
            ],
          },
        ],
      },
    };
    const at = { wireFeedSpeedMPerMin: 8, volts: 20 };
    const { wire, volts } = scalesOf(one, at).scales;
    expect(wire?.figure).toEqual({ control: 'enter', text: '3.0 mm' });
    expect(wire?.next(1)).toBeCloseTo(8.2, 6);
    expect(wire?.typed('4 mm')).toBeCloseTo(10, 6);
    expect(wire?.typed('6')).toBeUndefined();
    expect(volts?.figure).toEqual({ control: 'trim', text: '+1.0 V' });
    expect(volts?.next(1)).toBeCloseTo(20.1, 6);
    expect(volts?.next(-1)).toBeCloseTo(19.9, 6);
    expect(volts?.typed('-0.5')).toBeCloseTo(18.5, 6);
    expect(volts?.typed('trim +1 V')).toBeCloseTo(20, 6);
    expect(volts?.typed('30')).toBeUndefined();
  });

  it('names letters with the wire speed that each gives', () => {
    const lettered: Machine = {
      ...TOM,
      wireControl: { kind: 'letters', names: ['A', 'B', 'C', 'D', 'E', 'F', 'G', 'H', 'I', 'J', 'K'] },
    };
    const { wire } = scalesOf(lettered, { wireFeedSpeedMPerMin: 5.1, volts: 18 }).scales;
    // every other letter was read: E gives 5 m/min
    expect(wire?.figure).toEqual({ control: 'letter', text: 'E' });
    expect(wire?.next(1)).toBeCloseTo(7, 6);
    expect(wire?.typed('c')).toBeCloseTo(3, 6);
    expect(wire?.typed('B')).toBeUndefined();
  });

  it('has no control of its own where the machine is set in m/min and volts, or nothing was measured', () => {
    const shown: Machine = { ...TOM, wireControl: { kind: 'units' }, voltsControl: { kind: 'displayed' } };
    expect(scalesOf(shown).scales).toEqual({});
    const plan = planOn(TOM);
    expect(handScales(TOM, machineDials(TOM, []), plan).wire).toBeUndefined();
  });

  it('stands where the machine’s terms stand', () => {
    const { plan, scales } = scalesOf(TOM);
    const { wire, volts } = machineTerms(TOM, machineDials(TOM, READINGS), plan);
    if (wire.status !== 'knob' || volts.status !== 'position') throw new Error('not measured');
    expect(scales.wire?.figure).toEqual({ control: 'knob', ...wire.figure });
    expect(scales.volts?.figure.text).toBe(volts.choice.position.name);
  });
});
