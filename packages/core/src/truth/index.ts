export type { CheckValue } from './check-value.ts';
export { dialledInChecks, residuals, startingRowChecks } from './check-values.ts';
export { coredRowChecks } from './cored-rows.ts';
