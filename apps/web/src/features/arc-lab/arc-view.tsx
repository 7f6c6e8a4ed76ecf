import { ARC_SAMPLES_PER_S } from '@hot-bead/core/arc-lab';
import { wireDiameterRow } from '@hot-bead/core/trade';
import { Pause, Play } from 'lucide-react';
import { useCallback, useRef, useState } from 'react';
import { Button } from '../../ui/button.tsx';
import type { ArcRecord } from './sound/index.ts';
import { arcPaths, HALF_WIDTH_MM, TOP_MM } from './arc-picture.ts';
import { prefersStill, SLOWED_BY, useSlowMotion } from './slow-motion.ts';
import { drawStrip } from './strip.ts';

const VIEW = `${-HALF_WIDTH_MM} ${-TOP_MM} ${2 * HALF_WIDTH_MM} ${TOP_MM + 1.4}`;

/** The wire's end over the pool, and the volts and current about this moment, both in slow motion. */
export function ArcView({ record }: { readonly record: ArcRecord }) {
  const { samples, setting } = record;
  const { trueMm } = wireDiameterRow(setting.wireMm);
  const [isRunning, setRunning] = useState(() => !prefersStill());
  const [stoodAt, setStoodAt] = useState(0);
  const now = useRef(0);
  const canvas = useRef<HTMLCanvasElement>(null);
  const view = useRef<SVGSVGElement>(null);
  const words = useRef<HTMLParagraphElement>(null);
  const onFrame = useCallback(
    (sample: number) => {
      now.current = sample;
      const paths = arcPaths(samples, sample, trueMm);
      for (const part of ['pool', 'arc', 'wire', 'drop'] as const) {
        view.current?.querySelector(`[data-part=${part}]`)?.setAttribute('d', paths[part]);
      }
      view.current
        ?.querySelector('[data-part=arc]')
        ?.setAttribute('fill-opacity', String(0.25 + 0.6 * paths.glow));
      if (canvas.current) drawStrip(canvas.current, samples, sample);
      if (words.current) {
        const [volts, amps] = [samples.volts[sample] ?? 0, samples.amps[sample] ?? 0];
        words.current.textContent = `${volts.toFixed(1)} V · ${amps.toFixed(0)} A · ${paths.isShorted ? '■ shorted' : 'arc burning'}`;
      }
    },
    [samples, trueMm],
  );
  useSlowMotion(samples.volts.length, isRunning, stoodAt, onFrame);
  const stand = (): void => {
    setStoodAt(now.current);
    setRunning(!isRunning);
  };
  const step = (byMs: number): void => {
    setRunning(false);
    const by = Math.round((byMs / 1000) * ARC_SAMPLES_PER_S);
    setStoodAt((now.current + by + samples.volts.length) % samples.volts.length);
  };
  return (
    <div className="grid grid-cols-1 gap-3 md:grid-cols-[200px_minmax(0,1fr)]">
      <svg
        ref={view}
        viewBox={VIEW}
        role="img"
        aria-label="The wire’s end over the pool, from the simulation’s state"
        className="w-full rounded-md border border-line bg-sunk max-md:max-h-56"
      >
        <path
          data-part="pool"
          fill="var(--ink-soft)"
          fillOpacity="0.45"
          stroke="var(--ink)"
          strokeWidth="0.06"
        />
        <path data-part="arc" fill="var(--straw)" fillOpacity="0.5" />
        <path data-part="wire" fill="var(--plate)" stroke="var(--ink)" strokeWidth="0.06" />
        <path data-part="drop" fill="var(--ink-soft)" stroke="var(--ink)" strokeWidth="0.06" />
      </svg>
      <div className="min-w-0">
        <canvas
          ref={canvas}
          width={1000}
          height={380}
          className="w-full rounded-md border border-line bg-plate"
          role="img"
          aria-label="Volts and current of the last 60 milliseconds, shorts shaded"
        />
        <p ref={words} className="figure-text text-lg" />
        <div className="mt-1 flex flex-wrap items-center gap-2">
          <Button onClick={stand}>
            {isRunning ? <Pause size={18} aria-hidden="true" /> : <Play size={18} aria-hidden="true" />}
            {isRunning ? 'Stand still' : 'Let it run'}
          </Button>
          <Button onClick={() => step(-1)}>1 ms back</Button>
          <Button onClick={() => step(1)}>1 ms on</Button>
          <span className="text-sm text-ink-soft">slowed by {SLOWED_BY}; shorts are shaded</span>
        </div>
      </div>
    </div>
  );
}
