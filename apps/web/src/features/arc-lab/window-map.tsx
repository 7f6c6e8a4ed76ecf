import {
  ARC_CLASS_WORDS,
  ARC_CLASSES,
  mapAxes,
  type MapCell,
  type MapSetting,
  plannerVolts,
} from '@hot-bead/core/arc-lab';
import { useMemo } from 'react';
import { usePreferences } from '../../preferences/preferences.tsx';
import { Button } from '../../ui/button.tsx';
import { playArcs } from './sound/index.ts';
import { figureOf, shownAs } from '../../units/index.ts';
import { CLASS_LETTER, levelOfClass } from './class-look.ts';
import { arcOf, type LabSetting } from './lab-setting.ts';
import { LAB_SEED } from './use-arc-record.ts';
import { useWindowMap } from './use-window-map.ts';

interface Props {
  readonly setting: LabSetting;
  readonly onTake: (change: Partial<LabSetting>) => void;
}

const FILL = {
  cold: 'var(--cold-tint)',
  right: 'var(--good-tint)',
  hot: 'var(--hot-tint)',
  other: 'var(--sunk)',
} as const;

const CELL = { wide: 56, high: 26 } as const;
const LEFT_PX = 46;
const BOTTOM_PX = 44;

function mapSettingOf({ wireMm, gas, tipToWorkMm, inductanceH, slopeVPerA }: LabSetting): MapSetting {
  return { wireMm, gas, tipToWorkMm, source: { kind: 'volts', means: 'load', inductanceH, slopeVPerA } };
}

/** Where a value lies between rising marks, in steps from the first. */
function placeOn(marks: readonly number[], value: number): number {
  const first = marks[0] ?? 0;
  const last = marks.at(-1) ?? 1;
  return ((value - first) / (last - first)) * (marks.length - 1);
}

interface MapAxesProps {
  readonly volts: readonly number[];
  readonly speeds: readonly number[];
  readonly y: (volts: number) => number;
  readonly column: (wireFeedSpeedMPerMin: number) => number;
  readonly width: number;
  readonly height: number;
}

function MapAxes({ volts, speeds, y, column, width, height }: MapAxesProps) {
  const { units } = usePreferences();
  return (
    <>
      {volts.map((one) => (
        <text key={one} x={LEFT_PX - 6} y={y(one) + 5} textAnchor="end" fontSize="14" fill="var(--ink-soft)">
          {one} V
        </text>
      ))}
      {speeds.map((speed) => (
        <text
          key={speed}
          x={column(speed)}
          y={height - BOTTOM_PX + 18}
          textAnchor="middle"
          fontSize="14"
          fill="var(--ink-soft)"
        >
          {figureOf('wireFeedSpeed', speed, units)}
        </text>
      ))}
      <text x={width / 2} y={height - 6} textAnchor="middle" fontSize="14" fill="var(--ink-soft)">
        wire speed, {shownAs('wireFeedSpeed', units).unit}
      </text>
    </>
  );
}

