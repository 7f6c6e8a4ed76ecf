export { exampleJob, exampleLine, exampleSeam } from './examples.ts';
export {
  figureOf,
  gaugedText,
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
export { readFigure, readSize, typedFigure, typedSize } from './typed-figure.ts';
export { secondsOf, secondsText } from './seconds.ts';
