/** Words of the line that a shop has told the meaning of: what each stands for. */
export type ShopWords = Readonly<Record<string, string>>;

/** A word that names what is welded: a figure before it may be its own. */
export const A_THING = 'a thing';
/** A word that says nothing here. */
export const NOTHING = 'nothing';
