import fc from 'fast-check';
import { isHeat, runHeat, runTotals, runTravelMmPerMin, runUse } from './run-figures.ts';
import { recentArcMinutes, runDuty } from './run-duty.ts';
import { nextRunNumber } from './next-run.ts';
import type { WeldedRun } from './weld-run.ts';

const AT = '2026-03-02T10:00:00.000Z';
const RUN: WeldedRun = { weldedAt: AT };
const at = (minutes: number): string => new Date(Date.parse(AT) + minutes * 60_000).toISOString();

describe('a run', () => {
  // standard formula, k 0.8: 150 A, 19.5 V, 400 mm/min
  const heated = { ...RUN, volts: 19.5, amps: 150, lengthMm: 200, arcSeconds: 30 };

  it('has the heat of its means where no trace was read, and says so', () => {
    expect(runTravelMmPerMin(heated)).toBe(400);
    const heat = runHeat(heated);
    if (!isHeat(heat)) throw new Error('no heat');
    expect(heat.by).toBe('means');
    expect(heat.heatInputKJPerMm).toBeCloseTo(0.351, 3);
    expect(heat.arcEnergyKJPerMm).toBeCloseTo(0.43875, 5);
    expect(heat.meansOffShare).toBeUndefined();
  });

  it('has the heat of its trace before that of its means', () => {
    // handbook on inspection, H04: 4100 W in truth, 3335 by the means
    const power = { watts: 4100, meanVolts: 23, meanAmps: 145, seconds: 2, samplesPerSecond: 20_000 };
    const heat = runHeat({ ...heated, power });
    if (!isHeat(heat)) throw new Error('no heat');
    expect(heat.by).toBe('instantaneous');
    expect(heat.heatInputKJPerMm).toBeCloseTo((0.8 * 4100 * 60) / (1000 * 400), 9);
    expect(heat.meansOffShare).toBeCloseTo(-0.187, 3);
  });

  it('says what is missing for it, and nothing is taken for none', () => {
    expect(runHeat({ ...RUN, volts: 20 })).toEqual(['amps', 'lengthMm', 'arcSeconds']);
    expect(runHeat({ ...heated, amps: undefined })).toEqual(['amps']);
    expect(runUse(RUN, { wireClass: 'ER70S-6', trueDiameterMm: 0.889, flowLPerMin: 18 })).toEqual({});
    expect(runTotals([RUN, heated])).toMatchObject({ runs: 2, arcMin: 0.5, weldMm: 200, untimed: 1 });
  });

  it('asks for neither volts nor amps where there is a trace, and travel only where both of its figures are told', () => {
    const power = { watts: 4100, meanVolts: 23, meanAmps: 145, seconds: 2, samplesPerSecond: 20_000 };
    expect(runHeat({ ...RUN, power })).toEqual(['lengthMm', 'arcSeconds']);
    expect(runTravelMmPerMin({ lengthMm: 200 })).toBeUndefined();
    expect(runTravelMmPerMin({ arcSeconds: 30 })).toBeUndefined();
  });

  it('sums what was told, each as often as it stands for', () => {
    const one = { ...heated, wireKg: 0.1, gasL: 5 };
    expect(runTotals([])).toEqual({ runs: 0, arcMin: 0, weldMm: 0, wireKg: 0, gasL: 0, untimed: 0 });
    expect(runTotals([one, { ...one, count: 3, arcSeconds: undefined }])).toEqual({
      runs: 4,
      arcMin: 0.5,
      weldMm: 800,
      wireKg: 0.2,
      gasL: 10,
      untimed: 3,
    });
  });

  // handbook on inspection, worked cost: 0.9 wire (0.889) at 10.8 m/min for 25.12 min is 1.32 kg; 24 starts of 1.3 s there
  it('uses the wire and gas of the worked job', () => {
    const run = { ...RUN, count: 24, wireFeedSpeedMPerMin: 10.8, arcSeconds: (25.12 * 60) / 24 };
    const use = runUse(run, { wireClass: 'ER70S-6', trueDiameterMm: 0.889, flowLPerMin: 18 });
    expect(use.wireKg).toBeCloseTo(1.322, 2);
    // 25.12 min and 24 × 2 s around the starts
    expect(use.gasL).toBeCloseTo(18 * (25.12 + 0.8), 6);
    const dry = runUse(run, { wireClass: 'E71T-11', trueDiameterMm: 0.9, flowLPerMin: 0 });
    expect(dry.gasL).toBeUndefined();
  });
});

