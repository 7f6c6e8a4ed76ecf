import { ALUMINIUM_PULSE } from '../../trade/family/aluminium.ts';
import { SELF_SHIELDED } from '../../trade/family/cored.ts';
import type { Family } from '../../trade/family/family.ts';
import { STAINLESS_DIP } from '../../trade/family/stainless.ts';
import { STEEL_DIP, STEEL_PULSE } from '../../trade/family/steel.ts';
import type { Machine } from '../../machine/machine.ts';
import { MACHINE_FEATURES, type MachineFeature } from '../../machine/scale/machine-feature.ts';
import { SETTING_TABLE, type SettingId } from '../../machine/scale/setting.ts';
import type { MachineSetting } from '../../machine/scale/setting-scale.ts';
import type { Work } from '../../trade/material/work.ts';
import { PLAIN_MACHINE, PLAIN_WORK } from '../../../test/context.ts';
import { secondarySettings as secondarySettingsInWords } from './secondary-setting.ts';
import type { SettingJob } from './setting-rows.ts';
import { spotTimeS, stitchTimes } from './sheet-timers.ts';
import { toldInMetric } from '../../../test/told-in-metric.ts';

const secondarySettings = toldInMetric(secondarySettingsInWords);

const FULL: Machine = { ...PLAIN_MACHINE, name: 'Full', features: MACHINE_FEATURES };

type Over = Partial<Omit<SettingJob, 'work'>> & { readonly work?: Partial<Work> };

function jobOf(family: Family, { work, ...over }: Over = {}): SettingJob {
  return {
    family,
    work: { ...PLAIN_WORK, ...work },
    wireClass: 'ER70S-6',
    thinnerMm: work?.thicknessMm ?? 2,
    wireFeedSpeedMPerMin: 6,
    currentA: 120,
    volts: 18,
    travelMmPerMin: 400,
    flowLPerMin: 12,
    ...over,
  };
}

const settingOf = (
  family: Family,
  feature: MachineFeature,
  over?: Over,
  settings?: readonly MachineSetting[],
) => secondarySettings(jobOf(family, over), { ...FULL, settings }).find((row) => row.feature === feature);

const set = (...asked: Parameters<typeof settingOf>): string | undefined => settingOf(...asked)?.set;

/** The number of one of a feature's settings, in its own measure. */
function startOf(family: Family, feature: MachineFeature, id: SettingId, over?: Over): number | undefined {
  const value = settingOf(family, feature, over)?.values.find(({ setting }) => setting === id);
  return (value?.amount ?? value?.relative ?? value?.count)?.start;
}

