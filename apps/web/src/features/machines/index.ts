export { ageText, calibratedAt, isOld } from './calibration-age.ts';
export { MachineCard } from './machine-card.tsx';
export { MachineRoute } from './machine-route.tsx';
export { machineListQuery, provenQuery } from './machines.queries.ts';
