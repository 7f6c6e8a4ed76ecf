import type { KeptMachine } from '@hot-bead/contract/machine';
import { useQuery } from '@tanstack/react-query';
import type { ReactNode } from 'react';
import { useParams } from 'react-router';
import { ButtonLink } from '../../ui/button.tsx';
import { ErrorNotice, Notice, PageSkeleton } from '../../ui/page/notices.tsx';
import { machineListQuery } from './machines.queries.ts';

/** The machine that the address names, once it is there. */
export function MachineRoute({ children }: { readonly children: (machine: KeptMachine) => ReactNode }) {
  const { machineId = '' } = useParams();
  const machines = useQuery(machineListQuery);
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
  return children(machine);
}
