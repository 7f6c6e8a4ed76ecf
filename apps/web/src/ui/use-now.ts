import { useEffect, useState } from 'react';

const MINUTE_MS = 60_000;

/** The time to the minute, as an ISO date: what passes is not known for ever. */
export function useNow(): string {
  const [now, setNow] = useState(() => new Date().toISOString());
  useEffect(() => {
    const timer = setInterval(() => setNow(new Date().toISOString()), MINUTE_MS);
    return () => clearInterval(timer);
  }, []);
  return now;
}
