import { OWN_WORD, type ShopWords } from '@hot-bead/core/line';
import { useQuery } from '@tanstack/react-query';
import { NOTHING_CHOSEN, shopQuery, useChangeShop } from './shop.queries.ts';

/** A word as it is kept: small letters, no blanks around it. */
function normalised(word: string): string {
  return word.trim().toLowerCase();
}

/** Whether a word can be kept among the shop's own. */
export function canBeKept(word: string): boolean {
  return OWN_WORD.test(normalised(word));
}

/** The shop’s own words for the line, with what keeps one and what forgets one. */
export function useOwnWords() {
  const { data: shop = NOTHING_CHOSEN } = useQuery(shopQuery);
  const change = useChangeShop();
  const put = (words: ShopWords, onKept?: () => void): void => change.mutate({ ...shop, words }, onKept);
  return {
    words: shop.words,
    /** Why the last change was not kept; nothing while none was refused. */
    refused: change.error === null ? undefined : `${change.error.message} The word was taken back.`,
    keep: (word: string, means: string, onKept?: () => void): void =>
      put({ ...shop.words, [normalised(word)]: means }, onKept),
    forget: (word: string): void =>
      put(Object.fromEntries(Object.entries(shop.words).filter(([other]) => other !== word))),
  };
}
