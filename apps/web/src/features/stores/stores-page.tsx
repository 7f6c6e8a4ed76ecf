import { inMetric } from '@hot-bead/core/base';
import { useWords } from '../../units/index.ts';
import type { KeptMachine } from '@hot-bead/contract/machine';
import type { KeptStockItem } from '@hot-bead/contract/stores';
import { isLow, isUsedUp } from '@hot-bead/core/stores';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Button } from '../../ui/button.tsx';
import { ErrorNotice, PageSkeleton } from '../../ui/page/notices.tsx';
import { PageTitle } from '../../ui/page/page-title.tsx';
import { type PagePart, Parts } from '../../ui/page/parts.tsx';
import { Section } from '../../ui/page/section.tsx';
import { useToast } from '../../ui/toasts.tsx';
import { machineListQuery } from '../machine/index.ts';
import { StockForm } from './stock-form.tsx';
import type { StockKind } from './stock-fields.ts';
import { StockRow } from './stock-row.tsx';
import { stockName, type Usual } from './stock-text.ts';
import { stockQuery, useAddStock } from './stock.queries.ts';
import { UsualFields, useUsual } from './usual.tsx';

const NO_MACHINES: readonly KeptMachine[] = [];

const WORDS: Readonly<Record<StockKind, { name: string; add: string; empty: string }>> = {
  spool: {
    name: 'Spools',
    add: 'Put a spool into Stores',
    empty: 'No spool is told yet. With them, plans say which wire is there and whether it lasts.',
  },
  cylinder: {
    name: 'Cylinders',
    add: 'Put a cylinder into Stores',
    empty: 'No cylinder is told yet. With them, plans say which gas is there and for how many minutes.',
  },
  part: {
    name: 'Parts',
    add: 'Put parts into Stores',
    empty: 'No tips, rolls or liners are told yet. With them, a changeover says what to get first.',
  },
};
const KINDS: readonly StockKind[] = ['spool', 'cylinder', 'part'];

interface ShelfProps {
  readonly kind: StockKind;
  readonly items: readonly KeptStockItem[];
  readonly usual: Usual;
  readonly machines: readonly KeptMachine[];
}

function Shelf({ kind, items, usual, machines }: ShelfProps) {
  const [adding, setAdding] = useState(false);
  const add = useAddStock();
  const toast = useToast();
  const words = WORDS[kind];
  const sorted = items.toSorted(
    (a, b) =>
      Number(isUsedUp(a.item)) - Number(isUsedUp(b.item)) ||
      inMetric(stockName(a.item)).localeCompare(inMetric(stockName(b.item))),
  );
  return (
    <div className="grid grid-cols-1 gap-4">
      {sorted.length === 0 ? (
        <p className="text-lg text-ink-soft">{words.empty}</p>
      ) : (
        <ul aria-label={words.name} className="rounded-md border border-line bg-plate px-4">
          {sorted.map((kept) => (
            <StockRow key={kept.id} kept={kept} usual={usual} machines={machines} />
          ))}
        </ul>
      )}
      {adding ? (
        <StockForm
          kind={kind}
          label={words.add}
          saving={add.isPending}
          onClose={() => setAdding(false)}
          onKeep={(item, onError) =>
            add.mutate(item, {
              onError,
              onSuccess: (_kept, undo) => {
                setAdding(false);
                toast('In Stores', undo);
              },
            })
          }
        />
      ) : (
        <Button
          tone={sorted.length === 0 ? 'main' : 'plain'}
          className="justify-self-start"
          onClick={() => setAdding(true)}
        >
          {words.add}
        </Button>
      )}
    </div>
  );
}

/** What is low or used up: the list to buy by. */
function ToBuy({ items }: { readonly items: readonly KeptStockItem[] }) {
  const say = useWords();
  const low = items.filter(({ item }) => isLow(item) || isUsedUp(item));
  if (low.length === 0) return null;
  return (
    <Section id="to-buy" title="To buy">
      <ul className="mt-1 gap-x-8 md:columns-2">
        {low.map(({ id, item }) => (
          <li key={id}>
            {isUsedUp(item) ? '■' : '◆'} {say(stockName(item))}
            <span className="text-ink-soft">
              {isUsedUp(item)
                ? ', used up'
                : item.kind === 'part'
                  ? `, ${item.count} of ${item.least ?? 0}`
                  : ', low'}
            </span>
          </li>
        ))}
      </ul>
    </Section>
  );
}

/** Spools and cylinders as shelves, in minutes of welding left; tips, liners and rolls by count. */
export function StoresPage() {
  const stock = useQuery(stockQuery);
  const { data: machines = NO_MACHINES } = useQuery(machineListQuery);
  const [usual, setUsual] = useUsual();
  if (stock.error) return <ErrorNotice error={stock.error} onRetry={() => void stock.refetch()} />;
  if (stock.isPending) return <PageSkeleton />;
  const parts: readonly PagePart[] = KINDS.map((kind) => {
    const items = stock.data.filter(({ item }) => item.kind === kind);
    return {
      id: `${kind}s`,
      name: WORDS[kind].name,
      note: items.length === 0 ? undefined : String(items.length),
      children: <Shelf kind={kind} items={items} usual={usual} machines={machines} />,
    };
  });
  return (
    <div className="grid grid-cols-1 gap-4">
      <PageTitle>Stores</PageTitle>
      <ToBuy items={stock.data} />
      <UsualFields usual={usual} onChange={setUsual} />
      <Parts label="Shelves" remember="stores" parts={parts} />
    </div>
  );
}
