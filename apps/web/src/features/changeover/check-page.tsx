import { useWords } from '../../units/index.ts';
import type { KeptMachine } from '@hot-bead/contract/machine';
import { type CheckedLook, machineCheck, rigFact } from '@hot-bead/core/changeover';
import { standingOf } from '@hot-bead/core/machine';
import { useState } from 'react';
import { StepDrawing } from '../../drawing/step-drawing.tsx';
import { Button, ButtonLink } from '../../ui/button.tsx';
import { Notice } from '../../ui/page/notices.tsx';
import { PageTitle } from '../../ui/page/page-title.tsx';
import { MachineRoute, useTellRig } from '../machine/index.ts';
import { useToast } from '../../ui/toasts.tsx';
import { standingForm } from './close-page.tsx';
import { GATE_TEXT } from './gate-text.ts';
import { LookForm } from './look-form.tsx';
import { seenChanges } from './tell-step.ts';
import { useNow } from '../../ui/use-now.ts';

/** Whether everything that a look asks is known. */
function isKnown({ asks }: CheckedLook, machine: KeptMachine, now: string): boolean {
  return asks.every((name) => standingOf(name, rigFact(machine, name), now) === 'known');
}

function Look({
  look,
  machine,
  onNext,
}: {
  readonly look: CheckedLook;
  readonly machine: KeptMachine;
  readonly onNext: () => void;
}) {
  const say = useWords();
  const tell = useTellRig(machine);
  const toast = useToast();
  const [isOpen, setIsOpen] = useState(look.row.gate === 'none');
  return (
    <section aria-label={look.row.verb} className="rounded-md border border-line bg-plate p-4">
      <StepDrawing id={look.row.id} station="look" form={standingForm(machine)} className="p-3" />
      <h2 className="text-2xl font-semibold">{look.row.verb}</h2>
      <p className="mt-2 text-lg leading-snug">{say(look.row.how)}</p>
      {isOpen ? (
        <LookForm
          machine={machine}
          asks={look.asks}
          need={{}}
          onFound={(state) => {
            tell.mutate(
              { why: 'look', step: look.row.id, changes: seenChanges(machine, state) },
              { onError: (error) => toast(`Not kept. ${error.message}`) },
            );
            onNext();
          }}
        />
      ) : (
        <div className="mt-4 rounded-md border-2 border-hot p-4" role="group" aria-label="Gate">
          <p className="text-lg font-semibold">■ {say(GATE_TEXT[look.row.gate][0])}</p>
          <Button tone="main" className="mt-3 min-h-14 px-8 text-lg" onClick={() => setIsOpen(true)}>
            {GATE_TEXT[look.row.gate][1]}
          </Button>
        </div>
      )}
      <Button tone="quiet" className="mt-3 min-h-14" onClick={onNext}>
        Leave this out
      </Button>
    </section>
  );
}

function Check({ machine }: { readonly machine: KeptMachine }) {
  const now = useNow();
  const looks = machineCheck(machine);
  const [at, setAt] = useState(0);
  const look = looks[at];
  const minutes = looks.slice(at).reduce((sum, { row }) => sum + row.minutes, 0);
  const known = looks.filter((one) => isKnown(one, machine, now)).length;
  return (
    <div className="grid max-w-3xl grid-cols-1 gap-4">
      <PageTitle>{`${machine.name}: look it over`}</PageTitle>
      <p className="flex items-baseline gap-2">
        <span className="figure-text text-5xl">{minutes.toFixed(1)}</span>
        <span className="text-lg">
          min left; look {Math.min(at + 1, looks.length)} of {looks.length}, {known} wholly known
        </span>
      </p>
      {look ? (
        <Look key={look.row.id} look={look} machine={machine} onNext={() => setAt(at + 1)} />
      ) : (
        <Notice
          title="Looked over"
          action={
            <>
              <ButtonLink to={`/machines/${machine.id}`} tone="main">
                How it stands
              </ButtonLink>
              <Button onClick={() => setAt(0)}>Once more</Button>
            </>
          }
        >
          What you saw is kept with today’s date; what you left out is looked at when a job needs it.
        </Notice>
      )}
    </div>
  );
}

/** One walk along the whole wire path: everything that is looked at and never guessed. */
export function CheckPage() {
  return <MachineRoute>{(machine) => <Check key={machine.id} machine={machine} />}</MachineRoute>;
}
