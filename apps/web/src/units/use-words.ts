import { inWords, type Reader, type Words, wordsOfMetricText } from '@hot-bead/core/base';
import { useMemo } from 'react';
import { usePreferences } from '../preferences/preferences.tsx';

/** Puts a text of the core into words for one reader. */
export type Say = (text: Words) => string;

/** The one who reads this screen. */
export function useReader(): Reader {
  const { units } = usePreferences();
  return useMemo(() => ({ units }), [units]);
}

/** How a text of the core is said to the one who reads this screen. */
export function useWords(): Say {
  const reader = useReader();
  return useMemo(() => (text) => inWords(text, reader), [reader]);
}

/** How a title is said to the one who reads this screen: it is kept as a text in the core's own units. */
export function useTitle(): (title: string) => string {
  const say = useWords();
  return useMemo(() => (title) => say(wordsOfMetricText(title)), [say]);
}
