import {
  type FaultReport,
  type RankedCause,
  type SymptomId,
  symptomText,
  tellingSymptoms,
} from '@hot-bead/core/faults';
import { SymptomDrawing } from '../../drawing/symptom-drawing.tsx';
import { Section } from '../../ui/page/section.tsx';

import type { Said } from './symptom-picker.tsx';

/** Most questions that stand there at once. */
const MOST = 3;
const ANSWER =
  'min-h-12 grow rounded-md border border-line-strong bg-plate px-3 text-[15px] font-medium hover:border-action';

interface Props {
  readonly report: FaultReport;
  readonly ranked: readonly RankedCause[];
  readonly onSay: (symptom: SymptomId, answer: Said) => void;
}

/** What would part the likely causes most: each is answered by a press. */
export function Questions({ report, ranked, onSay }: Props) {
  const asks = tellingSymptoms(report, ranked, MOST);
  if (asks.length === 0) return null;
  return (
    <Section id="questions" title="Is this so too? It would tell them apart" quiet>
      <ul className="mt-2 grid grid-cols-1 gap-3 lg:grid-cols-3">
        {asks.map((symptom) => (
          <li key={symptom} className="flex flex-col justify-between gap-2">
            <div className="flex items-center gap-3">
              <SymptomDrawing symptom={symptom} className="h-10 w-16 shrink-0" />
              <p className="text-[15px]">{symptomText(symptom)}</p>
            </div>
            <div className="flex gap-2">
              <button type="button" className={ANSWER} onClick={() => onSay(symptom, 'seen')}>
                Yes<span className="sr-only">, {symptomText(symptom)}</span>
              </button>
              <button type="button" className={ANSWER} onClick={() => onSay(symptom, 'not-there')}>
                No<span className="sr-only">, {symptomText(symptom)}</span>
              </button>
            </div>
          </li>
        ))}
      </ul>
    </Section>
  );
}
