export { aboutQuery, useOpenDemo } from './about.queries.ts';
export { SchoolChoice } from './school-choice.tsx';
export { NOTHING_CHOSEN, shopKeys, shopQuery, useChangeShop } from './shop.queries.ts';
export { canBeKept, useOwnWords } from './use-own-words.ts';
