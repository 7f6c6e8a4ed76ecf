import type { ReactNode } from 'react';

interface Props {
  /** By which it can be gone to, and its heading found. */
  readonly id: string;
  readonly title: ReactNode;
  /** A small heading over figures that speak for themselves; else a plain one. */
  readonly quiet?: boolean;
  /** Beside the heading. */
  readonly aside?: ReactNode;
  readonly className?: string;
  readonly children: ReactNode;
}

/** A part of a page in a frame of its own, under its heading. */
export function Section({ id, title, quiet = false, aside, className = '', children }: Props) {
  const heading = (
    <h2 id={`${id}-heading`} className={quiet ? 'label-text' : 'text-lg font-semibold'}>
      {title}
    </h2>
  );
  return (
    <section
      id={id}
      aria-labelledby={`${id}-heading`}
      className={`scroll-mt-16 rounded-md border border-line bg-plate p-4 ${className}`}
    >
      {aside === undefined ? (
        heading
      ) : (
        <div className="flex flex-wrap items-end justify-between gap-4">
          {heading}
          {aside}
        </div>
      )}
      {children}
    </section>
  );
}
