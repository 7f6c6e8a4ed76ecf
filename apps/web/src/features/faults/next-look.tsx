import { useWords } from '../../units/index.ts';
import type { LookAnswer } from '@hot-bead/contract/faults';
import { midSentence } from '@hot-bead/core/base';
import { type CauseId, causeRow, FAULT_STATION_NAME, type NextCheck } from '@hot-bead/core/faults';
import { minutesText } from '../plan/index.ts';
import { Button } from '../../ui/button.tsx';

interface Props {
  readonly next: NextCheck;
  readonly onAnswer: (answer: LookAnswer, cause?: CauseId) => void;
}

/** The look that finds most for its trouble, large, and what it said. */
export function NextLook({ next, onAnswer }: Props) {
  const say = useWords();
  const { check, causes, minutes } = next;
  const [only] = causes;
  const isOne = causes.length === 1 && only !== undefined;
  const stations = [...new Set(causes.map((id) => FAULT_STATION_NAME[causeRow(id).station]))];
  return (
    <section aria-labelledby="next-look" className="rounded-md border-2 border-action bg-plate p-4 md:p-5">
      <h2 id="next-look" className="label-text">
        Look next · {stations.join(', ')} · {minutesText(minutes)}
      </h2>
      <p className="mt-1 text-[22px] leading-snug font-semibold">{say(check)}</p>
      {isOne ? (
        <p className="mt-2 text-[15px] text-ink-soft">
          It would show: {say(midSentence(causeRow(only).text))}.
        </p>
      ) : (
        <p className="mt-2 text-[15px] text-ink-soft">One look for {causes.length} causes. Which is it?</p>
      )}
      <div className={`mt-3 grid gap-2 ${isOne ? 'grid-cols-2' : 'grid-cols-1'}`}>
        {isOne ? (
          <Button tone="main" className="min-h-14" onClick={() => onAnswer('was', only)}>
            It was so
          </Button>
        ) : (
          causes.map((id) => (
            <Button key={id} className="min-h-14 justify-start text-left" onClick={() => onAnswer('was', id)}>
              It was: {say(midSentence(causeRow(id).text))}
            </Button>
          ))
        )}
        <Button className="min-h-14" onClick={() => onAnswer('was-not')}>
          {isOne ? 'It was not' : 'None of these'}
        </Button>
        <Button tone="quiet" className="col-span-full min-h-12" onClick={() => onAnswer('cannot')}>
          I cannot look
        </Button>
      </div>
    </section>
  );
}
