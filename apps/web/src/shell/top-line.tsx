import { ChevronRight } from 'lucide-react';
import { Link, useLocation } from 'react-router';
import { QuickLine } from '../features/line/index.ts';
import { Wordmark } from '../drawing/wordmark.tsx';
import { SaveState } from './save-state.tsx';

/** Lists that pages lie beneath. */
const LISTS = [
  { path: '/jobs', name: 'Jobs' },
  { path: '/machines', name: 'Machines' },
  { path: '/faults', name: 'Faults' },
] as const;

/** Where we are; on a job or a machine, the way back to all of them. */
function Breadcrumb({ pathname }: { readonly pathname: string }) {
  const list = LISTS.find(({ path }) => pathname.startsWith(`${path}/`));
  if (!list) return null;
  return (
    <nav aria-label="Where you are" className="shrink-0 max-md:hidden">
      <Link to={list.path} className="flex min-h-11 items-center gap-1 text-action hover:underline">
        {list.name} <ChevronRight size={16} aria-hidden="true" />
      </Link>
    </nav>
  );
}

/** The top line: where we are, the quick line, and whether everything is saved. The bench has its own, larger. */
export function TopLine() {
  const { pathname } = useLocation();
  const bench = pathname === '/';
  return (
    <header className="sticky top-0 z-30 flex min-h-14 items-center gap-4 border-b border-line bg-ground px-5 py-1.5 max-md:px-4">
      <Breadcrumb pathname={pathname} />
      <div className="min-w-0 flex-1">
        {bench ? (
          <span className="md:hidden">
            <Wordmark />
          </span>
        ) : (
          <QuickLine />
        )}
      </div>
      <SaveState />
    </header>
  );
}
