/** The reader of lines with its vocabulary: it comes when the field is first used, not with the page. */
export { parseQuickLine, readPastedList, readShopWords } from '@hot-bead/core';
