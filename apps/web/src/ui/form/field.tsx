import { type ComponentProps, type ReactNode, useId } from 'react';
import { Wrong } from './wrong.tsx';

const INPUT = 'mt-1 h-11 w-full rounded-md border border-line-strong bg-plate px-3 aria-invalid:border-hot';

interface FieldProps extends ComponentProps<'input'> {
  readonly label: string;
  readonly error?: string | undefined;
  /** Said under the field while nothing is wrong with it. */
  readonly hint?: ReactNode;
  /** 56 px high with large figures, for gloves. */
  readonly large?: boolean;
}

/** A labelled field; what is wrong with it is said beneath. */
export function Field({ label, error, hint, large = false, className = '', ...input }: FieldProps) {
  const id = useId();
  return (
    <div className={className}>
      <label htmlFor={id} className="label-text">
        {label}
      </label>
      <input
        id={id}
        autoComplete="off"
        aria-invalid={error !== undefined}
        aria-describedby={error === undefined ? undefined : `${id}-error`}
        className={large ? `${INPUT} figure-text h-14 text-2xl` : INPUT}
        {...input}
      />
      <Wrong id={`${id}-error`}>{error}</Wrong>
      {error === undefined && hint !== undefined && <p className="text-sm text-ink-soft">{hint}</p>}
    </div>
  );
}

interface FigureProps extends ComponentProps<'input'> {
  readonly label: string;
  readonly unit: string;
  readonly error: string | undefined;
}

/** A number with its unit beside its name, large, for gloves. */
export function FigureField({ label, unit, ...input }: FigureProps) {
  return <Field large label={`${label} (${unit})`} inputMode="decimal" {...input} />;
}

interface SelectFieldProps extends ComponentProps<'select'> {
  readonly label: string;
  readonly options: readonly (readonly [value: string, label: string])[];
  readonly error?: string | undefined;
}

/** A labelled choice from a longer list, as the browser's own select. */
export function SelectField({ label, options, error, className = '', ...select }: SelectFieldProps) {
  const id = useId();
  return (
    <div className={className}>
      <label htmlFor={id} className="label-text">
        {label}
      </label>
      <select
        id={id}
        aria-invalid={error !== undefined}
        aria-describedby={error === undefined ? undefined : `${id}-error`}
        className={INPUT}
        {...select}
      >
        {options.map(([value, text]) => (
          <option key={value} value={value}>
            {text}
          </option>
        ))}
      </select>
      <Wrong id={`${id}-error`}>{error}</Wrong>
    </div>
  );
}
