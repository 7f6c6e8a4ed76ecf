export { figureOf, type Quantity, rangeText, shownAs, wireSizeText, withUnit } from './format.ts';
