import type { KeptMachine, KeptStockItem, RigChange } from '@hot-bead/contract';
import {
  isRigAttribute,
  type JobChangeover,
  type PlannedSetup,
  partsNeeded,
  RIG_LOOKS,
  type RigAttribute,
} from '@hot-bead/core';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { PathForm } from '../../drawing/station-symbol.tsx';
import { useTellRig } from '../machines/index.ts';
import { stockQuery } from '../stores/index.ts';
import { useToast } from '../../ui/toasts.tsx';
import { Wrong } from '../../ui/form/wrong.tsx';
import { StepDetail, type Tick } from './step-detail.tsx';
import { StepList } from './step-list.tsx';
import { seenChanges, stepChanges } from './tell-step.ts';
import { useGates } from './use-gates.ts';

const NO_STOCK: readonly KeptStockItem[] = [];

interface Props {
  readonly changeover: JobChangeover;
  readonly machine: KeptMachine;
  readonly form: PathForm;
  /** Undefined: the machine is closed down, for no job. */
  readonly plan: PlannedSetup | undefined;
  readonly jobId: string | undefined;
}

/** What a look asks: what is needed of what it answers and nobody knows; how hot the gun is, where that matters. */
function asksOf(id: string, { unsure }: JobChangeover): readonly RigAttribute[] {
  const answers = RIG_LOOKS.find((look) => look.id === id)?.answers ?? [];
  if (id === 'look-hands') return ['hot'];
  return answers.filter(isRigAttribute).filter((name) => unsure.includes(name));
}

/** The steps and the one in hand: ticking keeps it at once, and the list is made again from how the machine then stands. */
export function RigWork({ changeover, machine, form, plan, jobId }: Props) {
  const { steps, need, state } = changeover;
  const tell = useTellRig(machine);
  const toast = useToast();
  const gates = useGates(state);
  const { data: stock = NO_STOCK } = useQuery(stockQuery);
  const [asked, setAsked] = useState<string | undefined>();
  const step = steps.find(({ row }) => row.id === asked) ?? steps.find(({ ready }) => ready) ?? steps[0];
  if (!step) return null;
  const { row } = step;
  const keep = (change: Omit<RigChange, 'jobId' | 'step'>): void =>
    tell.mutate(
      { ...change, step: row.id, ...(jobId === undefined ? {} : { jobId }) },
      {
        onSuccess: (_kept, undo) => toast(`${row.verb}: kept`, undo),
        onError: (error) => toast(`Not kept. ${error.message}`),
      },
    );
  const onTick = ({ note, more: { rollPressure, feedDirection } }: Tick): void => {
    setAsked(undefined);
    const said: Readonly<Partial<Record<RigAttribute, string>>> = {
      ...(feedDirection === undefined ? {} : { feedDirection }),
      ...(rollPressure === undefined ? {} : { rollPressure: rollPressure.mark }),
    };
    keep({
      why: 'step',
      changes: { ...stepChanges(machine, row.id, need), ...seenChanges(machine, said) },
      ...(row.gate === 'none' ? {} : { gate: row.gate }),
      ...(note.trim() === '' ? {} : { note: note.trim() }),
      ...(rollPressure === undefined ? {} : { rollPressure }),
    });
  };
  const ids = steps.map((one) => one.row.id);
  const parts = partsNeeded(
    ids,
    need,
    machine,
    stock.map(({ item }) => item),
  );
  return (
    <div className="grid items-start gap-4 md:grid-cols-[minmax(0,5fr)_minmax(0,6fr)]">
      <div className="max-md:order-2">
        <StepList steps={steps} chosen={row.id} isOpen={gates.isOpen} onChoose={setAsked} />
      </div>
      <div className="md:sticky md:top-4">
        <StepDetail
          key={row.id}
          step={step}
          form={form}
          machine={machine}
          plan={plan}
          need={need}
          asks={asksOf(row.id, changeover)}
          gate={gates.before(step)}
          parts={parts.filter((part) => part.step === row.id)}
          onConfirm={gates.confirm}
          onTick={onTick}
          onFound={(found) => {
            setAsked(undefined);
            keep({ why: 'look', changes: seenChanges(machine, found) });
          }}
        />
        {tell.error && <Wrong>{tell.error.message} The machine is shown as it stands now.</Wrong>}
      </div>
    </div>
  );
}
