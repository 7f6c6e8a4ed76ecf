import type { BeadVerdict } from '@hot-bead/core/window';
import { SAID_WORD } from './bead-words.ts';

const TAPS: readonly (readonly [BeadVerdict, string, string])[] = [
  ['cold', '▼', 'border-cold text-cold'],
  ['right', '●', 'border-good text-good'],
  ['hot', '▲', 'border-hot text-hot'],
];

interface Props {
  readonly disabled: boolean;
  readonly onSay: (verdict: BeadVerdict) => void;
}

/** Cold, right or hot in one tap, for gloves; burnt through beside them, smaller. */
export function QuickTaps({ disabled, onSay }: Props) {
  return (
    <div className="grid grid-cols-3 gap-2">
      {TAPS.map(([said, sign, tone]) => (
        <button
          key={said}
          type="button"
          disabled={disabled}
          className={`flex min-h-20 flex-col items-center justify-center rounded-md border-2 bg-plate text-lg font-semibold ${tone}`}
          onClick={() => onSay(said)}
        >
          <span aria-hidden="true">{sign}</span>
          {SAID_WORD[said]}
        </button>
      ))}
      <button
        type="button"
        disabled={disabled}
        className="col-span-3 min-h-11 rounded-md border border-hot bg-plate font-medium text-hot"
        onClick={() => onSay('blown')}
      >
        ✖ {SAID_WORD.blown}
      </button>
    </div>
  );
}

/** Asks at every bead whether the coupon was cool: an uncooled one is the largest error of all. */
export function CoolQuestion({
  disabled,
  onSay,
  onBack,
}: {
  readonly disabled: boolean;
  readonly onSay: (cooled: boolean) => void;
  readonly onBack: () => void;
}) {
  return (
    <div role="group" aria-labelledby="cool">
      <p id="cool" className="text-lg font-semibold">
        Was the coupon cool before it?
      </p>
      <p className="text-sm text-ink-soft">A hot coupon reads too hot: nothing puts that right afterwards.</p>
      <div className="mt-2 grid grid-cols-2 gap-2">
        {(
          [
            [true, 'Yes, cool'],
            [false, 'No, still hot'],
          ] as const
        ).map(([cooled, word]) => (
          <button
            key={word}
            type="button"
            disabled={disabled}
            className="min-h-20 rounded-md border-2 border-line-strong bg-plate text-lg font-semibold"
            onClick={() => onSay(cooled)}
          >
            {word}
          </button>
        ))}
      </div>
      <button type="button" className="mt-1 min-h-11 text-action hover:underline" onClick={onBack}>
        Back
      </button>
    </div>
  );
}
