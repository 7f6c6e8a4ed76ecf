import { useQuery } from '@tanstack/react-query';
import { Settings2 } from 'lucide-react';
import { NavLink } from 'react-router';
import { aboutQuery } from '../features/shop/index.ts';
import { Wordmark } from '../drawing/wordmark.tsx';
import { PLACES } from './places.ts';
import { PreferenceSwitches } from '../preferences/preference-switches.tsx';

/** Says that this shop is the invented one. */
function DemoMark() {
  const about = useQuery(aboutQuery);
  if (about.data?.demo !== true) return null;
  return <p className="label-text -mt-5 mb-3">demo shop, all invented</p>;
}

/** The left rail: places above, units and theme at its foot. */
export function Rail() {
  return (
    <nav
      aria-label="Places"
      className="sticky top-0 flex h-dvh flex-col border-r border-line p-4 max-md:hidden"
    >
      <NavLink to="/" className="mb-6 flex min-h-11 items-center" aria-label="Hot Bead, to the Bench">
        <Wordmark />
      </NavLink>
      <DemoMark />
      <ul className="grid gap-1">
        {PLACES.map(({ to, name, Icon }) => (
          <li key={to}>
            <NavLink
              to={to}
              end={to === '/'}
              className="flex min-h-11 items-center gap-3 rounded-md border-l-4 border-transparent px-3 hover:text-action aria-[current=page]:border-action aria-[current=page]:bg-action-tint aria-[current=page]:font-semibold"
            >
              <Icon size={20} aria-hidden="true" />
              {name}
            </NavLink>
          </li>
        ))}
      </ul>
      <div className="mt-auto grid gap-3">
        <NavLink
          to="/settings"
          className="flex min-h-11 items-center gap-3 rounded-md border-l-4 border-transparent px-3 hover:text-action aria-[current=page]:border-action aria-[current=page]:bg-action-tint aria-[current=page]:font-semibold"
        >
          <Settings2 size={20} aria-hidden="true" />
          Settings
        </NavLink>
        <PreferenceSwitches />
      </div>
    </nav>
  );
}
