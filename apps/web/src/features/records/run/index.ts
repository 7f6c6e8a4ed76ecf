export { lastRunsQuery, runListQuery } from './runs.queries.ts';
export { lengthText, secondsText } from './run-fields.ts';
