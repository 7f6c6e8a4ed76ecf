import type { ChangeoverStep, Gate } from '@hot-bead/core';
import { useState } from 'react';

/** What makes a gate be asked again: the state that it was confirmed in is left. */
const HELD_WHILE: Readonly<Partial<Record<Gate, readonly [attribute: string, value: string]>>> = {
  'power-off': ['power', 'off'],
  'clamp-off': ['workClamp', 'off'],
  'cylinder-closed-and-bled': ['gasLine', 'bled'],
  'hot-parts': ['hot', 'no'],
};

/** Gates that were confirmed, as long as what they confirm holds; asked once a span. */
export function useGates(state: Readonly<Record<string, string>>) {
  const [confirmed, setConfirmed] = useState<ReadonlySet<Gate>>(new Set());
  const isOpen = (gate: Gate): boolean => {
    if (gate === 'none') return true;
    const held = HELD_WHILE[gate];
    const holds = held === undefined || state[held[0]] === held[1];
    return confirmed.has(gate) && holds;
  };
  return {
    isOpen,
    /** The gate in front of a step; undefined: none, or it was confirmed. */
    before: ({ row }: ChangeoverStep): Gate | undefined => (isOpen(row.gate) ? undefined : row.gate),
    confirm: (gate: Gate): void => setConfirmed(new Set([...confirmed, gate])),
  };
}
