import type { Job } from '@hot-bead/contract/plan';
import type { BeadSetting } from '@hot-bead/core/window';
import { useToast } from '../../../ui/toasts.tsx';
import { useChangeJob } from './jobs.queries.ts';

export interface TakeSetting {
  /** Whether the plan is set to these very numbers. */
  readonly isTaken: (setting: BeadSetting) => boolean;
  /** Sets the plan's wire speed and volts, as the user's own; can be undone. */
  readonly take: (setting: BeadSetting, then?: () => void) => void;
  readonly taking: boolean;
}

/** Hands numbers that proved right to a job's plan. */
export function useTakeSetting(job: Job): TakeSetting {
  const change = useChangeJob(job.id);
  const toast = useToast();
  return {
    isTaken: ({ wireFeedSpeedMPerMin, volts }) =>
      job.own.volts === volts && job.own.wireFeedSpeedMPerMin === wireFeedSpeedMPerMin,
    take: ({ wireFeedSpeedMPerMin, volts }, then) =>
      change.mutate(
        { own: { ...job.own, wireFeedSpeedMPerMin, volts } },
        {
          onSuccess: (_job, undo) => {
            toast('The plan takes these numbers', undo);
            then?.();
          },
        },
      ),
    taking: change.isPending,
  };
}
