export { exampleJob, exampleLine, exampleSeam } from './examples.ts';
export {
  figureOf,
  heatFigure,
  lengthText,
  type Quantity,
  rangeText,
  shownAs,
  wireLengthText,
  withUnit,
} from './format.ts';
export { numberOrText } from './number-text.ts';
export { type Say, useReader, useTitle, useWords } from './use-words.ts';
export { readFigure, typedFigure } from './typed-figure.ts';
