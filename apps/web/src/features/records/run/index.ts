export { lastRunsQuery, runListQuery } from './runs.queries.ts';
