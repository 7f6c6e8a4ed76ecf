import { Settings2 } from 'lucide-react';
import { NavLink } from 'react-router';
import { PLACES } from './places.ts';

const ITEM =
  'flex min-h-14 flex-1 flex-col items-center justify-center gap-0.5 text-sm aria-[current=page]:font-semibold aria-[current=page]:text-action';

/** The rail's stand-in on a narrow screen. */
export function BottomBar() {
  return (
    <nav
      aria-label="Places"
      className="fixed inset-x-0 bottom-0 z-30 flex border-t border-line bg-ground md:hidden"
    >
      {PLACES.map(({ to, name, Icon }) => (
        <NavLink key={to} to={to} end={to === '/'} className={ITEM}>
          <Icon size={22} aria-hidden="true" />
          {name}
        </NavLink>
      ))}
      <NavLink to="/settings" className={ITEM}>
        <Settings2 size={22} aria-hidden="true" />
        Settings
      </NavLink>
    </nav>
  );
}
