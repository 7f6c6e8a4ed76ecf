import { type Words, words, wordsOfMetricText } from '@hot-bead/core/base';
import {
  type CannotShare,
  type OneSetting,
  oneSetting,
  type SettingGroup,
  weldAt,
  weldBand,
} from '@hot-bead/core/day';
import { type ReactNode, useId, useMemo, useState } from 'react';
import { usePreferences } from '../../../preferences/preferences.tsx';
import { Button } from '../../../ui/button.tsx';
import { setFigures, setText, UnderFigure } from '../../terms/index.ts';
import { withUnit, useTitle, useWords } from '../../../units/index.ts';
import type { WeldOfPiece } from './piece-plan.ts';

const APART: Readonly<Record<CannotShare['on'], string>> = {
  wire: 'they take different wires',
  gas: 'they take different gases',
  mode: 'the metal goes over in another way',
  gun: 'they take different guns',
  'wire-speed': 'no wire speed holds for both',
  volts: 'where their wire speeds meet, their volts do not',
};

const WHY = {
  'too-slow': '■ too little wire for it',
  'too-fast': '■ too much wire for it',
  'too-cold': '■ too few volts for it',
  'too-hot': '■ too many volts for it',
} as const;

/** What a hand does differently from the weld's own plan. */
function handText(againstOwn: number): string {
  const percent = Math.round((againstOwn - 1) * 100);
  if (Math.abs(percent) < 4) return 'as by itself';
  return percent > 0 ? `${percent} % faster than by itself` : `${-percent} % slower than by itself`;
}

interface SliderProps {
  readonly label: string;
  readonly value: number;
  readonly range: readonly [low: number, high: number];
  readonly step: number;
  readonly text: string;
  readonly onChange: (value: number) => void;
  /** The same in the terms of the machine. */
  readonly children: ReactNode;
}

function Slider({ label, value, range, step, text, onChange, children }: SliderProps) {
  const id = useId();
  return (
    <div className="flex-1 basis-56">
      <label htmlFor={id} className="label-text">
        {label}
      </label>
      <span className="figure-text block text-3xl">{text}</span>
      <div className="min-h-7 text-lg">{children}</div>
      <input
        id={id}
        type="range"
        min={range[0]}
        max={range[1]}
        step={step}
        value={value}
        aria-valuetext={text}
        onChange={(event) => onChange(Number(event.target.value))}
        className="h-11 w-full accent-(--action)"
      />
    </div>
  );
}

interface GroupProps {
  readonly group: SettingGroup;
  readonly number: number;
  readonly welds: readonly WeldOfPiece[];
}

