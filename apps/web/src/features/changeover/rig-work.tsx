import { useWords } from '../../units/index.ts';
import type { Words } from '@hot-bead/core/base';
import type { KeptMachine, RigChange } from '@hot-bead/contract/machine';
import type { KeptStockItem } from '@hot-bead/contract/stores';
import { type JobChangeover, RIG_LOOKS } from '@hot-bead/core/changeover';
import { isRigAttribute, type RigAttribute } from '@hot-bead/core/machine';
import type { PlannedSetup } from '@hot-bead/core/plan';
import { partsNeeded, cylindersFor, spoolsFor, type StockItem } from '@hot-bead/core/stores';
import { useQuery } from '@tanstack/react-query';
import { type ReactNode, useState } from 'react';
import type { PathForm } from '../../drawing/station-symbol.tsx';
import { useTellRig } from '../machine/index.ts';
import { stockChoice, stockQuery } from '../stores/index.ts';
import { useToast } from '../../ui/toasts.tsx';
import { Button } from '../../ui/button.tsx';
import { Wrong } from '../../ui/form/wrong.tsx';
import { StepDetail, type Tick } from './step-detail.tsx';
import { FROM_STORES } from './step-tool.tsx';
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
  /** What stands beside the steps, under the one in hand. */
  readonly children?: ReactNode;
}

/** Spools or bottles of Stores that a step may put on, the emptier first. */
function choicesFor(
  id: string,
  plan: PlannedSetup | undefined,
  stock: readonly KeptStockItem[],
): readonly (readonly [id: string, name: Words])[] {
  const kind = FROM_STORES[id];
  if (kind === undefined || !plan) return [];
  const items = stock.map(({ item }) => item);
  const fitting: readonly StockItem[] =
    kind === 'spoolId' ? spoolsFor(plan, items) : cylindersFor(plan, items);
  return fitting.flatMap((item) => {
    const kept = stock.find((one) => one.item === item);
    return kept ? [[kept.id, stockChoice(item)] as const] : [];
  });
}

/** What a look asks: what is needed of what it answers and nobody knows; how hot the gun is, where that matters. */
function asksOf(id: string, { unsure }: JobChangeover): readonly RigAttribute[] {
  const answers = RIG_LOOKS.find((look) => look.id === id)?.answers ?? [];
  if (id === 'look-hands') return ['hot'];
  return answers.filter(isRigAttribute).filter((name) => unsure.includes(name));
}

/** The steps and the one in hand: ticking keeps it at once, and the list is made again from how the machine then stands. */
export function RigWork({ changeover, machine, form, plan, jobId, children }: Props) {
  const say = useWords();
  const { steps, need, state } = changeover;
  const tell = useTellRig(machine);
  const toast = useToast();
  const gates = useGates(state);
  const { data: stock = NO_STOCK } = useQuery(stockQuery);
  const [asked, setAsked] = useState<string | undefined>();
  const [last, setLast] = useState<{ readonly verb: string; readonly undo: () => void } | undefined>();
  const step = steps.find(({ row }) => row.id === asked) ?? steps.find(({ ready }) => ready) ?? steps[0];
  if (!step) return null;
  const { row } = step;
  const keep = (change: Omit<RigChange, 'jobId' | 'step'>): void =>
    tell.mutate(
      { ...change, step: row.id, ...(jobId === undefined ? {} : { jobId }) },
      {
        onSuccess: (_kept, undo) => setLast({ verb: row.verb, undo }),
        onError: (error) => toast(`Not kept. ${error.message}`),
      },
    );
  const onTick = ({ note, more: { rollPressure, photoId, feedDirection, fromStores } }: Tick): void => {
    setAsked(undefined);
    const values: Readonly<Partial<Record<RigAttribute, string | null>>> = {
      ...fromStores,
      ...(feedDirection === undefined ? {} : { feedDirection }),
      ...(rollPressure === undefined ? {} : { rollPressure: rollPressure.mark }),
    };
    keep({
      why: 'step',
      changes: { ...stepChanges(machine, row.id, need), ...seenChanges(machine, values) },
      ...(row.gate === 'none' ? {} : { gate: row.gate }),
      ...(note.trim() === '' ? {} : { note: note.trim() }),
      ...(photoId === undefined ? {} : { photoId }),
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
    <div className="grid grid-cols-1 items-start gap-4 md:grid-cols-[minmax(0,5fr)_minmax(0,6fr)] md:grid-rows-[auto_1fr]">
      <div className="grid grid-cols-1 gap-2 max-md:order-2 md:row-span-2">
        {last && (
          <p role="status" className="flex min-h-11 items-center gap-3 px-3">
            <span className="min-w-0 flex-1">● {last.verb}: kept</span>
            <Button
              tone="quiet"
              onClick={() => {
                last.undo();
                setLast(undefined);
              }}
            >
              Undo
            </Button>
          </p>
        )}
        <StepList steps={steps} chosen={row.id} isOpen={gates.isOpen} onChoose={setAsked} />
      </div>
      <div>
        <StepDetail
          key={row.id}
          step={step}
          form={form}
          machine={machine}
          jobId={jobId}
          plan={plan}
          need={need}
          asks={asksOf(row.id, changeover)}
          gate={gates.before(step)}
          parts={parts.filter((part) => part.step === row.id)}
          choices={choicesFor(row.id, plan, stock).map(([id, name]) => [id, say(name)] as const)}
          onConfirm={gates.confirm}
          onTick={onTick}
          onFound={(state) => {
            setAsked(undefined);
            keep({ why: 'look', changes: seenChanges(machine, state) });
          }}
        />
        {tell.error && <Wrong>{tell.error.message} The machine is shown as it stands now.</Wrong>}
      </div>
      <div className="grid grid-cols-1 gap-4 max-md:order-3">{children}</div>
    </div>
  );
}
