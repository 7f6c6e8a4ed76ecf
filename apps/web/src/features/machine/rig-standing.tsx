import { useWords } from '../../units/index.ts';
import type { KeptMachine, RigValueChange } from '@hot-bead/contract/machine';
import { rigFact, rigField } from '@hot-bead/core/changeover';
import {
  type RigAttribute,
  RIG_ATTRIBUTE_NAMES,
  rigAttributeRow,
  rigValueText,
  standingOf,
} from '@hot-bead/core/machine';
import { useState } from 'react';
import { Button } from '../../ui/button.tsx';
import { Table } from '../../ui/page/table.tsx';
import { useToast } from '../../ui/toasts.tsx';
import { useNow } from '../../ui/use-now.ts';
import { agoText } from '../../ui/ago-text.ts';
import { useTellRig } from './rig.queries.ts';

/** Parts and settings that a machine stands with; ids of Stores are told there. */
const SHOWN: readonly RigAttribute[] = RIG_ATTRIBUTE_NAMES.filter(
  (name) =>
    (rigField(name) === undefined || name === 'polarity') &&
    !['spoolId', 'cylinder', 'spoolClass', 'refused'].includes(name),
);
/** Shown whether known or not: what a job asks for first. */
const ALWAYS: ReadonlySet<RigAttribute> = new Set([
  'polarity',
  'gun',
  'rollsForm',
  'rollsGroove',
  'linerMaterial',
  'linerBore',
  'tipBore',
  'tipMinutes',
  'nozzleBore',
]);

function Row({
  machine,
  name,
  now,
}: {
  readonly machine: KeptMachine;
  readonly name: RigAttribute;
  readonly now: string;
}) {
  const say = useWords();
  const tell = useTellRig(machine);
  const toast = useToast();
  const fact = rigFact(machine, name);
  const standing = standingOf(name, fact, now);
  const change = (to: RigValueChange, done: string): void =>
    tell.mutate(
      { why: 'said', changes: { [name]: to } },
      {
        onSuccess: (_kept, undo) => toast(done, undo),
        onError: (error) => toast(`Not kept. ${error.message}`),
      },
    );
  const mark = { known: '●', doubted: '◆', unknown: '?' }[standing];
  const word = { known: 'known', doubted: 'doubted', unknown: 'not known' }[standing];
  return (
    <tr className="border-b border-line align-top last:border-b-0">
      <th scope="row" className="py-1.5 pr-3 text-left font-medium">
        {rigAttributeRow(name).word}
      </th>
      <td className="py-1.5 pr-3">
        <span aria-hidden="true">{mark}</span>{' '}
        {say(standing === 'unknown' ? word : rigValueText(name, fact?.value ?? ''))}
        {standing === 'doubted' && ', doubted'}
        {fact?.at !== undefined && standing !== 'unknown' && (
          <span className="block text-[13px] text-ink-soft">{agoText(new Date(fact.at), new Date(now))}</span>
        )}
      </td>
      <td className="text-right">
        {name === 'tipMinutes' && fact && (
          <Button
            tone="quiet"
            onClick={() => change({ from: fact.value, to: '0' }, 'The new tip begins at 0')}
          >
            A new tip is on
          </Button>
        )}
        {name !== 'tipMinutes' && standing === 'known' && fact && (
          <Button
            tone="quiet"
            aria-label={`Doubt it: ${rigAttributeRow(name).word}`}
            onClick={() =>
              change(
                { from: fact.value, to: fact.value, doubted: true },
                'It is looked at before the next job',
              )
            }
          >
            Doubt it
          </Button>
        )}
      </td>
    </tr>
  );
}

/** Everything that is known of how the machine stands, since when, and what is doubted. */
export function RigStanding({ machine }: { readonly machine: KeptMachine }) {
  const now = useNow();
  const [all, setAll] = useState(false);
  const known = SHOWN.filter((name) => standingOf(name, rigFact(machine, name), now) !== 'unknown');
  const names = SHOWN.filter((name) => ALWAYS.has(name) || (all && known.includes(name)));
  const more = known.filter((name) => !ALWAYS.has(name)).length;
  return (
    <div>
      <Table columns={['Part', 'Stands', 'In doubt?']} quiet>
        {names.map((name) => (
          <Row key={name} machine={machine} name={name} now={now} />
        ))}
      </Table>
      {more > 0 && (
        <Button tone="quiet" aria-expanded={all} onClick={() => setAll(!all)}>
          {all ? 'Less' : `${more} more that are known`}
        </Button>
      )}
    </div>
  );
}
