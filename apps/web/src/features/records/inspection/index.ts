export { InspectionList } from './inspection-list.tsx';
