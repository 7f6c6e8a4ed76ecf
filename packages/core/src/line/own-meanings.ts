/** Words of the line that a shop has told the meaning of: what each stands for. */
export type ShopWords = Readonly<Record<string, string>>;

/** How such a word is written: letters, in lower case, one or a few with blanks between. */
export const OWN_WORD = /^\p{Ll}[\p{Ll}\d' -]{0,39}$/u;

/** A word that names what is welded: a figure before it may be its own. */
export const A_THING = 'a thing';
/** A word that says nothing here. */
export const NOTHING = 'nothing';
