/** How the weld is made: wire and shielding together. */
export const WAYS = [
  'solid-gas',
  'self-shielded',
  'gas-shielded-flux-core',
  'metal-cored',
  'aluminium-gun',
  'aluminium-spool-gun',
  'bronze-braze',
] as const;
export type Way = (typeof WAYS)[number];

export const WAY_NAME: Readonly<Record<Way, string>> = {
  'solid-gas': 'solid wire with gas',
  'self-shielded': 'self-shielded flux core',
  'gas-shielded-flux-core': 'gas-shielded flux core',
  'metal-cored': 'metal-cored wire',
  'aluminium-gun': 'aluminium, standard gun',
  'aluminium-spool-gun': 'aluminium, spool gun',
  'bronze-braze': 'silicon-bronze brazing',
};
