import { X } from 'lucide-react';
import type { ReactNode } from 'react';

interface Props {
  /** What the button does, in full: "Take 0.8 mm ER70S-6 off the shelf". */
  readonly removeLabel: string;
  readonly onRemove: () => void;
  readonly children: ReactNode;
}

/** One of a list that can be taken out of it. */
export function Removable({ removeLabel, onRemove, children }: Props) {
  return (
    <li className="flex items-center rounded-md border border-line-strong pl-3">
      {children}
      <button
        type="button"
        aria-label={removeLabel}
        className="grid size-11 place-items-center hover:text-hot"
        onClick={onRemove}
      >
        <X size={16} aria-hidden="true" />
      </button>
    </li>
  );
}
