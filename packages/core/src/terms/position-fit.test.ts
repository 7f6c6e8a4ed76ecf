import type { BeadSetting } from '../window/bead-setting.ts';
import type { Work } from '../trade/material/work.ts';
import { planSetup } from '../plan/setup/plan-setup.ts';
import type { PlannedSetup } from '../plan/setup/setup.ts';
import { windowAt } from '../plan/setup/window-curve.ts';
import { positionVolts } from '../machine/volts/position-volts.ts';
import type { Machine } from '../machine/machine.ts';
import { positionFit } from './position-fit.ts';

const WORK: Work = {
  metal: 'carbon-steel',
  thicknessMm: 2,
  joint: 'lap',
  position: 'flat',
  surface: 'clean',
  place: 'indoors',
  windy: false,
};
const BARE: Machine = {
  name: 'Tom',
  kind: 'transformer',
  loadedWireClass: 'ER70S-6',
  loadedWireDiameterMm: 0.8,
  loadedGas: 'ar-co2-18',
};

function planned(): PlannedSetup {
  const setup = planSetup(WORK, { machine: BARE });
  if (setup.status !== 'planned') throw new Error(setup.code);
  return setup;
}
const PLAN = planned();
const START: BeadSetting = {
  wireFeedSpeedMPerMin: PLAN.wireFeedSpeedMPerMin.start,
  volts: PLAN.volts.start,
};

/** A machine whose taps give so many volts more or less than wanted at the plan's start. */
function tapped(...offsV: number[]): Machine {
  const droopV = (3 * PLAN.currentA.start) / 100;
  const positions = offsV.map((offV, i) => ({ name: String(i + 1), openV: START.volts + droopV + offV }));
  return { ...BARE, voltsControl: { kind: 'positions', positions } };
}

/** What a tap gives at a wire speed less the middle wanted there. */
function offAt(machine: Machine, name: string, speedMPerMin: number): number {
  const [point] = windowAt(PLAN, [speedMPerMin]);
  const control = machine.voltsControl;
  const position = control?.kind === 'positions' && control.positions.find((p) => p.name === name);
  if (!point || !position) throw new Error('not there');
  const gives = positionVolts(position, 'transformer', point.currentA);
  return (gives?.volts.start ?? NaN) - point.volts.start;
}

describe('a wire speed that suits a tap', () => {
  it('is faster for a tap that gives too much, slower for one that gives too little, and then fits', () => {
    for (const offV of [0.8, -0.8]) {
      const machine = tapped(offV);
      const fit = positionFit(machine, PLAN, START, 0);
      if (!fit) throw new Error('no fit');
      expect(Math.sign(fit.wireFeedSpeedMPerMin - START.wireFeedSpeedMPerMin)).toBe(Math.sign(offV));
      expect(offAt(machine, '1', fit.wireFeedSpeedMPerMin)).toBeCloseTo(0, 2);
      expect(fit.volts - START.volts).toBeGreaterThan(offV > 0 ? 0 : -offV - 2);
    }
  });

  it('stays inside the plan’s own range, whatever the taps', () => {
    const { low, high } = PLAN.wireFeedSpeedMPerMin;
    let count = 0;
    for (let offV = -6; offV <= 6; offV += 0.1) {
      const fit = positionFit(tapped(offV), PLAN, START, 0);
      if (!fit) continue;
      count += 1;
      expect(fit.wireFeedSpeedMPerMin).toBeGreaterThanOrEqual(low);
      expect(fit.wireFeedSpeedMPerMin).toBeLessThanOrEqual(high);
    }
    expect(count).toBeGreaterThan(10);
    expect(positionFit(tapped(6), PLAN, START, 0)).toBeUndefined();
  });

  it('is moved less where the tap may be off by some', () => {
    const machine = tapped(0.9);
    const whole = positionFit(machine, PLAN, START, 0);
    const least = positionFit(machine, PLAN, START, 0.4);
    if (!whole || !least) throw new Error('no fit');
    expect(least.wireFeedSpeedMPerMin).toBeLessThan(whole.wireFeedSpeedMPerMin);
    expect(offAt(machine, '1', least.wireFeedSpeedMPerMin)).toBeCloseTo(0.4, 2);
  });

  it('takes the tap that asks for the least move', () => {
    expect(positionFit(tapped(-1.2, 0.7, 3), PLAN, START, 0)?.position).toBe('2');
    expect(positionFit(tapped(-0.6, 1.2), PLAN, START, 0)?.position).toBe('1');
  });

  it('keeps what the wanted volts lie off the plan’s middle', () => {
    const machine = tapped(-0.5);
    const fit = positionFit(machine, PLAN, { ...START, volts: START.volts - 0.5 }, 0);
    expect(fit?.wireFeedSpeedMPerMin).toBeCloseTo(START.wireFeedSpeedMPerMin, 1);
  });

  it('is none on a machine that shows its volts, nor where no tap is known', () => {
    expect(positionFit({ ...BARE, voltsControl: { kind: 'displayed' } }, PLAN, START, 0)).toBeUndefined();
    const unread: Machine = { ...BARE, voltsControl: { kind: 'positions', positions: [{ name: '1' }] } };
    expect(positionFit(unread, PLAN, START, 0)).toBeUndefined();
  });
});
