import { type Dial, dialEnds, dialSpeed } from '@hot-bead/core';
import { useMemo } from 'react';
import { Area, Line, Scatter } from 'recharts';
import { ChartFrame } from '../../../drawing/chart/chart-frame.tsx';
import { usePreferences } from '../../../preferences/preferences.tsx';
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
    <ChartFrame
      label={`Wire speed against the knob. ${words}`}
      data={band}
      x={{ dataKey: 'knob', domain: [low, high], tickCount: 11 }}
      y={{ domain: [0, 'auto'] }}
      heightPx={260}
    >
      <Area dataKey="band" stroke="none" fill="var(--action)" fillOpacity={0.15} isAnimationActive={false} />
      <Line dataKey="speed" stroke="var(--action)" strokeWidth={2} dot={false} isAnimationActive={false} />
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
    </ChartFrame>
  );
}
