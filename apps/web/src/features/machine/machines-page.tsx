import { useQuery } from '@tanstack/react-query';
import { ButtonLink } from '../../ui/button.tsx';
import { ErrorNotice, Notice, PageSkeleton } from '../../ui/page/notices.tsx';
import { MachineCard } from './machine-card.tsx';
import { machineListQuery } from './machines.queries.ts';
import { RetiredMachines } from './retired-machines.tsx';
import { PageTitle } from '../../ui/page/page-title.tsx';

/** Every machine in use. */
export function MachinesPage() {
  const machines = useQuery(machineListQuery);
  if (machines.error) return <ErrorNotice error={machines.error} onRetry={() => void machines.refetch()} />;
  if (machines.isPending) return <PageSkeleton />;
  return (
    <div className="grid grid-cols-1 gap-4">
      <PageTitle
        actions={
          <>
            <ButtonLink to="/machines/practice">Practice feeder</ButtonLink>
            <ButtonLink to="/machines/from-file">From a file</ButtonLink>
            <ButtonLink to="/machines/new" tone="main">
              Add a machine
            </ButtonLink>
          </>
        }
      >
        Machines
      </PageTitle>
      {machines.data.length === 0 ? (
        <Notice title="No machines yet">
          Add the one you weld with: its limits hold the plans, and once its knob is measured, plans stand in
          the numbers of that knob.
        </Notice>
      ) : (
        <section aria-labelledby="in-use">
          <h2 id="in-use" className="label-text mb-2">
            In use
          </h2>
          <ul className="grid gap-4 md:grid-cols-3">
            {machines.data.map((machine) => (
              <MachineCard key={machine.id} machine={machine} />
            ))}
          </ul>
        </section>
      )}
      <RetiredMachines />
    </div>
  );
}
