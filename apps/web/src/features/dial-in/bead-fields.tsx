import { type ComponentProps, type ReactNode, useId } from 'react';

/** What is wrong with a field, at the field. */
export function FieldError({ id, message }: { readonly id?: string; readonly message: string | undefined }) {
  if (message === undefined) return null;
  return (
    <p id={id} role="alert" className="mt-1 text-hot">
      {message}
    </p>
  );
}

interface PickProps {
  readonly legend: string;
  readonly error: string | undefined;
  readonly columns: string;
  readonly children: ReactNode;
}

/** A set of pictures or words to pick one from. */
export function PickField({ legend, error, columns, children }: PickProps) {
  const id = useId();
  return (
    <fieldset aria-describedby={error === undefined ? undefined : id}>
      <legend className="label-text mb-1">{legend}</legend>
      <div className={`grid gap-2 ${columns}`}>{children}</div>
      <FieldError id={id} message={error} />
    </fieldset>
  );
}

interface FigureProps extends ComponentProps<'input'> {
  readonly label: string;
  readonly unit: string;
  readonly error: string | undefined;
}

/** A number with its unit beside it. */
export function FigureField({ label, unit, error, ...input }: FigureProps) {
  const id = useId();
  return (
    <div>
      <label htmlFor={id} className="label-text">
        {label} ({unit})
      </label>
      <input
        id={id}
        inputMode="decimal"
        autoComplete="off"
        aria-invalid={error !== undefined}
        aria-describedby={error === undefined ? undefined : `${id}-error`}
        className="figure-text h-14 w-full rounded-md border border-line-strong bg-plate px-3 text-2xl aria-invalid:border-hot"
        {...input}
      />
      <FieldError id={`${id}-error`} message={error} />
    </div>
  );
}
