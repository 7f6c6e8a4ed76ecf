export { unreadStops } from './cautions.tsx';
export { useSetup, useShop } from './use-setup.ts';
