export { QuickLine } from './quick-line.tsx';
