import type { FaultCase } from '@hot-bead/contract/faults';
import { isSymptomOf, type SymptomId, symptomText } from '@hot-bead/core/faults';
import { X } from 'lucide-react';

interface Props {
  readonly faultCase: Pick<FaultCase, 'process' | 'present' | 'absent'>;
  readonly onTakeBack: (symptom: SymptomId) => void;
}

/** All that was said to be there or not, whichever group it stands in; a press takes it back. */
export function SaidChips({ faultCase: { process, present, absent }, onTakeBack }: Props) {
  if (present.length + absent.length === 0) return null;
  const chip = (symptom: SymptomId, isSeen: boolean) => (
    <li key={symptom}>
      <button
        type="button"
        onClick={() => onTakeBack(symptom)}
        className={`flex min-h-11 items-center gap-2 rounded-md border px-3 text-left text-[15px] ${isSeen ? 'border-action bg-action-tint font-semibold' : 'border-line-strong bg-sunk'}`}
      >
        <span className="sr-only">Take back: </span>
        {isSeen ? symptomText(symptom) : `Not there: ${symptomText(symptom)}`}
        {!isSymptomOf(symptom, process) && ' (does not count with this wire)'}
        <X size={16} aria-hidden="true" className="shrink-0" />
      </button>
    </li>
  );
  return (
    <div>
      <h2 className="label-text">You said</h2>
      <ul className="mt-1 flex flex-wrap gap-2">
        {present.map((symptom) => chip(symptom, true))}
        {absent.map((symptom) => chip(symptom, false))}
      </ul>
    </div>
  );
}
