import { ToggleGroup } from 'radix-ui';

interface Props<T extends string> {
  readonly label: string;
  /** Empty where none of the options holds. */
  readonly value: T | '';
  readonly options: readonly { readonly value: T; readonly label: string }[];
  readonly onChange: (value: T) => void;
}

/** A choice of two or three, all of it visible. */
export function Segmented<T extends string>({ label, value, options, onChange }: Props<T>) {
  return (
    <ToggleGroup.Root
      type="single"
      aria-label={label}
      value={value}
      onValueChange={(next) => next !== '' && onChange(next as T)}
      className="flex rounded-md border border-line-strong"
    >
      {options.map((option) => (
        <ToggleGroup.Item
          key={option.value}
          value={option.value}
          className="min-h-11 flex-1 px-2 text-sm first:rounded-l-[5px] last:rounded-r-[5px] data-[state=on]:bg-action data-[state=on]:text-on-action"
        >
          {option.label}
        </ToggleGroup.Item>
      ))}
    </ToggleGroup.Root>
  );
}
