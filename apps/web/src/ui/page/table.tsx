import type { ReactNode } from 'react';

export interface ColumnHead {
  readonly head: ReactNode;
  readonly className?: string;
}

interface Props {
  readonly columns: readonly (string | ColumnHead)[];
  /** Heads that are read out only, where the figures speak for themselves. */
  readonly quiet?: boolean;
  readonly className?: string;
  /** The rows. */
  readonly children: ReactNode;
}

/** A table of records: its columns named once, for the eye or for those who hear it. */
export function Table({ columns, quiet = false, className = '', children }: Props) {
  const heads = columns.map((column) => (typeof column === 'string' ? { head: column } : column));
  return (
    <table className={`w-full ${className}`}>
      <thead className={quiet ? 'sr-only' : undefined}>
        <tr className="label-text border-b border-line text-left">
          {heads.map(({ head, className: of }, i) => (
            <th key={i} scope="col" className={of}>
              {head}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>{children}</tbody>
    </table>
  );
}
