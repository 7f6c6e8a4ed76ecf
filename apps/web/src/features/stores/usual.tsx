import { useState } from 'react';
import { Button } from '../../ui/button.tsx';
import { usePreferences } from '../../preferences/preferences.tsx';
import { withUnit } from '../../units/index.ts';
import type { Usual } from './stock-text.ts';

const KEY = 'stores reckoned at';
const USUAL: Usual = { wireFeedSpeedMPerMin: 7, gasFlowLPerMin: 12 };
const LIMITS = { wireFeedSpeedMPerMin: [2, 20], gasFlowLPerMin: [5, 30] } as const;

function storedUsual(): Usual {
  try {
    const value = JSON.parse(localStorage.getItem(KEY) ?? '{}') as Partial<Usual>;
    const of = (name: keyof Usual): number => {
      const [least, most] = LIMITS[name];
      const number = Number(value[name]);
      return number >= least && number <= most ? number : USUAL[name];
    };
    return { wireFeedSpeedMPerMin: of('wireFeedSpeedMPerMin'), gasFlowLPerMin: of('gasFlowLPerMin') };
  } catch {
    return USUAL;
  }
}

/** What minutes are reckoned at, remembered on this device. */
export function useUsual(): readonly [usual: Usual, set: (usual: Usual) => void] {
  const [usual, setUsual] = useState(storedUsual);
  return [
    usual,
    (next) => {
      localStorage.setItem(KEY, JSON.stringify(next));
      setUsual(next);
    },
  ];
}

interface NudgeProps {
  readonly label: string;
  readonly text: string;
  readonly onNudge: (by: -1 | 1) => void;
}

function Nudge({ label, text, onNudge }: NudgeProps) {
  return (
    <span className="flex items-center gap-2">
      <span className="label-text">{label}</span>
      <Button aria-label={`${label}: less`} className="min-w-11 px-0!" onClick={() => onNudge(-1)}>
        −
      </Button>
      <span className="figure-text min-w-20 text-center text-xl">{text}</span>
      <Button aria-label={`${label}: more`} className="min-w-11 px-0!" onClick={() => onNudge(1)}>
        +
      </Button>
    </span>
  );
}

/** At what wire speed and flow the minutes are reckoned. */
export function UsualFields({
  usual,
  onChange,
}: {
  readonly usual: Usual;
  readonly onChange: (usual: Usual) => void;
}) {
  const { units } = usePreferences();
  const nudged = (name: keyof Usual, by: number): void => {
    const [least, most] = LIMITS[name];
    onChange({ ...usual, [name]: Math.min(Math.max(usual[name] + by, least), most) });
  };
  return (
    <div className="flex flex-wrap items-center gap-x-6 gap-y-2">
      <span>Minutes are reckoned at</span>
      <Nudge
        label="wire"
        text={withUnit('wireFeedSpeed', usual.wireFeedSpeedMPerMin, units)}
        onNudge={(by) => nudged('wireFeedSpeedMPerMin', by * 0.5)}
      />
      <Nudge
        label="gas"
        text={withUnit('gasFlow', usual.gasFlowLPerMin, units)}
        onNudge={(by) => nudged('gasFlowLPerMin', by)}
      />
    </div>
  );
}
