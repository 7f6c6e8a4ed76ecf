export { WireList } from './wire-list.tsx';
