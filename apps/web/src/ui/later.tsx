import { type ComponentType, lazy, type LazyExoticComponent, useEffect } from 'react';

interface Later<Props> {
  readonly Part: LazyExoticComponent<ComponentType<Props>>;
  /** Fetches the part once the page stands, so that it is there even when the server no longer answers. */
  readonly useFetched: () => void;
}

/** A part that the first page does without. */
export function later<Props>(load: () => Promise<ComponentType<Props>>): Later<Props> {
  return {
    Part: lazy(async () => ({ default: await load() })),
    useFetched: () =>
      useEffect(() => {
        load().catch(() => undefined);
      }, []),
  };
}
