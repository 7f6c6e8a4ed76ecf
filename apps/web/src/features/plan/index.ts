export { unreadStops } from './cautions.tsx';
export { dutyText, minutesText } from './duty-text.ts';
export { MachineChoices } from './machine-choices.tsx';
export { useSetup, useShop } from './use-setup.ts';
export { JointView } from './technique-drawings.tsx';
