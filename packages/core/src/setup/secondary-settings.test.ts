import { ALUMINIUM_PULSE } from '../family/aluminium.ts';
import { SELF_SHIELDED } from '../family/cored.ts';
import type { Family } from '../family/family.ts';
import { STAINLESS_DIP } from '../family/stainless.ts';
import { STEEL_DIP, STEEL_PULSE } from '../family/steel.ts';
import { MACHINE_FEATURES, type Machine, type MachineFeature } from '../machine/machine.ts';
import type { Work } from '../material/work.ts';
import type { WireClass } from '../wire/wire-class.ts';
import { secondarySettings } from './secondary-settings.ts';
import { techniqueOf } from './technique.ts';

const WORK: Work = {
  metal: 'carbon-steel',
  thicknessMm: 2,
  joint: 'tee',
  position: 'flat',
  surface: 'clean',
  place: 'indoors',
  windy: false,
};
const FULL: Machine = {
  name: 'Full',
  loadedWireClass: 'ER70S-6',
  loadedWireDiameterMm: 0.8,
  loadedGas: 'ar-co2-18',
  features: MACHINE_FEATURES,
};

function set(
  family: Family,
  feature: MachineFeature,
  over: Partial<Work> = {},
  wireClass: WireClass = 'ER70S-6',
): string | undefined {
  const work = { ...WORK, ...over };
  return secondarySettings({ family, work, wireClass }, FULL).find((row) => row.feature === feature)?.set;
}

// Source: handbook table of secondary settings, from memory.
describe('secondary settings', () => {
  it('inductance: middle on steel, over it on stainless, none where there is no short-circuit', () => {
    expect(set(STEEL_DIP, 'inductance')).toBe('middle');
    expect(set(STAINLESS_DIP, 'inductance')).toBe('over the middle');
    expect(set(STEEL_PULSE, 'inductance')).toBeUndefined();
  });

  it('aluminium: hot start, crater fill, short burnback, long gas; pinch at most 75 % with 4043', () => {
    expect(set(ALUMINIUM_PULSE, 'hot-start')).toContain('130–150 %');
    expect(set(ALUMINIUM_PULSE, 'crater-fill')).toContain('50–60 %');
    expect(set(ALUMINIUM_PULSE, 'burnback')).toContain('short');
    expect(set(ALUMINIUM_PULSE, 'post-flow')).toBe('1–5 s');
    expect(set(ALUMINIUM_PULSE, 'pinch', {}, 'ER4043')).toContain('75 %');
    expect(set(STEEL_DIP, 'hot-start')).toBe('off');
  });

  it('pulse trim: under the middle upwards and overhead, far under on a corner downhill', () => {
    expect(set(STEEL_PULSE, 'pulse')).toBe('middle');
    expect(set(STEEL_PULSE, 'pulse', { position: 'vertical-up' })).toContain('5 under');
    expect(set(STEEL_PULSE, 'pulse', { position: 'overhead' })).toContain('3 under');
    expect(set(STEEL_PULSE, 'pulse', { joint: 'outside-corner', position: 'vertical-down' })).toContain(
      '2 to 15',
    );
    expect(set(STEEL_DIP, 'pulse')).toBeUndefined();
  });

  it('without gas there is no pre-flow or post-flow', () => {
    expect(set(SELF_SHIELDED, 'pre-flow')).toBeUndefined();
    expect(set(SELF_SHIELDED, 'post-flow')).toBeUndefined();
    expect(set(SELF_SHIELDED, 'burnback')).toBe('middle');
  });

  it('timers are offered on thin sheet only', () => {
    expect(set(STEEL_DIP, 'stitch-timer', { thicknessMm: 1 })).toContain('on');
    expect(set(STEEL_DIP, 'stitch-timer')).toBeUndefined();
  });

  it('a machine with nothing is told nothing; one that is not known is told what matters', () => {
    const asked = { family: STEEL_DIP, work: WORK, wireClass: 'ER70S-6' } as const;
    expect(secondarySettings(asked, { ...FULL, features: [] })).toEqual([]);
    expect(secondarySettings(asked, undefined).length).toBeGreaterThan(5);
  });
});

describe('how to hold the gun', () => {
  it.each([
    [STEEL_DIP, 'flat', 'push'],
    [STEEL_DIP, 'vertical-down', 'drag'],
    [SELF_SHIELDED, 'flat', 'drag'],
    [SELF_SHIELDED, 'vertical-up', 'drag'],
    [ALUMINIUM_PULSE, 'flat', 'push'],
    [ALUMINIUM_PULSE, 'vertical-down', 'push'],
  ] as const)('%o %s: %s', (family, position, direction) => {
    expect(techniqueOf(family, { ...WORK, position }).gunAngle.direction).toBe(direction);
  });

  it.each([
    ['tee', 45],
    ['butt', 90],
    ['lap', 60],
  ] as const)('%s at %s° to the work', (joint, degrees) => {
    expect(techniqueOf(STEEL_DIP, { ...WORK, joint }).gunAngle.workDegrees).toBe(degrees);
  });

  it('pauses half a second to a second at the start, and half a second at the end', () => {
    const { pauseAtStartS, pauseAtEndS } = techniqueOf(STEEL_DIP, WORK);
    expect([pauseAtStartS.low, pauseAtStartS.high]).toEqual([0.5, 1]);
    expect(pauseAtEndS.start).toBe(0.5);
  });
});
