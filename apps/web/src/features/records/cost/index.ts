export { RatesSection } from './rates-form.tsx';
export { PieceCost } from './piece-cost.tsx';
