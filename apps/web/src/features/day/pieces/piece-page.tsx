import { exampleSeam, withUnit } from '../../../units/index.ts';
import { usePreferences } from '../../../preferences/preferences.tsx';
import { wireSizeText } from '@hot-bead/core/base';
import {
  closestCenter,
  DndContext,
  type DragEndEvent,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
} from '@dnd-kit/core';
import { SortableContext, sortableKeyboardCoordinates, verticalListSortingStrategy } from '@dnd-kit/sortable';
import type { KeptMachine } from '@hot-bead/contract/machine';
import { shortages } from '@hot-bead/core/day';
import { gasOf } from '@hot-bead/core/trade';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { format } from 'date-fns';
import { useMemo, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { Button } from '../../../ui/button.tsx';
import { SelectField } from '../../../ui/form/field.tsx';
import { ErrorNotice, MIND_BOX, Notice, PageSkeleton } from '../../../ui/page/notices.tsx';
import { PageTitle } from '../../../ui/page/page-title.tsx';
import { Section } from '../../../ui/page/section.tsx';
import { useToast } from '../../../ui/toasts.tsx';
import { PieceCost } from '../../records/cost/index.ts';
import { dayKey, pieceKey, spanText, useChangeTask } from '../index.ts';
import { useShop } from '../../plan/index.ts';
import { SetAsideNotice } from '../../history/index.ts';
import { stockQuery } from '../../stores/index.ts';
import { AddWelds } from './add-welds.tsx';
import { PieceFields } from './piece-fields.tsx';
import { type PieceTotals, totalsOf, type WeldOfPiece, weldsOfPiece } from './piece-plan.ts';
import { pieceQuery, type PieceWithWelds, useChangePiece, usePutPieceAway } from './pieces.queries.ts';
import { placeBetween } from './place-between.ts';
import { SharedSettings } from './shared-setting.tsx';
import { WeldRow } from './weld-row.tsx';

function Totals({ totals, pieces }: { readonly totals: PieceTotals; readonly pieces: number }) {
  const { units } = usePreferences();
  const { data: stock = [] } = useQuery(stockQuery);
  const short = shortages(
    totals.takes,
    stock.map(({ item }) => item),
  );
  const figures = [
    ['at the machine', spanText(totals.workMin)],
    ['arc time', spanText(totals.arcTimeMin)],
    ['wire', withUnit('weight', totals.wireKg, units)],
    ['gas', withUnit('gasVolume', totals.gasL, units)],
  ] as const;
  return (
    <Section id="totals" title={pieces === 1 ? 'It takes' : `All ${pieces} take`} quiet>
      <dl className="mt-1 grid grid-cols-2 gap-3 md:grid-cols-4">
        {figures.map(([name, value], i) => (
          <div key={name}>
            <dt className="label-text">{name}</dt>
            <dd className={`figure-text ${i === 0 ? 'text-4xl' : 'text-2xl'}`}>{value}</dd>
          </div>
        ))}
      </dl>
      {totals.withoutLength > 0 && (
        <p className="mt-2 text-[15px]">
          ◆ {totals.withoutLength === 1 ? 'One weld has' : `${totals.withoutLength} welds have`} no length:
          wire and gas are short of it, and 30 min each are assumed. Write “{exampleSeam(units)}” into its
          line.
        </p>
      )}
      {short.map((one) => (
        <p key={one.kind === 'wire' ? one.wire.wireClass : one.gas} className={`mt-2 ${MIND_BOX}`}>
          ◆ Missing from Stores:{' '}
          {one.kind === 'wire'
            ? `${withUnit('weight', Math.max(0.01, one.needsKg - one.hasKg), units)} of ${wireSizeText(one.wire.diameterMm, units)} ${one.wire.wireClass}`
            : `${withUnit('gasVolume', one.needsL - one.hasL, units)} of ${gasOf(one.gas).name}`}
          .{' '}
          <Link to="/stores" className="text-action underline">
            Stores
          </Link>
        </p>
      ))}
    </Section>
  );
}

/** Welds of one machine each, in the order of the machines. */
function byMachine(
  welds: readonly WeldOfPiece[],
): readonly (readonly [KeptMachine, readonly WeldOfPiece[]])[] {
  const machines = [...new Set(welds.flatMap(({ machine, plan }) => (machine && plan ? [machine] : [])))];
  return machines.map((machine) => [machine, welds.filter((weld) => weld.machine === machine)] as const);
}

function Welds({
  welds,
  onChanged,
}: {
  readonly welds: readonly WeldOfPiece[];
  readonly onChanged: () => void;
}) {
  const change = useChangeTask();
  const toast = useToast();
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 6 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const onDragEnd = ({ active, over }: DragEndEvent): void => {
    const moved = welds.find(({ job }) => job.id === active.id);
    if (!over || !moved || over.id === active.id) return;
    const places = welds.map(({ job }) => ({ id: job.id, place: job.task.place ?? 0 }));
    change.mutate(
      { job: moved.job, change: { place: placeBetween(places, String(active.id), String(over.id)) } },
      {
        onSuccess: (_job, undo) => {
          onChanged();
          toast('Moved', undo);
        },
        onError: (error) => toast(`Not moved. ${error.message}`),
      },
    );
  };
  return (
    <DndContext sensors={sensors} collisionDetection={closestCenter} onDragEnd={onDragEnd}>
      <SortableContext items={welds.map(({ job }) => job.id)} strategy={verticalListSortingStrategy}>
        <ol className="rounded-md border border-line">
          {welds.map((weld) => (
            <WeldRow key={weld.job.id} weld={weld} onChanged={onChanged} />
          ))}
        </ol>
      </SortableContext>
    </DndContext>
  );
}

function Head({ piece, welds }: PieceWithWelds) {
  const [isEditing, setEditing] = useState(false);
  const change = useChangePiece(`piece ${piece.id}`);
  const away = usePutPieceAway();
  const navigate = useNavigate();
  const toast = useToast();
  const left = welds.filter(({ task }) => task.weldedAt === undefined).length;
  const about = [
    piece.numberOff === undefined ? '1 built' : `${piece.numberOff} built`,
    piece.due === undefined ? 'no due time' : `due ${format(new Date(piece.due), 'd MMM, HH:mm')}`,
    `${welds.length - left} of ${welds.length} welds done`,
  ].join(' · ');
  return (
    <div>
      <PageTitle
        actions={
          <>
            <Button
              tone={piece.queued === true ? 'plain' : 'main'}
              onClick={() =>
                change.mutate(
                  { kept: piece, change: { queued: piece.queued === true ? null : true } },
                  {
                    onSuccess: (_piece, undo) =>
                      toast(piece.queued === true ? 'Off the Bench' : 'Its welds are on the Bench', undo),
                    onError: (error) => toast(`Not kept. ${error.message}`),
                  },
                )
              }
            >
              {piece.queued === true ? '● On the Bench' : 'Put its welds on the Bench'}
            </Button>
            <Button aria-expanded={isEditing} onClick={() => setEditing(!isEditing)}>
              Change
            </Button>
            <Button
              tone="quiet"
              onClick={() =>
                away.mutate(piece, {
                  onSuccess: (_done, undo) => {
                    toast(`Put away: ${piece.name}`, undo);
                    void navigate('/jobs?list=pieces');
                  },
                  onError: (error) => toast(`Not put away. ${error.message}`),
                })
              }
            >
              Put away
            </Button>
          </>
        }
      >
        {piece.name}
      </PageTitle>
      <p className="text-ink-soft">{about}</p>
      {piece.note !== undefined && <p className="max-w-prose whitespace-pre-line">{piece.note}</p>}
      {isEditing && <PieceFields piece={piece} onDone={() => setEditing(false)} />}
    </div>
  );
}

/** A piece: its welds with their settings, the settings that they share, and what all of it takes. */
export function PiecePage() {
  const { pieceId = '' } = useParams();
  const query = useQuery(pieceQuery(pieceId));
  const { shop, machines, settings } = useShop();
  const client = useQueryClient();
  const [chosen, setChosen] = useState<string>();
  const machineId = chosen ?? machines[0]?.id;
  const welds = useMemo(
    () =>
      query.data
        ? weldsOfPiece(query.data.piece, query.data.welds, {
            shop,
            machines,
            day: settings?.day ?? {},
            machineId,
          })
        : [],
    [query.data, shop, machines, settings, machineId],
  );
  if (query.error) return <ErrorNotice error={query.error} onRetry={() => void query.refetch()} />;
  if (query.isPending) return <PageSkeleton />;
  const { piece } = query.data;
  const pieces = piece.numberOff ?? 1;
  const onChanged = (): void => {
    void client.invalidateQueries({ queryKey: pieceKey });
    void client.invalidateQueries({ queryKey: dayKey });
  };
  const isOpen = query.data.welds.some(({ machine }) => machine === null) && machines.length > 1;
  return (
    <div className="grid grid-cols-1 gap-4">
      <Head {...query.data} />
      <SetAsideNotice />
      {welds.length === 0 ? (
        <Notice title="No welds yet">Type them below, one a line, or take them from a table.</Notice>
      ) : (
        <>
          <Totals totals={totalsOf(welds, pieces)} pieces={pieces} />
          <Welds welds={welds} onChanged={onChanged} />
          <PieceCost
            plans={welds.flatMap(({ plan }) => plan ?? [])}
            unplanned={welds.filter(({ plan }) => !plan).length}
            pieces={pieces}
          />
          {isOpen && (
            <SelectField
              label="Welds that name no machine are planned on"
              className="max-w-sm"
              value={machineId ?? ''}
              onChange={(event) => setChosen(event.target.value)}
              options={machines.map(({ id, name }) => [id, name] as const)}
            />
          )}
          {byMachine(welds).map(([machine, own]) => (
            <Section key={machine.id} id={`settings-${machine.id}`} title={`On ${machine.name}`}>
              <SharedSettings welds={own} />
            </Section>
          ))}
        </>
      )}
      <Section id="add" title="Add welds">
        <AddWelds pieceId={piece.id} />
      </Section>
    </div>
  );
}
