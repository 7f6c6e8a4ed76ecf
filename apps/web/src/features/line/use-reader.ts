import { useCallback, useState } from 'react';

type Reader = typeof import('./reader.ts');

let loading: Promise<Reader> | undefined;

/** Loads the reader once; a load that failed is tried again when it is next asked for. */
export function loadReader(): Promise<Reader> {
  loading ??= import('./reader.ts').catch((error: unknown) => {
    loading = undefined;
    throw error;
  });
  return loading;
}

/** The reader once it is there, and what asks for it. */
export function useReader(): { readonly reader: Reader | undefined; readonly wake: () => void } {
  const [reader, setReader] = useState<Reader>();
  const wake = useCallback((): void => {
    loadReader().then(
      (loaded) => setReader(loaded),
      () => undefined, // the line can be saved without it: the server reads it too
    );
  }, []);
  return { reader, wake };
}
