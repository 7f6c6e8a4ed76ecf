import type { KeptMachine } from '@hot-bead/contract';
import {
  dialOf,
  type Joint,
  JOINT_NAME,
  JOINTS,
  lidChart,
  type LidCell,
  type LidRow,
  MODE_NAME,
  type Position,
  POSITION_NAME,
  POSITIONS,
  type ShelfWire,
} from '@hot-bead/core';
import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { useParams, useSearchParams } from 'react-router';
import { usePreferences } from '../../app/preferences.tsx';
import { Button, ButtonLink } from '../../ui/button.tsx';
import { ErrorNotice, Notice, PageSkeleton } from '../../ui/notices.tsx';
import { Pick } from '../../ui/pick.tsx';
import { machineListQuery } from '../machines/index.ts';
import { shopQuery } from '../shop/index.ts';
import { cellText, chartCsv, wireName } from './chart-text.ts';

const JOINT_OPTIONS = JOINTS.map((joint) => [joint, JOINT_NAME[joint]] as const);
const POSITION_OPTIONS = POSITIONS.map((position) => [position, POSITION_NAME[position]] as const);

function Cell({ cell }: { readonly cell: LidCell }) {
  const { units } = usePreferences();
  const text = cellText(cell, units);
  if (cell.status === 'out-of-reach' || !text) {
    return (
      <td
        className="px-3 py-2 text-sm text-ink-soft"
        title={cell.status === 'out-of-reach' ? cell.text : undefined}
      >
        × out of reach
      </td>
    );
  }
  return (
    <td className="px-3 py-2">
      <span className="figure-text text-xl">{text.wire}</span>
      <span className="block">
        {text.volts}
        <span className="text-sm text-ink-soft">
          {' '}
          {cell.mode === 'own' ? '' : MODE_NAME[cell.mode]}
          {cell.passes > 1 ? `, ${cell.passes} passes` : ''}
          {cell.stop ? ' ■' : ''}
        </span>
      </span>
    </td>
  );
}

function Chart({
  rows,
  wires,
  caption,
}: {
  readonly rows: readonly LidRow[];
  readonly wires: readonly ShelfWire[];
  readonly caption: string;
}) {
  return (
    <div
      className="overflow-x-auto rounded-md border border-line bg-plate"
      tabIndex={0}
      role="region"
      aria-label={caption}
    >
      <table className="w-full">
        <caption className="p-3 text-left font-semibold">{caption}</caption>
        <thead>
          <tr className="border-y border-line text-left">
            <th scope="col" className="label-text px-3 py-2">
              mm
            </th>
            {wires.map((wire) => (
              <th key={wireName(wire)} scope="col" className="px-3 py-2">
                {wireName(wire)}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map((row) => (
            <tr key={row.thicknessMm} className="border-b border-line align-top last:border-b-0">
              <th scope="row" className="figure-text px-3 py-2 text-left text-xl">
                {row.thicknessMm}
              </th>
              {row.cells.map((cell, i) => (
                <Cell key={wires[i] ? wireName(wires[i]) : i} cell={cell} />
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

function wiresOf(machine: KeptMachine, shelf: readonly ShelfWire[]): readonly ShelfWire[] {
  const loaded = { wireClass: machine.loadedWireClass, diameterMm: machine.loadedWireDiameterMm };
  const others = shelf.filter((w) => w.wireClass !== loaded.wireClass || w.diameterMm !== loaded.diameterMm);
  return [loaded, ...others];
}

function save(name: string, csv: string): void {
  const link = document.createElement('a');
  link.href = URL.createObjectURL(new Blob([csv], { type: 'text/csv' }));
  link.download = name;
  link.click();
  URL.revokeObjectURL(link.href);
}

/** A machine's own lid chart, for the joint and position picked; printed on one page, or taken away as CSV. */
export function LidChartPage() {
  const { machineId = '' } = useParams();
  const { units } = usePreferences();
  const [search, setSearch] = useSearchParams();
  const machines = useQuery(machineListQuery);
  const { data: shop } = useQuery(shopQuery);
  const machine = machines.data?.find(({ id }) => id === machineId);
  const joint: Joint = JOINTS.find((j) => j === search.get('joint')) ?? 'lap';
  const position: Position = POSITIONS.find((p) => p === search.get('position')) ?? 'flat';
  const wires = useMemo(() => (machine ? wiresOf(machine, shop?.shelf?.wires ?? []) : []), [machine, shop]);
  const rows = useMemo(
    () =>
      machine
        ? lidChart({
            machine,
            dial: dialOf(machine.dialReadings),
            joint,
            position,
            wires,
            schools: shop?.schools,
          })
        : [],
    [machine, joint, position, wires, shop],
  );
  if (machines.error) return <ErrorNotice error={machines.error} onRetry={() => void machines.refetch()} />;
  if (machines.isPending) return <PageSkeleton />;
  if (!machine) {
    return (
      <Notice level={1} title="No such machine" action={<ButtonLink to="/machines">All machines</ButtonLink>}>
        It may have been retired.
      </Notice>
    );
  }
  const pick = (patch: Record<string, string>): void =>
    setSearch({ joint, position, ...patch }, { replace: true });
  const caption = `${machine.name}: ${JOINT_NAME[joint]}, ${POSITION_NAME[position]}, clean`;
  return (
    <div className="grid grid-cols-1 gap-4">
      <div className="flex flex-wrap items-end justify-between gap-4 print:hidden">
        <h1 className="text-2xl font-semibold">{machine.name}: lid chart</h1>
        <div className="flex flex-wrap items-end gap-3">
          <Pick label="Joint" value={joint} options={JOINT_OPTIONS} onPick={(j) => pick({ joint: j })} />
          <Pick
            label="Position"
            value={position}
            options={POSITION_OPTIONS}
            onPick={(p) => pick({ position: p })}
          />
          <Button onClick={() => window.print()}>Print</Button>
          <Button
            onClick={() => save(`${machine.name}-${joint}-${position}.csv`, chartCsv(rows, wires, units))}
          >
            CSV
          </Button>
          <ButtonLink to={`/machines/${machine.id}`}>Back</ButtonLink>
        </div>
      </div>
      <Chart rows={rows} wires={wires} caption={caption} />
      <p className="text-sm text-ink-soft">
        All cells are computed from the plan and what was measured of this machine. ■ a stop caution stands
        over it: read the plan. A start point, not a qualified procedure.
      </p>
    </div>
  );
}
