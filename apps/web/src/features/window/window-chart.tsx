import { shownAs, useWords, withUnit } from '../../units/index.ts';
import type { Units } from '@hot-bead/core/base';
import type { KeptTestBead } from '@hot-bead/contract/dial-in';
import type { KeptMachine } from '@hot-bead/contract/machine';
import {
  type PlannedSetup,
  type TransferRegion,
  transferRegions,
  evenSteps,
  windowAt,
  windowCurve,
  workTitle,
} from '@hot-bead/core/plan';
import { planReach, type PositionLine, positionLines } from '@hot-bead/core/terms';
import { MODE_NAME } from '@hot-bead/core/trade';
import type { BeadSetting } from '@hot-bead/core/window';
import { memo, useId, useMemo, useRef } from 'react';
import { Area, Line, ReferenceArea, ReferenceLine, Scatter } from 'recharts';
import { SaveChart } from '../../drawing/chart/save-chart.tsx';
import { ChartFrame } from '../../drawing/chart/chart-frame.tsx';
import { usePreferences } from '../../preferences/preferences.tsx';
import { dialsOf, termsOf } from '../terms/index.ts';
import { type OutlookArea, outlookAreas, type OutlookCell } from './outlook-areas.ts';
import { BeadPoint, NextPoint, StartPoint, tapLabel } from './chart-marks.tsx';
import { Section } from '../../ui/page/section.tsx';

interface Props {
  readonly plan: PlannedSetup;
  readonly beads: readonly KeptTestBead[];
  /** The bead to weld next, when there is one. */
  readonly next?: BeadSetting | undefined;
  /** The machine whose taps and reach are drawn. */
  readonly machine?: KeptMachine | undefined;
  readonly height?: number;
  /** What can be set next, each with the chance that it lies in the window: drawn the fuller the likelier. */
  readonly outlook?: readonly OutlookCell[];
  /** Only what lies about this setting is drawn. */
  readonly about?: BeadSetting | undefined;
}

/** How much is drawn about a setting: of the wire speed as a share, and volts. */
const ABOUT = { share: 0.35, volts: 2.5 } as const;

/** Points of the window where all of it is drawn. */
const CURVE_STEPS = 24;

const REGION_FILL: Readonly<Record<TransferRegion['name'], string>> = {
  'short-circuit': 'var(--cold)',
  globular: 'var(--straw)',
  spray: 'var(--hot)',
  pulse: 'var(--good)',
  own: 'var(--ink-soft)',
};

function summary(
  plan: PlannedSetup,
  beads: readonly KeptTestBead[],
  taps: readonly PositionLine[],
  units: Units,
): string {
  const { wireFeedSpeedMPerMin: speed, volts } = plan;
  const at = (setting: BeadSetting): string =>
    `${withUnit('wireFeedSpeed', setting.wireFeedSpeedMPerMin, units)}, ${setting.volts.toFixed(1)} V`;
  const welded = beads.map((bead) => `bead ${bead.number} at ${at(bead)}: ${bead.verdict}`);
  const start = at({ wireFeedSpeedMPerMin: speed.start, volts: volts.start });
  const transfer = transferRegions(plan).map((region) => MODE_NAME[region.name]);
  return [
    `Volts against wire speed. Start at ${start}; good from ${volts.low.toFixed(1)} to ${volts.high.toFixed(1)} V there.`,
    `Transfer: ${transfer.join(', ')}.`,
    taps.map(({ name }) => `tap ${name}`).join(', '),
    welded.join('; '),
  ].join(' ');
}

/** Whole figures between two ends, seven at most. */
function ticksBetween([low, high]: readonly [low: number, high: number]): readonly number[] {
  const step = Math.max(Math.ceil((high - low) / 6), 1);
  return Array.from({ length: Math.floor((high - low) / step) + 1 }, (_, i) => low + i * step);
}

/** The last point of a line that stands within the chart's volts. */
function lastWithin(
  points: PositionLine['points'],
  [low, high]: readonly [low: number, high: number],
): number {
  return points.findLastIndex(({ volts }) => volts > low + 0.4 && volts < high - 0.4);
}

