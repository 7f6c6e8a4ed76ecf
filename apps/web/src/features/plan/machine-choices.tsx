import type { KeptMachine } from '@hot-bead/contract/machine';
import type { Job } from '@hot-bead/contract/plan';
import { type MachineForJob, machinesForJob, sureMinutesText } from '@hot-bead/core/changeover';
import { useMemo, useState } from 'react';
import { usePreferences } from '../../preferences/preferences.tsx';
import { Button } from '../../ui/button.tsx';
import { useNow } from '../../ui/use-now.ts';
import { useWords } from '../../units/index.ts';
import { setFigures, wholeSettingText } from '../terms/index.ts';
import { useChangeJob } from './jobs/index.ts';
import { useShop } from './use-setup.ts';
import { withMachine } from './work-changes.ts';

type CanDo = Extract<MachineForJob<KeptMachine>, { status: 'can' }>;

interface RowProps {
  readonly one: CanDo;
  readonly tone?: 'main';
  readonly onTake: (name: string) => void;
}

/** A machine that can do it: minutes to rig it, what is then set on it, and the press that takes it. */
function CanRow({ one: { machine, plan, changeover }, tone, onTake }: RowProps) {
  const { units } = usePreferences();
  return (
    <div className="flex flex-wrap items-center gap-x-4 gap-y-2">
      <p className="min-w-0 flex-1 basis-60">
        <span className="font-semibold">{machine.name}</span>{' '}
        <span className="figure-text text-xl">{sureMinutesText(changeover)}</span>
        <span className="block text-[15px] text-ink-soft">
          {wholeSettingText(setFigures(plan, machine, units))}
        </span>
      </p>
      <Button {...(tone ? { tone } : {})} className="min-h-14" onClick={() => onTake(machine.name)}>
        Take {machine.name}
      </Button>
    </div>
  );
}

interface Props {
  readonly job: Job;
  /** Every machine at once, those that cannot with the reason. */
  readonly all?: boolean;
}

/** A job without a machine: the one that stands nearest to it, and the others behind it. */
export function MachineChoices({ job, all = false }: Props) {
  const say = useWords();
  const { shop, machines } = useShop();
  const now = useNow();
  const change = useChangeJob(job.id);
  const [isOpen, setOpen] = useState(all);
  const choices = useMemo(
    () => machinesForJob<KeptMachine>(job, { ...shop, machines }, now),
    [job, shop, machines, now],
  );
  const take = (name: string): void => change.mutate({ work: withMachine(job.work, name) });
  const can = choices.filter((one) => one.status === 'can');
  const cannot = choices.filter((one) => one.status === 'cannot');
  const [nearest, ...others] = can;
  if (choices.length === 0) return null;
  return (
    <section aria-label="Which machine" className="rounded-md border border-dashed border-line-strong p-3">
      <h2 className="label-text">
        {nearest ? 'No machine named yet; this one stands nearest' : 'No machine of yours can do it as it is'}
      </h2>
      {nearest && <CanRow one={nearest} tone="main" onTake={take} />}
      {isOpen && (
        <ul className="mt-2">
          {others.map((one) => (
            <li key={one.machine.name} className="border-t border-line py-2">
              <CanRow one={one} onTake={take} />
            </li>
          ))}
          {cannot.map((one) => (
            <li key={one.machine.name} className="border-t border-line py-2">
              <span className="font-semibold">{one.machine.name}</span> × {say(one.reason)}
            </li>
          ))}
        </ul>
      )}
      {!isOpen && others.length + cannot.length > 0 && (
        <Button tone="quiet" onClick={() => setOpen(true)}>
          {others.length + cannot.length === 1 ? 'The other machine' : 'The other machines'}
        </Button>
      )}
    </section>
  );
}
