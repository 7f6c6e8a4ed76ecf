import { Suspense } from 'react';
import { Outlet, ScrollRestoration, useNavigation } from 'react-router';
import { later } from '../ui/later.tsx';
import { PageSkeleton } from '../ui/page/notices.tsx';
import { BottomBar } from './bottom-bar.tsx';
import { Rail } from './rail.tsx';
import { TopLine } from './top-line.tsx';
import { useShortcuts } from './use-shortcuts.ts';

const { Part: ShortcutList, useFetched } = later(
  async () => (await import('./shortcut-list.tsx')).ShortcutList,
);

/** The frame around every page: rail, top line with the quick line, and the page itself. */
export function Shell() {
  const shortcuts = useShortcuts();
  useFetched();
  const { state } = useNavigation();
  return (
    <div className="min-h-dvh md:grid md:grid-cols-[208px_minmax(0,1fr)]">
      <a
        href="#page"
        className="sr-only focus:not-sr-only focus:absolute focus:z-50 focus:bg-plate focus:p-3"
      >
        Skip to the page
      </a>
      <Rail />
      <div className="flex min-h-dvh min-w-0 flex-col max-md:pb-20">
        <TopLine />
        <main
          id="page"
          tabIndex={-1}
          className="w-full max-w-[1112px] flex-1 px-5 py-3 outline-none max-md:p-4"
          aria-busy={state !== 'idle'}
        >
          <Suspense fallback={<PageSkeleton />}>
            <Outlet />
          </Suspense>
        </main>
      </div>
      <BottomBar />
      {shortcuts.listOpen && (
        <Suspense fallback={null}>
          <ShortcutList onClose={shortcuts.closeList} />
        </Suspense>
      )}
      <ScrollRestoration />
    </div>
  );
}
