export { figureOf, type Quantity, rangeText, shownAs, wireLengthText, withUnit } from './format.ts';
export { numberOrText } from './number-text.ts';
export { type Say, useReader, useTitle, useWords } from './use-words.ts';
