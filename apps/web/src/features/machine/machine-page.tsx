import type { KeptMachine } from '@hot-bead/contract/machine';
import { Download } from 'lucide-react';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { Button, ButtonLink } from '../../ui/button.tsx';
import { useToast } from '../../ui/toasts.tsx';
import { CloneMachine } from './clone-machine.tsx';
import { DialSection } from './dial-section.tsx';
import { EntrySection } from './entry-section.tsx';
import { LearnedSection } from './learned-section.tsx';
import { machineChange } from './machine-fields.ts';
import { MachineForm } from './machine-form.tsx';
import { MachineRoute } from './machine-route.tsx';
import { useRetireMachine, useChangeMachine } from './machines.queries.ts';
import { PlateSection } from './plate-section.tsx';
import { VoltsSection } from './volts-section.tsx';
import { PageTitle } from '../../ui/page/page-title.tsx';
import { type PagePart, Parts } from '../../ui/page/parts.tsx';
import { DIALS_PART, SETTINGS_PART } from '../terms/index.ts';
import { NowSection, WorthTelling } from './now-section.tsx';
import { ProgramsSection } from './programs-section.tsx';
import { ScalesSection } from './scales-section.tsx';

const FILE_LINK =
  'inline-flex min-h-11 items-center gap-2 rounded-md border border-line-strong bg-plate px-4 font-medium hover:border-action';

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
      <ButtonLink to={`/faults/new?machine=${machine.id}`}>Find a fault</ButtonLink>
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

/** What the machine is, as it was entered; nothing is sent that was not changed. */
function WhatItIs({ machine }: { readonly machine: KeptMachine }) {
  const save = useChangeMachine();
  // the machine as it was when its form was begun to be changed: only what differs from it is sent
  const [held, setHeld] = useState<KeptMachine | undefined>();
  const opened = held ?? machine;
  const toast = useToast();
  return (
    <MachineForm
      key={opened.version}
      machine={opened}
      saving={save.isPending}
      onBegin={() => setHeld(opened)}
      onSave={(next, onError) =>
        save.mutate(
          { kept: opened, change: machineChange(opened, next) },
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
  );
}

/** One machine, in parts: how it stands, what its knobs mean, how it counts, what it taught, what it is. */
function Machine({ machine }: { readonly machine: KeptMachine }) {
  const parts: readonly PagePart[] = [
    {
      id: 'now',
      name: 'Now',
      children: (
        <div className="grid grid-cols-1 items-start gap-4 md:grid-cols-2">
          <NowSection machine={machine} />
          <div className="grid grid-cols-1 gap-4">
            <PlateSection machine={machine} />
            <WorthTelling machine={machine} />
          </div>
        </div>
      ),
    },
    {
      id: DIALS_PART,
      name: 'Dials',
      children: (
        <>
          <DialSection machine={machine} />
          <div className="grid grid-cols-1 items-start gap-4 md:grid-cols-[repeat(auto-fit,minmax(440px,1fr))]">
            <VoltsSection machine={machine} />
            <EntrySection machine={machine} />
          </div>
        </>
      ),
    },
    {
      id: SETTINGS_PART,
      name: 'Settings',
      children: (
        <>
          <ProgramsSection machine={machine} />
          <ScalesSection machine={machine} />
        </>
      ),
    },
    { id: 'learned', name: 'Learned', children: <LearnedSection machine={machine} /> },
    { id: 'what', name: 'What it is', children: <WhatItIs machine={machine} /> },
  ];
  return (
    <div className="grid grid-cols-1 gap-4">
      <div className="flex flex-wrap items-center justify-between gap-4">
        <PageTitle>{machine.name}</PageTitle>
        <Actions machine={machine} />
      </div>
      <Parts label={`About ${machine.name}`} remember="machine" parts={parts} />
    </div>
  );
}

export function MachinePage() {
  return <MachineRoute>{(machine) => <Machine key={machine.id} machine={machine} />}</MachineRoute>;
}
