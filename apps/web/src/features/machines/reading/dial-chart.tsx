import { type Dial, dialEnds, dialSpeed } from '@hot-bead/core';
import { useMemo } from 'react';
import {
  Area,
  CartesianGrid,
  ComposedChart,
  Line,
  ResponsiveContainer,
  Scatter,
  XAxis,
  YAxis,
} from 'recharts';
import { usePreferences } from '../../../app/preferences.tsx';
import { shownAs } from '../../units/index.ts';

const STEPS = 60;

interface Props {
  readonly dial: Dial;
  /** The hidden dial of a practice feeder, once it is shown, m/min by knob. */
  readonly truth?: ((knob: number) => number) | undefined;
}

/** Wire speed against the knob: readings, the curve through them, its 95 % band, and the straight line it is not. */
export function DialChart({ dial, truth }: Props) {
  const { units } = usePreferences();
  const { from, unit } = shownAs('wireFeedSpeed', units);
  const [low, high] = dialEnds(dial);
  const band = useMemo(
    () =>
      Array.from({ length: STEPS + 1 }, (_, i) => {
        const knob = low + ((high - low) * i) / STEPS;
        const span = dialSpeed(dial, knob);
        return {
          knob,
          speed: from(span?.start ?? 0),
          band: [from(span?.low ?? 0), from(span?.high ?? 0)],
          truth: truth && from(truth(knob)),
        };
      }),
    [dial, low, high, from, truth],
  );
  const points = dial.points.map((point) => ({ knob: point.knob, read: from(point.speedMPerMin) }));
  const words = dial.points
    .map((point) => `knob ${point.knob}: ${from(point.speedMPerMin).toFixed(1)} ${unit}`)
    .join('; ');
  return (
    <div role="img" aria-label={`Wire speed against the knob. ${words}`}>
      <ResponsiveContainer width="100%" height={260} initialDimension={{ width: 480, height: 260 }}>
        <ComposedChart
          data={band}
          margin={{ top: 8, right: 12, bottom: 0, left: -18 }}
          accessibilityLayer={false}
        >
          <CartesianGrid stroke="var(--line)" />
          <XAxis
            dataKey="knob"
            type="number"
            domain={[low, high]}
            tickCount={11}
            tick={{ fill: 'var(--ink-soft)', fontSize: 13 }}
            stroke="var(--line-strong)"
          />
          <YAxis
            type="number"
            domain={[0, 'auto']}
            tick={{ fill: 'var(--ink-soft)', fontSize: 13 }}
            stroke="var(--line-strong)"
          />
          <Area
            dataKey="band"
            stroke="none"
            fill="var(--action)"
            fillOpacity={0.15}
            isAnimationActive={false}
          />
          <Line
            dataKey="speed"
            stroke="var(--action)"
            strokeWidth={2}
            dot={false}
            isAnimationActive={false}
          />
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
          <Scatter data={points} dataKey="read" fill="var(--ink)" isAnimationActive={false} />
        </ComposedChart>
      </ResponsiveContainer>
    </div>
  );
}
