import type { ReactNode } from 'react';
import { ApiFailure } from '../../api/client.ts';
import { Button } from '../button.tsx';

type Tone = 'plain' | 'hot' | 'straw';

const TONE: Readonly<Record<Tone, string>> = {
  plain: 'border-line bg-plate',
  hot: 'border-hot bg-hot-tint',
  straw: 'border-straw bg-straw-tint',
};

/** A line or a short text that stands out, to be minded. */
export const MIND_BOX = `rounded-md border px-3 py-2 ${TONE.straw}`;

interface NoticeProps {
  readonly tone?: Tone;
  readonly title: string;
  /** 1 where the notice is all there is on the page. */
  readonly level?: 1 | 2;
  readonly children?: ReactNode;
  readonly action?: ReactNode;
}

/** A plain box that says what is so and what to do about it. */
export function Notice({ tone = 'plain', title, level = 2, children, action }: NoticeProps) {
  const Heading = level === 1 ? 'h1' : 'h2';
  return (
    <section className={`rounded-md border p-5 ${TONE[tone]}`} role={tone === 'hot' ? 'alert' : undefined}>
      <Heading className="text-xl font-semibold">{title}</Heading>
      {children !== undefined && <div className="mt-2 max-w-prose">{children}</div>}
      {action !== undefined && <div className="mt-4 flex flex-wrap gap-3">{action}</div>}
    </section>
  );
}

/** What happened, what was kept, and a way to try again. */
export function ErrorNotice({ error, onRetry }: { readonly error: Error; readonly onRetry: () => void }) {
  const title =
    error instanceof ApiFailure && error.status === 404 ? 'Not found' : 'This could not be loaded';
  return (
    <Notice level={1} tone="hot" title={title} action={<Button onClick={onRetry}>Try again</Button>}>
      {error.message}
    </Notice>
  );
}

export function Skeleton({ className }: { readonly className: string }) {
  return <div aria-hidden="true" className={`animate-pulse rounded-md bg-sunk ${className}`} />;
}

/** Grey shapes where the page will be. */
export function PageSkeleton() {
  return (
    <div role="status" aria-label="Loading" className="grid gap-4">
      <Skeleton className="h-11 w-2/3" />
      <Skeleton className="h-12" />
      <Skeleton className="h-36" />
      <Skeleton className="h-64" />
    </div>
  );
}
