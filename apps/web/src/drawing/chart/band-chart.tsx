import type { Span } from '@hot-bead/core/base';
import { useRef } from 'react';
import { Area, Line, Scatter } from 'recharts';
import { ChartFrame } from './chart-frame.tsx';
import { SaveChart } from './save-chart.tsx';

const STEPS = 60;

interface Props {
  /** What a file of it is called. */
  readonly name: string;
  /** What it shows, in words. */
  readonly label: string;
  readonly ends: readonly [low: number, high: number];
  /** The curve with its band, in the unit that is shown. */
  readonly bandAt: (x: number) => Span | undefined;
  readonly points: readonly { readonly x: number; readonly y: number }[];
  /** What is hidden, once it is shown. */
  readonly truth?: ((x: number) => number) | undefined;
}

/** A calibration: readings, the curve through them, its 95 % band, and what they hid once that is shown. */
export function BandChart({ name, label, ends, bandAt, points, truth }: Props) {
  const frame = useRef<HTMLDivElement>(null);
  const [low, high] = ends;
  const data = Array.from({ length: STEPS + 1 }, (_, i) => {
    const x = low + ((high - low) * i) / STEPS;
    const span = bandAt(x);
    return { x, start: span?.start ?? 0, band: [span?.low ?? 0, span?.high ?? 0], truth: truth?.(x) };
  });
  return (
    <div>
      <ChartFrame
        frame={frame}
        label={label}
        data={data}
        x={{ dataKey: 'x', domain: [low, high], tickCount: 11 }}
        y={{ domain: [0, 'auto'] }}
        heightPx={260}
      >
        <Area
          dataKey="band"
          stroke="none"
          fill="var(--action)"
          fillOpacity={0.15}
          isAnimationActive={false}
        />
        <Line dataKey="start" stroke="var(--action)" strokeWidth={2} dot={false} isAnimationActive={false} />
        {truth && (
          <Line
            dataKey="truth"
            stroke="var(--hot)"
            strokeWidth={2}
            strokeDasharray="6 4"
            dot={false}
            isAnimationActive={false}
          />
        )}
        <Scatter data={[...points]} dataKey="y" fill="var(--ink)" isAnimationActive={false} />
      </ChartFrame>
      <div className="flex justify-end">
        <SaveChart of={frame} name={name} />
      </div>
    </div>
  );
}
