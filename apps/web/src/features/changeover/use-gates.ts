import type { ChangeoverStep, Gate } from '@hot-bead/core/changeover';
import type { Attributes } from '@hot-bead/core/machine';
import { useState } from 'react';
import { stillHolds } from './gate-spans.ts';

/** Gates that were confirmed, as long as what they confirm holds; asked once a span. */
export function useGates(state: Attributes) {
  const [confirmed, setConfirmed] = useState<ReadonlySet<Gate>>(new Set());
  const isOpen = (gate: Gate): boolean =>
    gate === 'none' || (confirmed.has(gate) && (stillHolds(gate, state) || gate === 'face-shield'));
  return {
    isOpen,
    /** The gate in front of a step; undefined: none, or it was confirmed. */
    before: ({ row }: ChangeoverStep): Gate | undefined => (isOpen(row.gate) ? undefined : row.gate),
    confirm: (gate: Gate): void => setConfirmed(new Set([...confirmed, gate])),
  };
}
