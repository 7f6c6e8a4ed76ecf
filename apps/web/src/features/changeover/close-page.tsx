import type { KeptMachine } from '@hot-bead/contract/machine';
import { closeDown } from '@hot-bead/core/changeover';
import type { PathForm } from '../../drawing/station-symbol.tsx';
import { ButtonLink } from '../../ui/button.tsx';
import { Notice } from '../../ui/page/notices.tsx';
import { PageTitle } from '../../ui/page/page-title.tsx';
import { MachineRoute } from '../machine/index.ts';
import { useShop } from '../plan/index.ts';
import { DoneList } from './done-list.tsx';
import { MinutesLeft } from './minutes-left.tsx';
import { RigWork } from './rig-work.tsx';
import { useNow } from '../../ui/use-now.ts';

/** What a machine's own stations are drawn for, where there is no plan. */
export function standingForm(machine: KeptMachine): PathForm {
  return {
    gunLead: machine.standingPolarity === 'DCEN' ? '−' : '+',
    rolls: (machine.rig?.rollsForm?.value as PathForm['rolls'] | undefined) ?? 'v-smooth',
    liner: machine.rig?.linerMaterial?.value === 'plastic' ? 'plastic' : 'steel',
    tipRecessed: false,
    spoolGun: machine.rig?.gun?.value === 'spool-gun',
    joint: 'tee',
    gas: machine.loadedGas !== 'none',
  };
}

function Close({ machine }: { readonly machine: KeptMachine }) {
  const now = useNow();
  const { schools } = useShop().shop;
  const changeover = closeDown(machine, { now, schools });
  return (
    <div className="grid grid-cols-1 gap-4">
      <PageTitle>{`${machine.name}: close it down`}</PageTitle>
      {changeover.steps.length === 0 ? (
        <Notice
          title="It is closed down"
          action={<ButtonLink to={`/machines/${machine.id}`}>To {machine.name}</ButtonLink>}
        >
          Mains off, cylinder shut, line bled, clamp and gun hung up. Bag aluminium wire: damp spoils it.
        </Notice>
      ) : (
        <>
          <MinutesLeft changeover={changeover} machineName={machine.name} />
          <p className="text-ink-soft">
            The regulator: two schools, one in Settings is this shop’s. It is backed off in any case where the
            bottle is moved or stands more than a day.
          </p>
          <RigWork
            changeover={changeover}
            machine={machine}
            form={standingForm(machine)}
            plan={undefined}
            jobId={undefined}
          />
        </>
      )}
      <DoneList machineId={machine.id} jobId={undefined} now={now} />
    </div>
  );
}

/** Closing a machine down at the end of the day, step by step. */
export function ClosePage() {
  return <MachineRoute>{(machine) => <Close key={machine.id} machine={machine} />}</MachineRoute>;
}
