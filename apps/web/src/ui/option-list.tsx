import { RadioGroup } from 'radix-ui';

interface Props<T extends string> {
  readonly label: string;
  readonly value: T | undefined;
  readonly options: readonly { readonly value: T; readonly label: string; readonly note?: string }[];
  readonly onPick: (value: T) => void;
}

/** A list to pick one from, in rows a glove can hit. */
export function OptionList<T extends string>({ label, value, options, onPick }: Props<T>) {
  return (
    <RadioGroup.Root
      aria-label={label}
      value={value ?? ''}
      onValueChange={(next) => onPick(next as T)}
      className="grid gap-1"
    >
      {options.map((option) => (
        <RadioGroup.Item
          key={option.value}
          value={option.value}
          className="min-h-11 rounded-md border border-transparent px-3 py-2 text-left hover:border-line-strong data-[state=checked]:border-action data-[state=checked]:bg-action-tint"
        >
          {option.label}
          {option.note !== undefined && <span className="block text-sm text-ink-soft">{option.note}</span>}
        </RadioGroup.Item>
      ))}
    </RadioGroup.Root>
  );
}
