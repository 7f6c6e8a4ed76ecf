import type { ReactNode } from 'react';

interface Props {
  readonly children: string;
  /** What the window's title says besides: the machine of a job. */
  readonly also?: string | undefined;
  /** Only for those who hear it, where the page shows what it is. */
  readonly hidden?: boolean;
  /** What can be done with the whole page. */
  readonly actions?: ReactNode;
}

/** What a page is about, here and in the window's title, and what can be done with all of it. */
export function PageTitle({ children, also, hidden = false, actions }: Props) {
  const about = also === undefined ? children : `${children} · ${also}`;
  const title = (
    <>
      <title>{`${about} — Hot Bead`}</title>
      <h1 className={hidden ? 'sr-only' : 'text-2xl font-semibold'}>{children}</h1>
    </>
  );
  if (actions === undefined) return title;
  return (
    <div className="flex flex-wrap items-end justify-between gap-4">
      {title}
      <div className="flex flex-wrap items-end gap-3">{actions}</div>
    </div>
  );
}
