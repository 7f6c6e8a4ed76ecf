import type { ReactNode } from 'react';

interface Props {
  /** By which a field says that it is described here. */
  readonly id?: string;
  readonly className?: string;
  /** What is wrong; nothing where nothing is. */
  readonly children: ReactNode;
}

/** What is wrong, in red, read out as soon as it stands there. */
export function Wrong({ id, className = '', children }: Props) {
  if (children === undefined || children === null || children === false || children === '') return null;
  return (
    <span id={id} role="alert" className={`block text-hot ${className}`}>
      {children}
    </span>
  );
}
