export { foundLogQuery } from './log.queries.ts';
