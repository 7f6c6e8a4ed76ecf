import { shownAs, useReader, useWords } from '../../../units/index.ts';
import type { LogPoint, LogWeek } from '@hot-bead/contract/history';
import { causeText } from '@hot-bead/core/faults';
import { useQuery } from '@tanstack/react-query';
import { format } from 'date-fns';
import { type ReactNode, useRef } from 'react';
import { Bar, Line, Scatter } from 'recharts';
import { ChartFrame } from '../../../drawing/chart/chart-frame.tsx';
import { SaveChart } from '../../../drawing/chart/save-chart.tsx';
import { ErrorNotice, Notice, Skeleton } from '../../../ui/page/notices.tsx';
import { faultCountsQuery } from '../../faults/index.ts';
import { machineListQuery } from '../../machine/index.ts';
import { logChartsQuery } from './log.queries.ts';
import type { LogFilterState } from './use-log-filter.ts';

interface FigureProps {
  readonly title: string;
  readonly name: string;
  readonly children: (frame: React.RefObject<HTMLDivElement | null>) => ReactNode;
}

function Figure({ title, name, children }: FigureProps) {
  const frame = useRef<HTMLDivElement>(null);
  return (
    <section className="min-w-0 rounded-md border border-line p-3">
      <div className="flex items-center justify-between gap-3">
        <h2 className="font-semibold">{title}</h2>
        <SaveChart of={frame} name={name} />
      </div>
      {children(frame)}
    </section>
  );
}

interface WeekChartProps {
  readonly title: string;
  readonly name: string;
  readonly label: string;
  readonly weeks: readonly LogWeek[];
  readonly valueOf: (week: LogWeek) => number | undefined;
  readonly most?: number;
}

/** One figure a week, as bars; weeks without one stay empty. */
function WeekChart({ title, name, label, weeks, valueOf, most }: WeekChartProps) {
  const isEmpty = weeks.every((week) => (valueOf(week) ?? 0) === 0);
  if (isEmpty) {
    return (
      <section className="rounded-md border border-line p-3">
        <h2 className="font-semibold">{title}</h2>
        <p className="mt-1 text-[15px] text-ink-soft">None was told in these weeks.</p>
      </section>
    );
  }
  const data = weeks.map((week, i) => ({ x: i, value: valueOf(week) }));
  const text = (i: number): string => {
    const week = weeks[i]?.week;
    return week === undefined ? '' : format(`${week}T12:00`, 'd MMM');
  };
  return (
    <Figure title={title} name={name}>
      {(frame) => (
        <ChartFrame
          frame={frame}
          label={`${label}: ${data.map(({ value }, i) => `${text(i)} ${value === undefined ? 'none' : Number(value.toFixed(2))}`).join(', ')}`}
          data={data}
          x={{
            dataKey: 'x',
            domain: [-0.5, weeks.length - 0.5],
            ticks: weeks.map((_week, i) => i),
            tickText: text,
          }}
          y={{ domain: [0, most ?? 'auto'] }}
          heightPx={190}
        >
          <Bar dataKey="value" fill="var(--ink-soft)" maxBarSize={34} isAnimationActive={false} />
        </ChartFrame>
      )}
    </Figure>
  );
}

/** Beads and runs of a machine against the book's volts at their wire speed. */
function AgainstBook({
  machine,
  points,
}: {
  readonly machine: string;
  readonly points: readonly LogPoint[];
}) {
  const { units } = useReader();
  const { from, unit } = shownAs('wireFeedSpeed', units);
  const speeds = points.map(({ wireFeedSpeedMPerMin }) => from(wireFeedSpeedMPerMin));
  const all = points.flatMap(({ volts, bookVolts }) => [volts, bookVolts]);
  const data = points
    .map(({ volts, bookVolts }, i) => ({ x: speeds[i] ?? 0, volts, bookVolts }))
    .toSorted((a, b) => a.x - b.x);
  const off = points.reduce((sum, { volts, bookVolts }) => sum + volts - bookVolts, 0) / points.length;
  return (
    <Figure title={`${machine} against the book`} name={`${machine} against the book`}>
      {(frame) => (
        <>
          <ChartFrame
            frame={frame}
            label={`Volts against wire speed on ${machine}: ${points.length} beads and runs, ${Math.abs(off).toFixed(1)} V ${off < 0 ? 'under' : 'over'} the book on the mean`}
            data={data}
            x={{ dataKey: 'x', domain: [Math.floor(Math.min(...speeds)), Math.ceil(Math.max(...speeds))] }}
            y={{ domain: [Math.floor(Math.min(...all) - 1), Math.ceil(Math.max(...all) + 1)] }}
            heightPx={190}
          >
            <Line
              dataKey="bookVolts"
              stroke="var(--line-strong)"
              strokeWidth={2}
              dot={false}
              isAnimationActive={false}
            />
            <Scatter dataKey="volts" fill="var(--ink)" isAnimationActive={false} />
          </ChartFrame>
          <p className="text-sm text-ink-soft">
            {unit} across, volts up; the line is the book. On the mean {Math.abs(off).toFixed(1)} V{' '}
            {off < 0 ? 'under' : 'over'} it.
          </p>
        </>
      )}
    </Figure>
  );
}

