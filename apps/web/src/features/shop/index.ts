export { aboutQuery, useOpenDemo } from './about.queries.ts';
export { SchoolChoice } from './school-choice.tsx';
export { shopKeys, shopQuery, useChangeShop } from './shop.queries.ts';
