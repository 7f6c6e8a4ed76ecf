import { Settings2 } from 'lucide-react';
import { Popover } from 'radix-ui';
import { NavLink } from 'react-router';
import { PLACES } from './places.ts';
import { PreferenceSwitches } from './preference-switches.tsx';

const ITEM = 'flex min-h-14 flex-1 flex-col items-center justify-center gap-0.5 text-sm';

/** The rail's stand-in on a narrow screen. */
export function BottomBar() {
  return (
    <nav
      aria-label="Places"
      className="fixed inset-x-0 bottom-0 z-30 flex border-t border-line bg-ground md:hidden"
    >
      {PLACES.map(({ to, name, Icon }) => (
        <NavLink
          key={to}
          to={to}
          end={to === '/'}
          className={`${ITEM} aria-[current=page]:font-semibold aria-[current=page]:text-action`}
        >
          <Icon size={22} aria-hidden="true" />
          {name}
        </NavLink>
      ))}
      <Popover.Root>
        <Popover.Trigger className={ITEM}>
          <Settings2 size={22} aria-hidden="true" />
          Settings
        </Popover.Trigger>
        <Popover.Portal>
          <Popover.Content
            aria-label="Settings"
            sideOffset={8}
            collisionPadding={12}
            className="z-40 grid w-64 gap-3 rounded-md border border-line-strong bg-plate p-4"
          >
            <PreferenceSwitches />
          </Popover.Content>
        </Popover.Portal>
      </Popover.Root>
    </nav>
  );
}
