import { Minus, Plus } from 'lucide-react';
import { useId } from 'react';

interface Props {
  readonly name: string;
  readonly unit: string;
  /** All in the unit that is shown. */
  readonly value: number;
  readonly range: readonly [low: number, high: number];
  readonly step: number;
  readonly decimals: number;
  /** The two that matter most are set larger. */
  readonly large?: boolean;
  readonly disabled?: boolean;
  readonly onTurn: (value: number) => void;
}

const NUDGE =
  'grid size-11 shrink-0 place-items-center rounded-md border border-line-strong bg-plate hover:border-action disabled:opacity-50';

/** A knob: its figure, a slider for the hand and two keys for gloves. */
export function Knob({
  name,
  unit,
  value,
  range,
  step,
  decimals,
  large = false,
  disabled = false,
  onTurn,
}: Props) {
  const id = useId();
  const [low, high] = range;
  const turn = (next: number): void => onTurn(Number(Math.min(high, Math.max(low, next)).toFixed(decimals)));
  return (
    <div className={disabled ? 'opacity-60' : ''}>
      <div className="flex items-baseline justify-between gap-2">
        <label htmlFor={id} className="label-text">
          {name}
        </label>
        <p className={`figure-text leading-none ${large ? 'text-[44px]' : 'text-2xl'}`}>
          {value.toFixed(decimals)} <span className="text-lg text-ink-soft">{unit}</span>
        </p>
      </div>
      <div className="flex items-center gap-2">
        <button
          type="button"
          className={NUDGE}
          disabled={disabled}
          aria-label={`${name} down`}
          onClick={() => turn(value - step)}
        >
          <Minus size={20} aria-hidden="true" />
        </button>
        <input
          id={id}
          type="range"
          className="h-11 w-full accent-action"
          min={low}
          max={high}
          step={step}
          value={value}
          disabled={disabled}
          aria-valuetext={`${value.toFixed(decimals)} ${unit}`}
          onChange={(event) => turn(Number(event.target.value))}
        />
        <button
          type="button"
          className={NUDGE}
          disabled={disabled}
          aria-label={`${name} up`}
          onClick={() => turn(value + step)}
        >
          <Plus size={20} aria-hidden="true" />
        </button>
      </div>
    </div>
  );
}
