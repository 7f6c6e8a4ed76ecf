/** The reader of lines with its vocabulary: it comes when the field is first used, not with the page. */
export { parseLine, readPastedList, readShopWords } from '@hot-bead/core/line';
export { lineObstacle } from './line-obstacle.ts';
