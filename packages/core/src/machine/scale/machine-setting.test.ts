import fc from 'fast-check';
import { fromScale, onScale } from './scaled-setting.ts';
import { SETTING_IDS, SETTING_TABLE, settingRow, type SettingValue } from './setting.ts';
import {
  onStep,
  SCALE_UNITS,
  scaleFault,
  scaleMiddle,
  scaleStep,
  type SettingScale,
} from './setting-scale.ts';
import { machineSettingText, scaleText, settingName, settingText, valueText } from './setting-text.ts';

const CONTEXT = { wireFeedSpeedMPerMin: 8, currentA: 120, volts: 20 };
const scale = (
  least: number,
  most: number,
  unit: SettingScale['unit'] = 'mark',
  over = {},
): SettingScale => ({
  least,
  most,
  unit,
  ...over,
});
const span = (start: number, low = start, high = start) => ({ start, low, high });

describe('a scale', () => {
  it('has its middle half-way unless it is told, and a digit for a step', () => {
    expect(scaleMiddle(scale(0, 99))).toBe(49.5);
    expect(scaleMiddle(scale(0, 99, 'mark', { middle: 50 }))).toBe(50);
    expect([scale(0, 99), scale(0, 50), scale(0, 10), scale(-30, 30), scale(0, 0.5)].map(scaleStep)).toEqual([
      1, 1, 0.1, 1, 0.01,
    ]);
    expect(scaleStep(scale(0, 10, 'mark', { step: 0.5 }))).toBe(0.5);
  });

  it('is held to its ends and steps, counted from its least', () => {
    expect(onStep(scale(0, 99), 45.4)).toBe(45);
    expect(onStep(scale(1, 10, 'mark', { step: 2 }), 6.2)).toBe(7);
    expect(onStep(scale(0, 99), 130)).toBe(99);
    expect(onStep(scale(0, 10, 'mark', { step: 3 }), 10)).toBe(9);
    expect(onStep(scale(-30, 30), -41)).toBe(-30);
  });

  it('is refused where it cannot be, at the field that is wrong', () => {
    expect(scaleFault(scale(5, 5))?.field).toBe('most');
    expect(scaleFault(scale(0, 9, 'mark', { middle: 10 }))?.field).toBe('middle');
    expect(scaleFault(scale(0, 9, 'mark', { middle: -1 }))?.field).toBe('middle');
    expect(scaleFault(scale(0, 9, 'mark', { step: 10 }))?.field).toBe('step');
    expect(scaleFault(scale(0, 9, 'mark', { step: 0 }))?.field).toBe('step');
    expect(scaleFault(scale(0, 9, 'mark', { middle: 9, step: 9 }))).toBeUndefined();
  });
});

