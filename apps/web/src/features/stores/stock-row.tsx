import { amount, type AmountQuantity, joined, words, type Words } from '@hot-bead/core/base';
import { useWords } from '../../units/index.ts';
import { validated } from '@hot-bead/contract/base';
import type { KeptMachine } from '@hot-bead/contract/machine';
import { type KeptStockItem, type NewStockEntry, stockEntrySchema } from '@hot-bead/contract/stores';
import { rigFact } from '@hot-bead/core/changeover';
import { isLiquidGas, isLow, isUsedUp, type StockItem } from '@hot-bead/core/stores';
import { useState } from 'react';
import { Button } from '../../ui/button.tsx';
import { Field } from '../../ui/form/field.tsx';
import { useToast } from '../../ui/toasts.tsx';
import { useTellRig, ValuesForm } from '../machine/index.ts';
import { StockForm } from './stock-form.tsx';
import { doubtOf, leftOf, minutesLeft, stockName, type Usual } from './stock-text.ts';
import { stockChange, useChangeStock, usePutStockAway, useTellStock } from './stock.queries.ts';

interface Props {
  readonly kept: KeptStockItem;
  readonly usual: Usual;
  readonly machines: readonly KeptMachine[];
}

type Measure = readonly [
  kind: NewStockEntry['kind'],
  press: string,
  name: string,
  label: string,
  quantity?: AmountQuantity,
];

/** How what is left of it is told. */
function measureOf(item: StockItem): Measure {
  if (item.kind === 'part') return ['counted', 'Count', 'count', 'There are'];
  if (item.kind === 'cylinder' && !isLiquidGas(item.gas))
    return ['gauged', 'Read the gauge', 'bar', 'Gauge', 'pressure'];
  return ['weighed', 'Weigh it', 'weightKg', 'On the scale, all of it', 'weight'];
}

function leftText(item: StockItem): Words {
  if (item.kind === 'part') return item.least === undefined ? '' : words`keep ${item.least} or more`;
  const { kg, m, litres } = leftOf(item);
  const parts = [
    kg === undefined ? '' : amount.weight(kg, kg < 1 ? 2 : 1),
    m === undefined ? '' : amount.length(m, 0),
    item.kind === 'cylinder' && item.leftBar !== undefined ? amount.pressure(item.leftBar, 'as-given') : '',
    litres === undefined ? '' : amount.gasVolume(litres, 0),
  ];
  return joined(parts, ', ');
}

/** What is worth knowing of a spool besides what is left. */
function spoolWords(item: StockItem): readonly string[] {
  if (item.kind !== 'spool') return [];
  const { keptDry, batch, openedOn } = item;
  return [
    keptDry === true ? 'kept dry' : '',
    batch === undefined ? '' : `batch ${batch}`,
    openedOn === undefined ? '' : `opened ${openedOn}`,
  ];
}

/** Level of it as a bar: full at the right. */
function Level({ share }: { readonly share: number | undefined }) {
  return (
    <span className="mt-1 block h-2 w-full rounded-full bg-sunk" aria-hidden="true">
      {share !== undefined && (
        <span className="block h-2 rounded-full bg-ink" style={{ width: `${Math.max(share * 100, 2)}%` }} />
      )}
    </span>
  );
}

/** The machine that it is on, to be picked. */
function OnMachine({ kept, machines }: Pick<Props, 'kept' | 'machines'>) {
  const name = kept.item.kind === 'spool' ? 'spoolId' : 'cylinder';
  return (
    <div className="flex flex-wrap items-center gap-2">
      <span className="label-text">It is on</span>
      {machines.map((machine) => (
        <MachinePick key={machine.id} machine={machine} name={name} id={kept.id} />
      ))}
    </div>
  );
}

function MachinePick({
  machine,
  name,
  id,
}: {
  readonly machine: KeptMachine;
  readonly name: 'spoolId' | 'cylinder';
  readonly id: string;
}) {
  const tell = useTellRig(machine);
  const toast = useToast();
  const now = rigFact(machine, name)?.value;
  const isOn = now === id;
  return (
    <button
      type="button"
      aria-pressed={isOn}
      className="min-h-11 rounded-md border border-line-strong px-3 font-medium aria-pressed:border-action aria-pressed:bg-action aria-pressed:text-on-action"
      onClick={() =>
        tell.mutate(
          { why: 'said', changes: { [name]: { from: now ?? null, to: isOn ? null : id } } },
          {
            onSuccess: (_kept, undo) => toast(isOn ? `Not on ${machine.name}` : `On ${machine.name}`, undo),
            onError: (error) => toast(`Not kept. ${error.message}`),
          },
        )
      }
    >
      {machine.name}
    </button>
  );
}

