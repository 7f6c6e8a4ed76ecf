export {
  isKeptBead,
  testBeadListQuery,
  useChangeBead,
  useRemoveBead,
  useReportBead,
} from './test-beads.queries.ts';
