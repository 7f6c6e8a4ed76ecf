import { useWords } from '../../units/index.ts';
import type { KeptMachine } from '@hot-bead/contract/machine';
import type { Job } from '@hot-bead/contract/plan';
import { type CauseId, causeRow } from '@hot-bead/core/faults';
import { minutesText } from '../plan/index.ts';
import { Button, ButtonLink } from '../../ui/button.tsx';

import { fixPlace } from './fix-place.ts';

interface Props {
  readonly cause: CauseId;
  readonly job: Job | undefined;
  readonly machine: KeptMachine | undefined;
  readonly onMended: (isGone: boolean) => void;
}

/** What was found: how it is mended, where the app helps, and whether the trouble is gone with it. */
export function FoundCard({ cause, job, machine, onMended }: Props) {
  const say = useWords();
  const { text, fix, fixMin, isDanger } = causeRow(cause);
  const place = fixPlace(causeRow(cause), job, machine);
  return (
    <section
      aria-labelledby="found-heading"
      className={`rounded-md border-2 p-4 md:p-5 ${isDanger ? 'border-hot bg-hot-tint' : 'border-action bg-plate'}`}
    >
      <h2 id="found-heading" className="label-text">
        Found: {say(text)}
      </h2>
      <p className="mt-1 text-[22px] leading-snug font-semibold">{say(fix)}</p>
      <p className="mt-2 text-[15px] text-ink-soft">It takes about {minutesText(fixMin)}.</p>
      {place && (
        <ButtonLink to={place.to} className="mt-3 min-h-14">
          {place.name}
        </ButtonLink>
      )}
      <p className="mt-4 font-semibold">Mended, and a bead run. Is the trouble gone?</p>
      <div className="mt-2 grid grid-cols-2 gap-2">
        <Button tone="main" className="min-h-14" onClick={() => onMended(true)}>
          It is gone
        </Button>
        <Button className="min-h-14" onClick={() => onMended(false)}>
          Not, or not all
        </Button>
      </div>
    </section>
  );
}
