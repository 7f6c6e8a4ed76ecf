export { DialChart } from './dial-chart.tsx';
export { ReadingForm } from './reading-form.tsx';
