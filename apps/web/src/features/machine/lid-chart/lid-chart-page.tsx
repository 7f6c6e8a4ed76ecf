import type { KeptMachine } from '@hot-bead/contract/machine';
import { loadedWire } from '@hot-bead/core/machine';
import type { LidColumn } from '@hot-bead/core/terms';
import {
  isSameWire,
  type Joint,
  JOINT_NAME,
  JOINTS,
  MODE_NAME,
  type Position,
  POSITION_NAME,
  POSITIONS,
  type ShelfWire,
  wireClassRow,
} from '@hot-bead/core/trade';
import { useQuery } from '@tanstack/react-query';
import { format } from 'date-fns';
import { useMemo } from 'react';
import { useSearchParams } from 'react-router';
import { usePreferences } from '../../../preferences/preferences.tsx';
import { ButtonLink } from '../../../ui/button.tsx';
import { ErrorNotice, Skeleton } from '../../../ui/page/notices.tsx';
import { Pick } from '../../../ui/pick.tsx';
import { calibratedAt, learningQuery, MachineRoute } from '../index.ts';
import { shopQuery } from '../../shop/index.ts';
import { ChartTable } from './chart-table.tsx';
import { BASIS, fitNotes, settingNotes } from './chart-text.ts';
import type { ChartRequest } from './chart-request.ts';
import { lidChartQuery } from './lid-chart.queries.ts';
import { TakeAway } from './take-away.tsx';
import { Wrong } from '../../../ui/form/wrong.tsx';
import { PageTitle } from '../../../ui/page/page-title.tsx';

const JOINT_OPTIONS = JOINTS.map((joint) => [joint, JOINT_NAME[joint]] as const);
const POSITION_OPTIONS = POSITIONS.map((position) => [position, POSITION_NAME[position]] as const);
const MODES = [
  ['planned', 'as planned'],
  ['short-circuit', MODE_NAME['short-circuit']],
  ['spray', MODE_NAME.spray],
  ['pulse', MODE_NAME.pulse],
] as const;
type AskedMode = (typeof MODES)[number][0];

/** The wire on the machine, those kept with it, and those on the shelf, each once. */
function wiresOf(machine: KeptMachine, shelf: readonly ShelfWire[]): readonly ShelfWire[] {
  const all = [loadedWire(machine), ...(machine.wires ?? shelf)];
  return all.filter((wire, i) => all.findIndex((other) => isSameWire(wire, other)) === i);
}

/** Tubular wires have one transfer of their own: they stand as planned, whatever is asked of the others. */
function columnsOf(wires: readonly ShelfWire[], asked: AskedMode): readonly LidColumn[] {
  if (asked === 'planned') return wires;
  return wires.map((wire) => (wireClassRow(wire.wireClass).tubular ? wire : { ...wire, mode: asked }));
}

/** What the chart rests on, in a line for screen and paper. */
function restsOn(machine: KeptMachine): string {
  const { dial, volts } = calibratedAt(machine);
  const dates = [
    dial === undefined ? undefined : `knob measured ${format(dial, 'd MMM yyyy')}`,
    volts === undefined ? undefined : `volts ${format(volts, 'd MMM yyyy')}`,
  ].filter((text) => text !== undefined);
  return dates.length === 0
    ? 'Nothing was measured of this machine yet.'
    : `${machine.name}: ${dates.join(', ')}.`;
}

function Legend() {
  return (
    <ul className="flex flex-wrap gap-x-6 gap-y-1 text-sm text-ink-soft">
      {Object.values(BASIS).map(({ sign, word, means }) => (
        <li key={word}>
          {sign} <span className="font-semibold">{word}</span>: {means}
        </li>
      ))}
      <li>
        × <span className="font-semibold">out of reach</span>: open it for the reason
      </li>
      <li>■ a stop caution stands over it: read the plan</li>
    </ul>
  );
}

function MachineChart({ machine }: { readonly machine: KeptMachine }) {
  const [search, setSearch] = useSearchParams();
  const { units } = usePreferences();
  const shop = useQuery(shopQuery);
  const learning = useQuery(learningQuery);
  const joint: Joint = JOINTS.find((j) => j === search.get('joint')) ?? 'lap';
  const position: Position = POSITIONS.find((p) => p === search.get('position')) ?? 'flat';
  const asked = MODES.find(([mode]) => mode === search.get('transfer'))?.[0] ?? 'planned';
  const columns = useMemo(
    () => columnsOf(wiresOf(machine, shop.data?.shelf?.wires ?? []), asked),
    [machine, shop.data, asked],
  );
  const request = useMemo((): ChartRequest | undefined => {
    if (shop.isPending || learning.isPending) return undefined;
    const ours = learning.data?.[machine.id];
    return { machine, joint, position, columns, schools: shop.data?.schools, learning: ours };
  }, [machine, joint, position, columns, shop.isPending, shop.data, learning.isPending, learning.data]);
  const chart = useQuery(lidChartQuery(request));
  const rows = chart.data ?? [];
  const pick = (patch: Record<string, string>): void =>
    setSearch({ joint, position, transfer: asked, ...patch }, { replace: true });
  const caption = `${machine.name}: ${JOINT_NAME[joint]}, ${POSITION_NAME[position]}, clean`;
  const notes = [
    restsOn(machine),
    ...fitNotes(rows),
    ...settingNotes(rows, columns, units),
    'A start point, not a qualified procedure. Try it on scrap.',
  ];
  return (
    <div className="grid grid-cols-1 gap-4">
      <div className="flex flex-wrap items-end justify-between gap-4 print:hidden">
        <PageTitle>{`${machine.name}: lid chart`}</PageTitle>
        <div className="flex flex-wrap items-end gap-3 max-md:grid max-md:w-full max-md:grid-cols-2">
          <Pick label="Joint" value={joint} options={JOINT_OPTIONS} onPick={(j) => pick({ joint: j })} />
          <Pick
            label="Position"
            value={position}
            options={POSITION_OPTIONS}
            onPick={(p) => pick({ position: p })}
          />
          <Pick label="Transfer" value={asked} options={MODES} onPick={(transfer) => pick({ transfer })} />
          <TakeAway
            rows={rows}
            columns={columns}
            machine={machine}
            caption={caption}
            fileName={`${machine.name}-${joint}-${position}`}
            notes={notes}
          />
          <ButtonLink to={`/machines/${machine.id}`}>Back</ButtonLink>
        </div>
      </div>
      {chart.error ? (
        <ErrorNotice error={chart.error} onRetry={() => void chart.refetch()} />
      ) : rows.length === 0 ? (
        <Skeleton className="h-96" />
      ) : (
        <ChartTable rows={rows} columns={columns} machine={machine} caption={caption} />
      )}
      {learning.error && (
        <Wrong>
          What test beads proved could not be loaded: nothing is marked proven. {learning.error.message}
        </Wrong>
      )}
      <Legend />
      <p className="text-sm text-ink-soft">{notes.join(' ')}</p>
    </div>
  );
}

/** A machine's own lid chart, for the joint and position picked: on the screen, on one page of paper, and as CSV. */
export function LidChartPage() {
  return <MachineRoute>{(machine) => <MachineChart machine={machine} />}</MachineRoute>;
}
