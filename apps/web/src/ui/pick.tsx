import { useId } from 'react';

interface Props<T extends string> {
  readonly label: string;
  readonly value: T;
  readonly options: readonly (readonly [value: T, label: string])[];
  readonly onPick: (value: T) => void;
}

/** One of a longer list, as the browser's own select. */
export function Pick<T extends string>({ label, value, options, onPick }: Props<T>) {
  const id = useId();
  return (
    <div>
      <label htmlFor={id} className="label-text block">
        {label}
      </label>
      <select
        id={id}
        value={value}
        onChange={(event) => onPick(event.target.value as T)}
        className="mt-1 block h-11 w-full rounded-md border border-line-strong bg-plate px-2 text-base text-ink"
      >
        {options.map(([option, text]) => (
          <option key={option} value={option}>
            {text}
          </option>
        ))}
      </select>
    </div>
  );
}
