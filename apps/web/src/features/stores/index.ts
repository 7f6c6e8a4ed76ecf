export { FinishSection, FinishWarning, inUse } from './finish-section.tsx';
export { stockQuery } from './stock.queries.ts';
export { leftOf, stockChoice, stockName } from './stock-text.ts';
