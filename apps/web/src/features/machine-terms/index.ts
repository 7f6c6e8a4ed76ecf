export { dialsOf } from './dials-of.ts';
export { MeasureIt } from './measure-it.tsx';
export {
  entryFigure,
  entryText,
  outOfReachText,
  termsOf,
  trimText,
  voltsBeneath,
  voltsText,
  wireBeneath,
  wireText,
} from './term-text.ts';
