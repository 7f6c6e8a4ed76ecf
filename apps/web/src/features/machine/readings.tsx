import { TWO_SIDED_95, type Units } from '@hot-bead/core/base';
import type { KeptDialReading, KeptMachine } from '@hot-bead/contract/machine';
import { measuredSpeed } from '@hot-bead/core/machine';
import { useQuery } from '@tanstack/react-query';
import { format } from 'date-fns';
import { RotateCcw, Trash2 } from 'lucide-react';
import { usePreferences } from '../../preferences/preferences.tsx';
import { Button } from '../../ui/button.tsx';
import { useToast } from '../../ui/toasts.tsx';
import { wireLengthText, withUnit } from '../../units/index.ts';
import {
  dialHistoryQuery,
  usePutBackReading,
  useSupersedeReadings,
  useTakeOutReading,
} from './machines.queries.ts';
import { Wrong } from '../../ui/form/wrong.tsx';
import { Table } from '../../ui/page/table.tsx';

const ICON_BUTTON = 'grid size-11 place-items-center text-ink-soft';

/** Where the knob stood, as the machine names it. */
export function knobName({ wireControl }: KeptMachine, knob: number): string {
  return (wireControl?.kind === 'letters' ? wireControl.names[knob] : undefined) ?? String(knob);
}

function runText({ run, shortRun, position, underArc, at }: KeptDialReading, units: Units): string {
  const first = `${wireLengthText(run.lengthMm, units)} in ${run.timeS} s`;
  const second = shortRun ? ` less ${wireLengthText(shortRun.lengthMm, units)} in ${shortRun.timeS} s` : '';
  const tap = position === undefined ? '' : `, tap ${position}`;
  return `${first}${second}${tap}${underArc ? ', under arc' : ''}, ${format(new Date(at), 'd MMM')}`;
}

interface RowProps {
  readonly machine: KeptMachine;
  readonly reading: KeptDialReading;
}

function ReadingRow({ machine, reading }: RowProps) {
  const { units } = usePreferences();
  const takeOut = useTakeOutReading(machine);
  const putBack = usePutBackReading(machine.id);
  const toast = useToast();
  const { speedMPerMin, sdMPerMin } = measuredSpeed(reading);
  const { counts } = reading;
  const knob = knobName(machine, reading.knob);
  const onTakeOut = (): void =>
    takeOut.mutate(reading.id, {
      onSuccess: (_machine, undo) => toast(`Reading at ${knob} taken out`, undo),
      onError: (error) => toast(`Not taken out. ${error.message}`),
    });
  const onPutBack = (): void =>
    putBack.mutate(reading.id, { onError: (error) => toast(`Not put back. ${error.message}`) });
  return (
    <tr className="border-b border-line last:border-b-0">
      <th scope="row" className="figure-text py-1 pr-3 text-left text-xl">
        {knob}
      </th>
      <td className="figure-text text-lg whitespace-nowrap">
        {withUnit('wireFeedSpeed', speedMPerMin, units)}
      </td>
      <td className="text-ink-soft max-md:hidden">
        ±{((TWO_SIDED_95 * 100 * sdMPerMin) / speedMPerMin).toFixed(1)} %
      </td>
      <td className="text-sm text-ink-soft">{runText(reading, units)}</td>
      <td className="w-11">
        <button
          type="button"
          aria-label={counts ? `Take the reading at ${knob} out` : `Let the reading at ${knob} count again`}
          onClick={counts ? onTakeOut : onPutBack}
          className={`${ICON_BUTTON} ${counts ? 'hover:text-hot' : 'hover:text-action'}`}
        >
          {counts ? <Trash2 size={18} aria-hidden="true" /> : <RotateCcw size={18} aria-hidden="true" />}
        </button>
      </td>
    </tr>
  );
}

function ReadingsTable({
  machine,
  readings,
}: {
  readonly machine: KeptMachine;
  readonly readings: readonly KeptDialReading[];
}) {
  return (
    <Table
      columns={['Knob', 'Speed', { head: 'Error', className: 'max-md:hidden' }, 'Reading', 'Take out']}
      quiet
    >
      {readings.map((reading) => (
        <ReadingRow key={reading.id} machine={machine} reading={reading} />
      ))}
    </Table>
  );
}

/** The readings that count, and those that no longer do: nothing that was read is lost. */
export function Readings({ machine }: { readonly machine: KeptMachine }) {
  const history = useQuery(dialHistoryQuery(machine.id));
  const supersede = useSupersedeReadings(machine.id);
  const toast = useToast();
  const old = (history.data ?? []).filter((reading) => !reading.counts);
  return (
    <>
      <ReadingsTable machine={machine} readings={machine.dialReadings} />
      {history.error && <Wrong>The earlier readings could not be loaded. {history.error.message}</Wrong>}
      {old.length > 0 && (
        <details>
          <summary className="min-h-11 cursor-pointer content-center text-action">
            {old.length} earlier {old.length === 1 ? 'reading is' : 'readings are'} kept as history
          </summary>
          <ReadingsTable machine={machine} readings={old} />
        </details>
      )}
      {machine.dialReadings.length > 0 && (
        <Button
          onClick={() =>
            supersede.mutate('all', {
              onSuccess: (_machine, undo) => toast('A new calibration: the old readings are history', undo),
              onError: (error) => toast(`Not begun. ${error.message}`),
            })
          }
        >
          Begin a new calibration
        </Button>
      )}
    </>
  );
}