// Source: handbook table of secondary settings, from memory.
describe('settings behind the four numbers', () => {
  it('inductance: middle on steel, over it on stainless, none where there is no short-circuit', () => {
    expect(set(STEEL_DIP, 'inductance')).toBe('middle');
    expect(set(STAINLESS_DIP, 'inductance')).toBe('over the middle');
    expect(set(STEEL_PULSE, 'inductance')).toBeUndefined();
  });

  it('run-in 30 to 60 % of the wire speed, burnback about 0.05 s, pre-flow 0.1 to 0.5 s', () => {
    expect(set(STEEL_DIP, 'run-in')).toBe('50 % (30 to 60 %)');
    expect(set(STEEL_DIP, 'burnback')).toBe('0.05 s (0.03 to 0.1 s)');
    expect(set(STEEL_DIP, 'pre-flow')).toBe('0.3 s (0.1 to 0.5 s)');
    expect(set(ALUMINIUM_PULSE, 'pre-flow')).toBe('1 s (0.5 to 3 s)');
  });

  it('aluminium: hot start 130–150 %, more on thick metal; crater 50–60 %; burnback shorter; off on steel', () => {
    const at = (thicknessMm: number) =>
      startOf(ALUMINIUM_PULSE, 'hot-start', 'hot-start-level', { work: { thicknessMm } });
    expect([at(1), at(2), at(5), at(8), at(12)]).toEqual([130, 130, 140, 150, 150]);
    expect(set(ALUMINIUM_PULSE, 'hot-start')).toBe(
      'level 130 % (130 to 150 %), time 0.5 s (0.4 to 0.6 s), slope 0.4 s (0.3 to 0.5 s)',
    );
    expect(set(ALUMINIUM_PULSE, 'crater-fill')).toContain('level 55 % (50 to 60 %), time 0.5 s');
    const slope = (thicknessMm: number) =>
      startOf(ALUMINIUM_PULSE, 'crater-fill', 'crater-slope', { work: { thicknessMm } });
    expect([slope(2), slope(5), slope(8)]).toEqual([1, 2, 3]);
    expect(set(STEEL_DIP, 'hot-start')).toBe('off');
    expect(set(STEEL_DIP, 'crater-fill')).toBe('off');
    const burnback = (family: Family) => startOf(family, 'burnback', 'burnback') ?? 0;
    expect(burnback(ALUMINIUM_PULSE)).toBeLessThan(burnback(STEEL_DIP));
  });

  it('post-flow grows with the current, within 0.5–2 s on steel and 1–5 s on aluminium', () => {
    const steel = (currentA: number) => startOf(STEEL_DIP, 'post-flow', 'post-flow', { currentA });
    expect([steel(30), steel(120), steel(400)]).toEqual([0.7, 1.3, 2]);
    const aluminium = (currentA: number) => startOf(ALUMINIUM_PULSE, 'post-flow', 'post-flow', { currentA });
    expect([aluminium(50), aluminium(120), aluminium(400)]).toEqual([2, 3.4, 5]);
  });

  it('pinch: 50 % is the middle, at most 75 % with a soft wire', () => {
    expect(set(STEEL_DIP, 'pinch')).toBe('50 % (40 to 60 %)');
    expect(set(ALUMINIUM_PULSE, 'pinch', { wireClass: 'ER4043' })).toBe('50 % (40 to 75 %)');
  });

  it('pulse trim: middle flat, 5 under it upwards, 3 overhead, 2 to 15 downhill', () => {
    const at = (position: Work['position']) => set(STEEL_PULSE, 'pulse', { work: { position } });
    expect(at('flat')).toBe('middle');
    expect(at('vertical-up')).toBe('5 % under the middle (−7 to −3 %)');
    expect(at('overhead')).toBe('3 % under the middle (−5 to −1 %)');
    expect(at('vertical-down')).toContain('(−15 to −2 %)');
    expect(set(STEEL_DIP, 'pulse')).toBeUndefined();
  });

  it('pulse frequency a little up on thin metal; double pulse 1.5 Hz, faster on thin, step 2', () => {
    expect(set(STEEL_PULSE, 'pulse-frequency')).toBe('middle');
    expect(set(STEEL_PULSE, 'pulse-frequency', { thinnerMm: 1 })).toBe('a little over the middle');
    const hz = (thinnerMm: number) =>
      startOf(ALUMINIUM_PULSE, 'double-pulse', 'double-pulse-frequency', { thinnerMm });
    expect([hz(1), hz(1.5), hz(3), hz(6)]).toEqual([2.5, 2.5, 1.5, 1.5]);
    expect(set(ALUMINIUM_PULSE, 'double-pulse')).toContain('step 2 (1 to 3)');
    expect(set(STEEL_PULSE, 'double-pulse')).toBeUndefined();
  });

  it('without gas there is no pre-flow or post-flow', () => {
    expect(set(SELF_SHIELDED, 'pre-flow')).toBeUndefined();
    expect(set(SELF_SHIELDED, 'post-flow')).toBeUndefined();
    expect(set(SELF_SHIELDED, 'burnback')).toContain('0.05 s');
  });

  it('trigger: 2-step on steel, special 4-step on aluminium', () => {
    expect(settingOf(STEEL_DIP, 'four-step')).toMatchObject({
      name: 'trigger',
      set: '2-step; 4-step for long seams',
    });
    expect(set(ALUMINIUM_PULSE, 'four-step')).toBeUndefined();
    expect(set(ALUMINIUM_PULSE, 'special-four-step')).toBe('special 4-step');
    expect(set(STEEL_DIP, 'special-four-step')).toBeUndefined();
  });

  it('a machine with nothing is told nothing; one that is not known is told what matters', () => {
    expect(secondarySettings(jobOf(STEEL_DIP), { ...FULL, features: [] })).toEqual([]);
    expect(secondarySettings(jobOf(STEEL_DIP), undefined).length).toBeGreaterThan(5);
  });

  it('says the machine’s own word and scale where they are known', () => {
    const inductance: MachineSetting = {
      setting: 'inductance',
      name: 'Softness',
      scale: { least: 0, most: 99, unit: 'mark', middle: 50 },
    };
    expect(settingOf(STEEL_DIP, 'inductance', {}, [inductance])).toMatchObject({
      name: 'Softness (inductance)',
      set: '50 of 0–99 (40 to 60)',
    });
    const hot: MachineSetting = {
      setting: 'hot-start-level',
      name: 'Start boost',
      scale: { least: 50, most: 200, unit: 'A' },
    };
    expect(set(ALUMINIUM_PULSE, 'hot-start', { currentA: 100 }, [hot])).toContain(
      'Start boost 130 A (130 to 150 A), time',
    );
  });

  it('stands about the middle of bare marks where only the place on the scale is known', () => {
    const marks = (setting: SettingId): readonly MachineSetting[] => [
      { setting, scale: { least: 0, most: 10, unit: 'mark' } },
    ];
    expect(set(STEEL_DIP, 'burnback', {}, marks('burnback'))).toBe('5 of 0–10 (4 to 6)');
    expect(set(ALUMINIUM_PULSE, 'burnback', {}, marks('burnback'))).toBe('3 of 0–10 (2 to 4)');
    expect(set(STEEL_DIP, 'pinch', {}, marks('pinch'))).toBe('5 of 0–10 (4 to 6)');
    const soft = { wireClass: 'ER4043' } as const;
    expect(set(ALUMINIUM_PULSE, 'pinch', soft, marks('pinch'))).toBe('5 of 0–10 (4 to 7.5)');
    expect(set(STAINLESS_DIP, 'inductance', {}, marks('inductance'))).toBe('6.5 of 0–10 (5.5 to 7.5)');
    const thin = { thinnerMm: 1 };
    expect(set(STEEL_PULSE, 'pulse-frequency', thin, marks('pulse-frequency'))).toBe('6 of 0–10 (5 to 7)');
  });

  it('every setting of the table is asked of some job, by its own feature', () => {
    const jobs = [STEEL_DIP, STEEL_PULSE, ALUMINIUM_PULSE].flatMap((family) =>
      [1, 4].map((thicknessMm) => jobOf(family, { work: { thicknessMm } })),
    );
    const asked = jobs.flatMap((job) =>
      secondarySettings(job, FULL).flatMap(({ feature, values }) =>
        values.map(({ setting }) => `${feature} ${setting}`),
      ),
    );
    expect(new Set(asked)).toEqual(new Set(SETTING_TABLE.map(({ feature, id }) => `${feature} ${id}`)));
  });
});

