import { useEffect, useRef, useState } from 'react';

/** Seconds counted before the trigger is pulled. */
export const LEAD_IN_S = 3;

export interface Countdown {
  /** Seconds shown: the lead-in as negative numbers, then the run counting down. */
  readonly secondsLeft: number;
  readonly phase: 'idle' | 'ready' | 'running' | 'done';
  start(): void;
  stop(): void;
}

function beep(frequencyHz: number): void {
  const audio = new AudioContext();
  const tone = audio.createOscillator();
  tone.frequency.value = frequencyHz;
  tone.connect(audio.destination);
  tone.start();
  tone.stop(audio.currentTime + 0.15);
  tone.onended = () => void audio.close();
}

/** A countdown with a lead-in, a beep to pull the trigger and a beep to let go. */
export function useCountdown(runS: number): Countdown {
  const [startedAt, setStartedAt] = useState<number | undefined>();
  const [now, setNow] = useState(0);
  const beeped = useRef({ start: false, end: false });
  useEffect(() => {
    if (startedAt === undefined) return undefined;
    const timer = setInterval(() => {
      const elapsed = (performance.now() - startedAt) / 1000;
      if (elapsed >= LEAD_IN_S && !beeped.current.start) {
        beeped.current.start = true;
        beep(880);
      }
      if (elapsed >= LEAD_IN_S + runS && !beeped.current.end) {
        beeped.current.end = true;
        beep(440);
        clearInterval(timer);
      }
      setNow(performance.now());
    }, 50);
    return () => clearInterval(timer);
  }, [startedAt, runS]);
  const elapsed = startedAt === undefined ? 0 : Math.max((now - startedAt) / 1000, 0);
  const phase =
    startedAt === undefined
      ? 'idle'
      : elapsed < LEAD_IN_S
        ? 'ready'
        : elapsed < LEAD_IN_S + runS
          ? 'running'
          : 'done';
  return {
    phase,
    secondsLeft:
      phase === 'idle'
        ? runS
        : phase === 'ready'
          ? LEAD_IN_S - elapsed
          : Math.max(LEAD_IN_S + runS - elapsed, 0),
    start() {
      beeped.current = { start: false, end: false };
      setNow(performance.now());
      setStartedAt(performance.now());
    },
    stop: () => setStartedAt(undefined),
  };
}
