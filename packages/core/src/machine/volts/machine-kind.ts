export const MACHINE_KINDS = ['inverter', 'transformer'] as const;
export type MachineKind = (typeof MACHINE_KINDS)[number];
