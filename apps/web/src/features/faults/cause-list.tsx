import { useWords } from '../../units/index.ts';
import { useAutoAnimate } from '@formkit/auto-animate/react';
import {
  type CauseCounts,
  FAULT_STATION_NAME,
  type FaultEvidence,
  faultReasons,
  type FaultReport,
  type RankedCause,
} from '@hot-bead/core/faults';
import { ChevronDown } from 'lucide-react';
import { useState } from 'react';
import { minutesText } from '../plan/index.ts';
import { Section } from '../../ui/page/section.tsx';
import { evidenceFrom, likelyWord } from './fault-words.ts';

/** Most causes that stand there before one asks for the rest. */
const MOST = 6;

interface RowProps {
  readonly ranked: RankedCause;
  readonly most: number;
  readonly report: FaultReport;
  readonly foundHere: CauseCounts;
  readonly evidence: readonly FaultEvidence[];
}

function Why({ ranked: { cause }, report, foundHere }: RowProps) {
  const say = useWords();
  const reasons = faultReasons(cause, report, foundHere[cause.id]);
  const sides = [
    ['for', 'Why it may be'],
    ['against', 'What speaks against it'],
  ] as const;
  return (
    <div className="grid grid-cols-1 gap-2 border-t border-line px-3 pt-2 pb-3 text-[15px]">
      {sides.map(([side, title]) => {
        const list = reasons.filter((reason) => reason.side === side);
        if (list.length === 0) return null;
        return (
          <div key={side}>
            <h4 className="label-text">{title}</h4>
            <ul className="list-disc pl-5">
              {list.map(({ text }) => (
                <li key={say(text)}>{say(text)}</li>
              ))}
            </ul>
          </div>
        );
      })}
      <p>
        <span className="label-text">To look: </span>
        {say(cause.check)} ({minutesText(cause.checkMin)})
      </p>
      <p>
        <span className="label-text">To mend: </span>
        {say(cause.fix)}
      </p>
    </div>
  );
}

function Row(props: RowProps) {
  const say = useWords();
  const { ranked, most, evidence } = props;
  const { cause, share, fact } = ranked;
  const [open, setOpen] = useState(false);
  const record = evidence.find((one) => one.fact?.of === cause.fact?.of && one.fact !== undefined);
  const word = fact === 'convicts' ? (record ? evidenceFrom(record) : 'on record') : likelyWord(share, most);
  return (
    <li className="border-b border-line last:border-b-0">
      <button
        type="button"
        aria-expanded={open}
        onClick={() => setOpen(!open)}
        className="grid min-h-14 w-full grid-cols-[1fr_auto] items-center gap-x-3 px-3 py-2 text-left"
      >
        <span>
          {cause.isDanger && <span className="font-semibold text-hot">▲ danger: </span>}
          {say(cause.text)}
          <span className="block text-sm text-ink-soft">
            {FAULT_STATION_NAME[cause.station]} · {word}
          </span>
        </span>
        <ChevronDown size={18} aria-hidden="true" className={open ? 'rotate-180' : ''} />
        <span className="col-span-2 mt-1 block h-1.5 bg-sunk">
          <span
            className="block h-1.5 bg-ink motion-safe:transition-[width]"
            style={{ width: `${fact === 'convicts' ? 100 : (share / most) * 100}%` }}
          />
        </span>
      </button>
      {open && <Why {...props} />}
    </li>
  );
}

interface Props {
  readonly ranked: readonly RankedCause[];
  readonly report: FaultReport;
  readonly foundHere: CauseCounts;
  readonly evidence: readonly FaultEvidence[];
}

/** What may be wrong, likeliest first; the rows move as the report does. */
export function CauseList({ ranked, ...known }: Props) {
  const [list] = useAutoAnimate<HTMLOListElement>();
  const [all, setAll] = useState(false);
  const shown = ranked.filter(({ isShown }) => isShown);
  const most = Math.max(...shown.map(({ share }) => share), 0.001);
  const rows = all ? shown : shown.slice(0, MOST);
  if (shown.length === 0) return null;
  return (
    <Section id="causes" title="What it may be" quiet>
      <ol ref={list} className="-mx-4 mt-2 border-t border-line">
        {rows.map((one) => (
          <Row key={one.cause.id} ranked={one} most={most} {...known} />
        ))}
      </ol>
      {shown.length > MOST && (
        <button type="button" className="mt-2 min-h-11 text-action underline" onClick={() => setAll(!all)}>
          {all ? 'Fewer' : `${shown.length - MOST} more`}
        </button>
      )}
    </Section>
  );
}

/** Dangers that something reported is tied to: pinned apart, however unlikely. */
export function Dangers({ ranked, ...known }: Props) {
  const dangers = ranked.filter(({ cause, isShown }) => cause.isDanger && isShown);
  const most = Math.max(...ranked.map(({ share }) => share), 0.001);
  if (dangers.length === 0) return null;
  return (
    <section aria-labelledby="dangers-heading" className="rounded-md border border-hot bg-hot-tint p-4 pb-2">
      <h2 id="dangers-heading" className="font-semibold">
        ▲ Not to be ruled out before you go on
      </h2>
      <ul className="-mx-4 mt-2 border-t border-hot">
        {dangers.map((one) => (
          <Row key={one.cause.id} ranked={one} most={most} {...known} />
        ))}
      </ul>
    </section>
  );
}
