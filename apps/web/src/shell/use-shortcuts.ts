import { useEffect, useRef, useState } from 'react';
import { useLocation, useNavigate } from 'react-router';
import { PLACES } from './places.ts';

/** How long after `g` the second key counts, ms. */
const SECOND_KEY_MS = 1200;

/** Tabs of a job by key. */
const JOB_TABS: Readonly<Record<string, string>> = { '1': '', '2': '/rig', '3': '/dial-in', '4': '/record' };

function isTyping(target: EventTarget | null): boolean {
  return (
    target instanceof HTMLElement &&
    (target.isContentEditable || /^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName))
  );
}

/** `/` focuses the quick line, `g` and a letter go places, digits open a job's tabs, `?` lists them all. */
export function useShortcuts(): { listOpen: boolean; closeList: () => void } {
  const [listOpen, setListOpen] = useState(false);
  const navigate = useNavigate();
  const { pathname } = useLocation();
  const goAt = useRef(-Infinity);
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      if (isTyping(event.target) || event.ctrlKey || event.metaKey || event.altKey) return;
      const place = PLACES.find(({ key }) => key === event.key);
      const job = /^\/jobs\/[^/]+/.exec(pathname)?.[0];
      const tab = JOB_TABS[event.key];
      if (event.key === '/') document.querySelector<HTMLInputElement>('[data-quick-line]')?.focus();
      else if (event.key === '?') setListOpen(true);
      else if (event.key === 'g') goAt.current = event.timeStamp;
      else if (place && event.timeStamp - goAt.current < SECOND_KEY_MS) void navigate(place.to);
      else if (job !== undefined && tab !== undefined) void navigate(`${job}${tab}`);
      else return;
      event.preventDefault();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [navigate, pathname]);
  return { listOpen, closeList: () => setListOpen(false) };
}
