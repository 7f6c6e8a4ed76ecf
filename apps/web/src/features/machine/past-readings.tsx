import type { Units } from '@hot-bead/core/base';
import type { KeptMachine, KeptPastReadings, MachineChange } from '@hot-bead/contract/machine';
import { readingLines } from '@hot-bead/core/machine';
import { useQuery } from '@tanstack/react-query';
import { format } from 'date-fns';
import { usePreferences } from '../../preferences/preferences.tsx';
import { Button } from '../../ui/button.tsx';
import { useToast } from '../../ui/toasts.tsx';
import { entryPointText } from './entry-text.ts';
import { pastReadingsQuery } from './machines.queries.ts';
import { useChangeWithUndo } from './use-change-with-undo.ts';
import { Wrong } from '../../ui/form/wrong.tsx';

const day = (at: string): string => format(new Date(at), 'd MMM yyyy');

/** Past readings in a line, in the user's units. */
function linesOf(past: KeptPastReadings, units: Units): readonly string[] {
  if (past.kind === 'volts') return readingLines(past);
  const { unit, lines } = past.value;
  return lines.flatMap(({ points }) => points.map((point) => entryPointText(point, unit, units)));
}

/** What a machine is changed by so that past readings count again. */
function changeBack(past: KeptPastReadings): MachineChange {
  return past.kind === 'volts' ? { voltsControl: past.value } : { oneEntry: past.value };
}

interface RowProps {
  readonly past: KeptPastReadings;
  readonly onCountAgain: () => void;
  readonly saving: boolean;
}

function Row({ past, onCountAgain, saving }: RowProps) {
  const { units } = usePreferences();
  const read = past.readAt === null ? 'read on a day not known' : `read ${day(past.readAt)}`;
  return (
    <li className="flex flex-wrap items-center justify-between gap-3 border-b border-line py-2 last:border-b-0">
      <div>
        <p className="font-medium">
          {read}, until {day(past.until)}
        </p>
        <p className="text-sm text-ink-soft">{linesOf(past, units).join('; ')}</p>
      </div>
      <Button disabled={saving} onClick={onCountAgain}>
        Let these count again
      </Button>
    </li>
  );
}

interface Props {
  readonly machine: KeptMachine;
  readonly kind: KeptPastReadings['kind'];
}

/** Readings that others took the place of: kept, and one press lets them count again. */
export function PastReadings({ machine, kind }: Props) {
  const query = useQuery(pastReadingsQuery(machine.id));
  const { set, saving } = useChangeWithUndo(machine);
  const toast = useToast();
  const past = (query.data ?? []).filter((readings) => readings.kind === kind);
  if (query.error) {
    return <Wrong>The earlier readings could not be loaded. {query.error.message}</Wrong>;
  }
  if (past.length === 0) return null;
  return (
    <details>
      <summary className="min-h-11 cursor-pointer content-center text-action">
        {past.length} earlier {past.length === 1 ? 'set of readings is' : 'sets of readings are'} kept as
        history
      </summary>
      <ul>
        {past.map((readings) => (
          <Row
            key={readings.id}
            past={readings}
            saving={saving}
            onCountAgain={() =>
              set(changeBack(readings), 'The earlier readings count again', (error) => {
                if (error) toast(`Not changed. ${error.message}`);
              })
            }
          />
        ))}
      </ul>
    </details>
  );
}
