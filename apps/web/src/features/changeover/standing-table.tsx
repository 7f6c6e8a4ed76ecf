import { useWords } from '../../units/index.ts';
import type { KeptMachine } from '@hot-bead/contract/machine';
import { type JobChangeover, rigFact } from '@hot-bead/core/changeover';
import {
  isRigAttribute,
  type RigAttribute,
  rigAttributeRow,
  rigValueText,
  standingOf,
} from '@hot-bead/core/machine';
import { Table } from '../../ui/page/table.tsx';
import { agoText } from '../../ui/ago-text.ts';

/** Parts along the wire path: what stands beside what is needed. */
const SHOWN: readonly RigAttribute[] = [
  'polarity',
  'gun',
  'gunSwitch',
  'spoolAlloy',
  'spoolDia',
  'rollsForm',
  'rollsGroove',
  'linerMaterial',
  'linerBore',
  'neckLiner',
  'tipBore',
  'tipAluminium',
  'nozzleType',
  'nozzleBore',
  'sgSpoolAlloy',
  'sgSpoolDia',
  'sgRollsGroove',
  'sgTipBore',
  'gas',
  'regulatorScale',
  'hose',
  'flow',
  'program',
];

/** How the machine stands beside how it is needed, along the wire path. */
export function StandingTable({
  machine,
  changeover,
  now,
}: {
  readonly machine: KeptMachine;
  readonly changeover: JobChangeover;
  readonly now: string;
}) {
  const say = useWords();
  const { need, state } = changeover;
  const names = SHOWN.filter((name) => need[name] !== undefined && isRigAttribute(name));
  return (
    <Table columns={['Part', 'Stands', 'Needed']} quiet>
      {names.map((name) => {
        const fact = rigFact(machine, name);
        const standing = standingOf(name, fact, now);
        // what was only taken because nobody knows is not shown as if it stood so
        const isTaken = standing === 'unknown' && rigAttributeRow(name).unknown !== undefined;
        const value = isTaken ? undefined : state[name];
        const mark = value === undefined ? '?' : value === need[name] ? '●' : '⇄';
        const word = { '?': 'not known', '●': 'fitted', '⇄': 'change' }[mark];
        return (
          <tr key={name} className="border-b border-line align-top last:border-b-0">
            <th scope="row" className="py-1.5 pr-3 text-left font-medium">
              {rigAttributeRow(name).word}
            </th>
            <td className="py-1.5 pr-3">
              <span aria-hidden="true">{mark}</span> <span className="sr-only">{word}: </span>
              {say(value === undefined ? word : rigValueText(name, value))}
              <span className="block text-[13px] text-ink-soft">
                {standing === 'doubted' && `doubted: it was ${say(rigValueText(name, fact?.value ?? ''))}`}
                {standing === 'known' &&
                  fact?.at !== undefined &&
                  `seen ${agoText(new Date(fact.at), new Date(now))}`}
                {standing === 'known' && fact?.at === undefined && 'as it was told'}
              </span>
            </td>
            <td className="py-1.5 font-medium">{say(rigValueText(name, need[name] ?? ''))}</td>
          </tr>
        );
      })}
    </Table>
  );
}
