import { useEffect, useState } from 'react';
import { Button } from '../../../ui/button.tsx';
import { useScreenAwake } from '../../../ui/full-screen.tsx';
import { secondsText } from '../../../units/index.ts';

/** Arc time as it is taken: what burned before, and since when it burns now. */
interface Taken {
  readonly seconds: number;
  readonly since: number | null;
}
const NONE: Taken = { seconds: 0, since: null };

function storedTimes(key: string): Taken {
  try {
    const value = JSON.parse(localStorage.getItem(key) ?? 'null') as Taken | null;
    return value && typeof value.seconds === 'number' ? value : NONE;
  } catch {
    return NONE;
  }
}

/** Takes arc time, stretch by stretch. It is kept on this device: a page that is closed loses nothing. */
function useArcTimer(jobId: string) {
  const key = `arc timer ${jobId}`;
  const [taken, setTaken] = useState(() => storedTimes(key));
  const [now, setNow] = useState(() => Date.now());
  const isRunning = taken.since !== null;
  useEffect(() => {
    if (!isRunning) return undefined;
    const timer = setInterval(() => setNow(Date.now()), 100);
    return () => clearInterval(timer);
  }, [isRunning]);
  const set = (next: Taken): void => {
    if (next === NONE) localStorage.removeItem(key);
    else localStorage.setItem(key, JSON.stringify(next));
    setTaken(next);
    setNow(Date.now());
  };
  const seconds = taken.seconds + (taken.since === null ? 0 : Math.max(0, now - taken.since) / 1000);
  return {
    isRunning,
    seconds,
    start: () => set({ ...taken, since: Date.now() }),
    stop: () => {
      const all = taken.seconds + (Date.now() - (taken.since ?? Date.now())) / 1000;
      set({ seconds: all, since: null });
      return all;
    },
    clear: () => set(NONE),
  };
}

export type ArcTimer = ReturnType<typeof useArcTimer>;
export { useArcTimer };

interface Props {
  readonly timer: ArcTimer;
  /** Told the arc time in seconds each time the arc goes out. */
  readonly onTaken: (seconds: number) => void;
}

/** Arc time by the clock: start when the arc lights, stop when it goes out; several stretches add up. */
export function RunTimer({ timer, onTaken }: Props) {
  const { isRunning, seconds } = timer;
  useScreenAwake(isRunning);
  return (
    <div className="grid grid-cols-[1fr_auto] items-center gap-x-4 gap-y-2">
      <p className="figure-text text-[56px] leading-none" role="timer" aria-label="Arc time">
        {isRunning || seconds > 0 ? (seconds < 60 ? `${seconds.toFixed(1)} s` : secondsText(seconds)) : '0 s'}
      </p>
      <Button
        tone={isRunning ? 'main' : 'plain'}
        className="min-h-18 min-w-36 text-xl"
        onClick={() => (isRunning ? onTaken(timer.stop()) : timer.start())}
      >
        {isRunning ? 'Arc out' : seconds > 0 ? 'Arc again' : 'Arc lit'}
      </Button>
      <p className="col-span-2 text-sm text-ink-soft">
        Arc time. Press as the arc lights and as it goes out; stretches add up, and the screen stays awake.
        {!isRunning && seconds > 0 && (
          <>
            {' '}
            <button
              type="button"
              className="min-h-11 font-medium text-action hover:underline"
              onClick={timer.clear}
            >
              Begin at nought
            </button>
          </>
        )}
      </p>
    </div>
  );
}
