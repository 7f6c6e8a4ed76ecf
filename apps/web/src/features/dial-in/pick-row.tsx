import type { ReactNode } from 'react';
import { PickField } from '../../ui/form/pick-field.tsx';

interface Props<T extends string> {
  readonly legend: string;
  readonly options: readonly T[];
  readonly words: Readonly<Record<T, string>>;
  readonly picked: T | undefined;
  readonly onPick: (picked: T | undefined) => void;
  readonly columns: string;
  readonly error?: string | undefined;
  /** Drawn over the word. */
  readonly picture?: (option: T) => ReactNode;
}

const TILE =
  'flex min-h-14 cursor-pointer flex-col items-center justify-center rounded-md border border-line-strong bg-plate p-1 text-center text-[15px] aria-pressed:border-action aria-pressed:bg-action-tint aria-pressed:font-semibold';

/** Tiles of which one is picked; the same again lets it go. */
export function PickRow<T extends string>(props: Props<T>) {
  const { legend, options, words, picked, onPick, columns, error, picture } = props;
  return (
    <PickField legend={legend} error={error} columns={columns}>
      {options.map((option) => (
        <button
          key={option}
          type="button"
          aria-pressed={picked === option}
          className={TILE}
          onClick={() => onPick(picked === option ? undefined : option)}
        >
          {picture?.(option)}
          {words[option]}
        </button>
      ))}
    </PickField>
  );
}
