import { A_THING, NOTHING, type LineFragment } from '@hot-bead/core/line';
import { Wrong } from '../../ui/form/wrong.tsx';
import { canBeKept, useOwnWords } from '../shop/index.ts';
import { useToast } from '../../ui/toasts.tsx';

/** Words of the line that nothing is made of: told once what they are, they are known to this shop. */
export function OwnWords({ fragments }: { readonly fragments: readonly LineFragment[] }) {
  const { keep, refused } = useOwnWords();
  const toast = useToast();
  const strange = fragments.filter(({ status, text }) => status === 'not-understood' && canBeKept(text));
  const tell = (word: string, means: string): void =>
    keep(word, means, () => toast(`“${word}” is ${means}: kept in Settings`));
  return (
    <>
      {strange.map(({ start, text }) => (
        <div key={start} className="flex flex-wrap items-center gap-2">
          <span className="font-medium">“{text}” is not known here. It is</span>
          {[A_THING, NOTHING].map((means) => (
            <button
              key={means}
              type="button"
              onClick={() => tell(text, means)}
              className="min-h-11 rounded-md border border-action px-3 text-action"
            >
              {means === A_THING ? 'a thing, no figure' : 'a word that says nothing'}
            </button>
          ))}
        </div>
      ))}
      <Wrong>{refused}</Wrong>
    </>
  );
}
