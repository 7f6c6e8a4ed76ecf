import type { StatedWork } from '@hot-bead/core/plan';
import { ChevronDown, ChevronUp } from 'lucide-react';
import { type ReactNode, useLayoutEffect, useRef, useState } from 'react';
import { useChangeJob } from './jobs/index.ts';
import type { ChipGroupProps } from './option-chip.tsx';
import { ResourceChips } from './resource-chips.tsx';
import { WorkChips } from './work-chips.tsx';
import { Wrong } from '../../ui/form/wrong.tsx';

interface Props extends Omit<ChipGroupProps, 'set'> {
  /** What can be done with the job as a whole, at the end of the row. */
  readonly actions: ReactNode;
}

/** Everything the plan stands on, each a chip that opens its editor; what is assumed waits behind one. */
export function Chips({ actions, ...group }: Props) {
  const change = useChangeJob(group.job.id);
  const set = (work: StatedWork): void => change.mutate({ work });
  const [all, setAll] = useState(false);
  const row = useRef<HTMLDivElement>(null);
  const [assumed, setAssumed] = useState(0);
  // each chip knows whether its value is assumed: they are counted as they are drawn
  const { job, complete, setup } = group;
  useLayoutEffect(
    () => setAssumed(row.current?.querySelectorAll('[data-assumed=true]').length ?? 0),
    [job, complete, setup],
  );
  return (
    <section aria-label="What the plan stands on">
      <div
        ref={row}
        className={`flex flex-wrap items-start gap-1.5 ${all ? '' : '[&_[data-assumed=true]]:hidden'}`}
      >
        <WorkChips {...group} set={set} />
        <ResourceChips {...group} set={set} />
        {assumed > 0 && (
          <button
            type="button"
            aria-expanded={all}
            onClick={() => setAll(!all)}
            className="flex min-h-11 items-center gap-1 rounded-md border border-dashed border-line-strong px-2.5 text-[15px] text-action"
          >
            {all ? 'only what was said' : `${assumed} assumed`}
            {all ? <ChevronUp size={16} aria-hidden="true" /> : <ChevronDown size={16} aria-hidden="true" />}
          </button>
        )}
        {actions}
      </div>
      {change.error && <Wrong className="mt-2">{change.error.message} The change was taken back.</Wrong>}
    </section>
  );
}
