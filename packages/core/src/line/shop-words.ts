import type { Meaning } from './meaning.ts';
import { A_THING, NOTHING, type ShopWords } from './own-meanings.ts';
import { VOCABULARY } from './words/vocabulary.ts';

function meaningsOf(means: string): readonly Meaning[] | undefined {
  if (means === A_THING) return [{ kind: 'thing' }];
  if (means === NOTHING) return [{ kind: 'filler-word' }];
  return VOCABULARY.get(means.toLowerCase())?.meanings;
}

/** What the shop's own words mean to the reader; one that stands for a word that is not known is left out. */
export function readShopWords(words: ShopWords): ReadonlyMap<string, readonly Meaning[]> {
  return new Map(
    Object.entries(words).flatMap(([word, means]) => {
      const meanings = meaningsOf(means);
      return meanings ? [[word.toLowerCase(), meanings] as const] : [];
    }),
  );
}

/** Whether a word can stand for something: a known word, a thing, or nothing. */
export function canStandFor(means: string): boolean {
  return meaningsOf(means) !== undefined;
}
