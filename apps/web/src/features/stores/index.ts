export { FinishSection, FinishWarning } from './finish-section.tsx';
export { stockQuery } from './stock.queries.ts';
export { stockChoice } from './stock-text.ts';
