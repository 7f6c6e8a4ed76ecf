export { ModelBeside } from './model-beside.tsx';
export { labOfPlan } from './lab-setting.ts';
