import type { Dial } from '@hot-bead/core/machine';
import { usePreferences } from '../../../preferences/preferences.tsx';
import { MIND_BOX } from '../../../ui/page/notices.tsx';
import { doubtText } from './doubt-text.ts';

interface Props {
  readonly dial: Dial;
  /** A place of the wire control as the machine names it. */
  readonly nameOf: (knob: number) => string;
}

/** What the readings leave in doubt, for a list of notes. */
export function DialDoubts({ dial, nameOf }: Props) {
  const { units } = usePreferences();
  return dial.doubts.map((doubt) => {
    const text = doubtText(doubt, nameOf, units);
    return (
      <li key={text} className={MIND_BOX}>
        ◆ {text}
      </li>
    );
  });
}
