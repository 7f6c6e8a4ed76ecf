import { Tabs } from 'radix-ui';
import { type ReactNode, useSyncExternalStore } from 'react';
import { flushSync } from 'react-dom';
import { useSearchParams } from 'react-router';

/** One named part of a page. */
export interface PagePart {
  /** In the address: `?part=`. */
  readonly id: string;
  readonly name: string;
  /** How much there is, or a mark, after the name. */
  readonly note?: string | undefined;
  readonly children: ReactNode;
}

interface Props {
  /** What the parts belong to, for those who hear it. */
  readonly label: string;
  /** Under this the part that was open last is remembered, on this device. */
  readonly remember: string;
  readonly parts: readonly PagePart[];
}

const PRINT = 'print';

/** Told before the page goes to paper and after it, in time to be drawn. */
function onPrint(notify: () => void): () => void {
  const media = window.matchMedia(PRINT);
  const now = (): void => flushSync(notify);
  media.addEventListener('change', now);
  return () => media.removeEventListener('change', now);
}

/** Whether the page is being laid out for paper. */
function useOnPaper(): boolean {
  return useSyncExternalStore(onPrint, () => window.matchMedia(PRINT).matches);
}

function remembered(key: string): string | null {
  return localStorage.getItem(`part ${key}`);
}

/**
 * The named parts of a page, one open at a time: each has an address, is gone to by the arrow keys, and the one that was
 * open last is open again. On paper all of them are.
 */
export function Parts({ label, remember, parts }: Props) {
  const [search, setSearch] = useSearchParams();
  const onPaper = useOnPaper();
  const asked = search.get('part') ?? remembered(remember);
  const open = parts.find(({ id }) => id === asked) ?? parts[0];
  const go = (id: string): void => {
    localStorage.setItem(`part ${remember}`, id);
    setSearch(
      (before) => {
        before.set('part', id);
        return before;
      },
      { replace: true, preventScrollReset: true },
    );
  };
  return (
    <Tabs.Root value={open?.id ?? ''} onValueChange={go}>
      <Tabs.List
        aria-label={label}
        className="flex flex-wrap gap-x-1 border-b border-line-strong max-md:grid max-md:grid-cols-2 print:hidden"
      >
        {parts.map(({ id, name, note }) => (
          <Tabs.Trigger
            key={id}
            value={id}
            className="-mb-px flex min-h-12 items-center gap-2 border-b-3 border-transparent px-4 text-left font-medium hover:text-action aria-selected:border-action aria-selected:text-action max-md:min-h-14 max-md:border-l-3 max-md:border-b-0"
          >
            {name}
            {note !== undefined && <span className="text-sm font-normal">{note}</span>}
          </Tabs.Trigger>
        ))}
      </Tabs.List>
      {parts
        .filter(({ id }) => onPaper || id === open?.id)
        .map(({ id, name, children }) => (
          <Tabs.Content
            key={id}
            value={id}
            forceMount
            tabIndex={-1}
            className="grid grid-cols-1 gap-3 pt-2 outline-none"
          >
            {onPaper && <h2 className="text-xl font-semibold">{name}</h2>}
            {children}
          </Tabs.Content>
        ))}
    </Tabs.Root>
  );
}