describe('runs against the plate', () => {
  // IEC 60974-1, recalled: 200 A at 30 % is 3 min in ten; at 150 A 53 %
  const plate = { ratings: [{ currentA: 200, percent: 30 }], amps: 200 };
  const burn = (end: number, minutes: number): WeldedRun => ({ weldedAt: at(end), arcSeconds: minutes * 60 });

  it('count the arc of the last ten minutes only, also of a run that began before', () => {
    expect(recentArcMinutes([burn(0, 2), burn(-4, 1), burn(-9, 3), burn(-12, 1)], AT)).toBeCloseTo(4, 9);
  });

  it('ask for rest where the next minute would pass the plate, until it does not', () => {
    expect(runDuty([burn(0, 1)], { ...plate, now: AT })).toMatchObject({
      recentMin: 1,
      restMin: 0,
      over: [],
    });
    // 3 min just now: the first of them must be ten minutes old before one more burns
    const full = runDuty([burn(0, 3)], { ...plate, now: AT });
    expect(full?.allowedMin).toBeCloseTo(3, 9);
    expect(full?.restMin).toBe(7);
    expect(runDuty([burn(0, 3)], { ...plate, now: at(7) })?.restMin).toBe(0);
    expect(
      runDuty([burn(0, 9)], { ratings: [{ currentA: 200, percent: 100 }], amps: 200, now: AT })?.restMin,
    ).toBe(0);
    expect(runDuty([], { ratings: [], amps: 200, now: AT })).toBeUndefined();
  });

  it('name the runs that burned on past it, but none that stand for several', () => {
    const runs = [burn(0, 2), burn(3, 2), burn(30, 2), { ...burn(60, 1), count: 40 }];
    const over = runDuty(runs, { ...plate, now: at(60) })?.over;
    expect(over?.map(({ weldedAt }) => weldedAt)).toEqual([at(3)]);
    expect(over?.[0]?.arcMin).toBeCloseTo(4, 9);
  });

  it('a rest is never longer than the ten minutes that are counted, and is enough', () => {
    const run = fc.record({
      end: fc.double({ min: -20, max: 0, noNaN: true }),
      min: fc.double({ min: 0.05, max: 4, noNaN: true }),
    });
    fc.assert(
      fc.property(fc.array(run, { maxLength: 8 }), (list) => {
        // one arc after the other
        let before = -60;
        const runs = list
          .toSorted((a, b) => a.end - b.end)
          .flatMap(({ end, min }) => {
            if (end - min < before) return [];
            before = end;
            return [burn(end, min)];
          });
        const duty = runDuty(runs, { ...plate, now: AT });
        expect(duty?.restMin).toBeLessThanOrEqual(10);
        const after = at((duty?.restMin ?? 0) + 1);
        expect(recentArcMinutes(runs, after) + 1).toBeLessThanOrEqual(3 + 1e-6);
      }),
    );
  });
});

describe('the run that comes next', () => {
  it('is the first that did not come out well, and none once all did', () => {
    const runOf = (run: number, result?: 'ok' | 'redo'): WeldedRun => ({ ...RUN, run, result });
    expect(nextRunNumber(3, [])).toBe(1);
    expect(nextRunNumber(3, [runOf(1), runOf(3, 'ok')])).toBe(2);
    expect(nextRunNumber(3, [runOf(1), runOf(2, 'redo'), runOf(3)])).toBe(2);
    expect(nextRunNumber(3, [runOf(1), runOf(2, 'redo'), runOf(2), runOf(3)])).toBeUndefined();
    // runs that were told without a number say nothing of the list
    expect(nextRunNumber(2, [RUN, RUN])).toBe(1);
  });
});
