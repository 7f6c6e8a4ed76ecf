export { dialsOf } from './dials-of.ts';
export { MeasureIt } from './measure-it.tsx';
export {
  entryFigure,
  entryText,
  fitToPosition,
  knobFigure,
  outOfReachText,
  termsOf,
  trimText,
  voltsBeneath,
  voltsText,
  wireBeneath,
  wireText,
} from './term-text.ts';