function More({
  kept,
  machines,
  onClose,
}: Pick<Props, 'kept' | 'machines'> & { readonly onClose: () => void }) {
  const { item } = kept;
  const tell = useTellStock(kept.id);
  const change = useChangeStock();
  const away = usePutStockAway();
  const toast = useToast();
  const [, , , , quantity] = measureOf(item);
  const [reason, setReason] = useState('');
  return (
    <div className="mt-3 grid gap-4 border-t border-line pt-3">
      {item.kind !== 'part' && <OnMachine kept={kept} machines={machines} />}
      <ValuesForm
        large
        label="Put right what is left"
        values={[
          quantity === undefined
            ? { name: 'left', label: 'There is left (count)' }
            : { name: 'left', label: 'There is left', quantity },
        ]}
        check={(values) => validated(stockEntrySchema, { kind: 'adjusted', reason, ...values })}
        onKeep={(entry, settle) =>
          tell.mutate(entry, { onSuccess: () => settle(), onError: (error) => settle(error) })
        }
        saving={tell.isPending}
      >
        <Field
          large
          className="w-64"
          label="Because"
          value={reason}
          onChange={(event) => setReason(event.target.value)}
        />
      </ValuesForm>
      <div className="flex flex-wrap gap-3">
        <Button
          onClick={() =>
            tell.mutate({ kind: 'used-up' }, { onSuccess: (_one, undo) => toast('Used up', undo) })
          }
        >
          It is used up
        </Button>
        <Button onClick={() => away.mutate(kept, { onSuccess: (_one, undo) => toast('Put away', undo) })}>
          Put it away
        </Button>
      </div>
      <StockForm
        key={kept.version}
        kind={item.kind}
        item={item}
        label="What it is"
        saving={change.isPending}
        onClose={onClose}
        onKeep={(next, onError) => change.mutate(stockChange(kept, next), { onError, onSuccess: onClose })}
      />
    </div>
  );
}

/** One thing in Stores: how long it lasts, how full it is, and what can be told of it. */
export function StockRow({ kept, usual, machines }: Props) {
  const say = useWords();
  const { item } = kept;
  const [open, setOpen] = useState<'measure' | 'buy' | 'more' | undefined>();
  const tell = useTellStock(kept.id);
  const minutes = minutesLeft(item, usual);
  const [kind, press, name, fieldLabel, quantity] = measureOf(item);
  const on = machines.filter((machine) =>
    (['spoolId', 'cylinder'] as const).some((key) => rigFact(machine, key)?.value === kept.id),
  );
  const form = (entryKind: NewStockEntry['kind'], field: string, label: string, of?: AmountQuantity) => (
    <ValuesForm
      large
      label={`${say(stockName(item))}: ${label}`}
      values={[of === undefined ? { name: field, label } : { name: field, label, quantity: of }]}
      check={(values) => validated(stockEntrySchema, { kind: entryKind, ...values })}
      onKeep={(entry, settle) =>
        tell.mutate(entry, {
          onSuccess: () => {
            settle();
            setOpen(undefined);
          },
          onError: (error) => settle(error),
        })
      }
      saving={tell.isPending}
    />
  );
  const toggle = (what: typeof open) => () => setOpen(open === what ? undefined : what);
  return (
    <li className="border-b border-line py-3 last:border-b-0">
      <div className="grid items-center gap-x-4 gap-y-2 md:grid-cols-[minmax(0,2fr)_minmax(0,2fr)_auto]">
        <div className="min-w-0">
          <p className="leading-snug font-semibold">
            {isUsedUp(item) ? '■ ' : isLow(item) ? '◆ ' : ''}
            {say(stockName(item))}
          </p>
          <p className="text-[15px] text-ink-soft">
            {[
              isUsedUp(item) ? 'used up' : isLow(item) ? 'low' : '',
              ...spoolWords(item),
              on.length > 0 ? `on ${on.map((machine) => machine.name).join(', ')}` : '',
            ]
              .filter((word) => word !== '')
              .join(', ')}
          </p>
        </div>
        <div>
          <p className="flex items-baseline gap-2">
            <span className="figure-text text-3xl">
              {item.kind === 'part' ? item.count : minutes === undefined ? '?' : minutes.toFixed(0)}
            </span>
            <span>
              {item.kind === 'part'
                ? 'there'
                : minutes === undefined
                  ? 'not weighed or gauged'
                  : 'min of arc'}
            </span>
            <span className="text-[15px] text-ink-soft">{say(leftText(item))}</span>
          </p>
          {item.kind !== 'part' && <Level share={leftOf(item).share} />}
          {doubtOf(item) !== undefined && minutes !== undefined && (
            <p className="text-[13px] text-ink-soft">{say(doubtOf(item) ?? '')}</p>
          )}
        </div>
        <div className="flex flex-wrap gap-2">
          <Button aria-expanded={open === 'measure'} onClick={toggle('measure')}>
            {press}
          </Button>
          {item.kind === 'part' && (
            <Button aria-expanded={open === 'buy'} onClick={toggle('buy')}>
              Bought
            </Button>
          )}
          <Button tone="quiet" aria-expanded={open === 'more'} onClick={toggle('more')}>
            More
          </Button>
        </div>
      </div>
      {open === 'measure' && <div className="mt-3">{form(kind, name, fieldLabel, quantity)}</div>}
      {open === 'buy' && <div className="mt-3">{form('bought', 'count', 'Bought')}</div>}
      {open === 'more' && <More kept={kept} machines={machines} onClose={() => setOpen(undefined)} />}
    </li>
  );
}