// Source: our model; what is held is how it must move.
describe('timers for sheet', () => {
  it('are offered on thin sheet only', () => {
    const thin = { work: { thicknessMm: 1 } };
    expect(set(STEEL_DIP, 'stitch-timer', thin)).toBe('on 0.9 s (0.6 to 1.2 s), pause 0.7 s (0.5 to 0.9 s)');
    expect(set(STEEL_DIP, 'stitch-timer', { work: { thicknessMm: 1.5 } })).toBeUndefined();
    expect(set(STEEL_DIP, 'spot-timer', thin)).toBe('0.9 s (0.6 to 1.2 s)');
    expect(set(STEEL_DIP, 'spot-timer', { work: { thicknessMm: 1.9 } })).toBeDefined();
    expect(set(STEEL_DIP, 'spot-timer', { work: { thicknessMm: 2 } })).toBeUndefined();
  });

  it('stitch longer on thicker sheet, and shorter where the hand goes faster', () => {
    const on = (mm: number, travel = 400) => stitchTimes(mm, travel, 10).onS.start;
    expect(on(1)).toBeCloseTo(6 / (400 / 60), 9);
    expect(on(1.4)).toBeGreaterThan(on(0.8));
    expect(on(1, 800)).toBeCloseTo(on(1) / 2, 9);
    expect(spotTimeS(1.5).start).toBeGreaterThan(spotTimeS(0.8).start);
  });

  it('pause longer against the stitch on thinner sheet, and cost the gas of the pause', () => {
    const thin = stitchTimes(0.8, 400, 10);
    const thick = stitchTimes(1.4, 400, 10);
    const share = ({ onS, pauseS }: typeof thin): number => pauseS.start / onS.start;
    expect(share(thin)).toBeCloseTo(0.88, 9);
    expect(share(thick)).toBeCloseTo(0.64, 9);
    expect(thin.gasThroughLPerM).toBeCloseTo(25, 9); // 2.5 min a metre at 10 L/min
    expect(thin.gasLPerM).toBeCloseTo(25 * 1.88, 9);
    expect(stitchTimes(3, 400, 10).pauseS.start / stitchTimes(3, 400, 10).onS.start).toBeCloseTo(0.5, 9);
    const why = settingOf(STEEL_DIP, 'stitch-timer', { work: { thicknessMm: 0.8 }, flowLPerMin: 10 })?.why;
    expect(why).toContain('47 L a metre, 25 L a metre welded through');
    const gasless = settingOf(SELF_SHIELDED, 'stitch-timer', {
      work: { thicknessMm: 0.8 },
      flowLPerMin: 0,
    })?.why;
    expect(gasless).not.toContain('Gas');
  });
});
