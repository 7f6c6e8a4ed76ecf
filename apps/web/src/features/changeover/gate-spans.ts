import type { ChangeoverStep, Gate } from '@hot-bead/core/changeover';
import type { Attributes } from '@hot-bead/core/machine';

/** What a gate confirms, as a rig says it: as long as that holds it is not asked again. */
const HELD_WHILE: Readonly<Partial<Record<Gate, readonly [attribute: string, value: string]>>> = {
  'power-off': ['power', 'off'],
  'clamp-off': ['workClamp', 'off'],
  'cylinder-closed-and-bled': ['gasLine', 'bled'],
  'hot-parts': ['hot', 'no'],
};

/** Whether what a gate confirms still holds; of a gate that stands for no part of the rig nothing is held. */
export function stillHolds(gate: Gate, state: Attributes): boolean {
  const held = HELD_WHILE[gate];
  return held !== undefined && state[held[0]] === held[1];
}

/** The gate that is asked in front of each step, once a span; undefined: none. */
export function gatesInFront(steps: readonly ChangeoverStep[]): readonly (Gate | undefined)[] {
  const asked = new Set<Gate>();
  return steps.map(({ row, after }, i) => {
    const { gate } = row;
    const isNew = gate !== 'none' && row.id !== 'let-cool' && !asked.has(gate);
    if (isNew) asked.add(gate);
    for (const one of asked) {
      const goesOn = HELD_WHILE[one] ? stillHolds(one, after) : steps[i + 1]?.row.gate === one;
      if (!goesOn) asked.delete(one);
    }
    return isNew ? gate : undefined;
  });
}
