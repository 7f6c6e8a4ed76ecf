import { SelectField } from './form/field.tsx';

interface Props<T extends string> {
  readonly label: string;
  readonly value: T;
  readonly options: readonly (readonly [value: T, label: string])[];
  readonly onPick: (value: T) => void;
}

/** One of a longer list, whose values are known by their type. */
export function Pick<T extends string>({ label, value, options, onPick }: Props<T>) {
  return (
    <SelectField
      label={label}
      value={value}
      options={options}
      onChange={(event) => onPick(event.target.value as T)}
    />
  );
}
