import { type ReactNode, useId } from 'react';
import { Wrong } from './wrong.tsx';

interface Props {
  readonly legend: string;
  readonly error: string | undefined;
  readonly columns: string;
  readonly children: ReactNode;
}

/** A set of pictures or words to pick one from. */
export function PickField({ legend, error, columns, children }: Props) {
  const id = useId();
  return (
    <fieldset aria-describedby={error === undefined ? undefined : id}>
      <legend className="label-text mb-1">{legend}</legend>
      <div className={`grid gap-2 ${columns}`}>{children}</div>
      <Wrong id={id} className="mt-1">
        {error}
      </Wrong>
    </fieldset>
  );
}
