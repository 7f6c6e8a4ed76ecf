import type { FaultCase, FaultLook, LookAnswer } from '@hot-bead/contract/faults';
import {
  type CauseId,
  causeRow,
  FAULT_PROCESS_NAME,
  faultProcess,
  type FaultStation,
  leftUnexplained,
  nextChecks,
  rankCauses,
  reportDoubt,
  rigWhenRight,
  type SymptomId,
  symptomText,
} from '@hot-bead/core/faults';
import { type ReactNode, useMemo } from 'react';
import { Button } from '../../ui/button.tsx';
import { MIND_BOX, Notice } from '../../ui/page/notices.tsx';
import { CaseAbout } from './case-about.tsx';
import { CauseList, Dangers } from './cause-list.tsx';
import { evidenceKey, foundIn } from './fault-words.ts';
import type { CaseChange } from './faults.queries.ts';
import { FoundCard } from './found-card.tsx';
import { KnownList } from './known-list.tsx';
import { LooksDone } from './looks-done.tsx';
import { NextLook } from './next-look.tsx';
import { Questions } from './questions.tsx';
import { SaidChips } from './said-chips.tsx';
import { type Said, SymptomPicker } from './symptom-picker.tsx';
import { useFaultKnown } from './use-fault-known.ts';
import { useTellWhenKnown } from './use-tell-when-known.ts';

interface Props {
  readonly faultCase: FaultCase;
  readonly onChange: (change: CaseChange) => void;
  /** Where one comes from: what that station often shows stands first. */
  readonly station?: FaultStation | undefined;
}

/** Minutes from when a case was begun; none where it lay over night. */
const MOST_AT_ONE_GO_MIN = 8 * 60;

/** A case that was mended just now. */
function endedNow(beganAt: string): CaseChange {
  const endedAt = new Date().toISOString();
  const minutes = Math.round((Date.parse(endedAt) - Date.parse(beganAt)) / 60_000);
  const isOneGo = minutes >= 0 && minutes <= MOST_AT_ONE_GO_MIN;
  return { end: 'mended', endedAt, ...(isOneGo ? { minutes: Math.max(1, minutes) } : {}) };
}

/** A symptom said to be there, not there, or neither. */
function withSaid({ present, absent }: FaultCase, symptom: SymptomId, answer: Said): CaseChange {
  const others = (list: readonly SymptomId[]): readonly SymptomId[] => list.filter((id) => id !== symptom);
  return {
    present: answer === 'seen' ? [...others(present), symptom] : others(present),
    absent: answer === 'not-there' ? [...others(absent), symptom] : others(absent),
  };
}

const DOUBT_TEXT = {
  'too-much': 'No one fault shows all that. Leave what troubles most; the rest is looked into after it.',
  'against-itself':
    'These do not go together: there is an arc, and there is none. Say what is so now; what was so before is another fault.',
} as const;