interface StretchProps {
  readonly id: string;
  readonly area: OutlookArea;
  readonly from: (speedMPerMin: number) => number;
}

/** A stretch of what may be right, the fuller the likelier. */
function OutlookStretch({ id, area: { low, high, along, stops }, from }: StretchProps) {
  const isUp = along === 'volts';
  return (
    <>
      <defs>
        <linearGradient id={id} x1="0" x2={isUp ? '0' : '1'} y1={isUp ? '1' : '0'} y2="0">
          {stops.map(({ at, opacity }) => (
            <stop key={at} offset={at} stopColor="var(--action)" stopOpacity={opacity} />
          ))}
        </linearGradient>
      </defs>
      <ReferenceArea
        x1={from(low.wireFeedSpeedMPerMin)}
        x2={from(high.wireFeedSpeedMPerMin)}
        y1={low.volts}
        y2={high.volts}
        fill={`url(#${id})`}
        fillOpacity={1}
        ifOverflow="hidden"
      />
    </>
  );
}

/** The good band over the wire speeds that are shown, and the machine's taps within it. */
function useWindowCurves({ plan, machine, about }: Props, from: (mPerMin: number) => number) {
  const aboutSpeed = about?.wireFeedSpeedMPerMin;
  const curve = useMemo(() => {
    if (aboutSpeed === undefined) return windowCurve(plan, CURVE_STEPS);
    const ends = [aboutSpeed * (1 - ABOUT.share), aboutSpeed * (1 + ABOUT.share)] as const;
    return windowAt(plan, evenSteps(ends, CURVE_STEPS));
  }, [plan, aboutSpeed]);
  const taps = useMemo(
    () => (machine && plan.voltsKind === 'arc' ? positionLines(machine, curve) : []),
    [plan, machine, curve],
  );
  const band = useMemo(
    () =>
      curve.map((p, i) => ({
        speed: from(p.wireFeedSpeedMPerMin),
        good: [p.volts.low, p.volts.high],
        middle: p.volts.start,
        taps: Object.fromEntries(taps.map(({ name, points }) => [name, points[i]?.volts])),
      })),
    [curve, from, taps],
  );
  return { taps, band };
}

interface NoteProps extends Props {
  readonly hasTaps: boolean;
  readonly hasLimits: boolean;
}

/** What the marks of the chart mean, those that it shows. */
function ChartNote({ plan, beads, next, machine, outlook = [], hasTaps, hasLimits }: NoteProps) {
  const { units } = usePreferences();
  return (
    <p className="mt-1 text-sm text-ink-soft">
      {plan.voltsKind === 'mean'
        ? 'A rough mean: trim the arc length until it buzzes evenly.'
        : 'Above the band the arc is long and hisses, under it the wire stubs.'}{' '}
      ✚ start {withUnit('wireFeedSpeed', plan.wireFeedSpeedMPerMin.start, units)},{' '}
      {withUnit('volts', plan.volts.start, units)}
      {next && '; ◇ next bead'}
      {beads.length > 0 && '; ▼ cold, ● right, ▲ hot, ✖ blown through'}. Dashed: the wire speed’s range.
      {hasTaps && ` Thin lines: ${machine?.name ?? ''}’s taps at the arc.`}
      {outlook.length > 0 && ' Column: what would be right, the fuller the likelier.'}
      {hasLimits && ` Dotted: as far as ${machine?.name ?? ''} reaches.`}
    </p>
  );
}

