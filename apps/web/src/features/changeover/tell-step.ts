import type { RigChange, RigValueChange } from '@hot-bead/contract/machine';
import { rigFact, stepEffect } from '@hot-bead/core/changeover';
import { type Attributes, isRigAttribute, type Machine, type RigAttribute } from '@hot-bead/core/machine';

/** Values of a rig as they were seen on a machine, beside what they are now. */
export function seenChanges(
  machine: Machine,
  values: Readonly<Partial<Record<RigAttribute, string | null>>>,
): RigChange['changes'] {
  return Object.fromEntries(
    Object.entries(values).map(([name, to]): [string, RigValueChange] => [
      name,
      { from: rigFact(machine, name as RigAttribute)?.value ?? null, to: to ?? null },
    ]),
  );
}

/** What a step that was done makes of a machine. */
export function stepChanges(machine: Machine, id: string, need: Attributes): RigChange['changes'] {
  const values = Object.entries(stepEffect(id, need)).filter(([name]) => isRigAttribute(name));
  return seenChanges(machine, Object.fromEntries(values));
}
