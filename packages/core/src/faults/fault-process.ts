import type { Way } from '../trade/wire/way.ts';

/** How a fault is asked about: faults differ by what is welded with what. */
export const FAULT_PROCESSES = [
  'solid-gas',
  'self-shielded',
  'gas-flux-core',
  'aluminium',
  'spool-gun',
] as const;
export type FaultProcess = (typeof FAULT_PROCESSES)[number];

export const FAULT_PROCESS_NAME: Readonly<Record<FaultProcess, string>> = {
  'solid-gas': 'solid wire with gas',
  'self-shielded': 'flux core without gas',
  'gas-flux-core': 'flux core with gas',
  aluminium: 'aluminium, standard gun',
  'spool-gun': 'aluminium, spool gun',
};

/** What a way of welding is asked about as. */
export const FAULT_PROCESS_OF_WAY: Readonly<Record<Way, FaultProcess>> = {
  'solid-gas': 'solid-gas',
  'bronze-braze': 'solid-gas',
  'self-shielded': 'self-shielded',
  'gas-shielded-flux-core': 'gas-flux-core',
  // fed and shielded as flux core with gas is, without its slag
  'metal-cored': 'gas-flux-core',
  'aluminium-gun': 'aluminium',
  'aluminium-spool-gun': 'spool-gun',
};
