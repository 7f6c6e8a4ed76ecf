import type { QuickWork } from '@hot-bead/core';
import type { ReactNode } from 'react';
import { useChangeJob } from '../jobs/index.ts';
import type { ChipGroupProps } from './option-chip.tsx';
import { ResourceChips } from './resource-chips.tsx';
import { WorkChips } from './work-chips.tsx';

interface Props extends Omit<ChipGroupProps, 'set'> {
  /** What can be done with the job as a whole, at the end of the row. */
  readonly actions: ReactNode;
}

/** Everything the plan stands on, each a chip that opens its editor. */
export function Chips({ actions, ...group }: Props) {
  const change = useChangeJob(group.job.id);
  const set = (work: QuickWork): void => change.mutate({ work });
  return (
    <section aria-label="What the plan stands on">
      <div className="flex flex-wrap gap-1.5">
        <WorkChips {...group} set={set} />
        <ResourceChips {...group} set={set} />
        {actions}
      </div>
      {change.error && (
        <p role="alert" className="mt-2 text-hot">
          {change.error.message} The change was taken back.
        </p>
      )}
    </section>
  );
}
