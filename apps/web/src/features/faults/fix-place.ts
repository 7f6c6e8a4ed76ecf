import type { KeptMachine } from '@hot-bead/contract/machine';
import type { Job } from '@hot-bead/contract/plan';
import type { CauseId, FaultStation, TableCause } from '@hot-bead/core/faults';

/** Somewhere in the app where a fault is mended. */
export interface FixPlace {
  readonly to: string;
  readonly name: string;
}

type Where = 'rig' | 'dial-in' | 'plan' | 'stores' | 'dials';

/** Where what is wrong at a station is put right. */
const OF_STATION: Readonly<Partial<Record<FaultStation, Where>>> = {
  leads: 'rig',
  spool: 'rig',
  rolls: 'rig',
  liner: 'rig',
  'tip-nozzle': 'rig',
  gas: 'rig',
  'work-clamp': 'rig',
  'arc/settings': 'dial-in',
  machine: 'rig',
};

/** Where some causes are put right that their station does not tell. */
const OF_CAUSE: Readonly<Partial<Record<CauseId, Where>>> = {
  'spool-empty': 'stores',
  'wire-old-damp': 'stores',
  'cylinder-empty': 'stores',
  'tip-worn': 'stores',
  'heat-low': 'plan',
  'heat-high': 'plan',
  'dip-on-thick': 'plan',
  'program-wrong': 'plan',
  'machine-small': 'plan',
  'filler-wrong': 'plan',
  'alloy-unweldable': 'plan',
  'downhill-thick': 'plan',
  'ctwd-long': 'plan',
  'ctwd-short': 'plan',
  'travel-fast': 'plan',
  'travel-slow': 'plan',
  'angle-wrong': 'plan',
  'wfs-low': 'dials',
  'wfs-high': 'dials',
};

/** Where in the app a cause is put right; undefined: only by hand, or nothing named leads there. */
export function fixPlace(
  { id, station }: TableCause,
  job: Job | undefined,
  machine: KeptMachine | undefined,
): FixPlace | undefined {
  const where = OF_CAUSE[id] ?? OF_STATION[station];
  if (where === 'stores') return { to: '/stores', name: 'Open Stores' };
  if (where === 'dials' && machine) {
    return { to: `/machines/${machine.id}?part=dials`, name: 'Measure the wire speed' };
  }
  if (where === 'plan' && job) return { to: `/jobs/${job.id}`, name: 'Open the plan' };
  if (where === 'dial-in' || where === 'dials') {
    return job && { to: `/jobs/${job.id}/dial-in`, name: 'Open Dial-in' };
  }
  if (where !== 'rig') return undefined;
  if (job) return { to: `/jobs/${job.id}/rig`, name: 'Open the rig steps' };
  return machine && { to: `/machines/${machine.id}/check`, name: 'Look the machine over' };
}
