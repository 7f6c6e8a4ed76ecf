export { calibratedAt, isOld } from './calibration-age.ts';
export { MachineCard } from './machine-card.tsx';
export { MachineRoute } from './machine-route.tsx';
export { learningQuery, machineListQuery, useChangeMachine, useRestoreMachine } from './machines.queries.ts';
export { useTellRig } from './rig.queries.ts';
export { ValuesForm } from './values-form.tsx';
