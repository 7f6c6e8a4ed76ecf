import type { ReactElement, ReactNode, RefObject } from 'react';
import { CartesianGrid, ComposedChart, ResponsiveContainer, XAxis, YAxis } from 'recharts';

const TICK = { fill: 'var(--ink-soft)', fontSize: 13 };

interface Axis {
  readonly domain: readonly [low: number, high: number | 'auto'];
  readonly ticks?: readonly number[];
  readonly tickCount?: number;
  /** How a number is written at the axis. */
  readonly tickText?: (value: number) => string;
}

interface Props {
  /** What the chart shows, in words. */
  readonly label: string;
  readonly data: readonly object[];
  readonly x: Axis & { readonly dataKey: string };
  readonly y: Axis;
  readonly heightPx: number;
  /** What holds the drawing, for those who save it. */
  readonly frame?: RefObject<HTMLDivElement | null>;
  /** What is drawn in it, lowest first. */
  readonly children: ReactNode;
}

/** A chart's frame: paper, grid and two number axes, told in words to whoever does not see it. */
export function ChartFrame({ label, data, x, y, heightPx, frame, children }: Props): ReactElement {
  const axis = ({ domain, ticks, tickCount, tickText }: Axis) => ({
    type: 'number' as const,
    domain: [domain[0], domain[1]] as [number, number | 'auto'],
    tick: TICK,
    stroke: 'var(--line-strong)',
    ...(ticks ? { ticks: [...ticks] } : {}),
    ...(tickCount === undefined ? {} : { tickCount }),
    ...(tickText === undefined ? {} : { tickFormatter: tickText }),
  });
  return (
    <div ref={frame} role="img" aria-label={label}>
      <ResponsiveContainer width="100%" height={heightPx} initialDimension={{ width: 380, height: heightPx }}>
        <ComposedChart
          data={[...data]}
          margin={{ top: 12, right: 12, bottom: 0, left: -18 }}
          accessibilityLayer={false}
        >
          <CartesianGrid stroke="var(--line)" />
          <XAxis dataKey={x.dataKey} {...axis(x)} />
          <YAxis allowDataOverflow={y.ticks !== undefined} {...axis(y)} />
          {children}
        </ComposedChart>
      </ResponsiveContainer>
    </div>
  );
}
