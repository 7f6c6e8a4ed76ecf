import { useId } from 'react';
import { Wrong } from './wrong.tsx';

interface Props {
  readonly label: string;
  readonly accept: string;
  readonly error: string | undefined;
  readonly onPick: (file: File | undefined) => void;
}

/** A file to be picked; the same one can be picked again once it was put right. */
export function FileField({ label, accept, error, onPick }: Props) {
  const id = useId();
  return (
    <div>
      <label htmlFor={id} className="label-text">
        {label}
      </label>
      <input
        id={id}
        type="file"
        accept={accept}
        aria-invalid={error !== undefined}
        aria-describedby={error === undefined ? undefined : `${id}-error`}
        className="mt-1 block min-h-11 w-full py-1 file:mr-3 file:min-h-11 file:rounded-md file:border file:border-line-strong file:bg-plate file:px-4 file:font-medium"
        onChange={(event) => {
          onPick(event.target.files?.[0]);
          event.target.value = '';
        }}
      />
      <Wrong id={`${id}-error`}>{error}</Wrong>
    </div>
  );
}