// Source: the cases the handbook gives, from memory: inductance 50 of 0–99, run-in 60 % or 5 m/min, arc length −5 on −30…+30.
describe('a setting on a machine’s scale', () => {
  const INDUCTANCE: SettingValue = { setting: 'inductance', relative: span(0, -0.2, 0.2) };
  const RUN_IN: SettingValue = { setting: 'run-in', amount: span(50, 30, 60) };
  const ARC: SettingValue = {
    setting: 'arc-length',
    amount: span(-5, -7, -3),
    relative: span(-0.1, -0.14, -0.06),
  };
  const LEVEL: SettingValue = { setting: 'hot-start-level', amount: span(140, 130, 150) };
  const text = (value: SettingValue, of?: SettingScale) => settingText(value, of, CONTEXT);

  it('is given there, and in words where none is known', () => {
    expect(text(INDUCTANCE)).toBe('middle');
    expect(text(INDUCTANCE, scale(0, 99, 'mark', { middle: 50 }))).toBe('50 of 0–99 (40 to 60)');
    expect(text(INDUCTANCE, scale(-10, 10))).toBe('0 of −10 to +10 (−2 to 2)');
    expect(text(RUN_IN)).toBe('50 % (30 to 60 %)');
    expect(text(RUN_IN, scale(10, 100, '%'))).toBe('50 % (30 to 60 %)');
    expect(text(RUN_IN, scale(1, 20, 'm/min'))).toBe('4 m/min (2.4 to 4.8 m/min)');
    expect(text(RUN_IN, scale(50, 800, 'in/min'))).toBe('160 in/min (90 to 190 in/min)');
    expect(text(ARC)).toBe('5 % under the middle (−7 to −3 %)');
    expect(text(ARC, scale(-30, 30))).toBe('−5 of −30 to +30 (−7 to −3); a mark taken for one per cent');
    expect(text(ARC, scale(0, 99, 'mark', { middle: 50 }))).toBe(
      '45 of 0–99 (43 to 47); a mark taken for one per cent',
    );
    expect(text(ARC, scale(0, 10))).toBe('4.5 of 0–10 (4.3 to 4.7)');
    expect(text(ARC, scale(-20, 20, '%'))).toBe('−5 % (−7 to −3 %)');
    expect(text(ARC, scale(-5, 5, 'V'))).toBe('−1 V (−1.4 to −0.6 V)');
    expect(text(LEVEL, scale(10, 300, 'A'))).toBe('168 A (156 to 180 A)');
  });

  it('takes bare marks of a per cent for a share of the scale, and says so; of a current it knows nothing', () => {
    expect(text(RUN_IN, scale(0, 10))).toBe('5 of 0–10 (3 to 6); the whole scale taken for 100 %');
    const pinch: SettingValue = { setting: 'pinch', amount: span(50, 40, 75), relative: span(0, -0.2, 0.5) };
    expect(text(pinch, scale(0, 10))).toBe('5 of 0–10 (4 to 7.5)');
    expect(text(LEVEL, scale(0, 10))).toBe('140 % (130 to 150 %): not known in what it counts (0–10)');
    const flow: SettingValue = { setting: 'post-flow', amount: span(1.3, 0.5, 2) };
    expect(text(flow, scale(0, 10))).toBe('1.3 s (0.5 to 2 s): not known in what it counts (0–10)');
    expect(text(flow, scale(0, 10, 's'))).toBe('1.3 s (0.5 to 2 s)');
  });

  it('says where the scale ends short of it', () => {
    expect(text(LEVEL, scale(50, 125, '%'))).toBe(
      '125 % (125 to 125 %); its most: 140 is wanted'.replace(' (125 to 125 %)', ''),
    );
    expect(onScale(RUN_IN, scale(60, 100, '%'), CONTEXT)).toMatchObject({
      at: { start: 60 },
      short: { end: 'least', wanted: 50 },
    });
    expect(onScale(RUN_IN, scale(50.3, 100, '%', { step: 1 }), CONTEXT)).not.toHaveProperty('short');
  });

  it('says where its steps are too coarse for it', () => {
    const slope: SettingValue = { setting: 'hot-start-slope', amount: span(0.4, 0.3, 0.5) };
    expect(text(slope, scale(0, 5, 's', { step: 1 }))).toBe(
      '0 s (0 to 1 s); its steps are coarse: 0.4 is wanted',
    );
    expect(text(slope, scale(0, 5, 's', { step: 0.5 }))).toBe('0.5 s');
    expect(scaleText(scale(-30, -5))).toBe('−30 to −5');
  });

  it('knows a bare number that machines count alike, but in no unit', () => {
    const step: SettingValue = { setting: 'double-pulse-step', count: span(2, 1, 3) };
    expect(text(step)).toBe('2 (1 to 3)');
    expect(text(step, scale(0, 5))).toBe('2 of 0–5 (1 to 3)');
    expect(onScale(step, scale(0, 5, 'Hz'), CONTEXT).status).toBe('not-comparable');
  });

  it('is off in one word, whatever the scale', () => {
    expect(text({ setting: 'hot-start-level', off: true }, scale(0, 99))).toBe('off');
  });

  it('is called what the machine calls it, with ours beside it', () => {
    expect(settingName('burnback', undefined)).toBe('burnback');
    expect(settingName('burnback', { setting: 'burnback', name: 'Wire end' })).toBe('Wire end (burnback)');
    expect(scaleText(scale(0, 2.5, 's'))).toBe('0–2.5 s');
    const arcFeel = { setting: 'inductance', name: 'Arc feel' } as const;
    expect(machineSettingText(arcFeel)).toBe('“Arc feel”');
    expect(machineSettingText({ ...arcFeel, scale: scale(-30, 30, 'V') })).toBe(
      '“Arc feel”, −30 to +30 V, middle 0, steps of 1',
    );
    expect(valueText({ setting: 'inductance', relative: span(-0.5) })).toBe('under the middle');
    expect(valueText({ setting: 'inductance', relative: span(-0.2) })).toBe('a little under the middle');
  });

  it('on a scale and back is the same within half a step, and always on the scale', () => {
    const scales = fc
      .record({
        least: fc.integer({ min: -200, max: 200 }),
        wide: fc.integer({ min: 1, max: 400 }),
        unit: fc.constantFrom(...SCALE_UNITS),
        middle: fc.double({ min: 0.05, max: 0.95, noNaN: true }),
        own: fc.boolean(),
      })
      .map(({ least, wide, unit, middle, own }) =>
        scale(least, least + wide, unit, own ? { middle: least + middle * wide } : {}),
      );
    const values = fc
      .record({ setting: fc.constantFrom(...SETTING_IDS), at: fc.double({ min: -1, max: 1, noNaN: true }) })
      .map(({ setting, at }): SettingValue => {
        const amount = settingRow(setting).unit && span(40 * at);
        return { setting, ...(amount && { amount }), relative: span(at) };
      });
    fc.assert(
      fc.property(values, scales, (value, of) => {
        const scaled = onScale(value, of, CONTEXT);
        if (scaled.status !== 'on-scale') return;
        const { start } = scaled.at;
        expect(start).toBeGreaterThanOrEqual(of.least - 1e-9);
        expect(start).toBeLessThanOrEqual(of.most + 1e-9);
        if (scaled.short) return;
        const back = fromScale(value, of, CONTEXT, start) ?? NaN;
        const exact = [value.amount?.start, value.relative?.start].filter((v) => v !== undefined);
        // one of the measures that it has, as near as half a step of the scale is in that measure
        const nudged = fromScale(value, of, CONTEXT, start + scaleStep(of)) ?? NaN;
        const other = fromScale(value, of, CONTEXT, start - scaleStep(of)) ?? NaN;
        const step = Math.max(Math.abs(nudged - back), Math.abs(back - other));
        expect(Math.min(...exact.map((v) => Math.abs(v - back)))).toBeLessThanOrEqual(step * 1.01 + 1e-9);
      }),
      { numRuns: 400 },
    );
  });

  it('has one row each, named apart', () => {
    expect(new Set(SETTING_IDS).size).toBe(SETTING_TABLE.length);
    expect(new Set(SETTING_TABLE.map(({ name }) => name)).size).toBe(SETTING_TABLE.length);
  });
});
