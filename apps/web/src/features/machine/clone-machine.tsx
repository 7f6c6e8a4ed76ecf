import type { KeptMachine } from '@hot-bead/contract/machine';
import { Popover } from 'radix-ui';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { Button } from '../../ui/button.tsx';
import { CheckField } from '../../ui/form/check-field.tsx';
import { Field } from '../../ui/form/field.tsx';
import { useToast } from '../../ui/toasts.tsx';
import { useCloneMachine } from './machines.queries.ts';

/** Another machine of the same make: all of it under a new name, with the readings only where asked. */
export function CloneMachine({ machine }: { readonly machine: KeptMachine }) {
  const clone = useCloneMachine(machine.id);
  const navigate = useNavigate();
  const toast = useToast();
  const [open, setOpen] = useState(false);
  const [name, setName] = useState(`${machine.name} 2`);
  const [withReadings, setWithReadings] = useState(false);
  const onClone = (): void =>
    clone.mutate(
      { name, withReadings },
      {
        onSuccess: (copy, undo) => {
          setOpen(false);
          void navigate(`/machines/${copy.id}`);
          toast(`Cloned: this is ${copy.name}`, () => {
            undo();
            void navigate(`/machines/${machine.id}`);
          });
        },
      },
    );
  return (
    <Popover.Root open={open} onOpenChange={setOpen}>
      <Popover.Trigger asChild>
        <Button>Clone it</Button>
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          align="end"
          sideOffset={6}
          collisionPadding={12}
          aria-label="Clone this machine"
          className="z-40 w-80 rounded-md border border-line-strong bg-plate p-4"
        >
          <form
            noValidate
            className="grid gap-3"
            onSubmit={(event) => {
              event.preventDefault();
              onClone();
            }}
          >
            <Field
              label="Its name"
              value={name}
              error={clone.error?.message}
              onChange={(event) => setName(event.target.value)}
            />
            <CheckField checked={withReadings} onCheck={setWithReadings}>
              Take its readings along: knob, taps, display
            </CheckField>
            <p className="text-sm text-ink-soft">
              Two of a make differ: readings that come along stand only until its own are taken.
            </p>
            <Button type="submit" tone="main" disabled={clone.isPending}>
              {clone.isPending ? 'Cloning…' : 'Clone it'}
            </Button>
          </form>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
