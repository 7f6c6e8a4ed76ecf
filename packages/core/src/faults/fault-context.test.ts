import { PLAIN_MACHINE, PLAIN_WORK } from '../../test/context.ts';
import type { Machine } from '../machine/machine.ts';
import { planSetup } from '../plan/setup/plan-setup.ts';
import { causeRow } from './causes.ts';
import { faultJob, faultProcess, machineLacks, rigWhenRight } from './fault-context.ts';

const NOW = '2026-11-02T10:00:00.000Z';
const setup = planSetup({ ...PLAIN_WORK, otherThicknessMm: 6 }, { machine: PLAIN_MACHINE });
const plan = setup.status === 'planned' ? setup : undefined;
describe('what a machine and a plan tell of a fault', () => {
  it('a machine of which nothing was said lacks nothing', () => {
    expect(machineLacks(undefined)).toEqual([]);
    expect(machineLacks(PLAIN_MACHINE)).toEqual([]);
  });

  it('one whose features are known lacks the others, taps and programs too', () => {
    const plain: Machine = {
      ...PLAIN_MACHINE,
      features: ['inductance', 'two-step'],
      wireControl: { kind: 'units' },
      voltsControl: { kind: 'displayed' },
    };
    const lacks = machineLacks(plain);
    expect(lacks).toEqual(expect.arrayContaining(['burnback', 'four-step', 'taps', 'programs']));
    expect(lacks).not.toContain('inductance');
    const tapped: Machine = { ...plain, voltsControl: { kind: 'positions', positions: [] } };
    expect(machineLacks(tapped)).not.toContain('taps');
    const byEntry: Machine = { ...plain, wireControl: { kind: 'entry' }, voltsControl: { kind: 'entry' } };
    expect(machineLacks(byEntry)).not.toContain('programs');
  });

  it('the job is the plan’s, the thicker of two, and the process its way or what is on the machine', () => {
    expect(plan && faultJob(plan)).toEqual({
      metal: 'carbon-steel',
      thicknessMm: 6,
      mode: plan?.transferMode,
      joint: 'tee',
      position: 'flat',
      place: 'indoors',
    });
    expect(faultProcess(PLAIN_MACHINE, plan)).toBe('solid-gas');
    expect(faultProcess(undefined, undefined)).toBe('solid-gas');
    const aluminium: Machine = { ...PLAIN_MACHINE, loadedWireClass: 'ER5356' };
    expect(faultProcess(aluminium, undefined)).toBe('aluminium');
    const onGun: Machine = { ...aluminium, rig: { gun: { value: 'spool-gun', at: NOW } } };
    expect(faultProcess(onGun, undefined)).toBe('spool-gun');
    expect(faultProcess({ ...PLAIN_MACHINE, loadedWireClass: 'E71T-11' }, undefined)).toBe('self-shielded');
    expect(faultProcess({ ...onGun, loadedWireClass: 'ER70S-6' }, undefined)).toBe('solid-gas');
  });

  it('what was looked at and is right is told to the rig as the plan needs it, where the rig keeps it', () => {
    expect(rigWhenRight(causeRow('polarity-wrong'), plan, PLAIN_MACHINE, NOW)).toEqual({
      attribute: 'polarity',
      value: 'DCEP',
    });
    expect(rigWhenRight(causeRow('groove-wrong'), plan, PLAIN_MACHINE, NOW)?.attribute).toBe('rollsGroove');
    // a liner that is not dirty says nothing of its kind; nor is a tip of the right bore
    expect(rigWhenRight(causeRow('liner-dirty'), plan, PLAIN_MACHINE, NOW)).toBeUndefined();
    expect(rigWhenRight(causeRow('tip-worn'), plan, PLAIN_MACHINE, NOW)).toBeUndefined();
    expect(rigWhenRight(causeRow('wind'), plan, PLAIN_MACHINE, NOW)).toBeUndefined();
    expect(rigWhenRight(causeRow('polarity-wrong'), undefined, PLAIN_MACHINE, NOW)).toBeUndefined();
  });
});
