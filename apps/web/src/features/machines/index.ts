export { MachineCard } from './machine-card.tsx';
export { machineListQuery } from './machines.queries.ts';
