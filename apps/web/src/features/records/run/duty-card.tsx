import type { KeptMachine } from '@hot-bead/contract/machine';
import { runDuty } from '@hot-bead/core/records';
import { useQuery } from '@tanstack/react-query';
import { format } from 'date-fns';
import { MIND_BOX } from '../../../ui/page/notices.tsx';
import { useNow } from '../../../ui/use-now.ts';
import { lastRunsQuery } from './runs.queries.ts';

interface Props {
  readonly machine: KeptMachine | undefined;
  readonly amps: number;
}

/** How the machine stands against its plate: the arc of the last ten minutes, and the rest that it wants. */
export function DutyCard({ machine, amps }: Props) {
  const now = useNow();
  const { data: runs = [] } = useQuery({
    ...lastRunsQuery(machine?.id ?? ''),
    enabled: machine !== undefined,
  });
  // a run that was kept within this minute counts already
  const at = [now, runs[0]?.weldedAt ?? now].toSorted().at(-1) ?? now;
  const duty = machine?.duty && runDuty(runs, { ratings: machine.duty, amps, now: at });
  if (!machine || !duty || duty.allowedMin >= 10) return null;
  const { allowedMin, recentMin, restMin, over } = duty;
  const last = over.at(-1);
  const isResting = restMin > 0;
  return (
    <div className={isResting ? MIND_BOX : 'text-[15px]'}>
      <p className={isResting ? 'font-semibold' : ''}>
        {isResting ? `◆ Let ${machine.name} rest ${Math.ceil(restMin)} min.` : `${machine.name} may weld on.`}
      </p>
      <p className="text-sm">
        {recentMin.toFixed(1)} min of arc in the last ten; its plate allows {allowedMin.toFixed(1)} at{' '}
        {amps.toFixed(0)} A [IEC 60974-1, recalled]. Runs told several at once are not counted.
        {last &&
          ` The arc burned on past it at ${format(last.weldedAt, 'd MMM, HH:mm')}: ${last.arcMin.toFixed(1)} min in ten.`}
      </p>
    </div>
  );
}
