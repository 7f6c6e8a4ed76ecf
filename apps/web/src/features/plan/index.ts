export { unreadStops } from './cautions.tsx';
export { dutyText, minutesText } from './duty-text.ts';
export { useSetup, useShop } from './use-setup.ts';
export { JointView } from './technique-drawings.tsx';
