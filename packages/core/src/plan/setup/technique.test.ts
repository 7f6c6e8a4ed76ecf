import { ALUMINIUM_PULSE } from '../../trade/family/aluminium.ts';
import { SELF_SHIELDED } from '../../trade/family/cored.ts';
import { STEEL_DIP } from '../../trade/family/steel.ts';
import type { Work } from '../../trade/material/work.ts';
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
