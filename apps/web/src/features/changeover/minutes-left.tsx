import { changeoverMinutesText, type JobChangeover } from '@hot-bead/core/changeover';

/** Minutes and steps that are left, large. */
export function MinutesLeft({
  changeover,
  machineName,
}: {
  readonly changeover: JobChangeover;
  readonly machineName: string;
}) {
  const { steps, unsure } = changeover;
  return (
    <div>
      <p className="flex flex-wrap items-baseline gap-x-2">
        <span className="figure-text text-5xl whitespace-nowrap">{changeoverMinutesText(changeover)}</span>
        <span className="text-lg">
          min left on {machineName}, {steps.length === 1 ? '1 step' : `${steps.length} steps`}
        </span>
      </p>
      <p className="text-[15px] text-ink-soft">
        {unsure.length > 0 ? 'It hangs on what the looks find. ' : ''}
        Sums of common practice for one pair of hands, not timed; a daily hand needs about two thirds.
      </p>
    </div>
  );
}
