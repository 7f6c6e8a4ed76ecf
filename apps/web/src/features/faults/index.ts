export { faultCountsQuery } from './faults.queries.ts';
