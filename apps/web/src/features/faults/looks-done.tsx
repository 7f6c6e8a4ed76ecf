import { words, type Words } from '@hot-bead/core/base';
import { useWords } from '../../units/index.ts';
import { causeRow } from '@hot-bead/core/faults';
import type { FaultLook } from '@hot-bead/contract/faults';
import { Undo2 } from 'lucide-react';
import { Button } from '../../ui/button.tsx';
import { Section } from '../../ui/page/section.tsx';

function answerText({ answer, causes, found, mended }: FaultLook): Words {
  if (answer === 'cannot') return 'could not be looked at';
  if (answer === 'was-not') return causes.length === 1 ? 'it was not' : 'none of them';
  const which = found && causes.length > 1 ? words`it was: ${causeRow(found).text}` : 'it was so';
  if (mended === true) return words`${which}; mended, and the trouble was gone`;
  return mended === false ? words`${which}; mended, and not all was gone` : which;
}

interface Props {
  readonly looks: readonly FaultLook[];
  /** Takes the last answer back; absent where the case has ended. */
  readonly onBack?: () => void;
}

/** Looks that were taken, in their order, and the way back. */
export function LooksDone({ looks, onBack }: Props) {
  const say = useWords();
  if (looks.length === 0) return null;
  return (
    <Section
      id="looks"
      title="Looked at so far"
      quiet
      aside={
        onBack && (
          <Button tone="quiet" onClick={onBack}>
            <Undo2 size={18} aria-hidden="true" /> Take back the last answer
          </Button>
        )
      }
    >
      <ol className="mt-1 list-decimal pl-5 text-[15px]">
        {looks.map((look, i) => (
          <li key={`${i} ${look.at}`} className="py-1">
            {say((look.causes[0] && causeRow(look.causes[0]).check) ?? '')}{' '}
            <strong>{say(answerText(look))}</strong>
          </li>
        ))}
      </ol>
    </Section>
  );
}
