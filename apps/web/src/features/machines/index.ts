export { ageText, calibratedAt, isOld } from './calibration-age.ts';
export { MachineCard } from './machine-card.tsx';
export { MachineRoute } from './machine-route.tsx';
export { learningQuery, machineListQuery, useRestoreMachine } from './machines.queries.ts';
