/** How a fault is asked about: faults differ by what is welded with what. */
export const FAULT_PROCESSES = [
  'solid-gas',
  'self-shielded',
  'gas-flux-core',
  'aluminium',
  'spool-gun',
] as const;
export type FaultProcess = (typeof FAULT_PROCESSES)[number];

/** Facts that a record, or a look, may have answered. */
export const FAULT_FACTS = [
  'burnback',
  'ctwd-vs-plan',
  'cylinder-level',
  'duty',
  'filler-alloy',
  'flow',
  'gas',
  'gun-switch',
  'inductance',
  'liner',
  'neck-liner',
  'polarity',
  'roll-form',
  'roll-pressure',
  'roll-size',
  'surface',
  'tip-size',
  'volts-vs-plan',
  'wfs-vs-plan',
  'wind',
  'wire-class',
  'wire-diameter',
] as const;
export type FaultFact = (typeof FAULT_FACTS)[number];
