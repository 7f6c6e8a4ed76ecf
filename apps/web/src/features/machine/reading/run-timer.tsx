import { Button } from '../../../ui/button.tsx';
import { useCountdown } from './use-countdown.ts';

const PHASE_TEXT = {
  idle: 'Clamp off, wire pointing away from you. Start, and pull the trigger at the beep.',
  ready: 'Ready…',
  running: 'Hold the trigger until the second beep.',
  done: 'Let go. Clip the wire and measure it.',
} as const;
const UNDER_ARC_TEXT = {
  ...PHASE_TEXT,
  idle: 'Mark the wire before the rolls with a felt pen. Weld on scrap; start, and note the mark at the beep.',
  running: 'Weld on until the second beep.',
  done: 'Measure how far the mark has moved.',
} as const;

/** The countdown with its beeps: pull the trigger, let go. */
export function RunTimer({ runS, underArc }: { readonly runS: number; readonly underArc: boolean }) {
  const countdown = useCountdown(runS);
  const counting = countdown.phase === 'ready' || countdown.phase === 'running';
  return (
    <div className="rounded-md border border-line p-3 text-center">
      <p className="figure-text text-[96px] leading-none" role="timer">
        {countdown.secondsLeft.toFixed(countdown.phase === 'idle' ? 0 : 1)}
      </p>
      <p aria-live="polite">{(underArc ? UNDER_ARC_TEXT : PHASE_TEXT)[countdown.phase]}</p>
      <Button
        tone={counting ? 'plain' : 'main'}
        className="mt-2 min-h-18 w-full text-xl"
        onClick={counting ? countdown.stop : countdown.start}
      >
        {counting ? 'Stop' : 'Start'}
      </Button>
    </div>
  );
}
