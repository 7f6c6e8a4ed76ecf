export { lastRunsQuery, runListQuery } from './runs.queries.ts';
export { secondsText } from './run-fields.ts';