/** Volts against wire speed, each place lettered by what the arc does there; a tap plays it. */
export function WindowMap({ setting, onTake }: Props) {
  const { wireMm, gas, tipToWorkMm, inductanceH, slopeVPerA } = setting;
  const of = useMemo(
    () => mapSettingOf({ wireMm, gas, tipToWorkMm, inductanceH, slopeVPerA } as LabSetting),
    [wireMm, gas, tipToWorkMm, inductanceH, slopeVPerA],
  );
  const { cells, done, isWorking, draw, stop } = useWindowMap(of);
  const { volts, wireFeedSpeedsMPerMin: speeds } = useMemo(() => mapAxes(of), [of]);
  const width = LEFT_PX + speeds.length * CELL.wide;
  const height = volts.length * CELL.high + BOTTOM_PX;
  const x = (speed: number): number => LEFT_PX + (placeOn(speeds, speed) + 0.5) * CELL.wide;
  const y = (one: number): number => (volts.length - 0.5 - placeOn(volts, one)) * CELL.high;
  const column = (speed: number): number => LEFT_PX + (speeds.indexOf(speed) + 0.5) * CELL.wide;
  const line = speeds
    .map((speed) => [column(speed), plannerVolts(of, speed)?.start] as const)
    .filter((one): one is readonly [number, number] => one[1] !== undefined)
    .map(([at, middle]) => `${at.toFixed(1)},${y(middle).toFixed(1)}`)
    .join(' ');
  const take = ({ volts: at, wireFeedSpeedMPerMin }: MapCell): void => {
    const change = { volts: at, wireFeedSpeedMPerMin, source: 'volts' as const };
    onTake(change);
    void playArcs([{ setting: arcOf({ ...setting, ...change }), seed: LAB_SEED }]);
  };
  const classes = ARC_CLASSES.filter((name) => cells.some(({ arc }) => arc === name));
  return (
    <div className="grid grid-cols-1 gap-3">
      <div className="flex flex-wrap items-center gap-3">
        {isWorking ? (
          <>
            <progress className="h-3 w-48 accent-action" value={done} aria-label="Map drawn" />
            <span>{Math.round(100 * done)} %</span>
            <Button onClick={stop}>Stop</Button>
          </>
        ) : (
          <Button onClick={draw}>{cells.length === 0 ? 'Draw the map (about 10 s)' : 'Draw it again'}</Button>
        )}
        <p className="text-sm text-ink-soft">
          Tap a place to hear it and set the knobs so. The line is the planner’s start for a closed butt,
          flat.
        </p>
      </div>
      {cells.length === 0 ? (
        <p>
          No map yet for this wire, gas and distance. It shows what the arc does over volts and wire speed; it
          is drawn here and kept.
        </p>
      ) : (
        <>
          <div className="overflow-x-auto" role="group" tabIndex={0} aria-label="The window map">
            <svg
              viewBox={`0 0 ${width} ${height}`}
              className="w-full min-w-[560px] max-w-[860px]"
              role="img"
              aria-label="Window map: what the arc does over volts and wire speed, in letters; the knobs and Hear it reach every place of it"
            >
              {cells.map((cell) => (
                <g
                  key={`${cell.volts} ${cell.wireFeedSpeedMPerMin}`}
                  className="cursor-pointer"
                  onClick={() => take(cell)}
                >
                  <rect
                    x={column(cell.wireFeedSpeedMPerMin) - CELL.wide / 2 + 1}
                    y={y(cell.volts) - CELL.high / 2 + 1}
                    width={CELL.wide - 2}
                    height={CELL.high - 2}
                    fill={FILL[levelOfClass(cell.arc)]}
                  />
                  <text
                    x={column(cell.wireFeedSpeedMPerMin)}
                    y={y(cell.volts) + 5}
                    textAnchor="middle"
                    fontSize="15"
                    fill="var(--ink)"
                  >
                    {CLASS_LETTER[cell.arc]}
                  </text>
                </g>
              ))}
              <polyline points={line} fill="none" stroke="var(--ink)" strokeWidth="2" strokeDasharray="7 4" />
              <circle
                cx={x(setting.wireFeedSpeedMPerMin)}
                cy={y(setting.volts)}
                r="9"
                fill="none"
                stroke="var(--action)"
                strokeWidth="3"
              />
              <MapAxes volts={volts} speeds={speeds} y={y} column={column} width={width} height={height} />
            </svg>
          </div>
          <p className="flex flex-wrap gap-x-4 text-sm">
            {classes.map((name) => (
              <span key={name}>
                <span className="font-semibold">{CLASS_LETTER[name]}</span>{' '}
                {ARC_CLASS_WORDS[name].name.toLowerCase()}
              </span>
            ))}
            <span>◯ where the knobs stand</span>
          </p>
        </>
      )}
    </div>
  );
}
