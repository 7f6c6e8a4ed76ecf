/** Transfer modes that can be asked for. */
export const TRANSFER_MODES = ['short-circuit', 'globular', 'spray', 'pulse'] as const;
export type TransferMode = (typeof TRANSFER_MODES)[number];

/** Modes a plan can run in; flux core without gas or with it has a transfer of its own. */
export const PLANNED_MODES = ['short-circuit', 'spray', 'pulse', 'own'] as const;
export type PlannedMode = (typeof PLANNED_MODES)[number];

export const MODE_NAME: Readonly<Record<PlannedMode | 'globular', string>> = {
  'short-circuit': 'short-circuit',
  spray: 'spray',
  pulse: 'pulsed spray',
  own: 'flux core’s own transfer',
  globular: 'globular',
};
