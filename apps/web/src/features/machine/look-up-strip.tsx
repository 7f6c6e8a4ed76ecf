import { type ReactNode, useId } from 'react';

interface Props {
  readonly label: string;
  readonly text: string;
  readonly onChange: (text: string) => void;
  /** The answer, beside the field. */
  readonly children: ReactNode;
}

/** "Want 7.6 → knob 6½": a wanted figure, and what to set for it, large. */
export function LookUpStrip({ label, text, onChange, children }: Props) {
  const id = useId();
  return (
    <div className="rounded-md border border-action bg-action-tint p-4">
      <label htmlFor={id} className="label-text">
        {label}
      </label>
      <div className="flex flex-wrap items-center gap-4">
        <input
          id={id}
          inputMode="decimal"
          value={text}
          onChange={(event) => onChange(event.target.value)}
          className="figure-text h-14 w-32 rounded-md border border-line-strong bg-plate px-3 text-3xl"
        />
        <output htmlFor={id} className="text-xl">
          {children}
        </output>
      </div>
    </div>
  );
}
