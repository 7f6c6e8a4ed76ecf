import { canStandFor } from '@hot-bead/core/line';
import { type FormEvent, useState } from 'react';
import { Button } from '../../ui/button.tsx';
import { Wrong } from '../../ui/form/wrong.tsx';
import { Section } from '../../ui/page/section.tsx';
import { Removable } from '../../ui/removable.tsx';
import { canBeKept, useOwnWords } from '../shop/index.ts';

const FIELD = 'mt-1 block h-11 w-full rounded-md border border-line-strong bg-plate px-3';

/** The shop's own words for the line: what they stand for; each can be taken out, and new ones told. */
export function OwnWordsSection() {
  const { words, refused, keep, forget } = useOwnWords();
  const [word, setWord] = useState('');
  const [means, setMeans] = useState('');
  const [error, setError] = useState<string>();
  const add = (event: FormEvent): void => {
    event.preventDefault();
    const stands = means.trim().toLowerCase();
    if (!canBeKept(word)) return setError('Write the word in letters, 40 at most.');
    if (!canStandFor(stands))
      return setError(`“${means}” is no word that the line knows. Try: a thing, nothing, tee.`);
    keep(word, stands);
    setWord('');
    setMeans('');
    setError(undefined);
  };
  return (
    <Section id="own-words" title="This shop’s own words, in the line">
      {Object.keys(words).length === 0 ? (
        <p className="mt-2 text-ink-soft">
          None yet. A word that the line does not know can be told there, or here.
        </p>
      ) : (
        <ul className="mt-2 flex flex-wrap gap-2" aria-label="Own words">
          {Object.entries(words).map(([own, stands]) => (
            <Removable key={own} removeLabel={`Forget ${own}`} onRemove={() => forget(own)}>
              “{own}” is {stands}
            </Removable>
          ))}
        </ul>
      )}
      <form onSubmit={add} className="mt-3 grid grid-cols-1 items-end gap-3 sm:grid-cols-[1fr_1fr_auto]">
        <label>
          Word
          <input
            className={FIELD}
            value={word}
            onChange={(event) => setWord(event.target.value)}
            aria-invalid={error !== undefined}
            aria-describedby={error === undefined ? undefined : 'own-words-error'}
          />
        </label>
        <label>
          stands for
          <input
            className={FIELD}
            value={means}
            placeholder="a thing"
            onChange={(event) => setMeans(event.target.value)}
          />
        </label>
        <Button type="submit">Keep it</Button>
      </form>
      <Wrong id="own-words-error" className="mt-2">
        {error}
      </Wrong>
      <Wrong className="mt-2">{refused}</Wrong>
    </Section>
  );
}