/** One setting with the welds that share it; moved, it shows at once what becomes of each. */
function Group({ group, number, welds }: GroupProps) {
  const titled = useTitle();
  const { units } = usePreferences();
  const [moved, setMoved] = useState(group.setting);
  const members = group.welds.flatMap((i) => {
    const weld = welds[i];
    return weld?.plan ? [{ job: weld.job, band: weldBand(weld.plan) }] : [];
  });
  const speeds = [
    Math.min(...members.map(({ band }) => band.lowMPerMin)) * 0.9,
    Math.max(...members.map(({ band }) => band.highMPerMin)) * 1.1,
  ] as const;
  const volts = members.flatMap(({ band }) => band.points.flatMap(({ lowV, highV }) => [lowV, highV]));
  const isMoved = moved !== group.setting;
  const first = welds[group.welds[0] ?? -1];
  const figures = first?.plan && setFigures(first.plan, first.machine, units, moved);
  return (
    <li className="border-b border-line py-3 last:border-b-0">
      <div className="flex flex-wrap items-end gap-x-6 gap-y-2">
        <h3 className="basis-full font-semibold">Setting {number}</h3>
        <Slider
          label="Wire speed"
          value={moved.wireFeedSpeedMPerMin}
          range={speeds}
          step={0.05}
          text={
            figures ? setText(figures.wire) : withUnit('wireFeedSpeed', moved.wireFeedSpeedMPerMin, units)
          }
          onChange={(wireFeedSpeedMPerMin) => setMoved({ ...moved, wireFeedSpeedMPerMin })}
        >
          {first?.plan && figures && (
            <UnderFigure
              figure={figures.wire}
              plan={first.plan}
              machine={first.machine}
              of="wire"
              at={moved}
            />
          )}
        </Slider>
        <Slider
          label="Volts"
          value={moved.volts}
          range={[Math.min(...volts) - 0.5, Math.max(...volts) + 0.5]}
          step={0.1}
          text={figures ? setText(figures.volts) : `${moved.volts.toFixed(1)} V`}
          onChange={(to) => setMoved({ ...moved, volts: to })}
        >
          {first?.plan && figures && (
            <UnderFigure
              figure={figures.volts}
              plan={first.plan}
              machine={first.machine}
              of="volts"
              at={moved}
            />
          )}
        </Slider>
        {isMoved && <Button onClick={() => setMoved(group.setting)}>Back to the middle</Button>}
      </div>
      <ul className="mt-2">
        {members.map(({ job, band }) => {
          const at = weldAt(band, moved);
          return (
            <li
              key={job.id}
              className="flex min-h-11 flex-wrap items-center justify-between gap-x-4 border-t border-line"
            >
              <span className="min-w-0 flex-1 basis-48 truncate">{titled(job.title)}</span>
              <span className="figure-text w-32 text-lg">{withUnit('travel', at.travelMmPerMin, units)}</span>
              <span className="w-28">
                {at.legMm === undefined ? '' : `leg ${withUnit('distance', at.legMm, units)}`}
              </span>
              <span className={`w-56 text-[15px] ${at.holds ? '' : 'font-semibold text-hot'}`}>
                {at.why === undefined ? `● ${handText(at.againstOwn)}` : WHY[at.why]}
                {at.holds && !at.isAtEase && ', at the limit of a hand'}
              </span>
            </li>
          );
        })}
      </ul>
    </li>
  );
}

function apartText({ a, b, on }: CannotShare, welds: readonly WeldOfPiece[]): Words {
  const title = (at: number): Words => wordsOfMetricText(welds[at]?.job.title ?? '');
  return words`${title(b)} cannot share with ${title(a)}: ${APART[on]}.`;
}

/** The fewest settings for welds on one machine: how each is then welded, and what keeps them apart. */
export function SharedSettings({ welds }: { readonly welds: readonly WeldOfPiece[] }) {
  const say = useWords();
  const planned = useMemo(() => welds.filter(({ plan }) => plan !== undefined), [welds]);
  const setting = useMemo((): OneSetting => {
    const pinned = planned.flatMap(({ job }, i) => (job.task.ownSetting === true ? [i] : []));
    return oneSetting(
      planned.flatMap(({ plan }) => plan ?? []),
      new Set(pinned),
    );
  }, [planned]);
  const { groups, isFewest, apart } = setting;
  if (planned.length === 0) return null;
  return (
    <>
      <p className="mt-1">
        {groups.length === 1
          ? 'One setting serves all of them: the hand makes up the rest with travel.'
          : `${groups.length} settings serve all of them${isFewest ? ': fewer cannot' : '; with so many kinds of weld fewer may do'}.`}
      </p>
      <ol>
        {groups.map((group, i) => (
          <Group
            key={`${group.welds.join()} ${group.setting.volts} ${group.setting.wireFeedSpeedMPerMin}`}
            group={group}
            number={i + 1}
            welds={planned}
          />
        ))}
      </ol>
      {apart.length > 0 && (
        <ul className="mt-2 text-[15px] text-ink-soft">
          {apart.map((pair) => (
            <li key={`${pair.a} ${pair.b}`}>◆ {say(apartText(pair, planned))}</li>
          ))}
        </ul>
      )}
    </>
  );
}
