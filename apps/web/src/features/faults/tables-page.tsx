import { useWords } from '../../units/index.ts';
import {
  type CauseId,
  causeRow,
  CAUSES,
  causesIn,
  FAULT_PROCESS_NAME,
  FAULT_PROCESSES,
  FAULT_STATION_NAME,
  FAULT_STATIONS,
  type FaultProcess,
  type FaultStation,
  LINK_STRENGTHS,
  linkOf,
  LINKS,
  type LinkStrength,
  SUSPICIONS,
  SYMPTOM_GROUPS,
  SYMPTOMS,
  symptomsIn,
  symptomText,
} from '@hot-bead/core/faults';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { ButtonLink } from '../../ui/button.tsx';
import { PageTitle } from '../../ui/page/page-title.tsx';
import { Parts } from '../../ui/page/parts.tsx';
import { Table } from '../../ui/page/table.tsx';
import { minutesText } from '../plan/index.ts';
import { Pick } from '../../ui/pick.tsx';
import { GROUP_NAME } from './fault-words.ts';

const COMMON: readonly string[] = ['', 'rare', 'now and then', 'not rare', 'common', 'very common'];
const SHOWS: Readonly<Record<LinkStrength, string>> = {
  always: 'nearly always',
  often: 'often',
  sometimes: 'sometimes',
  rarely: 'seldom',
  excludes: 'never',
};
const CELL = 'border-b border-line py-2 pr-3 align-top text-[15px]';

/** What a cause shows in a process, the strongest first. */
function shownBy(cause: CauseId, process: FaultProcess) {
  const symptoms = symptomsIn(process).map(({ id }) => id);
  return LINK_STRENGTHS.map((strength) => ({
    strength,
    symptoms: symptoms.filter((symptom) => linkOf(cause, symptom, process) === strength),
  })).filter((row) => row.symptoms.length > 0);
}

function CauseTable({
  process,
  station,
}: {
  readonly process: FaultProcess;
  readonly station: FaultStation;
}) {
  const say = useWords();
  const causes = causesIn(process).filter((cause) => cause.station === station);
  if (causes.length === 0)
    return <p>Nothing at this station can be wrong with {FAULT_PROCESS_NAME[process]}.</p>;
  return (
    <Table
      columns={['Cause', 'How common', 'To look', 'To mend']}
      className="max-md:block max-md:overflow-x-auto"
    >
      {causes.map(({ id, text, prior, check, checkMin, fix, fixMin, isDanger }) => (
        <tr key={id}>
          <th scope="row" className={`${CELL} text-left font-semibold`}>
            {isDanger && <span className="text-hot">▲ danger: </span>}
            {say(text)}
          </th>
          <td className={CELL}>{COMMON[prior[process] ?? 0]}</td>
          <td className={CELL}>
            {say(check)} <span className="text-ink-soft">{minutesText(checkMin)}</span>
          </td>
          <td className={CELL}>
            {say(fix)} <span className="text-ink-soft">{minutesText(fixMin)}</span>
          </td>
        </tr>
      ))}
    </Table>
  );
}

function LinkTable({ process, station }: { readonly process: FaultProcess; readonly station: FaultStation }) {
  const say = useWords();
  const causes = causesIn(process).filter((cause) => cause.station === station);
  return (
    <Table columns={['Cause', 'What it shows']}>
      {causes.map(({ id, text }) => (
        <tr key={id}>
          <th scope="row" className={`${CELL} w-1/3 text-left font-semibold`}>
            {say(text)}
          </th>
          <td className={CELL}>
            {shownBy(id, process).map(({ strength, symptoms }) => (
              <p key={strength}>
                <span className="font-semibold">{SHOWS[strength]}: </span>
                {symptoms.map(symptomText).join('; ')}
              </p>
            ))}
          </td>
        </tr>
      ))}
    </Table>
  );
}

function SymptomTable({ process }: { readonly process: FaultProcess }) {
  const open = symptomsIn(process);
  return (
    <Table columns={['Symptom', 'Group', 'Also called', 'Not there: says something']}>
      {SYMPTOM_GROUPS.flatMap((group) =>
        open
          .filter((symptom) => symptom.group === group)
          .map(({ id, text, words, tellsByAbsence }) => (
            <tr key={id}>
              <th scope="row" className={`${CELL} text-left font-semibold`}>
                {text}
              </th>
              <td className={CELL}>{GROUP_NAME[group]}</td>
              <td className={CELL}>{words.join(', ')}</td>
              <td className={CELL}>{tellsByAbsence ? 'yes' : 'no'}</td>
            </tr>
          )),
      )}
    </Table>
  );
}

function JobTable() {
  const say = useWords();
  return (
    <Table columns={['Cause', 'When', 'It is then']}>
      {SUSPICIONS.map(({ cause, why, steps }) => (
        <tr key={`${cause} ${say(why)}`}>
          <th scope="row" className={`${CELL} text-left font-semibold`}>
            {say(causeRow(cause).text)}
          </th>
          <td className={CELL}>{say(why)}</td>
          <td className={CELL}>{steps === 'out' ? 'ruled out' : steps > 0 ? 'likelier' : 'less likely'}</td>
        </tr>
      ))}
    </Table>
  );
}

/** The tables that faults are found by, to be read and to be doubted. */
export function TablesPage() {
  const [search] = useSearchParams();
  const asked = CAUSES.find(({ id }) => id === search.get('cause'));
  const [process, setProcess] = useState<FaultProcess>(
    () => FAULT_PROCESSES.find((one) => asked && one in asked.prior) ?? 'solid-gas',
  );
  const [station, setStation] = useState<FaultStation>(asked?.station ?? 'gas');
  const picks = (
    <div className="grid grid-cols-1 gap-3 md:grid-cols-2">
      <Pick
        label="Welded with"
        value={process}
        options={FAULT_PROCESSES.map((one) => [one, FAULT_PROCESS_NAME[one]] as const)}
        onPick={setProcess}
      />
      <Pick
        label="Station"
        value={station}
        options={FAULT_STATIONS.map((one) => [one, FAULT_STATION_NAME[one]] as const)}
        onPick={setStation}
      />
    </div>
  );
  return (
    <div className="grid grid-cols-1 gap-4">
      <PageTitle actions={<ButtonLink to="/faults">Faults</ButtonLink>}>How faults are found</PageTitle>
      <div className="grid max-w-prose grid-cols-1 gap-2">
        <p>
          {CAUSES.length} causes, {SYMPTOMS.length} symptoms and {LINKS.length} links between them. All of it
          is our own judgement after common practice: nothing here was measured.
        </p>
        <p>
          Each cause is weighed by how common it is and by how well it explains all that is there and all that
          is not. What a record says is wrong stands first; what it says is right counts the less the older it
          is. The next look is the one that finds most for its minutes, and a look that takes something apart
          counts for more.
        </p>
      </div>
      {picks}
      <Parts
        label="Tables"
        remember="fault tables"
        parts={[
          { id: 'causes', name: 'Causes', children: <CauseTable process={process} station={station} /> },
          {
            id: 'links',
            name: 'What shows what',
            children: <LinkTable process={process} station={station} />,
          },
          { id: 'symptoms', name: 'Symptoms', children: <SymptomTable process={process} /> },
          { id: 'job', name: 'What the job says', children: <JobTable /> },
        ]}
      />
    </div>
  );
}
