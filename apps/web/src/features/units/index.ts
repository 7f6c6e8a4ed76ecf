export {
  figureOf,
  type Quantity,
  rangeText,
  shownAs,
  thicknessText,
  wireSizeText,
  withUnit,
} from './format.ts';
export { numberOrText } from './number-text.ts';
