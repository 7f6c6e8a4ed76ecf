export { testBeadListQuery, useRemoveBead, useReportBead } from './test-beads.queries.ts';
