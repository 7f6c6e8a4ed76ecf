import { useWords } from '../../units/index.ts';
import { sourceText } from '@hot-bead/core/base';
import type { PlannedSetup } from '@hot-bead/core/plan';

/** Every reason of the plan but that of the current, which has its own table; where each comes from is marked by a letter, and the letters are spelt out once beneath. */
export function EveryReason({ plan }: { readonly plan: PlannedSetup }) {
  const say = useWords();
  const reasons = plan.reasons.filter(({ item }) => item !== 'amps');
  const sources = [...new Set(reasons.map(({ source }) => sourceText(source)))];
  const letterOf = (index: number): string => String.fromCharCode(97 + index);
  return (
    <>
      <ul className="mt-2 text-[15px] leading-snug">
        {reasons.map((reason) => {
          const letter = letterOf(sources.indexOf(sourceText(reason.source)));
          return (
            <li key={reason.item + reason.text} className="mb-1.5 break-inside-avoid">
              {say(reason.text)} <span className="text-sm text-ink-soft">[{letter}]</span>
            </li>
          );
        })}
      </ul>
      <p className="text-sm leading-snug break-inside-avoid text-ink-soft">
        {sources.map((source, index) => `[${letterOf(index)}] ${source}`).join(' · ')}
      </p>
    </>
  );
}