/** Faults by what they were, as bars with their count. */
function FaultCauses() {
  const say = useWords();
  const { data: counts = [] } = useQuery(faultCountsQuery);
  const sums = new Map<string, number>();
  for (const { cause, count } of counts)
    sums.set(say(causeText(cause)), (sums.get(say(causeText(cause))) ?? 0) + count);
  const rows = [...sums].toSorted((a, b) => b[1] - a[1]).slice(0, 8);
  const most = rows[0]?.[1] ?? 1;
  if (rows.length === 0) return null;
  return (
    <section className="rounded-md border border-line p-3">
      <h2 className="font-semibold">Faults by cause</h2>
      <ul className="mt-2">
        {rows.map(([cause, count]) => (
          <li key={cause} className="grid grid-cols-[1fr_96px_28px] items-center gap-3 py-1">
            <span className="text-[15px]">{cause}</span>
            <span className="h-3 rounded-sm bg-line">
              <span
                className="block h-3 rounded-sm bg-ink-soft"
                style={{ width: `${(100 * count) / most}%` }}
              />
            </span>
            <span className="figure-text text-right">{count}</span>
          </li>
        ))}
      </ul>
    </section>
  );
}

const WEEK_MS = 7 * 24 * 3_600_000;
const NOTHING = { runs: 0, judged: 0, right: 0, wireKg: 0, gasL: 0, changeoverMin: 0 } as const;
/** Weeks that a chart has room for: the last year. */
const WEEKS_MOST = 52;

/** Weeks without a gap between them, the last of them. */
function everyWeek(weeks: readonly LogWeek[]): readonly LogWeek[] {
  const [first] = weeks;
  const last = weeks.at(-1);
  if (!first || !last) return [];
  const to = Date.parse(last.week);
  const from = Math.max(Date.parse(first.week), to - (WEEKS_MOST - 1) * WEEK_MS);
  return Array.from({ length: Math.round((to - from) / WEEK_MS) + 1 }, (_, i) => {
    const week = new Date(from + i * WEEK_MS).toISOString().slice(0, 10);
    return weeks.find((one) => one.week === week) ?? { week, ...NOTHING };
  });
}

/** What the log comes to: right at once, volts against the book, wire and gas, changeovers, faults. */
export function LogCharts({ state }: { readonly state: LogFilterState }) {
  const { units } = useReader();
  const wire = shownAs('weight', units);
  const gas = shownAs('gasVolume', units);
  const charts = useQuery(logChartsQuery(state.filter));
  const { data: machines = [] } = useQuery(machineListQuery);
  if (charts.error) return <ErrorNotice error={charts.error} onRetry={() => void charts.refetch()} />;
  if (charts.isPending) return <Skeleton className="h-72" />;
  const { points } = charts.data;
  const weeks = everyWeek(charts.data.weeks);
  if (weeks.length === 0) {
    return (
      <Notice title="Nothing to draw yet">
        Charts are drawn of runs, beads and rigging: record some, and they stand here week by week.
      </Notice>
    );
  }
  const welded = machines.filter(({ id }) => points.some(({ machineId }) => machineId === id));
  return (
    <div className="grid grid-cols-1 items-start gap-3 md:grid-cols-2">
      <WeekChart
        title="Right at once, % of runs"
        name="Right at once"
        label="Runs that came out right at once, per cent by week"
        weeks={weeks}
        most={100}
        valueOf={({ judged, right }) => (judged === 0 ? undefined : (100 * right) / judged)}
      />
      {welded.map(({ id, name }) => (
        <AgainstBook key={id} machine={name} points={points.filter(({ machineId }) => machineId === id)} />
      ))}
      <WeekChart
        title={`Wire, ${wire.unit}`}
        name="Wire by week"
        label={`Wire used in runs, ${wire.unit} by week`}
        weeks={weeks}
        valueOf={({ wireKg }) => wire.from(wireKg)}
      />
      <WeekChart
        title={`Gas, ${gas.unit}`}
        name="Gas by week"
        label={`Gas used in runs, ${gas.unit} by week`}
        weeks={weeks}
        valueOf={({ gasL }) => gas.from(gasL)}
      />
      <WeekChart
        title="Rigging, min"
        name="Rigging by week"
        label="Minutes of rigging steps that were ticked, by week"
        weeks={weeks}
        valueOf={({ changeoverMin }) => changeoverMin}
      />
      <FaultCauses />
    </div>
  );
}
