/** Where a figure or a rule comes from; every table row and every reason carries one. */
export type Source =
  | { readonly kind: 'standard'; readonly name: string }
  | { readonly kind: 'handbook' }
  | { readonly kind: 'practice' }
  | { readonly kind: 'model'; readonly note?: string }
  | { readonly kind: 'yours' };

export const HANDBOOK: Source = { kind: 'handbook' };
export const PRACTICE: Source = { kind: 'practice' };
export const MODEL = { kind: 'model' } as const satisfies Source;
/** Our fit to the starting rows. */
export const FIT_TO_ROWS: Source = { kind: 'model', note: 'fitted to the starting rows, from memory' };
export const YOURS: Source = { kind: 'yours' };

/** A published standard, recalled: the wording says so wherever it is shown. */
export function standard(name: string): Source {
  return { kind: 'standard', name };
}

/** The source in words, for a person. */
export function sourceText(source: Source): string {
  switch (source.kind) {
    case 'standard':
      return `${source.name}, recalled`;
    case 'handbook':
      return 'handbook figure, from memory';
    case 'practice':
      return 'common practice';
    case 'model':
      return source.note === undefined ? 'our model' : `our model (${source.note})`;
    case 'yours':
      return 'your own number';
  }
}
