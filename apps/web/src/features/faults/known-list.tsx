import {
  FAULT_FACTS,
  type FaultEvidence,
  type FaultFact,
  faultFactRow,
  isAsItShould,
} from '@hot-bead/core/faults';
import type { RigAttribute } from '@hot-bead/core/machine';
import { useState } from 'react';
import { Button } from '../../ui/button.tsx';
import { SelectField } from '../../ui/form/field.tsx';
import { Section } from '../../ui/page/section.tsx';
import { evidenceFrom, evidenceKey, evidenceText } from './fault-words.ts';

interface Props {
  readonly evidence: readonly FaultEvidence[];
  /** "No, that is wrong": of the rig, what it is told; of anything else, it is left out of this case. */
  readonly onDeny: (one: FaultEvidence) => void;
  readonly onSay: (fact: FaultFact, value: string) => void;
}

/** Something that is known by hand, of what no record tells. */
function TellFact({ evidence, onSay }: Pick<Props, 'evidence' | 'onSay'>) {
  const [fact, setFact] = useState<FaultFact | ''>('');
  const known = new Set(evidence.map((one) => one.fact?.of));
  const options = FAULT_FACTS.filter((one) => !known.has(one)).map(
    (one) => [one, faultFactRow(one).word] as const,
  );
  return (
    <div className="mt-3 grid grid-cols-1 gap-2">
      <SelectField
        label="Something else you know"
        value={fact}
        options={[['', 'Choose'], ...options]}
        onChange={(event) => setFact(event.target.value as FaultFact | '')}
      />
      {fact !== '' && (
        <div className="flex flex-wrap gap-2">
          {Object.entries(faultFactRow(fact).values).map(([value, says]) => (
            <Button
              key={value}
              onClick={() => {
                onSay(fact, value);
                setFact('');
              }}
            >
              {says}
            </Button>
          ))}
        </div>
      )}
    </div>
  );
}

function Row({ one, onDeny }: { readonly one: FaultEvidence; readonly onDeny: Props['onDeny'] }) {
  const isWrong = one.fact ? !isAsItShould(one.fact.value) : true;
  return (
    <li className="flex items-center justify-between gap-3 border-b border-line py-1 last:border-b-0">
      <p className="text-[15px]">
        <span aria-hidden="true">{isWrong ? '◆ ' : '● '}</span>
        {evidenceText(one)}
        <span className="block text-sm text-ink-soft">{evidenceFrom(one)}</span>
      </p>
      <button
        type="button"
        className="min-h-11 shrink-0 text-[15px] text-action underline"
        onClick={() => onDeny(one)}
      >
        {one.from === 'said' ? 'Take back' : 'No, that is wrong'}
        <span className="sr-only">: {evidenceText(one)}</span>
      </button>
    </li>
  );
}

/** Which attribute of the rig tells it, for the screen's own sake: a row that was told anew is another row. */
const keyOf = (one: FaultEvidence): string => {
  const attribute: RigAttribute | undefined = one.rig?.attribute;
  return `${evidenceKey(one)} ${attribute ?? ''} ${one.fact?.value ?? ''}`;
};

/** What the app knows without being asked, what is wrong first: each with where it is known from, and a way to say no. */
export function KnownList({ evidence, onDeny, onSay }: Props) {
  const [all, setAll] = useState(false);
  const wrong = evidence.filter(({ fact, from }) => from === 'said' || !fact || !isAsItShould(fact.value));
  const right = evidence.filter((one) => !wrong.includes(one));
  return (
    <Section id="known" title="What is known already" quiet>
      {evidence.length === 0 && (
        <p className="mt-2 text-[15px]">
          Nothing yet. Name the machine and the job above, and what is on record of them counts too.
        </p>
      )}
      <ul className="mt-1">
        {wrong.map((one) => (
          <Row key={keyOf(one)} one={one} onDeny={onDeny} />
        ))}
        {all && right.map((one) => <Row key={keyOf(one)} one={one} onDeny={onDeny} />)}
      </ul>
      {right.length > 0 && (
        <button
          type="button"
          aria-expanded={all}
          className="mt-1 min-h-11 text-left text-[15px] text-action underline"
          onClick={() => setAll(!all)}
        >
          {all
            ? 'Hide what is as it should be'
            : `${right.length}${wrong.length > 0 ? ' more' : ''} on record as they should be: the older, the less they count`}
        </button>
      )}
      <TellFact evidence={evidence} onSay={onSay} />
    </Section>
  );
}
