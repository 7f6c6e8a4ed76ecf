import { rigState } from '../changeover/machine-rig.ts';
import { rigNeed } from '../changeover/rig-need.ts';
import { MACHINE_FEATURES } from '../machine/scale/machine-feature.ts';
import { type Machine, machineHas } from '../machine/machine.ts';
import type { RigAttribute } from '../machine/rig-state/rig-attribute.ts';
import type { PlannedSetup } from '../plan/setup/setup.ts';
import { wireClassRow } from '../trade/wire/wire-class.ts';
import type { FaultCause, MachineTrait } from './fault-cause.ts';
import { RIG_TELLERS } from './fault-evidence.ts';
import type { FaultFact } from './fault-fact.ts';
import { FAULT_PROCESS_OF_WAY, type FaultProcess } from './fault-process.ts';
import type { FaultJob } from './suspicion.ts';

/** What a machine is known not to have; where nothing was said of it, nothing. */
export function machineLacks(machine: Machine | undefined): readonly MachineTrait[] {
  if (!machine) return [];
  const { features, voltsControl, wireControl, programs } = machine;
  const isByEntry = wireControl?.kind === 'entry' || voltsControl?.kind === 'entry';
  const hasPrograms = programs !== undefined || isByEntry || features === undefined || !wireControl;
  return [
    ...MACHINE_FEATURES.filter((feature) => machineHas(machine, feature) === false),
    ...(voltsControl && voltsControl.kind !== 'positions' ? (['taps'] as const) : []),
    ...(hasPrograms ? [] : (['programs'] as const)),
  ];
}

/** What a plan tells of the job, as a fault takes it: of two thicknesses the thicker. */
export function faultJob({ work, transferMode }: PlannedSetup): FaultJob {
  const { metal, thicknessMm, otherThicknessMm = thicknessMm, joint, position, place } = work;
  return {
    metal,
    thicknessMm: Math.max(thicknessMm, otherThicknessMm),
    mode: transferMode,
    joint,
    position,
    place,
  };
}

/** What is welded with what: by the plan, or by the wire and the gun that are on the machine. */
export function faultProcess(machine: Machine | undefined, plan: PlannedSetup | undefined): FaultProcess {
  if (plan) return FAULT_PROCESS_OF_WAY[plan.way];
  if (!machine) return 'solid-gas';
  const isSpoolGun = machine.rig?.gun?.value === 'spool-gun';
  const { way } = wireClassRow(machine.loadedWireClass);
  return FAULT_PROCESS_OF_WAY[isSpoolGun && way === 'aluminium-gun' ? 'aluminium-spool-gun' : way];
}

/** Facts that a look at their cause settles in the rig, and mending it too. A liner that is not dirty says nothing of its kind. */
const SETTLED_BY_LOOK: ReadonlySet<FaultFact> = new Set([
  'polarity',
  'gun-switch',
  'wire-class',
  'wire-diameter',
  'roll-form',
  'roll-size',
  'neck-liner',
  'gas',
]);

/**
 * What the rig is told once a cause is known not to be, or was mended: the attribute that it is kept by, as the plan
 * needs it. Undefined where the rig does not keep it.
 *
 * @param now the time, as an ISO date
 */
export function rigWhenRight(
  cause: FaultCause,
  plan: PlannedSetup | undefined,
  machine: Machine | undefined,
  now: string,
): { readonly attribute: RigAttribute; readonly value: string } | undefined {
  const fact = cause.fact?.of;
  if (!plan || !machine || fact === undefined || !SETTLED_BY_LOOK.has(fact)) return undefined;
  const need = rigNeed(plan, machine, rigState(machine, now).state);
  const teller = RIG_TELLERS.find((one) => one.fact === fact && need[one.attribute] !== undefined);
  const value = teller && need[teller.attribute];
  return teller && value !== undefined ? { attribute: teller.attribute, value } : undefined;
}
