import { A_THING, NOTHING, type QuickFragment } from '@hot-bead/core';
import { useQuery } from '@tanstack/react-query';
import { NOTHING_CHOSEN, shopQuery, useChangeShop } from '../shop/index.ts';
import { useToast } from '../../ui/toasts.tsx';

/** Letters, and few enough of them, that a word can be kept by. */
const KEEPABLE = /^\p{L}[\p{L}\d' -]{0,39}$/u;

/** Words of the line that nothing is made of: told once what they are, they are known to this shop. */
export function OwnWords({ fragments }: { readonly fragments: readonly QuickFragment[] }) {
  const { data: shop } = useQuery(shopQuery);
  const change = useChangeShop();
  const toast = useToast();
  const strange = fragments.filter(({ status, text }) => status === 'not-understood' && KEEPABLE.test(text));
  if (strange.length === 0) return null;
  const keep = (word: string, means: string): void => {
    const { schools, day, rates, words } = shop ?? NOTHING_CHOSEN;
    change.mutate({ schools, day, rates, words: { ...words, [word.toLowerCase()]: means } });
    toast(`“${word}” is ${means}: kept in Settings`);
  };
  return strange.map(({ start, text }) => (
    <div key={start} className="flex flex-wrap items-center gap-2">
      <span className="font-medium">“{text}” is not known here. It is</span>
      {[A_THING, NOTHING].map((means) => (
        <button
          key={means}
          type="button"
          onClick={() => keep(text, means)}
          className="min-h-11 rounded-md border border-action px-3 text-action"
        >
          {means === A_THING ? 'a thing, no figure' : 'a word that says nothing'}
        </button>
      ))}
    </div>
  ));
}
