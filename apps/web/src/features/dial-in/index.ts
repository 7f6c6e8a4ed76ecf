export { testBeadListQuery } from './test-beads.queries.ts';
