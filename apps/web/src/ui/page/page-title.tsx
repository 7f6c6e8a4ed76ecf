import type { ReactNode } from 'react';

interface Props {
  readonly children: ReactNode;
  /** What can be done with the whole page. */
  readonly actions?: ReactNode;
}

/** What a page is about, and what can be done with all of it. */
export function PageTitle({ children, actions }: Props) {
  const title = <h1 className="text-2xl font-semibold">{children}</h1>;
  if (actions === undefined) return title;
  return (
    <div className="flex flex-wrap items-end justify-between gap-4">
      {title}
      <div className="flex flex-wrap items-end gap-3">{actions}</div>
    </div>
  );
}
