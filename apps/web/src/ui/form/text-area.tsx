import { type ComponentProps, useId } from 'react';
import { Wrong } from './wrong.tsx';

interface Props extends ComponentProps<'textarea'> {
  readonly label: string;
  readonly hint?: string;
  readonly errors?: readonly string[];
}

/** A labelled field of several lines; what is wrong is said beneath, line by line. */
export function TextArea({ label, hint, errors = [], className = '', ...area }: Props) {
  const id = useId();
  const isWrong = errors.length > 0;
  return (
    <div className={className}>
      <label htmlFor={id} className="label-text">
        {label}
      </label>
      <textarea
        id={id}
        aria-invalid={isWrong}
        aria-describedby={`${id}-says`}
        className="mt-1 block w-full rounded-md border border-line-strong bg-plate p-2 aria-invalid:border-hot"
        {...area}
      />
      <div id={`${id}-says`}>
        {errors.map((error) => (
          <Wrong key={error}>{error}</Wrong>
        ))}
        {!isWrong && hint !== undefined && <p className="text-sm text-ink-soft">{hint}</p>}
      </div>
    </div>
  );
}
