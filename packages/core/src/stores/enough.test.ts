import { PLAIN_WORK } from '../../test/context.ts';
import type { Work } from '../trade/material/work.ts';
import { planSetup } from '../plan/setup/plan-setup.ts';
import type { PlannedSetup } from '../plan/setup/setup.ts';
import { spoolLeft, type Cylinder, type Spool } from './stock-item.ts';
import { cylindersFor, spoolsFor, willItFinish } from './enough.ts';

function planOf(over: Partial<Work>): PlannedSetup {
  const setup = planSetup(
    { ...PLAIN_WORK, ...over },
    { wireClass: 'ER70S-6', wireDiameterMm: 0.8, gas: 'ar-co2-18' },
  );
  if (setup.status !== 'planned') throw new Error(setup.code);
  return setup;
}
const spool = (leftKg: number, over: Partial<Spool> = {}): Spool => ({
  kind: 'spool',
  wireClass: 'ER70S-6',
  diameterMm: 0.8,
  size: 'D200',
  fullKg: 5,
  tareKg: 0.2,
  leftKg,
  ...over,
});
const bottle = (leftBar: number, over: Partial<Cylinder> = {}): Cylinder => ({
  kind: 'cylinder',
  name: '1',
  gas: 'ar-co2-18',
  waterL: 20,
  fullBar: 200,
  leftBar,
  ...over,
});
const PLAN = planOf({ seamMm: 10_000, numberOff: 10 });

describe('whether wire and gas last for a job', () => {
  it('needs the wire that the travel and the wire speed say, and the gas beside it', () => {
    const verdict = willItFinish(PLAN, { spool: spool(5), cylinder: bottle(200) }, []);
    if (!verdict) throw new Error('no length');
    // definitions: minutes = length ÷ travel; kg = minutes × m/min × kg/m
    const minutes = 100_000 / PLAN.travelMmPerMin.start;
    expect(verdict.arcTimeMin).toBeCloseTo(minutes, 5);
    const kg = (minutes * PLAN.wireFeedSpeedMPerMin.start * 5) / (spoolLeft(spool(5)).m ?? 0);
    expect(verdict.wireKg.needs / kg).toBeCloseTo(1, 6);
    expect(verdict.gasL?.needs).toBeGreaterThan(minutes * PLAN.gasFlowLPerMin.start);
    // ten pieces, one start each, two seconds of gas around each
    expect(verdict.gasL?.needs).toBeCloseTo((minutes + 20 / 60) * PLAN.gasFlowLPerMin.start, 5);
    expect(verdict.tips).toBe(Math.ceil(minutes / 120));
  });

  it('is enough, not enough, or not sure; and not known where nobody weighed anything', () => {
    const needs = willItFinish(PLAN, {}, [])?.wireKg.needs ?? 0;
    const verdict = (leftKg?: number) =>
      willItFinish(PLAN, leftKg === undefined ? {} : { spool: spool(leftKg, { fullKg: 30 }) }, [])?.wireKg
        .verdict;
    expect([verdict(), verdict(needs * 1.3), verdict(needs * 1.05), verdict(needs * 0.8)]).toEqual([
      'not-known',
      'enough',
      'unsure',
      'not-enough',
    ]);
    expect(willItFinish(PLAN, {}, [])?.gasL?.lastsMin).toBeUndefined();
    expect(willItFinish(planOf({}), {}, [])).toBeUndefined();
  });

  it('says which spool and which bottle to open next, the rest first, and the minutes it takes', () => {
    const needs = willItFinish(PLAN, {}, [])?.wireKg.needs ?? 0;
    const rest = spool(0.4);
    const full = spool(4);
    const inUse = spool(needs - 0.5, { fullKg: 30 });
    const stock = [
      full,
      rest,
      spool(0),
      spool(3, { diameterMm: 0.9 }),
      bottle(150, { gas: 'argon' }),
      bottle(120),
    ];
    const verdict = willItFinish(PLAN, { spool: inUse, cylinder: bottle(5) }, [...stock, inUse]);
    expect(verdict?.openNext.slice(0, 2)).toEqual([rest, full]);
    expect(verdict?.openNext).toContainEqual(bottle(120));
    expect(verdict?.changesMin).toBe((verdict?.openNext.length ?? 0) * 6);
    expect(spoolsFor(PLAN, stock)).toEqual([rest, full]);
    expect(cylindersFor(PLAN, stock)).toEqual([bottle(120)]);
  });
});
