import type { KeptMachine } from '@hot-bead/contract';
import { gasOf } from '@hot-bead/core';
import { Download } from 'lucide-react';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { Button, ButtonLink } from '../../ui/button.tsx';
import { useToast } from '../../ui/toasts.tsx';
import { wireSizeText } from '../units/index.ts';
import { CloneMachine } from './clone-machine.tsx';
import { DialSection } from './dial-section.tsx';
import { EntrySection } from './entry-section.tsx';
import { LearnedSection } from './learned-section.tsx';
import { machineChange } from './machine-fields.ts';
import { MachineForm } from './machine-form.tsx';
import { MachineRoute } from './machine-route.tsx';
import { useRetireMachine, useSaveMachine } from './machines.queries.ts';
import { PlateSection } from './plate-section.tsx';
import { VoltsSection } from './volts-section.tsx';
import { PageTitle } from '../../ui/page/page-title.tsx';

const FILE_LINK =
  'inline-flex min-h-11 items-center gap-2 rounded-md border border-line-strong bg-plate px-4 font-medium hover:border-action';

/** What stands on the machine now. */
function OnItNow({ machine }: { readonly machine: KeptMachine }) {
  const { loadedWireClass, loadedWireDiameterMm, loadedGas, standingPolarity } = machine;
  const gun =
    standingPolarity === undefined ? 'leads not known' : `gun on ${standingPolarity === 'DCEP' ? '+' : '−'}`;
  return (
    <p className="text-ink-soft">
      On it now: {wireSizeText(loadedWireDiameterMm)} {loadedWireClass}, {gasOf(loadedGas).name}, {gun}
    </p>
  );
}

function Actions({ machine }: { readonly machine: KeptMachine }) {
  const retire = useRetireMachine();
  const navigate = useNavigate();
  const toast = useToast();
  const onRetire = (): void =>
    retire.mutate(machine, {
      onSuccess: (_id, undo) => {
        void navigate('/machines');
        toast(`${machine.name} retired`, undo);
      },
      onError: (error) => toast(`Not retired. ${error.message}`),
    });
  return (
    <div className="flex flex-wrap gap-3">
      <ButtonLink to={`/machines/${machine.id}/lid-chart`} tone="main">
        Lid chart
      </ButtonLink>
      <CloneMachine machine={machine} />
      {(['json', 'csv'] as const).map((form) => (
        <a
          key={form}
          href={`/api/machines/${machine.id}/file.${form}`}
          download={`${machine.name}.${form}`}
          className={FILE_LINK}
        >
          <Download size={18} aria-hidden="true" />
          {form.toUpperCase()}
          <span className="sr-only">: the machine with its calibrations</span>
        </a>
      ))}
      <Button onClick={onRetire}>Retire it</Button>
    </div>
  );
}

/** One machine: what its knobs mean, then what it is. */
function Machine({ machine }: { readonly machine: KeptMachine }) {
  const save = useSaveMachine();
  // the machine as it was when its form was begun to be changed: only what differs from it is sent
  const [held, setHeld] = useState<KeptMachine | undefined>();
  const opened = held ?? machine;
  const toast = useToast();
  return (
    <div className="grid grid-cols-1 gap-4">
      <div className="flex flex-wrap items-center justify-between gap-4">
        <div>
          <PageTitle>{machine.name}</PageTitle>
          <OnItNow machine={machine} />
        </div>
        <Actions machine={machine} />
      </div>
      <DialSection machine={machine} />
      <div className="grid grid-cols-1 items-start gap-4 md:grid-cols-[3fr_2fr]">
        <div className="grid grid-cols-1 gap-4">
          <VoltsSection machine={machine} />
          <EntrySection machine={machine} />
        </div>
        <div className="grid grid-cols-1 gap-4">
          <PlateSection machine={machine} />
          <LearnedSection machine={machine} />
        </div>
      </div>
      <section aria-labelledby="what-it-is">
        <h2 id="what-it-is" className="mb-2 text-lg font-semibold">
          What it is
        </h2>
        <MachineForm
          key={opened.version}
          machine={opened}
          saving={save.isPending}
          onBegin={() => setHeld(opened)}
          onSave={(next, onError) =>
            save.mutate(
              { seen: opened, next: machineChange(opened, next) },
              {
                onError,
                onSuccess: (_kept, undo) => {
                  setHeld(undefined);
                  toast('Machine saved', undo);
                },
              },
            )
          }
        />
      </section>
    </div>
  );
}

export function MachinePage() {
  return <MachineRoute>{(machine) => <Machine key={machine.id} machine={machine} />}</MachineRoute>;
}
