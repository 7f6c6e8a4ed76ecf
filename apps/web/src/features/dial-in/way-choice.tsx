import type { Job, JobDialIn } from '@hot-bead/contract/plan';
import { type DialledPlan, dialWayRows } from '@hot-bead/core/dial-in';
import type { DialWay } from '@hot-bead/core/window';
import { ChipEditor } from '../../ui/chip-editor.tsx';
import { OptionList } from '../../ui/option-list.tsx';
import { useToast } from '../../ui/toasts.tsx';
import { useChangeJob } from '../plan/jobs/index.ts';

interface Props {
  readonly job: Job;
  readonly dialled: DialledPlan;
  readonly way: DialWay;
}

type Start = 'usual' | 'low';

const STARTS = [
  { value: 'usual', label: 'As the work asks', note: 'A little to the safe side of the middle.' },
  {
    value: 'low',
    label: 'A full volt under',
    note: 'About a third of a bead more, and hardly a burn-through.',
  },
] as const satisfies readonly { value: Start; label: string; note: string }[];

/** The way that this job is dialled in, and where it begins; the shop's default until it is chosen here. */
export function WayChoice({ job, dialled, way }: Props) {
  const change = useChangeJob(job.id);
  const toast = useToast();
  const set = (dialIn: JobDialIn, done: string): void =>
    change.mutate({ dialIn }, { onSuccess: (_job, undo) => toast(done, undo) });
  const rows = dialWayRows(dialled);
  const open = rows.filter(({ closed }) => closed === undefined);
  const start: Start = job.dialIn.lowStart ? 'low' : 'usual';
  const { lowStart: _low, ...usual } = job.dialIn;
  return (
    <div className="flex flex-wrap gap-2">
      <ChipEditor
        name="Way to dial in"
        text={rows.find((row) => row.way === way)?.name ?? ''}
        assumed={job.dialIn.way === undefined}
      >
        {(close) => (
          <>
            <OptionList
              label="Way to dial in"
              value={way}
              options={open.map(({ way: value, name, says }) => ({ value, label: name, note: says }))}
              onPick={(picked) => {
                set({ ...job.dialIn, way: picked }, 'The way is changed; the beads stay');
                close();
              }}
            />
            {rows.map(
              ({ way: one, name, closed }) =>
                closed !== undefined && (
                  <p key={one} className="mt-2 border-t border-line px-3 pt-2 text-sm text-ink-soft">
                    {name}: not here. {closed}
                  </p>
                ),
            )}
          </>
        )}
      </ChipEditor>
      <ChipEditor
        name="Where it begins"
        text={start === 'low' ? 'begins a full volt under' : 'begins as usual'}
        assumed={start === 'usual'}
      >
        {(close) => (
          <OptionList
            label="Where it begins"
            value={start}
            options={STARTS}
            onPick={(picked) => {
              set(picked === 'low' ? { ...usual, lowStart: true } : usual, 'The start is changed');
              close();
            }}
          />
        )}
      </ChipEditor>
    </div>
  );
}
