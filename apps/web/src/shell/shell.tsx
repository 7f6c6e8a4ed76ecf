import { Suspense } from 'react';
import { Outlet, ScrollRestoration, useNavigation } from 'react-router';
import { PageSkeleton } from '../ui/notices.tsx';
import { BottomBar } from './bottom-bar.tsx';
import { Rail } from './rail.tsx';
import { ShortcutList } from './shortcut-list.tsx';
import { TopLine } from './top-line.tsx';
import { useShortcuts } from './use-shortcuts.ts';

/** The frame around every page: rail, top line with the quick line, and the page itself. */
export function Shell() {
  const shortcuts = useShortcuts();
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
      <ShortcutList open={shortcuts.listOpen} onClose={shortcuts.closeList} />
      <ScrollRestoration />
    </div>
  );
}
