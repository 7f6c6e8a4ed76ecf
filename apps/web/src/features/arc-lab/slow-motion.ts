import { ARC_SAMPLES_PER_S } from '@hot-bead/core/arc-lab';
import { useEffect, useRef } from 'react';

/** How much slower than it is the arc is drawn. */
export const SLOWED_BY = 200;

/** Whether the user asked for no movement. */
export function prefersStill(): boolean {
  return window.matchMedia('(prefers-reduced-motion: reduce)').matches;
}

/**
 * Calls with the sample that stands at this moment of the slowed time, once a drawn frame.
 *
 * @param length samples that are there; the last is followed by the first
 */
export function useSlowMotion(
  length: number,
  isRunning: boolean,
  startAt: number,
  onFrame: (sample: number) => void,
): void {
  const draw = useRef(onFrame);
  useEffect(() => {
    draw.current = onFrame;
  });
  useEffect(() => {
    if (length === 0) return undefined;
    if (!isRunning) {
      draw.current(startAt % length);
      return undefined;
    }
    let frame = 0;
    const began = performance.now();
    const tick = (now: number): void => {
      const passed = Math.floor(((now - began) / 1000 / SLOWED_BY) * ARC_SAMPLES_PER_S);
      draw.current((startAt + passed) % length);
      frame = requestAnimationFrame(tick);
    };
    frame = requestAnimationFrame(tick);
    return () => cancelAnimationFrame(frame);
  }, [length, isRunning, startAt]);
}
