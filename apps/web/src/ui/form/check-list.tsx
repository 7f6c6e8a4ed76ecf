interface Props<T extends string> {
  readonly label: string;
  readonly chosen: readonly T[];
  readonly options: readonly { readonly value: T; readonly label: string }[];
  readonly onChange: (chosen: readonly T[]) => void;
}

/** A list to tick any number from, in rows a glove can hit; the order stays the list's own. */
export function CheckList<T extends string>({ label, chosen, options, onChange }: Props<T>) {
  const toggle = (value: T): void =>
    onChange(
      options
        .map((option) => option.value)
        .filter((v) => (v === value ? !chosen.includes(v) : chosen.includes(v))),
    );
  return (
    <fieldset className="grid gap-1">
      <legend className="sr-only">{label}</legend>
      {options.map(({ value, label: text }) => (
        <label
          key={value}
          className="flex min-h-11 cursor-pointer items-center gap-3 rounded-md border border-transparent px-3 hover:border-line-strong has-checked:border-action has-checked:bg-action-tint"
        >
          <input
            type="checkbox"
            checked={chosen.includes(value)}
            onChange={() => toggle(value)}
            className="size-5 accent-action"
          />
          {text}
        </label>
      ))}
    </fieldset>
  );
}