/** Volts against wire speed: the good band, the plan's range and start, and the beads welded so far. */
export const WindowChart = memo(function WindowChart(props: Props) {
  const { plan, beads, next, machine, height = 224, outlook = [], about } = props;
  const say = useWords();
  const { units } = usePreferences();
  const { from, unit } = shownAs('wireFeedSpeed', units);
  const fillId = useId();
  const { taps, band } = useWindowCurves(props, from);
  const reach = useMemo(
    () => machine && planReach(machine, dialsOf(machine), termsOf(plan, machine)),
    [plan, machine],
  );
  const frame = useRef<HTMLDivElement>(null);
  const regions = useMemo(() => transferRegions(plan), [plan]);
  const point = (setting: BeadSetting) => ({
    speed: from(setting.wireFeedSpeedMPerMin),
    volts: setting.volts,
  });
  const start = [{ speed: from(plan.wireFeedSpeedMPerMin.start), volts: plan.volts.start }];
  const welded = beads.map((bead) => ({ ...point(bead), verdict: bead.verdict, number: bead.number }));
  const speeds = [...band.map((p) => p.speed), ...welded.map((p) => p.speed)];
  const volts = [...band.flatMap((p) => p.good), ...welded.map((p) => p.volts)];
  const { low, high } = plan.wireFeedSpeedMPerMin;
  const ends = [Math.floor(Math.min(...speeds)), Math.ceil(Math.max(...speeds))] as const;
  const levels = about
    ? ([
        Math.floor(Math.min(about.volts - ABOUT.volts, ...welded.map((p) => p.volts))),
        Math.ceil(Math.max(about.volts + ABOUT.volts, ...welded.map((p) => p.volts))),
      ] as const)
    : ([Math.floor(Math.min(...volts) - 1), Math.ceil(Math.max(...volts) + 1)] as const);
  const shownTaps = taps.filter(({ points }) =>
    points.some((p) => p.volts > levels[0] && p.volts < levels[1]),
  );
  const limits = (reach ?? []).map(from).filter((speed) => speed > ends[0] && speed < ends[1]);
  return (
    <Section
      id="window"
      title={<>The window: volts against wire speed ({unit})</>}
      quiet
      aside={<SaveChart of={frame} name={`window ${say(workTitle(plan.work))}`} />}
    >
      <ChartFrame
        frame={frame}
        label={summary(plan, beads, shownTaps, units)}
        data={band}
        x={{ dataKey: 'speed', domain: ends, ticks: ticksBetween(ends) }}
        y={{ domain: levels, ticks: ticksBetween(levels) }}
        heightPx={height}
      >
        {regions.map((region) => (
          <ReferenceArea
            key={region.name}
            x1={from(region.lowMPerMin)}
            x2={from(region.highMPerMin)}
            fill={REGION_FILL[region.name]}
            fillOpacity={0.1}
            label={{
              value: MODE_NAME[region.name],
              position: 'insideBottom',
              fontSize: 13,
              fill: 'var(--ink-soft)',
            }}
          />
        ))}
        <ReferenceArea
          x1={from(low)}
          x2={from(high)}
          fill="var(--action)"
          fillOpacity={0.08}
          stroke="var(--action)"
          strokeOpacity={0.4}
          strokeDasharray="4 4"
        />
        {outlookAreas(outlook).map((area, i) => (
          <OutlookStretch key={area.low.volts} id={`${fillId}-${i}`} area={area} from={from} />
        ))}
        <Area
          dataKey="good"
          stroke="var(--good)"
          strokeWidth={1.5}
          fill="var(--good)"
          fillOpacity={0.18}
          isAnimationActive={false}
          activeDot={false}
        />
        <Line
          dataKey="middle"
          stroke="var(--good)"
          strokeWidth={1.5}
          strokeDasharray="6 4"
          dot={false}
          isAnimationActive={false}
        />
        {shownTaps.map(({ name, points }) => (
          <Line
            key={name}
            dataKey={(p: { taps?: Readonly<Record<string, number | undefined>> }) => p.taps?.[name]}
            stroke="var(--ink)"
            strokeWidth={1}
            dot={false}
            activeDot={false}
            isAnimationActive={false}
            label={tapLabel(name, lastWithin(points, levels))}
          />
        ))}
        {limits.map((speed) => (
          <ReferenceLine key={speed} x={speed} stroke="var(--hot)" strokeWidth={2} strokeDasharray="2 3" />
        ))}
        <Scatter data={start} dataKey="volts" shape={StartPoint} isAnimationActive={false} />
        {welded.length > 0 && (
          <Scatter data={welded} dataKey="volts" shape={BeadPoint} isAnimationActive={false} />
        )}
        {next && <Scatter data={[point(next)]} dataKey="volts" shape={NextPoint} isAnimationActive={false} />}
      </ChartFrame>
      <ChartNote {...props} hasTaps={shownTaps.length > 0} hasLimits={limits.length > 0} />
    </Section>
  );
});
