export { WindowChart } from './window-chart.tsx';
