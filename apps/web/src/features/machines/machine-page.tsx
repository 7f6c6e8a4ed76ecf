import { dutyPercent } from '@hot-bead/core';
import { useQuery } from '@tanstack/react-query';
import { useNavigate, useParams } from 'react-router';
import { Button, ButtonLink } from '../../ui/button.tsx';
import { ErrorNotice, Notice, PageSkeleton } from '../../ui/notices.tsx';
import { useToast } from '../../ui/toasts.tsx';
import { DialSection } from './dial-section.tsx';
import { MachineForm } from './machine-form.tsx';
import {
  machineListQuery,
  useAddMachine,
  useChangeMachine,
  useRestoreMachine,
  useRetireMachine,
} from './machines.queries.ts';
import { VoltsSection } from './volts-section.tsx';

/** A machine to be added. */
export function NewMachinePage() {
  const add = useAddMachine();
  const navigate = useNavigate();
  return (
    <div className="grid grid-cols-1 gap-4">
      <h1 className="text-2xl font-semibold">Add a machine</h1>
      <MachineForm
        machine={undefined}
        saving={add.isPending}
        onSave={(machine, onError) =>
          add.mutate(machine, { onError, onSuccess: ({ id }) => void navigate(`/machines/${id}`) })
        }
      />
    </div>
  );
}

const DUTY_STEPS_A = [60, 90, 120, 150, 180, 220] as const;

/** One machine: what its knobs mean, then what it is. */
export function MachinePage() {
  const { machineId = '' } = useParams();
  const machines = useQuery(machineListQuery);
  const change = useChangeMachine(machineId);
  const retire = useRetireMachine();
  const restore = useRestoreMachine();
  const navigate = useNavigate();
  const toast = useToast();
  if (machines.error) return <ErrorNotice error={machines.error} onRetry={() => void machines.refetch()} />;
  if (machines.isPending) return <PageSkeleton />;
  const machine = machines.data.find(({ id }) => id === machineId);
  if (!machine) {
    return (
      <Notice level={1} title="No such machine" action={<ButtonLink to="/machines">All machines</ButtonLink>}>
        It may have been retired.
      </Notice>
    );
  }
  const onRetire = (): void =>
    retire.mutate(machine.id, {
      onSuccess: () => {
        void navigate('/machines');
        toast(`${machine.name} retired`, () => restore.mutate(machine.id));
      },
      onError: (error) => toast(`Not retired. ${error.message}`),
    });
  const duty = machine.duty ?? [];
  return (
    <div className="grid grid-cols-1 gap-4">
      <div className="flex flex-wrap items-center justify-between gap-4">
        <h1 className="text-2xl font-semibold">{machine.name}</h1>
        <div className="flex gap-3">
          <ButtonLink to={`/machines/${machine.id}/lid-chart`}>Lid chart</ButtonLink>
          <Button onClick={onRetire}>Retire it</Button>
        </div>
      </div>
      <DialSection machine={machine} />
      <VoltsSection machine={machine} />
      {duty.length > 0 && (
        <section aria-labelledby="duty" className="rounded-md border border-line bg-plate p-4">
          <h2 id="duty" className="text-lg font-semibold">
            Minutes of arc in ten
          </h2>
          <ul className="mt-2 flex flex-wrap gap-x-8 gap-y-2">
            {DUTY_STEPS_A.filter((a) => a <= (machine.currentRangeA?.[1] ?? Infinity)).map((amps) => (
              <li key={amps}>
                <span className="label-text">{amps} A</span>{' '}
                <span className="figure-text text-2xl">
                  {((dutyPercent(duty, amps) ?? 0) / 10).toFixed(1)}
                </span>
              </li>
            ))}
          </ul>
          <p className="text-sm text-ink-soft">From the plate, at 40 °C [IEC 60974-1, recalled].</p>
        </section>
      )}
      <MachineForm
        key={machine.id}
        machine={machine}
        saving={change.isPending}
        onSave={(next, onError) => change.mutate(next, { onError, onSuccess: () => toast('Machine saved') })}
      />
    </div>
  );
}
