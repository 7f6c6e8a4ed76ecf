export { labOfPlan } from './lab-setting.ts';
