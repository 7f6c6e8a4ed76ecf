import { useWords } from '../../units/index.ts';
import { joined } from '@hot-bead/core/base';
import { CASE_MINUTES_RANGE, type KeptFaultCase } from '@hot-bead/contract/faults';
import { causeRow, FAULT_STATIONS, symptomText } from '@hot-bead/core/faults';
import { useQuery } from '@tanstack/react-query';
import { format } from 'date-fns';
import { ChevronDown } from 'lucide-react';
import { useState } from 'react';
import { useNavigate, useParams, useSearchParams } from 'react-router';
import { Button } from '../../ui/button.tsx';
import { Field } from '../../ui/form/field.tsx';
import { TextArea } from '../../ui/form/text-area.tsx';
import { Menu } from '../../ui/menu.tsx';
import { ErrorNotice, PageSkeleton } from '../../ui/page/notices.tsx';
import { PageTitle } from '../../ui/page/page-title.tsx';
import { Section } from '../../ui/page/section.tsx';
import { useToast } from '../../ui/toasts.tsx';
import { machineListQuery } from '../machine/index.ts';
import { type CaseChange, faultCaseQuery, useChangeCase, usePutCaseAway } from './faults.queries.ts';
import { FaultWork } from './fault-work.tsx';
import { caseTitle, foundIn } from './fault-words.ts';
import { LooksDone } from './looks-done.tsx';

interface Props {
  readonly kept: KeptFaultCase;
  readonly onChange: (change: CaseChange) => void;
}

const [MINUTES_LEAST, MINUTES_MOST] = CASE_MINUTES_RANGE;

/** Minutes and what mended it, kept as they are typed and left. */
function EndFields({ kept, onChange }: Props) {
  const [minutes, setMinutes] = useState(kept.minutes === undefined ? '' : String(kept.minutes));
  const [note, setNote] = useState(kept.note ?? '');
  const minutesTyped = minutes.trim() === '' ? null : Number(minutes.replace(',', '.'));
  const isWrong = minutesTyped !== null && !(minutesTyped >= MINUTES_LEAST && minutesTyped <= MINUTES_MOST);
  return (
    <div className="mt-3 grid grid-cols-1 gap-3 md:grid-cols-[160px_1fr]">
      <Field
        large
        label="Minutes it took"
        inputMode="decimal"
        value={minutes}
        error={isWrong ? `A number from ${MINUTES_LEAST} to ${MINUTES_MOST}.` : undefined}
        onChange={(event) => setMinutes(event.target.value)}
        onBlur={() =>
          !isWrong && minutesTyped !== (kept.minutes ?? null) && onChange({ minutes: minutesTyped })
        }
      />
      <TextArea
        label="What mended it, in your own words"
        rows={2}
        maxLength={600}
        value={note}
        onChange={(event) => setNote(event.target.value)}
        onBlur={() => note.trim() !== (kept.note ?? '') && onChange({ note: note.trim() || null })}
      />
    </div>
  );
}

/** A case that has ended: what it was, what had been seen, and the looks that led there. */
function Ended({ kept, onChange }: Props) {
  const say = useWords();
  const causes = foundIn(kept);
  const isMended = kept.end === 'mended';
  return (
    <div className="grid grid-cols-1 gap-4">
      <Section
        id="ended"
        title={isMended ? 'Mended' : 'Left as it is'}
        quiet
        aside={<Button onClick={() => onChange({ end: null, endedAt: null })}>Open it again</Button>}
      >
        <p className="mt-1 text-[22px] font-semibold md:text-[26px]">
          {causes.length > 0
            ? say(
                joined(
                  causes.map((id) => causeRow(id).text),
                  '; ',
                ),
              )
            : 'Nothing was named as the cause'}
        </p>
        <EndFields kept={kept} onChange={onChange} />
      </Section>
      <Section id="seen" title="What was seen and heard" quiet>
        <ul className="mt-1 list-disc pl-5">
          {kept.present.map((id) => (
            <li key={id}>{symptomText(id)}</li>
          ))}
          {kept.absent.map((id) => (
            <li key={id}>Not there: {symptomText(id)}</li>
          ))}
        </ul>
      </Section>
      <LooksDone looks={kept.looks} />
    </div>
  );
}

function Case({ kept, onChange }: Props) {
  const say = useWords();
  const navigate = useNavigate();
  const [search] = useSearchParams();
  const station = FAULT_STATIONS.find((one) => one === search.get('station'));
  const toast = useToast();
  const away = usePutCaseAway(kept);
  const { data: machines } = useQuery(machineListQuery);
  const machine = machines?.find(({ id }) => id === kept.machineId);
  const onAway = (): void =>
    away.mutate(undefined, {
      onSuccess: (_none, undo) => {
        toast('Case put away', undo);
        void navigate('/faults');
      },
      onError: (error) => toast(`Not put away. ${error.message}`),
    });
  return (
    <div className="grid grid-cols-1 gap-4">
      <PageTitle
        also={machine?.name}
        actions={
          <Menu
            className="flex min-h-11 items-center gap-2 rounded-md border border-line-strong bg-plate px-4 font-medium"
            items={[
              ...(kept.end === undefined
                ? [
                    [
                      'Leave it at that',
                      () => onChange({ end: 'left', endedAt: new Date().toISOString() }),
                    ] as const,
                  ]
                : []),
              ['Put the case away', onAway],
            ]}
          >
            More <ChevronDown size={18} aria-hidden="true" />
          </Menu>
        }
      >
        {say(caseTitle(kept))}
      </PageTitle>
      <p className="-mt-2 text-[15px] text-ink-soft">
        Begun {format(new Date(kept.beganAt), 'd MMM, HH:mm')}
        {kept.endedAt !== undefined && `; ended ${format(new Date(kept.endedAt), 'd MMM, HH:mm')}`}
        {kept.end !== undefined && machine && ` · ${machine.name}`}
      </p>
      {kept.end === undefined ? (
        <FaultWork faultCase={kept} station={station} onChange={onChange} />
      ) : (
        <Ended kept={kept} onChange={onChange} />
      )}
    </div>
  );
}

/** One fault: open, it is looked into; ended, it says what it was. */
export function CasePage() {
  const { caseId = '' } = useParams();
  const query = useQuery(faultCaseQuery(caseId));
  const change = useChangeCase(caseId);
  const toast = useToast();
  if (query.data) {
    return (
      <Case
        kept={query.data}
        onChange={(asked) =>
          change.mutate(asked, { onError: (error) => toast(`Not kept. ${error.message}`) })
        }
      />
    );
  }
  if (query.error) return <ErrorNotice error={query.error} onRetry={() => void query.refetch()} />;
  return <PageSkeleton />;
}
