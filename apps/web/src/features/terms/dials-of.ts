import type { KeptMachine } from '@hot-bead/contract/machine';
import { type MachineDials, machineDials } from '@hot-bead/core/machine';

const made = new WeakMap<KeptMachine, MachineDials>();

/** Everything measured of a kept machine's wire control; worked out once for a machine as it stands. */
export function dialsOf(machine: KeptMachine): MachineDials {
  const known = made.get(machine);
  if (known) return known;
  const dials = machineDials(machine, machine.dialReadings);
  made.set(machine, dials);
  return dials;
}
