export { dialsOf } from './dials-of.ts';
export { DIALS_PART, machinePart, SETTINGS_PART } from './machine-parts.ts';
export { InItsTerms } from './in-its-terms.tsx';
export {
  entryFigure,
  entryText,
  fitToPosition,
  knobFigure,
  outOfReachText,
  termsOf,
  trimText,
  voltsBeneath,
  voltsOutOfReachText,
  voltsText,
  wireBeneath,
  wireText,
} from './term-text.ts';
