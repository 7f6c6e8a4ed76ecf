export { DialChart } from './dial-chart.tsx';
export { DialDoubts } from './dial-doubts.tsx';
export { ReadingForm } from './reading-form.tsx';
