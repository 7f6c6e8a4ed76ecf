/** What a machine can do beyond wire speed and volts. */
export const MACHINE_FEATURES = [
  'pulse',
  'pulse-frequency',
  'double-pulse',
  'inductance',
  'run-in',
  'burnback',
  'hot-start',
  'crater-fill',
  'pinch',
  'pre-flow',
  'post-flow',
  'two-step',
  'four-step',
  'special-four-step',
  'spot-timer',
  'stitch-timer',
  'spool-gun-socket',
] as const;
export type MachineFeature = (typeof MACHINE_FEATURES)[number];