/** A fault being looked into: the next look, what is seen and heard, what it may be, and what is known. */
export function FaultWork({ faultCase, onChange, station }: Props) {
  const known = useFaultKnown(faultCase);
  const { report, evidence, machine, job, plan, foundHere } = known;
  const tell = useTellWhenKnown(machine);
  const ranked = useMemo(() => rankCauses(report), [report]);
  const { looks, present } = faultCase;
  const foundCauses = foundIn(faultCase);
  const done = useMemo(
    () => looks.flatMap(({ causes, answer }) => (answer === 'was' ? [] : causes)),
    [looks],
  );
  const [next] = nextChecks(ranked, done);
  const last = looks.at(-1);
  const isMending = last?.answer === 'was' && last.mended === undefined;
  const left = leftUnexplained(present, foundCauses, faultCase.process);
  const doubt = reportDoubt(faultCase);
  const planned = faultProcess(machine, plan);
  const now = (): string => new Date().toISOString();

  const tellRig = (id: CauseId): void => {
    const right = rigWhenRight(causeRow(id), plan, machine, now());
    if (right) tell(right.attribute, right.value);
  };
  const onSay = (symptom: SymptomId, answer: Said): void => onChange(withSaid(faultCase, symptom, answer));
  const onAnswer = (answer: LookAnswer, cause?: CauseId): void => {
    if (!next) return;
    const look: FaultLook = { causes: next.causes, answer, ...(cause ? { found: cause } : {}), at: now() };
    if (answer === 'was-not') next.causes.forEach(tellRig);
    onChange({ looks: [...looks, look] });
  };
  const onMended = (isGone: boolean): void => {
    if (!last?.found) return;
    tellRig(last.found);
    onChange({
      looks: [...looks.slice(0, -1), { ...last, mended: isGone }],
      ...(isGone ? endedNow(faultCase.beganAt) : {}),
    });
  };
  return (
    <div className="grid grid-cols-1 gap-4">
      <CaseAbout
        faultCase={faultCase}
        jobTitle={job?.line}
        onChange={(change) => {
          const named = known.machines.find(({ id }) => id === change.machineId);
          onChange({ ...(named ? { process: faultProcess(named, undefined) } : {}), ...change });
        }}
      />
      {plan && planned !== faultCase.process && (
        <p className="flex flex-wrap items-center gap-x-3 text-[15px]">
          ◆ The plan of this job is for {FAULT_PROCESS_NAME[planned]}.
          <Button onClick={() => onChange({ process: planned })}>Ask about that</Button>
        </p>
      )}
      <div className="grid grid-cols-1 items-start gap-4 md:grid-cols-[minmax(0,1fr)_minmax(0,448px)]">
        <div className="grid grid-cols-1 gap-4 max-md:contents">
          <div className="grid grid-cols-1 gap-4 empty:hidden max-md:order-3">
            <SaidChips faultCase={faultCase} onTakeBack={(symptom) => onSay(symptom, undefined)} />
            <Questions report={report} ranked={ranked} onSay={onSay} />
          </div>
          <div className="max-md:order-5">
            <SymptomPicker faultCase={faultCase} station={station} onSay={onSay} />
          </div>
        </div>
        <div className="grid grid-cols-1 gap-4 max-md:contents md:sticky md:top-16 md:max-h-[calc(100dvh-76px)] md:overflow-y-auto">
          <div className="grid grid-cols-1 gap-2 max-md:order-1" aria-live="polite">
            {doubt && <p className={MIND_BOX}>◆ {DOUBT_TEXT[doubt]}</p>}
            {isMending && last.found ? (
              <FoundCard cause={last.found} job={job} machine={machine} onMended={onMended} />
            ) : (
              <Now
                present={present}
                left={left}
                causes={foundCauses}
                next={next && <NextLook next={next} onAnswer={onAnswer} />}
                onGone={() => onChange(endedNow(faultCase.beganAt))}
              />
            )}
          </div>
          <div className="empty:hidden max-md:order-2">
            <Dangers ranked={ranked} report={report} foundHere={foundHere} evidence={evidence} />
          </div>
          <div className="empty:hidden max-md:order-4">
            <CauseList ranked={ranked} report={report} foundHere={foundHere} evidence={evidence} />
          </div>
          <div className="empty:hidden max-md:order-6">
            <LooksDone looks={looks} onBack={() => onChange({ looks: looks.slice(0, -1) })} />
          </div>
          <div className="max-md:order-7">
            <KnownList
              evidence={evidence}
              onDeny={(one) => {
                if (one.from === 'said' && one.fact) onChange({ said: { [one.fact.of]: null } });
                else if (one.rig && machine) tell(one.rig.attribute, one.rig.ifWrong);
                else onChange({ denied: [...(faultCase.denied ?? []), evidenceKey(one)] });
              }}
              onSay={(fact, value) => onChange({ said: { [fact]: value } })}
            />
          </div>
        </div>
      </div>
    </div>
  );
}

interface NowProps {
  readonly present: readonly SymptomId[];
  readonly left: readonly SymptomId[];
  readonly causes: readonly CauseId[];
  readonly next: ReactNode;
  readonly onGone: () => void;
}

/** What to do now: the next look, or why there is none and what then. */
function Now({ present, left, causes, next, onGone }: NowProps) {
  if (next) {
    return (
      <div className="grid grid-cols-1 gap-2">
        {causes.length > 0 && left.length > 0 && (
          <p className="text-[15px]">
            ◆ What was found does not explain: {left.map(symptomText).join('; ')}. Something else is wrong as
            well.
          </p>
        )}
        {next}
      </div>
    );
  }
  if (present.length === 0) {
    return (
      <Notice title="Press what you see, hear or feel">
        The first press names the one thing to look at next. Everything you add moves it.
      </Notice>
    );
  }
  if (left.length === 0) {
    return (
      <Notice
        title="What was found explains all that you reported"
        action={
          <Button tone="main" className="min-h-14" onClick={onGone}>
            The trouble is gone
          </Button>
        }
      >
        Run a bead. If something is still wrong, press what you see now, or take back what is gone.
      </Notice>
    );
  }
  return (
    <Notice title="Nothing is left to look at by these reports">
      Press more of what you see and hear, or say of something that it is not there. If it stays, let someone
      look at the machine: what you looked at is kept here for them.
    </Notice>
  );
}
