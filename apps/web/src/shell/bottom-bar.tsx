import { MoreHorizontal } from 'lucide-react';
import { NavLink, useLocation, useNavigate } from 'react-router';
import { Menu } from '../ui/menu.tsx';
import { PLACES } from './places.ts';

const ITEM =
  'flex min-h-14 flex-1 flex-col items-center justify-center gap-0.5 text-sm aria-[current=page]:font-semibold aria-[current=page]:text-action';

/** Places that stand on the bar itself; the others are behind More. */
const SHOWN = 4;

/** The rail's stand-in on a narrow screen: four places, and the rest behind More. */
export function BottomBar() {
  const navigate = useNavigate();
  const { pathname } = useLocation();
  const more = [...PLACES.slice(SHOWN), { to: '/settings', name: 'Settings' }];
  const isMore = more.some(({ to }) => pathname.startsWith(to));
  return (
    <nav
      aria-label="Places"
      className="fixed inset-x-0 bottom-0 z-30 flex border-t border-line bg-ground md:hidden"
    >
      {PLACES.slice(0, SHOWN).map(({ to, name, Icon }) => (
        <NavLink key={to} to={to} end={to === '/'} className={ITEM}>
          <Icon size={22} aria-hidden="true" />
          {name}
        </NavLink>
      ))}
      <Menu
        label="More places"
        className={isMore ? `${ITEM} font-semibold text-action` : ITEM}
        items={more.map(({ to, name }) => [name, () => void navigate(to)] as const)}
      >
        <MoreHorizontal size={22} aria-hidden="true" />
        More
      </Menu>
    </nav>
  );
}
