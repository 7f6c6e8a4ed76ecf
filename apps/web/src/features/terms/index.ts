export { dialsOf } from './dials-of.ts';
export { DIALS_PART, machinePart, SETTINGS_PART } from './machine-parts.ts';
export { InItsTerms, UnderFigure } from './in-its-terms.tsx';
export {
  entryText,
  fitToPosition,
  outOfReachText,
  termsOf,
  trimText,
  voltsBeneath,
  voltsOutOfReachText,
  voltsText,
  wireBeneath,
  wireText,
} from './term-text.ts';
export { LargeFigure, PhysicalLine, SettingInRow } from './large-figure.tsx';
export {
  bareFigures,
  handsOf,
  setFigures,
  type SetFigure,
  type SetFigures,
  settingText,
  setText,
  wholeSettingText,
  physicalText,
} from './set-figure.ts';
