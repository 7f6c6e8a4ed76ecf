export {
  figureOf,
  type Quantity,
  rangeText,
  shownAs,
  thicknessText,
  wireLengthText,
  wireSizeText,
  withUnit,
} from './format.ts';
export { numberOrText } from './number-text.ts';
