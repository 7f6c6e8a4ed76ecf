export { useSetup } from './use-setup.ts';
